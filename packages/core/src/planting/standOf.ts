import type { Answers } from '../plan/answers.js'
import { PLANT_KINDS, type Plan, type PlantKind } from '../plan/plan.js'
import { PLANT_KIND } from './kinds.js'

/** Plants of one kind as the sums use them. */
export interface StandOfKind {
  /** Of the floor; of the surface where they float. */
  readonly footFraction: number
  /** Dry, at planting. */
  readonly massG: number
}
export type Stand = Readonly<Record<PlantKind, StandOfKind>>

/** A smaller share of the floor is none: leaf area per floor area would grow beyond sense. */
const LEAST_FOOT = 0.002
/** Floaters have the surface to themselves, but never all of it. */
const MOST_SURFACE = 0.9

/** What is planted, every patch answered. Rooted kinds share one floor: more than the whole is scaled back. */
export function standOf({ patches }: Pick<Plan, 'patches'>, answers: Answers, surfaceM2: number): Stand {
  const stand = Object.fromEntries(PLANT_KINDS.map((kind) => [kind, { footFraction: 0, massG: 0 }])) as Record<
    PlantKind,
    { footFraction: number; massG: number }
  > // one entry a kind
  patches.forEach((patch, place) => {
    const { usualShare, startGPerM2, potG } = PLANT_KIND[patch.kind]
    const common = { value: usualShare, low: usualShare * 0.5, high: Math.min(0.9, usualShare * 1.75) }
    const foot = patch.footFraction ?? answers.unknown(`patches/*/footFraction ${patch.kind}`, common, 'patches/*/footFraction', place)
    if (foot < LEAST_FOOT) return
    const density = answers.choice('patches/*/density', patch.density, 'half')
    stand[patch.kind].footFraction += foot
    stand[patch.kind].massG += patch.pots === null ? startGPerM2[density] * foot * surfaceM2 : potG * patch.pots
  })
  const rooted = PLANT_KINDS.reduce((sum, kind) => sum + (PLANT_KIND[kind].isFloating ? 0 : stand[kind].footFraction), 0)
  for (const kind of PLANT_KINDS) {
    const share = stand[kind].footFraction
    stand[kind].footFraction = PLANT_KIND[kind].isFloating ? Math.min(share, MOST_SURFACE) : rooted > 1 ? share / rooted : share
  }
  return stand
}

/** One amount of each kind, added up by the group that the model grows it as. */
export const byGroup = <Group extends string>(groups: readonly Group[], amountOf: (kind: PlantKind) => number): number[] =>
  groups.map((group) => PLANT_KINDS.reduce((sum, kind) => sum + (PLANT_KIND[kind].group === group ? amountOf(kind) : 0), 0))
