import { gradeOf, type GasAnimals, type GasGrade } from '../gas/grade.js'
import { bandOf, type Arm } from './balance.js'
import type { MemberResult } from './forecast.js'

/** What presses in a week; the sentence is in contract's catalogue. */
export interface Flag {
  readonly code: `co2-${Exclude<GasGrade, 'fine'>}` | 'oxygen-low' | 'ammonia' | 'nitrite'
  readonly severity: 'alarm' | 'warn'
  /** The end of the band that gave rise to it [mg/L]. */
  readonly value: number
}

/** Oxygen [mg/L] before lights-on: warn below, alarm below. */
const OXYGEN_WARN = 5
const OXYGEN_ALARM = 4
/** Ammonia and nitrite [mg N/L] at which no animal may go in. Rule of thumb: the lowest that kits read. */
export const NO_ANIMALS_MG_N_PER_L = 0.25

/** Flags of one week, alarms first. Without animals nothing is an alarm. */
export function flagsOf(results: readonly MemberResult[], arm: Arm, week: number, animals: GasAnimals): Flag[] {
  const flags: Flag[] = []
  const add = (code: Flag['code'], isAlarm: boolean, value: number): void =>
    void flags.push({ code, severity: isAlarm && animals !== 'none' ? 'alarm' : 'warn', value })
  const co2 = bandOf(results, arm, 'co2Max', week)
  const oxygen = bandOf(results, arm, 'oxygenMin', week)
  const ammonia = bandOf(results, arm, 'ammonium', week)
  const nitrite = bandOf(results, arm, 'nitrite', week)
  const grade = gradeOf({ low: co2.low, value: co2.median, high: co2.high }, animals)
  if (grade !== 'fine') add(`co2-${grade}`, grade === 'too-much' || grade === 'dangerous', co2.high)
  if (oxygen.low < OXYGEN_WARN) add('oxygen-low', oxygen.median < OXYGEN_ALARM, oxygen.low)
  if (ammonia.median > NO_ANIMALS_MG_N_PER_L) add('ammonia', true, ammonia.median)
  if (nitrite.median > NO_ANIMALS_MG_N_PER_L) add('nitrite', true, nitrite.median)
  return flags.sort((a, b) => Number(b.severity === 'alarm') - Number(a.severity === 'alarm'))
}

export const isOfGas = (code: Flag['code']): boolean => code.startsWith('co2-')
