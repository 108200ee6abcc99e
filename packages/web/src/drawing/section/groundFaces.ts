import { GROUND, type CutSpan, type GroundKind, type GroundProperties } from '@jovrin/core'
import type { Hatch } from '../ink.js'

const HATCH_OF_GRAIN: Readonly<Record<GroundProperties['grain'], Hatch>> = {
  pellets: 'pellets',
  soil: 'soil',
  sand: 'sand',
  gravel: 'gravel',
  base: 'gravel',
}
/** How a ground is drawn, by what it is made of. */
export const hatchOf = (ground: GroundKind): Hatch => HATCH_OF_GRAIN[GROUND[ground].grain]

export interface GroundFace {
  readonly key: string
  readonly ground: GroundKind
  readonly d: string
  /** Its upper side alone. */
  readonly top: string
}

/** Faces of the layers along a cut, as paths. `x` and `y` turn cm along the cut and above the glass into px. */
export function groundFaces(spans: readonly CutSpan[], x: (atCm: number) => number, y: (heightCm: number) => number): GroundFace[] {
  return spans.flatMap(({ zone, stations }, place) =>
    zone.layers.flatMap((layer, index) => {
      const topOf = stations.map(({ atCm, topsCm }) => [x(atCm), y(topsCm[index] ?? 0)] as const)
      const below = stations.map(({ atCm, topsCm }) => [x(atCm), y(index === 0 ? 0 : (topsCm[index - 1] ?? 0))] as const)
      if (topOf.every(([, top], at) => Math.abs(top - (below[at]?.[1] ?? 0)) < 0.05)) return []
      const line = (points: readonly (readonly [number, number])[]): string =>
        points.map(([px, py]) => `${px.toFixed(1)} ${py.toFixed(1)}`).join('L')
      return [
        { key: `${place}-${layer.id}`, ground: layer.ground, d: `M${line(topOf)}L${line([...below].reverse())}Z`, top: `M${line(topOf)}` },
      ]
    }),
  )
}
