import { bandOf, STRANDS, type Flag, type Arm, type Band, type MemberResult, type Strand } from '@jovrin/core'
import { balanceWords } from '@jovrin/contract'
import type { BraidWeek } from '../../drawing/braid/braidGeometry.js'
import { significant } from '../../ui/units.js'

/** The braid's weeks from an ensemble. */
export function braidWeeks(results: readonly MemberResult[], arm: Arm, weeks: number): BraidWeek[] {
  return Array.from({ length: weeks }, (_, week) => ({
    strands: Object.fromEntries(STRANDS.map((strand) => [strand, bandOf(results, arm, strand, week)])) as Record<Strand, Band>, // one band a strand
    algae: bandOf(results, arm, 'algaeGPerM2', week),
  }))
}

const FLAG_TEXT: Readonly<Record<Flag['code'], (value: string) => string>> = {
  'co2-dangerous': balanceWords.flags.co2Dangerous,
  'co2-too-much': balanceWords.flags.co2TooMuch,
  'co2-much': balanceWords.flags.co2Much,
  'co2-wasted': balanceWords.flags.co2Wasted,
  'oxygen-low': balanceWords.flags.oxygenLow,
  ammonia: balanceWords.flags.ammonia,
  nitrite: balanceWords.flags.nitrite,
}

/** A flag's sentence behind its mark: filled for an alarm, open for a warning. */
export const flagSentence = ({ code, severity, value }: Flag): string =>
  `${severity === 'alarm' ? '▲' : '△'} ${FLAG_TEXT[code](significant(value, 2))}`
