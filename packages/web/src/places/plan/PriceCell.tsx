import { numberField, type Plan, readNumber } from '@jovrin/core'
import { TextField } from '@mui/material'
import { useState } from 'react'
import { localId } from '../../api/localId.js'
import { significant } from '../../ui/units.js'

/** One's own price by the piece. Text that is no price stays in its cell and is marked. */
export function PriceCell({ value, label, onPrice }: { value: number | null; label: string; onPrice: (price: number | null) => void }) {
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
      onKeyDown={(event) => event.key === 'Enter' && done()}
      slotProps={{ htmlInput: { 'aria-label': label, inputMode: 'decimal', style: { textAlign: 'right', width: 80, padding: 0 } } }}
    />
  )
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
