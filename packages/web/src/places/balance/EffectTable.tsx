import { balanceWords } from '@jovrin/contract'
import { changeBand, ratioBand, toUnit, type Band, type MemberResult } from '@jovrin/core'
import { Box } from '@mui/material'
import { MarginTable } from '../../ui/MarginTable.js'
import { significant, useUnits } from '../../ui/units.js'

/** What the levers do by the last week drawn: ratios for amounts, differences for levels, member by member. */
export function EffectTable({ results, week }: { results: readonly MemberResult[]; week: number }) {
  const units = useUnits()
  const ratio = (name: string, band: Band) => ({
    name,
    middle: `× ${significant(band.median, 2)}`,
    span: balanceWords.effectRange(significant(band.low, 2), significant(band.high, 2)),
  })
  // Hundredths of a milligram are below what the model knows.
  const signed = (value: number): string => `${value > 0 ? '+' : ''}${significant(Math.round(value * 100) / 100, 2)}`
  const difference = (name: string, band: Band, unit: string) => ({
    name,
    middle: `${signed(band.median)} ${unit}`,
    span: balanceWords.effectRange(signed(band.low), signed(band.high)),
  })
  const nitrate = changeBand(results, 'nitrate', week)
  const unit = units.preferences.nitrate
  const scaled: Band = {
    low: toUnit('nitrate', nitrate.low, unit),
    median: toUnit('nitrate', nitrate.median, unit),
    high: toUnit('nitrate', nitrate.high, unit),
  }
  const rows = [
    ratio(balanceWords.effect.algae, ratioBand(results, 'algaeGPerM2', week)),
    ratio(balanceWords.effect.totalG, ratioBand(results, 'totalG', week)),
    difference(balanceWords.effect.co2Max, changeBand(results, 'co2Max', week), 'mg/L'),
    difference(balanceWords.effect.oxygenMin, changeBand(results, 'oxygenMin', week), 'mg/L'),
    difference(balanceWords.effect.nitrate, scaled, unit),
  ]
  return (
    <MarginTable caption={balanceWords.changes}>
      {rows.map(({ name, middle, span }) => (
        <tr key={name}>
          <th scope="row">{name}</th>
          <td>{middle}</td>
          <Box component="td" sx={{ color: 'text.secondary', textAlign: 'right !important' }}>
            {span}
          </Box>
        </tr>
      ))}
    </MarginTable>
  )
}
