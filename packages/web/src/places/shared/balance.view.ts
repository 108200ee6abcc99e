import { bandOf, STRANDS, type Flag, type Arm, type Band, type MemberResult, type Strand } from '@jovrin/core'
import { flagWords } from '@jovrin/contract'
import type { BraidWeek } from '../../drawing/braid/braidGeometry.js'
import { significant } from '../../ui/units.js'

/** The braid's weeks from an ensemble. */
export function braidWeeks(results: readonly MemberResult[], arm: Arm, weeks: number): BraidWeek[] {
  return Array.from({ length: weeks }, (_, week) => ({
    strands: Object.fromEntries(STRANDS.map((strand) => [strand, bandOf(results, arm, strand, week)])) as Record<Strand, Band>, // one band a strand
    algae: bandOf(results, arm, 'algaeGPerM2', week),
  }))
}

/** A flag's sentence behind its mark: filled for an alarm, open for a warning. */
export const flagSentence = ({ code, severity, value }: Flag): string =>
  `${severity === 'alarm' ? '▲' : '△'} ${flagWords[code](significant(value, 2))}`
