import { startEndDay } from '../plan/startPhase.js'
import { hasGas } from '../gas/linesOf.js'
import { commonAnswers } from '../plan/answers.js'
import { datePlusDays } from '../plan/clock.js'
import type { Plan } from '../plan/plan.js'
import type { TankFigures } from '../ecosystem/tankFigures.js'
import { changeFractionOn } from '../ecosystem/changeDays.js'
import { GROUND } from '../ground/kinds.js'
import { FIXING_TIME, MATERIAL } from '../hardscape/materials.js'
import { PLANT_KINDS } from '../plan/plan.js'
import { countedSpecies } from '../planting/bedsOf.js'
import { PLANT_KIND } from '../planting/kinds.js'
import { potsOf } from '../planting/pots.js'
import { mappedKinds } from '../planting/standOf.js'
import { quantities, type NumbersOf, type Quantities } from '../quantity/quantity.js'
import { PREPARATIONS, type PreparationCode } from './preparations.js'

/** A day of preparation, counted back from planting. */
export interface Preparation {
  readonly code: PreparationCode
  readonly on: string
  readonly daysBefore: number
  readonly values: Quantities
}

/** Portions planted in an hour; 60–150 by practice. */
const PORTIONS_PER_HOUR = 100
/** Making ten pots ready [min]; 30–45. */
const READY_MIN_PER_TEN_POTS = 38
export const LONG_DAY_H = 6

export interface PlantingWork {
  readonly pots: number
  readonly portions: number
  readonly hours: number
}
/** Pots, portions and hours of the planting day: as the planting map counts them, and for groups that it does not hold from shares and densities. Rule of thumb ±40 %. */
export function plantingWork(
  plan: Plan,
  { stand, inner, beds, spots }: Pick<TankFigures, 'stand' | 'inner' | 'beds' | 'spots'>,
): PlantingWork {
  const mapped = mappedKinds(plan)
  let pots = 0
  let portions = 0
  for (const kind of PLANT_KINDS) {
    const count = potsOf(plan, stand, kind, inner)
    pots += count
    if (!mapped.has(kind)) portions += count * PLANT_KIND[kind].portionsPerPot
  }
  for (const one of countedSpecies([...beds, ...spots])) portions += one.portions
  return { pots, portions, hours: portions / PORTIONS_PER_HOUR + (READY_MIN_PER_TEN_POTS * pots) / 10 / 60 }
}

/** The preparations of a plan by date, earliest first. */
export function backwardCalendar(plan: Plan, figures: TankFigures): Preparation[] {
  const list: Preparation[] = []
  const add = <Code extends PreparationCode>(code: Code, daysBefore: number, numbers: NumbersOf<(typeof PREPARATIONS)[Code]>): void =>
    void list.push({
      code,
      daysBefore,
      on: datePlusDays(plan.startedOn, -daysBefore),
      values: quantities(PREPARATIONS[code], numbers),
    })
  const isGassed = hasGas(plan)
  const wood = plan.hardscape.filter(({ material }) => MATERIAL[material].newDensityKgPerL < 1)
  const leaches = figures.layers.some(({ ground, volumeL }) => volumeL > 0 && GROUND[ground].leaches)
  const work = plantingWork(plan, figures)
  const end = startEndDay(plan)
  const { method } = plan.start
  // A dark start's plants come when the cycle is done; all else is ready on the first day.
  const plantsOn = method === 'dark' ? -end : 0
  if (leaches && method === 'wet') add('dark-start', 35, {})
  if (wood.length > 0) add('soak-wood', 28, { pieces: wood.length })
  if (figures.layers.length > 0) add('order-ground', 21, { ground: figures.volumes.groundL })
  add('kit-check', 14, {})
  if (isGassed) add('cylinder', 14, {})
  if (isGassed) add('ph-pen', 14, {})
  if (plan.logistics.purifiedFraction !== null && plan.logistics.purifiedFraction > 0) add('water-store', 7, {})
  add('plants-order', plantsOn + 7, { pots: work.pots })
  if (plan.hardscape.length > 0) add('layout', 12, { pieces: plan.hardscape.length })
  const dryH = Math.max(0, ...plan.hardscape.map(({ fixing }) => FIXING_TIME[fixing].dryH))
  if (dryH > 0) add('paint-fix', 11, { drying: dryH })
  if (wood.length > 0) add('trial-flood', 9, {})
  add('plants-arrive', plantsOn + 1, { pots: work.pots })
  const water = { water: firstFillL(figures) }
  add('mix-water', method === 'dry' ? 1 - end : 1, water)
  if (method === 'dry') add('flood', -end, water)
  add('planting', plantsOn, { portions: work.portions, work: work.hours * 60 })
  return list.sort((a, b) => b.daysBefore - a.daysBefore)
}

/** Offered, not asked: a build may do without. */
const OPTIONAL: ReadonlySet<PreparationCode> = new Set(['dark-start', 'soak-wood', 'paint-fix', 'trial-flood'])

/** The planting day of a build that begins today with nothing done, where that is later than the one that is planned; `null` where there is time enough, or the tank is planted. */
export function laterPlanting(steps: readonly Preparation[], startedOn: string, today: string): string | null {
  if (today >= startedOn) return null
  const longest = Math.max(0, ...steps.filter(({ code }) => !OPTIONAL.has(code)).map(({ daysBefore }) => daysBefore))
  const earliest = datePlusDays(today, longest)
  return earliest > startedOn ? earliest : null
}

export interface WaterLogistics {
  readonly perChangeL: number
  /** First fill and all changes of the first four weeks. */
  readonly fourWeeksL: number
  readonly changes: number
  readonly tanksFull: number
  readonly purifiedPerChangeL: number
  readonly purifiedFourWeeksL: number
  readonly wasteL: number
  /** Days that the unit needs for one change; `null` while its output is not known. */
  readonly daysForOneChange: number | null
  /** Changes stored in the barrel. */
  readonly changesInBarrel: number | null
  readonly minutesPerChange: number
}
const CHANGE_WEEKS = 4
/** Litres down the drain for each purified one. */
export const wastePerLOf = ({ logistics }: Pick<Plan, 'logistics'>): number =>
  commonAnswers().number('logistics/wastePerL', logistics.wastePerL)

/** Water of the first fill [L]: what stands over the ground, and what the dry ground drinks. */
export const firstFillL = ({ volumes, waterL }: TankFigures): number => Math.max(waterL, volumes.netWaterL)

/** Litres of the first four weeks with plants and water together, before the first bucket is carried. `minutesPerChange` comes from the work's own sum. */
export function waterLogistics(
  plan: Plan,
  { waterL, fillL }: { readonly waterL: number; readonly fillL: number },
  minutesPerChange: number,
): WaterLogistics {
  const perChangeL = waterL * plan.changes.fraction
  const shares = Array.from({ length: CHANGE_WEEKS * 7 }, (_, day) => changeFractionOn(plan, startEndDay(plan) + day)).filter(
    (share) => share > 0,
  )
  const fourWeeksL = fillL + shares.reduce((sum, share) => sum + share, 0) * waterL
  const { purifiedFraction, purifierLPerDay, barrelL } = plan.logistics
  const share = purifiedFraction ?? 0
  const purifiedPerChangeL = perChangeL * share
  return {
    perChangeL,
    fourWeeksL,
    changes: shares.length,
    minutesPerChange,
    tanksFull: waterL > 0 ? fourWeeksL / waterL : 0,
    purifiedPerChangeL,
    purifiedFourWeeksL: fourWeeksL * share,
    wasteL: fourWeeksL * share * wastePerLOf(plan),
    daysForOneChange: purifierLPerDay === null || purifierLPerDay === 0 ? null : purifiedPerChangeL / purifierLPerDay,
    changesInBarrel: barrelL === null || purifiedPerChangeL === 0 ? null : barrelL / purifiedPerChangeL,
  }
}

/** What is forgotten when everything else is bought. */
export const OFTEN_FORGOTTEN = [
  'conditioner',
  'check-valve',
  'spare-seal',
  'hose-clips',
  'counter-liquid',
  'indicator-fluid',
  'thermometer',
  'hose',
  'scissors',
  'tweezers',
  'sprayer',
  'film',
  'towels',
  'buckets',
  'second-timer',
] as const
export type Forgotten = (typeof OFTEN_FORGOTTEN)[number]
