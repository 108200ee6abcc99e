import { bandOf, STRANDS, type Arm, type Band, type MemberResult, type Strand } from '@jovrin/core'
import { en } from '@jovrin/contract'
import type { BraidWeek } from '../../drawing/braid/braidGeometry.js'
import { significant } from '../../ui/units.js'

/** The braid's weeks from an ensemble. */
export function braidWeeks(results: readonly MemberResult[], arm: Arm, weeks: number): BraidWeek[] {
  return Array.from({ length: weeks }, (_, week) => ({
    strands: Object.fromEntries(STRANDS.map((strand) => [strand, bandOf(results, arm, strand, week)])) as Record<Strand, Band>, // one band a strand
    algae: bandOf(results, arm, 'algaeGPerM2', week),
  }))
}

export interface Flag {
  readonly severity: 'alarm' | 'warn'
  readonly text: string
}

/** What presses most in one week, worst first; judged on ranges as the cautions say. `hasAnimals`: fish or shrimps are in the tank then. */
export function flagsOf(results: readonly MemberResult[], arm: Arm, week: number, hasAnimals: boolean): Flag[] {
  const flags: Flag[] = []
  const co2 = bandOf(results, arm, 'co2Max', week)
  const oxygen = bandOf(results, arm, 'oxygenMin', week)
  const ammonia = bandOf(results, arm, 'ammonium', week)
  const nitrite = bandOf(results, arm, 'nitrite', week)
  const text = en.balance.flags
  if (co2.low > 30 || co2.median > 40) flags.push({ severity: hasAnimals ? 'alarm' : 'warn', text: hasAnimals ? text.co2Alarm(significant(co2.high, 2)) : text.co2Warn(significant(co2.high, 2)) })
  else if (co2.high > 40 || co2.median > 30) flags.push({ severity: 'warn', text: text.co2Warn(significant(co2.high, 2)) })
  if (oxygen.low < 5) flags.push({ severity: oxygen.median < 4 ? 'alarm' : 'warn', text: text.oxygenLow(significant(oxygen.low, 2)) })
  if (ammonia.median > 0.25) flags.push({ severity: hasAnimals ? 'alarm' : 'warn', text: text.ammonia(significant(ammonia.median, 2)) })
  if (nitrite.median > 0.25) flags.push({ severity: hasAnimals ? 'alarm' : 'warn', text: text.nitrite(significant(nitrite.median, 2)) })
  return flags.sort((a, b) => Number(b.severity === 'alarm') - Number(a.severity === 'alarm'))
}

