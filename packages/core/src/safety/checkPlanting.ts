import type { TankFigures } from '../ecosystem/tankFigures.js'
import { centreOf, boundsOf, distanceCm, type Ring } from '../numeric/ring.js'
import { findingsOf, mendWith, raise, type Finding } from '../plan/finding.js'
import type { Plan } from '../plan/plan.js'
import { removeBed } from '../planting/bedEdits.js'
import type { LaidBed, LaidPlant } from '../planting/bedsOf.js'
import { supplyAt } from '../planting/bedSupply.js'
import { placeOfBed } from '../planting/placeOfBed.js'
import { heightAfterCm } from '../planting/rise.js'
import { standingOf, type PlantSite, type StandingCode } from '../species/standing.js'
import type { PlantPlace, Shade } from '../species/traits.js'
import { MENDS } from './mends.js'
import { plantSiteOf } from './plantSite.js'

export const PLANTING_FINDINGS = findingsOf('planting', {
  'bed-too-dark': { severity: 'warn', values: { here: 'ppfd', least: 'ppfd' }, names: ['plant'] },
  'bed-without-gas': { severity: 'warn', values: {}, names: ['plant'] },
  'bed-too-warm': { severity: 'warn', values: { here: 'temperature', most: 'temperature' }, names: ['plant'] },
  'bed-too-cool': { severity: 'warn', values: { here: 'temperature', least: 'temperature' }, names: ['plant'] },
  'bed-too-tall': { severity: 'warn', values: { grown: 'length', room: 'length' }, names: ['plant'] },
  'bed-dug-up': { severity: 'warn', values: {}, names: ['plant'] },
  'bed-hidden': { severity: 'warn', values: {}, names: ['bed'] },
  'bed-empty': { severity: 'note', values: {} },
  'tall-before-short': {
    severity: 'warn',
    values: { tall: 'length', short: 'length' },
    names: ['front', 'behind'],
    restsOncePlanted: true,
  },
  'runner-strays': { severity: 'note', values: { runner: 'length', gap: 'length' }, names: ['plant', 'neighbour'] },
  'red-beside-red': { severity: 'note', values: {}, names: ['one', 'other'] },
  'rhizome-on-ground': { severity: 'warn', values: {}, names: ['plant'] },
})

/** Which finding a failing remark of a plant is told as. */
const FINDING_OF: Readonly<Partial<Record<StandingCode, keyof typeof PLANTING_FINDINGS>>> = {
  'light-none': 'bed-too-dark',
  'gas-missing': 'bed-without-gas',
  'far-too-warm': 'bed-too-warm',
  'summer-too-warm': 'bed-too-warm',
  'far-too-cool': 'bed-too-cool',
  'too-tall': 'bed-too-tall',
  'dug-up': 'bed-dug-up',
}

const LEAST_AREA_CM2 = 2
/** Weeks by which heights are compared: where most stems are grown in. */
const GROWN_IN_WEEKS = 8
/** So much higher, and so much taller than half of what stands behind, a row hides it. Rule of thumb. */
const HIDES = 1.4
const HIDES_LEAST_CM = 5
/** Two centimetres between groups keep them apart. General practice. */
const BED_GAP_CM = 2
const STRAYS_CM = 5

/** Checks of the planting map, bed by bed and against each other. */
export function checkPlanting(plan: Plan, figures: TankFigures): Finding[] {
  const { inner } = figures
  const { beds } = figures
  if (beds.length === 0) return []
  const sites = new Map<PlantPlace, PlantSite>()
  const siteOf = (bed: LaidBed): PlantSite => {
    const place = placeOfBed(bed, inner.widthCm)
    const site = sites.get(place) ?? plantSiteOf(plan, figures, place)
    sites.set(place, site)
    return site
  }
  const found: Finding[] = []
  for (const bed of beds) {
    const { id, name } = bed.bed
    if (bed.areaCm2 < LEAST_AREA_CM2) {
      const edits = [{ path: '/beds', from: plan.beds, to: removeBed(plan, id).beds }]
      found.push(raise(PLANTING_FINDINGS['bed-hidden'], {}, { id, names: { bed: name }, mend: mendWith(MENDS.remove, {}, edits) }))
      continue
    }
    if (bed.plants.length === 0) found.push(raise(PLANTING_FINDINGS['bed-empty'], {}, { id }))
    for (const planted of bed.plants) {
      const site = siteOf(bed)
      found.push(...checkStanding(id, planted, site))
      const { plant } = planted
      if (plant.buriedRots && site.place !== 'surface')
        found.push(raise(PLANTING_FINDINGS['rhizome-on-ground'], {}, { id, names: { plant: plant.name } }))
    }
  }
  return [...found, ...checkHeights(beds, siteOf), ...checkRunners(plan, beds), ...checkReds(beds)]
}

/** What a plant of a bed would not live with; what is only marginal is told on its page and in the margin. */
export function checkStanding(id: string, { plant }: LaidPlant, site: PlantSite): Finding[] {
  const names = { plant: plant.name }
  return standingOf(plant, site).remarks.flatMap(({ code, verdict, isDoubtful, values }) => {
    const told = FINDING_OF[code]
    if (told === undefined || (verdict !== 'fails' && code !== 'summer-too-warm') || isDoubtful) return []
    const numbers = Object.fromEntries(Object.entries(values).map(([name, { value }]) => [name === 'summer' ? 'here' : name, value]))
    // The remark and the finding that it is told as carry the same values.
    return [raise(PLANTING_FINDINGS[told], numbers as never, { id, names: names as never })]
  })
}

function checkHeights(beds: readonly LaidBed[], siteOf: (bed: LaidBed) => PlantSite): Finding[] {
  const standing = beds
    .filter(({ isFloating, plants, areaCm2 }) => !isFloating && plants.length > 0 && areaCm2 >= LEAST_AREA_CM2)
    .map((bed) => {
      const site = siteOf(bed)
      const heights = bed.plants.map(({ plant }) =>
        heightAfterCm(plant, { weeks: GROWN_IN_WEEKS, supply: supplyAt(plant, site), mostCm: site.headroomCm, start: bed.bed.start }),
      )
      return {
        bed,
        bounds: boundsOf(bed.ring),
        middle: centreOf(bed.ring),
        heightCm: Math.max(...heights),
        name: bed.plants[0]?.plant.name ?? '',
      }
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
    const names = { front: front.name, behind: hidden.name }
    return [
      raise(PLANTING_FINDINGS['tall-before-short'], { tall: front.heightCm, short: hidden.heightCm }, { id: front.bed.bed.id, names }),
    ]
  })
}

/** Runners reach the next bed unless a wall stands in the ground. */
function checkRunners(plan: Plan, beds: readonly LaidBed[]): Finding[] {
  if (plan.barriers.length > 0) return [] // whoever builds walls has thought of it
  return beds.flatMap((bed) => {
    const runner = bed.plants.find(({ plant }) => plant.runnerCm.value >= STRAYS_CM)
    if (runner === undefined || bed.isFloating) return []
    const neighbour = beds.find(
      (other) => other !== bed && !other.isFloating && other.plants.length > 0 && gapCm(bed.ring, other.ring) < BED_GAP_CM,
    )
    if (neighbour === undefined) return []
    const names = { plant: runner.plant.name, neighbour: neighbour.plants[0]?.plant.name ?? '' }
    return [raise(PLANTING_FINDINGS['runner-strays'], { runner: runner.plant.runnerCm.value, gap: BED_GAP_CM }, { id: bed.bed.id, names })]
  })
}

const REDS: ReadonlySet<Shade> = new Set(['red', 'pink', 'purple'])
/** Nearer than that, nothing green fits between. Rule of thumb 3–6 cm. */
const REDS_APART_CM = 4

/** Two red groups of different plants without green between them read as one. A matter of taste, so each is told once. */
function checkReds(beds: readonly LaidBed[]): Finding[] {
  const reds = beds.filter(
    ({ isFloating, plants }) =>
      !isFloating &&
      plants.length > 0 &&
      plants.every(({ plant }) => plant.colour.strong.length > 0 && plant.colour.strong.every((shade) => REDS.has(shade))),
  )
  return reds.flatMap((red, place) => {
    const own = new Set(red.plants.map(({ plant }) => plant.id))
    const other = reds
      .slice(place + 1)
      .find(({ ring, plants }) => plants.some(({ plant }) => !own.has(plant.id)) && gapCm(red.ring, ring) < REDS_APART_CM)
    const [first] = red.plants
    if (other === undefined || first === undefined) return []
    const names = { one: first.plant.name, other: other.plants.find(({ plant }) => !own.has(plant.id))?.plant.name ?? '' }
    return [raise(PLANTING_FINDINGS['red-beside-red'], {}, { id: red.bed.id, names })]
  })
}

/** Between two outlines, corner to edge; 0 where they overlap at a corner. */
function gapCm(a: Ring, b: Ring): number {
  const toEdge = (corners: Ring, edges: Ring): number =>
    Math.min(
      ...corners.flatMap((corner) =>
        edges.map((from, index) => {
          const to = edges[(index + 1) % edges.length] ?? from
          const length2 = (to.xCm - from.xCm) ** 2 + (to.yCm - from.yCm) ** 2
          const along =
            length2 === 0 ? 0 : ((corner.xCm - from.xCm) * (to.xCm - from.xCm) + (corner.yCm - from.yCm) * (to.yCm - from.yCm)) / length2
          const share = Math.min(1, Math.max(0, along))
          return distanceCm(corner, { xCm: from.xCm + (to.xCm - from.xCm) * share, yCm: from.yCm + (to.yCm - from.yCm) * share })
        }),
      ),
    )
  return Math.min(toEdge(a, b), toEdge(b, a))
}
