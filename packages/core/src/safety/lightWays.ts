import type { TankFigures } from '../ecosystem/tankFigures.js'
import type { FieldLamp } from '../light/field/fieldLamp.js'
import type { LightGrid } from '../light/field/fieldOf.js'
import { hasGas } from '../gas/linesOf.js'
import { MOL_PER_UMOL_H_PER_S } from '../light/dailyLight.js'
import { addLamp } from '../light/lampEdits.js'
import { effectiveHoursOf } from '../light/lampsOf.js'
import { levelLight } from '../light/levelLight.js'
import { diff } from '../plan/edit.js'
import type { Mend } from '../plan/finding.js'
import { mendWith } from '../plan/finding.js'
import type { Lamp, Plan } from '../plan/plan.js'
import { over, spotsOfBed } from '../planting/light/lightOfBeds.js'
import type { LaidBed } from '../planting/bedsOf.js'
import { standingOf, type PlantSite } from '../species/standing.js'
import { GASLESS_PPFD, MOST_DAILY_LIGHT } from './checkTank.js'
import { MENDS } from './mends.js'
import { siteOfBed } from './plantSite.js'

/** How the beds of a map stand in light: how many want more, how many have too much for slow leaves. */
export interface LightScore {
  readonly dim: number
  /** Those among the rest that would grow denser in more. */
  readonly nearly: number
  readonly bright: number
  /** Areas weighed by how badly they stand; 0 is best. */
  readonly badness: number
}
/** Another way to hang and set the lamps, and how the beds would stand then. */
export interface LightWay extends LightScore {
  readonly mend: Mend
  /** Mean on the ground. */
  readonly ppfd: number
  /** Least over mean on the ground. */
  readonly evenness: number
}

/** Nobody hangs a lamp nearer or higher than that [cm]. */
const HEIGHTS = { least: 3, most: 60 } as const
const RAISES_CM = [-12, -8, -5, -3, 3, 5, 8, 12, 18, 25] as const
const POWERS = [0.25, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1] as const
/** Middle of the lamps, from the front pane. */
const DEPTHS = [0.3, 0.4, 0.5, 0.6, 0.7] as const
const WEIGHT = { 'light-none': 3, 'light-weak': 1.5, 'light-nearly': 0.4, 'light-much': 1 } as const

interface Judged {
  readonly bed: LaidBed
  readonly site: PlantSite
}

const rootedBeds = (plan: Plan, figures: TankFigures): readonly Judged[] =>
  figures.beds
    .filter(({ isFloating, isOut, plants, areaCm2 }) => !isFloating && !isOut && plants.length > 0 && areaCm2 > 2)
    .map((bed) => ({ bed, site: siteOfBed(plan, figures, bed) }))

function scoreOf(beds: readonly Judged[], timesOf: (bed: LaidBed) => number): LightScore {
  let [dim, nearly, bright, badness] = [0, 0, 0, 0]
  for (const { bed, site } of beds) {
    const times = timesOf(bed)
    const light = { low: site.light.low * times, value: site.light.value * times, high: site.light.high * times }
    let worst: keyof typeof WEIGHT | null = null
    for (const { plant } of bed.plants)
      for (const { code } of standingOf(plant, { ...site, light }).remarks)
        if (code in WEIGHT && (worst === null || WEIGHT[code as keyof typeof WEIGHT] > WEIGHT[worst])) worst = code as keyof typeof WEIGHT
    if (worst === null) continue
    if (worst === 'light-much') bright++
    else if (worst === 'light-nearly') nearly++
    else dim++
    badness += WEIGHT[worst] * bed.areaCm2
  }
  return { dim, nearly, bright, badness }
}

/** How the planted beds stand in the light of the plan. */
export const lightScore = (plan: Plan, figures: TankFigures): LightScore => scoreOf(rootedBeds(plan, figures), () => 1)

/** What would help the beds most: power, height, place over the floor, a second lamp; the best of each, better ways first. Only ways that leave fewer or milder wants than now, and no more light than gas and day bear. */
export function lightWays(plan: Plan, figures: TankFigures): LightWay[] {
  const beds = rootedBeds(plan, figures)
  const { lamps, inner } = figures
  if (beds.length === 0 || lamps.length === 0 || lamps.every(({ fluxUmolPerS }) => fluxUmolPerS <= 0)) return []
  const before = levelLight(figures).grid
  const now = scoreOf(beds, () => 1)
  // More light is no way where the plan's gas or the length of its day forbids it.
  const hours = effectiveHoursOf(plan)
  const isBorne = (ppfd: number): boolean =>
    ppfd <= figures.ppfd || ((hasGas(plan) || ppfd <= GASLESS_PPFD) && ppfd * hours * MOL_PER_UMOL_H_PER_S <= MOST_DAILY_LIGHT)
  const way = (mend: Mend, hung: readonly FieldLamp[]): LightWay => {
    const { grid, mean: ppfd, evenness } = levelLight(figures, hung)
    const meanOver = (bed: LaidBed, light: LightGrid): number => over(spotsOfBed(bed.ring, inner), light).mean
    return { ...scoreOf(beds, (bed) => meanOver(bed, grid) / Math.max(meanOver(bed, before), 1e-9)), mend, ppfd, evenness }
  }
  const edited = (change: (lamp: Lamp, place: number) => Lamp): readonly ReturnType<typeof diff>[number][] =>
    diff(plan, { ...plan, lamps: plan.lamps.map(change) })
  const brightest = Math.max(...lamps.map(({ dimFraction }) => dimFraction))
  const powers = POWERS.filter((power) => Math.abs(power - brightest) > 0.04).map((power) => {
    const times = power / brightest
    const edits = edited((lamp, place) => ({ ...lamp, dimFraction: Math.round(lamps[place]!.dimFraction * times * 100) / 100 }))
    return way(
      mendWith(MENDS.dim, { power }, edits),
      lamps.map((lamp) => ({ ...lamp, fluxUmolPerS: lamp.fluxUmolPerS * times })),
    )
  })
  const heights = RAISES_CM.flatMap((by) => {
    const raised = lamps.map((lamp) => lamp.aboveWaterCm + by)
    if (raised.some((cm) => cm < HEIGHTS.least || cm > HEIGHTS.most)) return []
    const edits = edited((lamp, place) => ({ ...lamp, aboveWaterCm: raised[place]! }))
    return [
      way(
        mendWith(MENDS['hang-at'], { height: raised[0]! }, edits),
        lamps.map((lamp, place) => ({ ...lamp, aboveWaterCm: raised[place]! })),
      ),
    ]
  })
  const middle = lamps.reduce((sum, { yCm }) => sum + yCm, 0) / lamps.length
  const places = DEPTHS.flatMap((share) => {
    const by = share * inner.widthCm - middle
    if (Math.abs(by) < 3) return []
    const ys = lamps.map(({ yCm }) => Math.round(yCm + by))
    if (ys.some((y) => y < 2 || y > inner.widthCm - 2)) return []
    const edits = edited((lamp, place) => ({ ...lamp, xCm: lamps[place]!.xCm, yCm: ys[place]! }))
    return [
      way(
        mendWith(MENDS['move-lamp'], { fromFront: ys[0]! }, edits),
        lamps.map((lamp, place) => ({ ...lamp, yCm: ys[place]! })),
      ),
    ]
  })
  return [bestOf(powers), bestOf(heights), bestOf(places), ...secondLamp(plan, figures, way)]
    .filter((one) => one !== null)
    .filter((one) => one.badness < now.badness * WORTH_IT && isBorne(one.ppfd))
    .sort((a, b) => a.badness - b.badness)
}
/** A way that leaves nearly as much wanting is no way. */
const WORTH_IT = 0.85
const bestOf = (ways: readonly LightWay[]): LightWay | null =>
  ways.length === 0 ? null : ways.reduce((best, one) => (one.badness < best.badness ? one : best))

/** Another like the only one, both from front to back at a quarter and three quarters. */
function secondLamp(plan: Plan, { lamps, inner }: TankFigures, way: (mend: Mend, hung: readonly FieldLamp[]) => LightWay): LightWay[] {
  const [planned, lamp] = [plan.lamps[0], lamps[0]]
  if (lamps.length !== 1 || planned === undefined || lamp === undefined) return []
  const ys = [0.27, 0.73].map((share) => Math.round(share * inner.widthCm)) as [number, number] // two
  const first = { ...planned, xCm: lamp.xCm, yCm: ys[0] }
  const next = addLamp({ ...plan, lamps: [first] }, `${planned.id}-2`.slice(0, 40), { ...first, yCm: ys[1] })
  return [
    way(mendWith(MENDS['second-lamp'], {}, diff(plan, next)), [
      { ...lamp, yCm: ys[0] },
      { ...lamp, yCm: ys[1] },
    ]),
  ]
}
