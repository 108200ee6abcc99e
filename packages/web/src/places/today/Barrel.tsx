import { saltWords, todayWords, nameIn, type RoundStop } from '@jovrin/contract'
import type { JobPortion } from '@jovrin/core'
import { Box } from '@mui/material'
import { MarginTable } from '../../ui/MarginTable.js'
import { useUnits } from '../../ui/units.js'

/** One barrel and one weighing for all: water and salts of what is due today, added up. What was due earlier and was perhaps done is asked about, not mixed again. */
export function Barrel({ stops }: { stops: readonly RoundStop[] }) {
  const units = useUnits()
  const litres = stops
    .flatMap(({ due }) => due)
    .filter(({ kind }) => kind === 'change' || kind === 'mix-water')
    .reduce((sum, { values }) => sum + (values['water']?.value ?? 0), 0)
  const doses = new Map<string, JobPortion>()
  for (const portion of stops.flatMap(({ assumed }) => assumed).flatMap(({ portions }) => portions ?? [])) {
    const key = keyOf(portion)
    const before = doses.get(key)
    doses.set(key, before === undefined ? portion : bothOf(before, portion))
  }
  return (
    <MarginTable caption={todayWords.barrel}>
      <tr>
        <td colSpan={2}>{todayWords.litres(units.show('volume', litres, 2))}</td>
      </tr>
      {[...doses].map(([key, { name, salt, unit, amount, stock }]) => (
        <tr key={key}>
          <td>{name === '' ? (salt === null ? todayWords.theBottle : nameIn(saltWords, salt)) : name}</td>
          <Box component="td" sx={{ textAlign: 'right !important' }}>
            {stock !== null
              ? todayWords.ofStock(units.show('dosing', stock.ml))
              : unit === 'g'
                ? units.show('salt', amount)
                : units.show('dosing', amount)}
          </Box>
        </tr>
      ))}
    </MarginTable>
  )
}

/** One stock serves all tanks, and what is weighed for one is weighed for all; a bottle with a name is the same bottle wherever it has that name. */
const keyOf = ({ name, salt, unit, stock }: JobPortion): string => [name, salt ?? '', unit, stock === null ? '' : 'stock'].join(' ')
const bothOf = (a: JobPortion, b: JobPortion): JobPortion => ({
  ...a,
  amount: a.amount + b.amount,
  stock: a.stock === null || b.stock === null ? a.stock : { ...a.stock, ml: a.stock.ml + b.stock.ml },
})
