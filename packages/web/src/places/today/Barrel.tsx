import { saltWords, todayWords, nameIn, type RoundStop } from '@jovrin/contract'
import { SALT_IDS, type Quantity } from '@jovrin/core'
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
  const doses = new Map<string, Quantity>()
  for (const { kind, values } of stops.flatMap(({ assumed }) => assumed))
    if (kind === 'dose')
      for (const salt of SALT_IDS) {
        const portion = values[`${salt}.stock`] ?? values[salt]
        // One stock serves all tanks; what is weighed for one is weighed for all.
        const key = portion === undefined ? salt : `${salt} ${portion.dimension}`
        if (portion) doses.set(key, { ...portion, value: (doses.get(key)?.value ?? 0) + portion.value })
      }
  return (
    <MarginTable caption={todayWords.barrel}>
      <tr>
        <td colSpan={2}>{todayWords.litres(units.show('volume', litres, 2))}</td>
      </tr>
      {[...doses].map(([key, amount]) => (
        <tr key={key}>
          <td>{nameIn(saltWords, key.split(' ')[0] ?? '')}</td>
          <Box component="td" sx={{ textAlign: 'right !important' }}>
            {amount.dimension === 'dosing' ? todayWords.ofStock(units.tell(amount)) : units.tell(amount)}
          </Box>
        </tr>
      ))}
    </MarginTable>
  )
}
