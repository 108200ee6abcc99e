import type { Explained, Provenance } from '../../ui/Figure.js'
import { significant, type Units } from '../../ui/units.js'

/** Worked sums are written in the formula's own units (cm, L, kg), whatever the reader chose for the rest. */
export const number = (value: number): string => significant(value, 4)
/** Terms joined by plus; nothing at all is zero. */
export const sumOf = (terms: readonly string[]): string => (terms.length === 0 ? '0' : terms.join(' + '))

export type Input = Explained['inputs'][number]
/** Where an answer of the plan comes from; one that nobody gave is assumed. */
export const from = (value: unknown): Provenance => (value === null || value === undefined ? 'assumed' : 'typed')
export const reckoned = (name: string, value: string): Input => ({ name, value, from: 'reckoned' })
export const litres = (units: Units, name: string, value: number): Input => reckoned(name, units.show('volume', value))

interface Working {
  readonly title: string
  readonly formula: string
  readonly worked: string
  readonly source: string
  readonly inputs: readonly Input[]
}
/** A figure with its working; exact for its inputs unless a range is given. */
export const explained = (working: Working, range: Explained['range'] = null): Explained => ({ ...working, range })
