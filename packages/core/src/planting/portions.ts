import { cellAreaCm2, patchwork } from '../numeric/patchwork.js'
import type { Ring } from '../numeric/ring.js'

/** Floor that a patch keeps [cm²]: inside the glass, less the stones on it. Exact for any outlines, in either sense of turn; stones may overlap, cut it in two or cover it. */
export function keptAreaCm2(patch: Ring, stones: readonly Ring[], lengthCm: number, widthCm: number): number {
  // A later ring covers the earlier ones: what is still owned by the first is what no stone took.
  return patchwork([patch, ...stones], lengthCm, widthCm)
    .filter(({ owner }) => owner === 0)
    .reduce((sum, cell) => sum + cellAreaCm2(cell), 0)
}

/** A triangular lattice of spacing s has one point for each (√3/2)·s²; no margin is left at edges. Geometry. */
export const portionsRaw = (areaCm2: number, spacingCm: number): number => (areaCm2 * 2) / (Math.sqrt(3) * spacingCm ** 2)

/** Rounding noise of an area decides nothing. */
const NOISE = 1e-9
export const roundedUp = (count: number): number => Math.max(0, Math.ceil(count - NOISE))

export interface Retail {
  readonly portions: number
  readonly pots: number
  /** Portions left over. */
  readonly spare: number
}
/** Portions of a patch, and the pots, bunches or cups that they come in. */
export function retailOf(areaCm2: number, spacingCm: number, perPot: number): Retail {
  return bought(roundedUp(portionsRaw(areaCm2, spacingCm)), perPot)
}
/** Whole pots for so many portions. */
export function bought(portions: number, perPot: number): Retail {
  const pots = roundedUp(portions / perPot)
  return { portions, pots, spare: pots * perPot - portions }
}

/** Root tabs on a square grid, one to a square, and the packs they come in. */
export function gridTabs(
  areaCm2: number,
  gridCm: number,
  perPack: number,
): { readonly tabs: number; readonly packs: number; readonly spare: number } {
  const tabs = roundedUp(areaCm2 / gridCm ** 2)
  const packs = roundedUp(tabs / perPack)
  return { tabs, packs, spare: packs * perPack - tabs }
}
