import { HEIGHT_CM, type PlantKind } from '@jovrin/core'

/** Height [cm] drawn for a kind at a tank's age: an easy logistic between planted and grown height. A picture's aid, not a forecast. */
export function drawnHeightCm(kind: PlantKind, ageDays: number): number {
  const { planted, grown } = HEIGHT_CM[kind]
  const days = kind === 'stems' || kind === 'floater' ? 18 : kind === 'rhizome' ? 60 : 35
  const share = 1 / (1 + Math.exp(-(ageDays - days) / (days / 3)))
  return planted + (grown - planted) * share
}
