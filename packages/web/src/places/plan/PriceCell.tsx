import { numberField, type Plan, readNumber } from '@jovrin/core'
import { TextField } from '@mui/material'
import { useState } from 'react'
import { localId } from '../../api/localId.js'
import { significant } from '../../ui/units.js'

interface PriceCellProps {
  readonly value: number | null
  readonly label: string
  /** Arrow keys and Enter go to the next cell with this name in the table. */
  readonly column: string
  readonly onPrice: (price: number | null) => void
}

/** One's own price by the piece. Text that is no price stays in its cell and is marked. */
export function PriceCell({ value, label, column, onPrice }: PriceCellProps) {
  const [text, setText] = useState(value === null ? '' : significant(value, 8))
  const parsed = readNumber(text)
  const price = 'value' in parsed ? parsed.value : NaN
  const [least, most] = numberField('money/prices/*/price').range
  const isWrong = price !== null && !(price >= least && price <= most)
  const done = (): void => {
    if (!isWrong && price !== value) onPrice(price)
  }
  return (
    <TextField
      value={text}
      error={isWrong}
      onChange={(event) => setText(event.target.value)}
      onBlur={done}
      onKeyDown={(event) => {
        const step = STEPS[event.key]
        if (step === undefined) return
        event.preventDefault()
        const next = cellBeside(event.target as HTMLElement, column, step) // keys go to the cell's own input
        // Whoever leaves the cell has it kept.
        if (next === undefined) return done()
        next.focus()
        next.select()
      }}
      slotProps={{
        htmlInput: {
          'aria-label': label,
          'data-column': column,
          inputMode: 'decimal',
          style: { textAlign: 'right', width: 80, padding: 0 },
        },
      }}
    />
  )
}

const STEPS: Readonly<Record<string, number>> = { Enter: 1, ArrowDown: 1, ArrowUp: -1 }
/** As in a spreadsheet: the cell below or above. */
function cellBeside(cell: HTMLElement, column: string, step: number): HTMLInputElement | undefined {
  const cells = [...(cell.closest('table')?.querySelectorAll<HTMLInputElement>('input[data-column]') ?? [])].filter(
    (one) => one.dataset['column'] === column,
  )
  return cells[cells.findIndex((one) => one === cell) + step]
}

/** The plan with one's own price for a line in a column; `null` takes it back. */
export function withPrice(plan: Plan, item: string, column: string, price: number | null): Plan {
  const others = plan.money.prices.filter((one) => one.item !== item || one.column !== column)
  const before = plan.money.prices.find((one) => one.item === item && one.column === column)
  return {
    ...plan,
    money: { ...plan.money, prices: price === null ? others : [...others, { id: before?.id ?? localId('p'), item, column, price }] },
  }
}
