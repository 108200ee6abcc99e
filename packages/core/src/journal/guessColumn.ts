import type { Moment, ReadingQuantity } from '../plan/journal.js'
import { momentNamed, plainUseNamed, quantityNamed, squeezed } from './columnWords.js'
import { unitsOf } from './entry.js'
import type { ColumnUse } from './importRows.js'
import { USUAL_KITS, type Kit } from './kits.js'
import { unitNamed } from './unitNamed.js'

/** What a column of that heading most likely holds. A unit in the heading decides; else what the grower's kit reports. */
export function guessColumn(head: string, kits: readonly Kit[]): ColumnUse {
  const [moment, rest] = momentIn(head)
  for (const [name, unit] of partings(rest)) {
    const quantity = quantityNamed(name)
    if (quantity !== null) return readingColumn(quantity, head, kits, unit, moment)
  }
  return { use: plainUseNamed(head) ?? 'ignore' }
}

/** A column of readings of one quantity, in the unit that its heading names. */
export function readingColumn(
  quantity: ReadingQuantity,
  head: string,
  kits: readonly Kit[],
  unitText = partings(head).find(([, unit]) => unitNamed(quantity, unit) !== null)?.[1] ?? '',
  moment: Moment | null = momentIn(head)[0],
): ColumnUse {
  // "NO3 (mg/l)": the heading says which ion the milligrams are of.
  const written =
    unitText === '' ? null : (unitNamed(quantity, unitText) ?? unitNamed(quantity, `${unitText} ${head.split(/[\s(,[]/)[0] ?? ''}`))
  return { use: 'reading', quantity, unit: written ?? unitOfElement(quantity, head) ?? bareUnit(quantity, kits), moment }
}

/** What a number without a unit is taken in: what the kit at hand reports, else what most kits do. */
export const bareUnit = (quantity: ReadingQuantity, kits: readonly Kit[]): string =>
  [...kits, ...USUAL_KITS].find((kit) => kit.quantity === quantity)?.unit ?? unitsOf(quantity)[0] ?? ''

/** "NO3-N" names its unit without writing one. */
const unitOfElement = (quantity: ReadingQuantity, head: string): string | null =>
  /-[np]\b/i.test(head) ? unitNamed(quantity, `mg/l ${/-([np])\b/i.exec(head)?.[1] ?? ''}`) : null

/** Every way in which a heading parts into a name and a unit, the whole as a name first. */
function partings(head: string): [name: string, unit: string][] {
  const bracketed = /^(.*?)[([{]\s*(.*?)\s*[)\]}](.*)$/s.exec(head)
  const words = head.trim().split(/[\s,;:_]+/)
  return [
    [head, ''],
    ...(bracketed ? [[`${bracketed[1] ?? ''}${bracketed[3] ?? ''}`, bracketed[2] ?? ''] as [string, string]] : []),
    ...words.slice(1).map((_word, index): [string, string] => [words.slice(0, index + 1).join(' '), words.slice(index + 1).join(' ')]),
    ...(/-[np]\b/i.test(head) ? [[head.replace(/-[np]\b.*$/i, ''), `mg/l ${/-([np])\b/i.exec(head)?.[1] ?? ''}`] as [string, string]] : []),
  ]
}

/** A heading such as "pH (24 h)" or "pH before gas" tells when it was taken; what is left names what. */
function momentIn(head: string): [Moment | null, string] {
  const words = head
    .trim()
    .split(/[\s,;:_()[\]-]+/)
    .filter((word) => word !== '')
  for (let from = 1; from < words.length; from++) {
    const moment = momentNamed(words.slice(from).join(' '))
    if (moment !== null && squeezed(words.slice(0, from).join('')) !== '') return [moment, words.slice(0, from).join(' ')]
  }
  return [null, head]
}
