import { balanceWords } from '@jovrin/contract'
import { bandOf, MODEL_VERSION, type Arm, type Band, type Dimension, type MemberResult, type WeekColumn } from '@jovrin/core'
import { Box } from '@mui/material'
import { MarginTable } from '../../ui/MarginTable.js'
import { Figure } from '../../ui/Figure.js'
import { significant, useUnits } from '../../ui/units.js'

interface Row {
  readonly column: WeekColumn & keyof typeof balanceWords.waterRow
  readonly dimension: Dimension
}
const ROWS: readonly Row[] = [
  { column: 'co2AtLightsOn', dimension: 'concentration' },
  { column: 'co2Max', dimension: 'concentration' },
  { column: 'oxygenMin', dimension: 'concentration' },
  { column: 'alkalinity', dimension: 'alkalinity' },
  { column: 'nitrate', dimension: 'nitrate' },
  { column: 'phosphate', dimension: 'phosphate' },
]

/** The water in the week looked at: median and band of the ensemble, each figure with its working. */
export function WeekTable({ results, arm, week }: { results: readonly MemberResult[]; arm: Arm; week: number }) {
  const units = useUnits()
  return (
    <MarginTable caption={balanceWords.water}>
      {ROWS.map(({ column, dimension }) => {
        const band = bandOf(results, arm, column, week)
        const to = (value: number): string => significant(units.to(dimension, value), 2)
        const shownUnit = units.unitOf(dimension)
        const name = balanceWords.waterRow[column]
        return (
          <tr key={column}>
            <th scope="row">{name}</th>
            <td>
              <Figure explained={explained(name, results.length, week, band, to, shownUnit)}>{`${to(band.median)} ${shownUnit}`}</Figure>
            </td>
            <Box component="td" sx={{ color: 'text.secondary', textAlign: 'right !important' }}>
              {balanceWords.effectRange(to(band.low), to(band.high))}
            </Box>
          </tr>
        )
      })}
    </MarginTable>
  )
}

const explained = (title: string, members: number, week: number, band: Band, to: (value: number) => string, unit: string) => ({
  title,
  formula: balanceWords.ensembleFormula,
  inputs: [
    { name: balanceWords.tanksDrawn, value: significant(members), from: 'model' as const },
    { name: balanceWords.weeksAhead, value: significant(week), from: 'reckoned' as const },
  ],
  source: balanceWords.modelSource(MODEL_VERSION),
  range: [`${to(band.low)} ${unit}`, `${to(band.high)} ${unit}`] as const,
})
