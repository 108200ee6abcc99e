import { dailySalts } from '../feed/schoolDoses.js'
import { realFlowLPerH, USUAL_HEAD_CM } from '../tank/filterFlow.js'
import { heatLossW } from '../tank/climate.js'
import { USUAL_HUMIDITY } from '../tank/evaporation.js'
import type { TankFigures } from '../ecosystem/tankFigures.js'
import type { Plan } from '../plan/plan.js'

/** What is taken where a price is not given, in the plan's currency. Rules of thumb for central Europe, 2020s; the user's own go before them. */
export const USUAL_RATE = { electricityPerKwh: 0.35, gasPerKg: 8, waterPerM3: 5, saltsPerKg: 20, plantsPerMonth: 0 } as const
export type Rate = keyof typeof USUAL_RATE
const DAYS_PER_MONTH = 365.25 / 12
/** Pump power by real flow where it is not given [W per L/h]; rule of thumb 0.01–0.03. */
const PUMP_W_PER_L_PER_H = 0.02

export interface RunningPart {
  readonly kind: 'light' | 'pump' | 'heating' | 'gas' | 'salts' | 'plants' | 'water'
  /** A month's amount in its unit: kWh, kg, L; none for plants. */
  readonly amount: number
  readonly cost: number
  readonly isRateGiven: boolean
}

export const lampWatts = (plan: Plan): number => plan.lamps.reduce((sum, lamp) => sum + (lamp.watts ?? (lamp.fluxUmolPerS ?? 0) / 1.8) * (lamp.dimFraction ?? 1), 0)
export const pumpWatts = (plan: Plan): number =>
  plan.filters.reduce((sum, filter) => sum + (filter.watts ?? (filter.ratedLPerH === null ? 0 : realFlowLPerH(filter.ratedLPerH, filter.headCm ?? USUAL_HEAD_CM, filter.media ?? 'usual') * PUMP_W_PER_L_PER_H)), 0)

/** Mean heating power over the twelve months [W]; a month warmer than the tank needs none. */
function heatingW(plan: Plan, figures: TankFigures): number {
  const months = roomMonths(plan)
  const load = (roomC: number): number =>
    heatLossW({
      vessel: figures.vessel, top: plan.vessel.top ?? 'open', targetC: figures.temperatureC, air: { roomC, humidityFraction: plan.room.humidityFraction ?? USUAL_HUMIDITY },
      lampW: lampWatts(plan), litFraction: figures.lightHours / 24, pumpW: pumpWatts(plan),
    })
  return months.reduce((sum, roomC) => sum + Math.max(0, load(roomC)), 0) / months.length
}
/** Rooms that nobody measured: 20 °C in winter, 23 °C in summer. Rule of thumb. */
const USUAL_ROOM_C = [20, 20, 20, 20.5, 21.5, 22.5, 23, 23, 22, 21, 20, 20] as const
export const roomMonths = (plan: Pick<Plan, 'room'>): number[] => USUAL_ROOM_C.map((usual, month) => plan.room.monthlyC[month] ?? usual)

/** Cost of a month, part by part. */
export function runningParts(plan: Plan, figures: TankFigures): RunningPart[] {
  const { money } = plan
  const rate = (name: Rate): number => money[name] ?? USUAL_RATE[name]
  const part = (kind: RunningPart['kind'], amount: number, name: Rate, factor = 1): RunningPart => ({ kind, amount, cost: amount * factor * rate(name), isRateGiven: money[name] !== null })
  const hoursPerMonth = 24 * DAYS_PER_MONTH
  const gas = plan.gasLines.find(({ control }) => control !== 'none')
  const gasHours = gas === undefined ? 0 : plan.lightWindows.reduce((sum, { hours }) => sum + Math.max(0, hours + (gas.beforeLightMin - gas.beforeDarkMin) / 60), 0)
  const saltsKg = (dailySalts(plan.feeding, figures.waterL).reduce((sum, { grams }) => sum + grams, 0) * DAYS_PER_MONTH) / 1000
  const changedL = (figures.waterL * plan.changes.fraction * DAYS_PER_MONTH) / plan.changes.everyDays
  const purified = plan.logistics.purifiedFraction ?? 0
  const withWaste = 1 + purified * (plan.logistics.wastePerL ?? 2)
  return [
    part('light', (lampWatts(plan) * figures.lightHours * DAYS_PER_MONTH) / 1000, 'electricityPerKwh'),
    part('pump', (pumpWatts(plan) * hoursPerMonth) / 1000, 'electricityPerKwh'),
    part('heating', (heatingW(plan, figures) * hoursPerMonth) / 1000, 'electricityPerKwh'),
    part('gas', (figures.gasMgPerH * gasHours * DAYS_PER_MONTH) / 1e6, 'gasPerKg'),
    part('salts', saltsKg, 'saltsPerKg'),
    part('water', changedL * withWaste, 'waterPerM3', 1 / 1000),
    { kind: 'plants', amount: 0, cost: rate('plantsPerMonth'), isRateGiven: money.plantsPerMonth !== null },
  ]
}
export const monthlyCost = (parts: readonly RunningPart[]): number => parts.reduce((sum, { cost }) => sum + cost, 0)
