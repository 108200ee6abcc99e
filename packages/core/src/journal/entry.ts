import type { Qualifier, ReadingQuantity } from '../plan/journal.js'
import { readNumber } from '../quantity/typedNumber.js'
import { canonicalOfUnit, unitsOfDimension } from '../quantity/dimensions.js'
import type { Kit } from './kits.js'
import { QUANTITY } from './quantities.js'

export interface Entered {
  readonly value: number
  readonly qualifier: Qualifier
  readonly basis: string | null
}
export type EntryFault = 'not-a-number' | 'both-marks' | 'out-of-range' | 'unknown-unit'

/** A number as typed, with an optional `<` or `>` before it; comma or point is the decimal mark. */
export function readTyped(text: string): { readonly shown: number; readonly qualifier: Qualifier } | { readonly fault: EntryFault } {
  const [, sign = '', digits = ''] = /^\s*([<>]?)(.*)$/s.exec(text) ?? []
  const read = readNumber(digits)
  if ('error' in read) return { fault: read.error === 'both' ? 'both-marks' : 'not-a-number' }
  if (read.value === null) return { fault: 'not-a-number' }
  return { shown: read.value, qualifier: sign === '<' || sign === '>' ? sign : '=' }
}

/** What was typed in a unit, as it is stored. "Zero" of a kit is stored as below its lowest readable value: a kit cannot see nothing. */
export function enteredValue(
  quantity: ReadingQuantity,
  shown: number,
  qualifier: Qualifier,
  unit: string,
  kit: Kit | null,
): Entered | { readonly fault: EntryFault } {
  const value = canonicalOf(quantity, shown, unit)
  if (value === null) return { fault: 'unknown-unit' }
  const [min, max] = QUANTITY[quantity].range
  const slack = 1e-6 * Math.max(1, Math.abs(max)) // another unit's rounding of the bound itself
  if (!(value >= min - slack && value <= max + slack)) return { fault: 'out-of-range' }
  const basis = basisOf(unit)
  const lowest = kit?.lowest == null ? null : canonicalOf(quantity, kit.lowest, kit.unit)
  if (qualifier === '=' && lowest !== null && lowest > 0 && value < lowest * 0.999) return { value: lowest, qualifier: '<', basis }
  return { value: Math.min(max, Math.max(min, value)), qualifier, basis }
}

/** `null`: the quantity is not measured in this unit. */
export const canonicalOf = (quantity: ReadingQuantity, shown: number, unit: string): number | null =>
  canonicalOfUnit(QUANTITY[quantity].dimension, shown, unit)

/** The ion or element in a unit such as mg NO3/L. */
const basisOf = (unit: string): string | null => /^mg ([A-Z]\w*)\/L$/.exec(unit)?.[1] ?? null

/** Units in which a quantity may be entered. */
export const unitsOf = (quantity: ReadingQuantity): readonly string[] => unitsOfDimension(QUANTITY[quantity].dimension)
