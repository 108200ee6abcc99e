import type { Answers } from '../plan/answers.js'
import { PLANT_KINDS, type Plan, type PlantKind } from '../plan/plan.js'
import { airShareOf, raisedOf } from './airShare.js'
import { bedsOf } from './bedsOf.js'
import { PLANT_KIND } from './kinds.js'
import { spotsOf } from './spotsOf.js'

/** Plants of one kind as the sums use them. */
export interface StandOfKind {
  /** Of the floor; of the surface where they float. */
  readonly footFraction: number
  /** Dry, at planting. */
  readonly massG: number
  /** Of it, leaves that grew in air and melt under water. */
  readonly airG: number
}
export type Stand = Readonly<Record<PlantKind, StandOfKind>>

/** A smaller share of the floor is none: leaf area per floor area would grow beyond sense. */
const LEAST_FOOT = 0.002
/** Floaters have the surface to themselves, but never all of it. */
const MOST_SURFACE = 0.9

/** Kinds that stand on the map, or on wood and stone. */
export function mappedKinds({ beds, spots, flora }: Pick<Plan, 'beds' | 'spots' | 'flora'>): ReadonlySet<PlantKind> {
  const standing = new Set([
    ...beds.filter(({ stands }) => stands === 'water').flatMap(({ plants }) => plants.map(({ species }) => species)),
    ...spots.map(({ species }) => species),
  ])
  return new Set(flora.flatMap(({ id, kind }) => (standing.has(id) ? [kind] : [])))
}

type Planted = Pick<Plan, 'patches' | 'beds' | 'spots' | 'flora' | 'hardscape'>
/** What is planted: kinds of the map as it shows them, the others as they were answered. Rooted kinds share one floor: more than the whole is scaled back. */
export function standOf(plan: Planted, answers: Answers, inner: { readonly lengthCm: number; readonly widthCm: number }): Stand {
  const floorCm2 = inner.lengthCm * inner.widthCm
  const surfaceM2 = floorCm2 / 10_000
  const mapped = mappedKinds(plan)
  const stand = Object.fromEntries(PLANT_KINDS.map((kind) => [kind, { footFraction: 0, massG: 0, airG: 0 }])) as Record<
    PlantKind,
    { footFraction: number; massG: number; airG: number }
  > // one entry a kind
  plan.patches.forEach((patch, place) => {
    if (mapped.has(patch.kind)) return
    const { usualShare, startGPerM2, potG } = PLANT_KIND[patch.kind]
    const common = { value: usualShare, low: usualShare * 0.5, high: Math.min(0.9, usualShare * 1.75) }
    const foot = patch.footFraction ?? answers.unknown(`patches/*/footFraction ${patch.kind}`, common, 'patches/*/footFraction', place)
    if (foot < LEAST_FOOT) return
    const density = answers.choice('patches/*/density', patch.density, 'half')
    stand[patch.kind].footFraction += foot
    const massG = patch.pots === null ? startGPerM2[density] * foot * surfaceM2 : potG * patch.pots
    stand[patch.kind].massG += massG
    stand[patch.kind].airG += massG * airShareOf(patch.kind, 'in-air')
  })
  const inWater = bedsOf(plan, inner).filter(({ isOut }) => !isOut)
  for (const { plants } of [...inWater, ...spotsOf(plan)])
    for (const { plant, areaCm2, massG, retail } of plants) {
      stand[plant.kind].footFraction += areaCm2 / floorCm2
      stand[plant.kind].massG += massG
      stand[plant.kind].airG += massG * airShareOf(plant.kind, raisedOf(plant, retail))
    }
  return scaledToFloor((kind) => stand[kind])
}

/** Rooted kinds share one floor: more than the whole is scaled back. What floats leaves some of the surface open. */
export function scaledToFloor(standing: (kind: PlantKind) => StandOfKind): Stand {
  const rooted = PLANT_KINDS.reduce((sum, kind) => sum + (PLANT_KIND[kind].isFloating ? 0 : standing(kind).footFraction), 0)
  const scaled = (kind: PlantKind): StandOfKind => {
    const { footFraction, ...mass } = standing(kind)
    return {
      ...mass,
      footFraction: PLANT_KIND[kind].isFloating ? Math.min(footFraction, MOST_SURFACE) : footFraction / Math.max(1, rooted),
    }
  }
  return Object.fromEntries(PLANT_KINDS.map((kind) => [kind, scaled(kind)])) as Record<PlantKind, StandOfKind> // one entry a kind
}

/** One amount of each kind, added up by the group that the model grows it as. */
export const byGroup = <Group extends string>(groups: readonly Group[], amountOf: (kind: PlantKind) => number): number[] =>
  groups.map((group) => PLANT_KINDS.reduce((sum, kind) => sum + (PLANT_KIND[kind].group === group ? amountOf(kind) : 0), 0))

/** Share of the floor that a plan sets aside for a kind: what its map covers, else what was answered; what nobody knows counts as nothing. */
export const plannedShare = (plan: Pick<Plan, 'patches' | 'beds' | 'spots' | 'flora'>, stand: Stand, kind: PlantKind): number =>
  mappedKinds(plan).has(kind)
    ? stand[kind].footFraction
    : plan.patches.filter((patch) => patch.kind === kind).reduce((sum, { footFraction }) => sum + (footFraction ?? 0), 0)
