import { enShopping, enShoppingGroup } from '@jovrin/contract'
import { guarded, priceOf, type Plan, type ShoppingItem } from '@jovrin/core'
import Papa from 'papaparse'

/** The list as CSV text; prices as plain numbers, text guarded against being taken for a formula. */
export function shoppingCsv(
  plan: Plan,
  items: readonly ShoppingItem[],
  columns: readonly string[],
  nameOf: (item: ShoppingItem) => string,
): string {
  const text = enShopping
  const rows = items.map((item) => [
    guarded(enShoppingGroup[item.group]),
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
  const url = URL.createObjectURL(new Blob([`\uFEFF${shoppingCsv(plan, items, columns, nameOf)}`], { type: 'text/csv;charset=utf-8' }))
  const link = document.createElement('a')
  link.href = url
  link.download = `${plan.name.replaceAll(/[^\p{L}\p{N} -]/gu, '')}-${enShopping.title.toLowerCase().replaceAll(' ', '-')}.csv`
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}
