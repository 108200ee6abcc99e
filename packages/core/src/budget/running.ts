import { wastePerLOf } from '../startup/backward.js'
import { feedNeeds, pricePerUnit } from './feedNeed.js'
import { mineralNeeds } from './mineralNeed.js'
import type { TankFigures } from '../ecosystem/tankFigures.js'
import type { Plan } from '../plan/plan.js'
import { gasHoursOf } from '../gas/linesOf.js'
import { heatingW } from '../tank/climateLoad.js'

/** What is taken where a price is not given, in the plan's currency. Rules of thumb for central Europe, 2020s; the user's own go before them. */
export const USUAL_RATE = { electricityPerKwh: 0.35, gasPerKg: 8, waterPerM3: 5, saltsPerKg: 20, plantsPerMonth: 0 } as const
export type Rate = keyof typeof USUAL_RATE

/** What a part's amount is reckoned from, by name. */
export interface RunningTerms {
  readonly watts?: number
  readonly hoursPerDay?: number
  readonly gramsPerH?: number
  readonly gramsPerDay?: number
  readonly costPerDay?: number
  readonly litresPerChange?: number
  readonly everyDays?: number
  /** Litres drawn for each litre used, waste of a purifier included. */
  readonly drawnPerL?: number
}

export interface RunningPart {
  readonly kind: 'light' | 'pump' | 'heating' | 'gas' | 'salts' | 'fertiliser' | 'plants' | 'water'
  /** A month's amount in its unit: kWh, kg, L; none for plants. */
  readonly amount: number
  /** Of that unit; of a month for plants. Water is priced by the cubic metre. */
  readonly rate: number
  readonly isRateGiven: boolean
  readonly cost: number
  readonly terms: RunningTerms
}
export const DAYS_PER_MONTH = 365.25 / 12

/** Cost of a month, part by part. */
export function runningParts(plan: Plan, figures: TankFigures): RunningPart[] {
  const { money } = plan
  const part = (kind: RunningPart['kind'], amount: number, name: Rate, terms: RunningTerms, perUnit = 1): RunningPart => {
    const rate = money[name] ?? USUAL_RATE[name]
    return { kind, amount, rate, isRateGiven: money[name] !== null, cost: amount * perUnit * rate, terms }
  }
  const power = (kind: RunningPart['kind'], watts: number, hoursPerDay: number): RunningPart =>
    part(kind, (watts * hoursPerDay * DAYS_PER_MONTH) / 1000, 'electricityPerKwh', { watts, hoursPerDay })
  // Of several lines the hours are those of their gas.
  const gasMg = figures.gasLines.reduce((sum, line) => sum + line.mgPerH * gasHoursOf(plan, line), 0)
  const gasHours = figures.gasMgPerH > 0 ? gasMg / figures.gasMgPerH : 0
  const gramsPerH = figures.gasMgPerH / 1000
  const needs = feedNeeds(plan, figures.waterL)
  // What has a price of its own costs that; salts without one cost what salts cost.
  const fedGPerDay = needs.reduce(
    (sum, { product, unit, perDay }) => (unit === 'g' && pricePerUnit(product) === null ? sum + perDay : sum),
    0,
  )
  const gramsPerDay = mineralNeeds(plan, figures.waterL).reduce((sum, { grams }) => sum + grams, fedGPerDay)
  const costPerDay = needs.reduce((sum, { product, perDay }) => sum + perDay * (pricePerUnit(product) ?? 0), 0)
  const { everyDays, fraction } = plan.changes
  const litresPerChange = figures.waterL * fraction
  const drawnPerL = 1 + (plan.logistics.purifiedFraction ?? 0) * wastePerLOf(plan)
  return [
    power('light', figures.lampW, figures.lightHours),
    power('pump', figures.pumpW, 24),
    power('heating', heatingW(figures), 24),
    part('gas', (gramsPerH * gasHours * DAYS_PER_MONTH) / 1000, 'gasPerKg', { gramsPerH, hoursPerDay: gasHours }),
    part('salts', (gramsPerDay * DAYS_PER_MONTH) / 1000, 'saltsPerKg', { gramsPerDay }),
    ...(costPerDay > 0
      ? [{ kind: 'fertiliser' as const, amount: 0, rate: 0, isRateGiven: true, cost: costPerDay * DAYS_PER_MONTH, terms: { costPerDay } }]
      : []),
    part(
      'water',
      (litresPerChange * DAYS_PER_MONTH * drawnPerL) / everyDays,
      'waterPerM3',
      { litresPerChange, everyDays, drawnPerL },
      1 / 1000,
    ),
    { ...part('plants', 1, 'plantsPerMonth', {}), amount: 0 },
  ]
}
export const monthlyCost = (parts: readonly RunningPart[]): number => parts.reduce((sum, { cost }) => sum + cost, 0)
