import type { ReadingQuantity } from '../plan/journal.js'
import { unitsOf } from './entry.js'

/** Parts of a unit that are written in several ways. What stands for nothing is left out. */
const SAME: Readonly<Record<string, readonly string[]>> = {
  ppm: ['mg', 'l'],
  liter: ['l'],
  litre: ['l'],
  degc: ['c'],
  celsius: ['c'],
  degf: ['f'],
  fahrenheit: ['f'],
  as: [],
  als: [],
  deg: [],
  degree: [],
  degrees: [],
  grad: [],
  units: [],
}
/** What a degree of hardness is called where only one kind can be meant. */
const DEGREES: Partial<Record<ReadingQuantity, { readonly unit: string; readonly names: readonly string[] }>> = {
  alkalinity: { unit: '°dKH', names: ['dkh', 'kh', 'dh', 'd', '°', '°d', '°dh', '°kh', '°dkh'] },
  hardness: { unit: '°dGH', names: ['dgh', 'gh', 'dh', 'd', '°', '°d', '°dh', '°gh', '°dgh'] },
}
const IONS: Partial<Record<ReadingQuantity, readonly string[]>> = {
  nitrate: ['no3'],
  nitrite: ['no2'],
  ammonia: ['nh4', 'nh3'],
  phosphate: ['po4'],
}
const ELEMENTS: Partial<Record<ReadingQuantity, string>> = { nitrate: 'n', nitrite: 'n', ammonia: 'n', phosphate: 'p' }

/**
 * The unit of a quantity that a text means, however it is written ("mg/l NO3", "ppm", "dKH", "NO3-N").
 * `null`: none of its units, or one that leaves open which ion or element is weighed.
 */
export function unitNamed(quantity: ReadingQuantity, text: string): string | null {
  const plain = plainText(text)
  const degrees = DEGREES[quantity]
  if (degrees?.names.includes(plain.replace(/[\s.]/g, ''))) return degrees.unit
  const wanted = partsOf(quantity, plain)
  return unitsOf(quantity).find((unit) => signature(partsOf(quantity, plainText(unit))) === signature(wanted)) ?? null
}

/** Lower case, small figures as figures, and signs that look alike as one. */
export const plainText = (text: string): string =>
  text
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replaceAll('ß', 'ss')
    .replaceAll('μ', 'u')
    .replaceAll('º', '°')
    .trim()

function partsOf(quantity: ReadingQuantity, plain: string): string[] {
  const parts = (plain.match(/[a-z]+\d*|%|°/g) ?? []).flatMap((part) => SAME[part] ?? [part]).filter((part) => part !== '°')
  const element = ELEMENTS[quantity]
  // "NO3-N" weighs the nitrogen of nitrate.
  return element !== undefined && parts.includes(element) ? parts.filter((part) => !IONS[quantity]?.includes(part)) : parts
}
const signature = (parts: readonly string[]): string => [...parts].sort().join(' ')
