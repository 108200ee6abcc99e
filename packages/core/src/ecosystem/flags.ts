import type { Plan } from '../plan/plan.js'
import { bandOf, type Arm } from './balance.js'
import type { MemberResult } from './forecast.js'

/** What presses in a week; the sentence is in contract's catalogue. */
export interface Flag {
  readonly code: 'co2-alarm' | 'co2-high' | 'oxygen-low' | 'ammonia' | 'nitrite'
  readonly severity: 'alarm' | 'warn'
  /** The end of the band that gave rise to it [mg/L]. */
  readonly value: number
}

/** Fish or shrimps live in the tank at this age. An unknown number of them counts as some. */
export const hasAnimalsAt = ({ animals }: Plan, ageDays: number): boolean =>
  (ageDays >= animals.grazersFromDay && animals.grazers !== 0) || (ageDays >= animals.fishFromDay && animals.foodGPerDay !== 0)

// Judged on ranges. CO2 [mg/L] at the day's peak: warn when the high end passes 40 or the middle 30, alarm when the low end passes 30 or the middle 40. General practice; sensitive animals want less.
const CO2_MUCH = 30
const CO2_TOO_MUCH = 40
/** Oxygen [mg/L] before lights-on: warn below, alarm below. */
const OXYGEN_WARN = 5
const OXYGEN_ALARM = 4
/** Ammonia and nitrite [mg N/L] at which no animal may go in. Rule of thumb: the lowest that kits read. */
const NITROGEN_LIMIT = 0.25

/** Flags of one week, alarms first. Without animals nothing is an alarm. */
export function flagsOf(results: readonly MemberResult[], arm: Arm, week: number, hasAnimals: boolean): Flag[] {
  const flags: Flag[] = []
  const add = (code: Flag['code'], isAlarm: boolean, value: number): void =>
    void flags.push({ code, severity: isAlarm && hasAnimals ? 'alarm' : 'warn', value })
  const co2 = bandOf(results, arm, 'co2Max', week)
  const oxygen = bandOf(results, arm, 'oxygenMin', week)
  const ammonia = bandOf(results, arm, 'ammonium', week)
  const nitrite = bandOf(results, arm, 'nitrite', week)
  if (co2.low > CO2_MUCH || co2.median > CO2_TOO_MUCH) add(hasAnimals ? 'co2-alarm' : 'co2-high', true, co2.high)
  else if (co2.high > CO2_TOO_MUCH || co2.median > CO2_MUCH) add('co2-high', false, co2.high)
  if (oxygen.low < OXYGEN_WARN) add('oxygen-low', oxygen.median < OXYGEN_ALARM, oxygen.low)
  if (ammonia.median > NITROGEN_LIMIT) add('ammonia', true, ammonia.median)
  if (nitrite.median > NITROGEN_LIMIT) add('nitrite', true, nitrite.median)
  return flags.sort((a, b) => Number(b.severity === 'alarm') - Number(a.severity === 'alarm'))
}
