import type { RowImportReport } from '@jovrin/contract'
import { QUANTITY, type Reading } from '@jovrin/core'

type Column = RowImportReport['columns'][number]

/** What a file holds of each quantity in each unit: a column that was taken in the wrong unit shows here at a glance. */
export function summedColumns() {
  const values = new Map<string, { readonly quantity: Reading['quantity']; readonly unit: string; readonly list: number[] }>()
  return {
    add: ({ quantity, enteredUnit: unit, value }: Reading): void => {
      const key = `${quantity} ${unit}`
      const known = values.get(key)
      if (known) known.list.push(value)
      else values.set(key, { quantity, unit, list: [value] })
    },
    all: (): Column[] =>
      [...values.values()].map(({ quantity, unit, list }) => {
        const sorted = Float64Array.from(list).sort()
        const [low, high] = QUANTITY[quantity].usual
        return {
          quantity,
          unit,
          count: sorted.length,
          least: sorted[0] ?? NaN,
          middle: sorted[Math.floor(sorted.length / 2)] ?? NaN,
          most: sorted[sorted.length - 1] ?? NaN,
          unlikely: sorted.filter((value) => value < low || value > high).length,
        }
      }),
  }
}
