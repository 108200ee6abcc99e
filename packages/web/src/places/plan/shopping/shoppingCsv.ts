import { shoppingWords, shoppingGroupWords } from '@jovrin/contract'
import { guarded, priceOf, type Plan, type ShoppingItem } from '@jovrin/core'
import Papa from 'papaparse'
import { saveText } from '../../../ui/saveText.js'

/** The list as CSV text; prices as plain numbers, text guarded against being taken for a formula. */
export function shoppingCsv(
  plan: Plan,
  items: readonly ShoppingItem[],
  columns: readonly string[],
  nameOf: (item: ShoppingItem) => string,
): string {
  const text = shoppingWords
  const rows = items.map((item) => [
    guarded(shoppingGroupWords[item.group]),
    guarded(nameOf(item)),
    item.count,
    text.units[item.unit],
    item.isOwned ? 1 : 0,
    ...plan.money.columns.map(({ id }) => priceOf(plan, item, id) ?? ''),
  ])
  return Papa.unparse([[...text.csvHead, ...columns.map((name) => guarded(`${name} ${plan.money.currency}`))], ...rows], {
    newline: '\r\n',
  })
}

export function saveCsv(
  plan: Plan,
  items: readonly ShoppingItem[],
  columns: readonly string[],
  nameOf: (item: ShoppingItem) => string,
): void {
  const name = plan.name.replaceAll(/[^\p{L}\p{N} -]/gu, '')
  saveText(shoppingCsv(plan, items, columns, nameOf), `${name}-${shoppingWords.title.toLowerCase().replaceAll(' ', '-')}.csv`, 'text/csv')
}
