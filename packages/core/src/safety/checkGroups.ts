import type { TankFigures } from '../ecosystem/tankFigures.js'
import { openShare } from '../ground/edgeRuns.js'
import { areNearer, gapCm } from '../numeric/gap.js'
import { boundsOf, centreOf, distanceCm, type Ring, type Spot } from '../numeric/ring.js'
import { findingsOf, mendWith, raise, type Finding } from '../plan/finding.js'
import { freeIds } from '../plan/id.js'
import type { Plan } from '../plan/plan.js'
import { mirrorBed } from '../planting/bedEdits.js'
import type { LaidBed } from '../planting/bedsOf.js'
import { supplyAt } from '../planting/bedSupply.js'
import { heightAfterCm } from '../planting/rise.js'
import { bedGapCm, doTouch, movedApart, toldGapCm } from '../planting/shape/apart.js'
import { bordered } from '../planting/shape/bordered.js'
import { isAcross, twinOf } from '../planting/shape/symmetry.js'
import type { Shade } from '../species/traits.js'
import { LEAST_BED_CM2 } from './checkPlanting.js'
import { MENDS } from './mends.js'
import { siteOfBed } from './plantSite.js'

export const GROUP_FINDINGS = findingsOf('planting', {
  'tall-before-short': {
    severity: 'warn',
    values: { tall: 'length', short: 'length' },
    names: ['front', 'behind'],
    restsOncePlanted: true,
  },
  'runner-strays': { severity: 'note', values: { runner: 'length', gap: 'length' }, names: ['plant', 'neighbour'] },
  'red-beside-red': { severity: 'note', values: {}, names: ['one', 'other'] },
  'groups-touch': { severity: 'note', values: { gap: 'length', pairs: 'count' }, names: ['one', 'other'], restsOncePlanted: true },
  'pair-missing': { severity: 'note', values: {}, names: ['plant'], restsOncePlanted: true },
})

/** Groups of the planting map against each other: what hides, strays, runs together, or lacks its partner. */
export function checkGroups(plan: Plan, figures: TankFigures): Finding[] {
  const rooted = figures.beds.filter(({ isFloating, plants, areaCm2 }) => !isFloating && plants.length > 0 && areaCm2 >= LEAST_BED_CM2)
  if (rooted.length === 0) return []
  return [
    ...checkHeights(plan, figures, rooted),
    ...checkRunners(plan, figures, rooted),
    ...checkReds(rooted),
    ...checkGaps(plan, figures, rooted),
    ...checkPairs(plan, figures, rooted),
  ]
}
const nameOf = ({ plants }: LaidBed): string => plants[0]?.plant.name ?? ''

/** Weeks by which heights are compared: where most stems are grown in. */
const GROWN_IN_WEEKS = 8
/** So much higher, and so much taller than half of what stands behind, a row hides it. Rule of thumb. */
const HIDES = 1.4
const HIDES_LEAST_CM = 5

function checkHeights(plan: Plan, figures: TankFigures, rooted: readonly LaidBed[]): Finding[] {
  const standing = rooted.map((bed) => {
    const site = siteOfBed(plan, figures, bed)
    const heights = bed.plants.map(({ plant }) =>
      heightAfterCm(plant, { weeks: GROWN_IN_WEEKS, supply: supplyAt(plant, site), mostCm: site.headroomCm, start: bed.bed.start }),
    )
    return { bed, bounds: boundsOf(bed.ring), middle: centreOf(bed.ring), heightCm: Math.max(...heights) }
  })
  return standing.flatMap((front) => {
    const hidden = standing.find(
      (behind) =>
        behind !== front &&
        behind.middle.yCm > front.middle.yCm + 2 &&
        front.bounds.left <= behind.middle.xCm &&
        behind.middle.xCm <= front.bounds.right &&
        front.heightCm > behind.heightCm * HIDES &&
        front.heightCm > behind.heightCm + HIDES_LEAST_CM,
    )
    if (hidden === undefined) return []
    const names = { front: nameOf(front.bed), behind: nameOf(hidden.bed) }
    return [raise(GROUP_FINDINGS['tall-before-short'], { tall: front.heightCm, short: hidden.heightCm }, { id: front.bed.bed.id, names })]
  })
}

const STRAYS_CM = 5
/** A smaller part of what faces the neighbour, without a wall, lets no runner through that a trim does not catch. */
const OPEN_SHARE = 0.2

/** Runners reach the next bed unless a wall stands in the ground, or a stone. */
function checkRunners(plan: Plan, { ground, inner }: TankFigures, rooted: readonly LaidBed[]): Finding[] {
  return rooted.flatMap((bed) => {
    const runner = bed.plants.find(({ plant }) => plant.runnerCm.value >= STRAYS_CM)
    if (runner === undefined) return []
    const neighbour = rooted.find((other) => other !== bed && areNearer(bed.ring, other.ring, toldGapCm(inner)))
    if (neighbour === undefined) return []
    if (openShare(plan, facing(bed.ring, neighbour.ring, bedGapCm(inner))) < OPEN_SHARE) return []
    const { barriers } = bordered(plan, bed, ground, inner, freeIds(plan.barriers.map(({ id }) => id)))
    const height = Math.max(...barriers.map(({ heightCm }) => heightCm))
    const mend =
      barriers.length === plan.barriers.length
        ? null
        : mendWith(MENDS.barrier, { height }, [{ path: '/barriers', from: plan.barriers, to: barriers }])
    const names = { plant: runner.plant.name, neighbour: nameOf(neighbour) }
    return [
      raise(
        GROUP_FINDINGS['runner-strays'],
        { runner: runner.plant.runnerCm.value, gap: toldGapCm(inner) },
        { id: bed.bed.id, names, mend },
      ),
    ]
  })
}

/** Parts of an outline that lie near another one, a centimetre each or less. */
const facing = (ring: Ring, other: Ring, withinCm: number): Spot[][] =>
  ring
    .flatMap((from, index) => {
      const to = ring[(index + 1) % ring.length] ?? from
      const steps = Math.max(1, Math.ceil(distanceCm(from, to)))
      const at = (step: number): Spot => ({
        xCm: from.xCm + ((to.xCm - from.xCm) * step) / steps,
        yCm: from.yCm + ((to.yCm - from.yCm) * step) / steps,
      })
      return Array.from({ length: steps }, (_, step) => [at(step), at(step + 1)])
    })
    .filter((part) => areNearer(part, other, withinCm))

const REDS: ReadonlySet<Shade> = new Set(['red', 'pink', 'purple'])
/** Nearer than that, nothing green fits between. Rule of thumb 3–6 cm. */
const REDS_APART_CM = 4

/** Two red groups of different plants without green between them read as one. A matter of taste, so each is told once. */
function checkReds(rooted: readonly LaidBed[]): Finding[] {
  const reds = rooted.filter(({ plants }) =>
    plants.every(({ plant }) => plant.colour.strong.length > 0 && plant.colour.strong.every((shade) => REDS.has(shade))),
  )
  return reds.flatMap((red, place) => {
    const own = new Set(red.plants.map(({ plant }) => plant.id))
    const other = reds
      .slice(place + 1)
      .find(({ ring, plants }) => plants.some(({ plant }) => !own.has(plant.id)) && gapCm(red.ring, ring) < REDS_APART_CM)
    if (other === undefined) return []
    const names = { one: nameOf(red), other: other.plants.find(({ plant }) => !own.has(plant.id))?.plant.name ?? '' }
    return [raise(GROUP_FINDINGS['red-beside-red'], {}, { id: red.bed.id, names })]
  })
}

/** Groups that grow into each other for want of a gap, all told at once. */
function checkGaps(plan: Plan, { inner }: TankFigures, rooted: readonly LaidBed[]): Finding[] {
  const pairs = rooted.flatMap((bed, place) =>
    rooted.slice(place + 1).flatMap((other) => (doTouch(bed, other, inner) ? [[bed, other] as const] : [])),
  )
  const [first] = pairs
  if (first === undefined) return []
  // The upper one of each pair is drawn back.
  let apart: Plan = plan
  for (const upper of new Set(pairs.map(([, other]) => other))) apart = movedApart(apart, upper, rooted, inner) ?? apart
  const mend = apart === plan ? null : mendWith(MENDS.apart, { gap: bedGapCm(inner) }, [{ path: '/beds', from: plan.beds, to: apart.beds }])
  const [one, other] = first
  return [
    raise(
      GROUP_FINDINGS['groups-touch'],
      { gap: toldGapCm(inner), pairs: pairs.length },
      { id: other.bed.id, names: { one: nameOf(one), other: nameOf(other) }, mend },
    ),
  ]
}

/** Formal rows stand in pairs: the first group on one side that has no partner of its kind on the other. */
function checkPairs(plan: Plan, { inner }: TankFigures, rooted: readonly LaidBed[]): Finding[] {
  if (plan.intent.layout !== 'formal-rows') return []
  const alone = rooted.find(({ bed }) => {
    if (isAcross(bed, inner.lengthCm)) return false
    const twin = twinOf(plan, bed, inner.lengthCm)
    return twin === undefined || twin.plants.every(({ species }) => bed.plants.every((own) => own.species !== species))
  })
  if (alone === undefined) return []
  const { id } = alone.bed
  const isBare = twinOf(plan, alone.bed, inner.lengthCm) === undefined
  const ids = [...plan.beds.map((bed) => bed.id), ...plan.beds.flatMap(({ plants }) => plants.map((plant) => plant.id))]
  const paired = isBare ? mirrorBed(plan, id, inner, freeIds(ids)) : null
  const mend = paired === null ? null : mendWith(MENDS.pair, {}, [{ path: '/beds', from: plan.beds, to: paired.plan.beds }])
  return [raise(GROUP_FINDINGS['pair-missing'], {}, { id, names: { plant: nameOf(alone) }, mend })]
}
