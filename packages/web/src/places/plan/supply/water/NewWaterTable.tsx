import { waterSheetWords } from '@jovrin/contract'
import { newWater, openBlendAlkalinity, openBlendHardness, type Dimension, type NewWater, type OpenedSum, warming } from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo } from 'react'
import { HeadRow } from '../../../../ui/HeadRow.js'
import { significant, useUnits } from '../../../../ui/units.js'
import { roomNowC } from '../../../shared/water/roomNow.js'
import type { Desk } from '../../desk.js'
import { SumFigure } from '../../../shared/SumFigure.js'

type Held = NewWater['blend']
const ROWS = {
  hardness: ['hardness', (water: Held) => water.hardnessMmolPerL],
  alkalinity: ['alkalinity', (water: Held) => water.alkalinityMeqPerL],
  calcium: ['concentration', (water: Held) => water.calciumMgPerL],
  magnesium: ['concentration', (water: Held) => water.magnesiumMgPerL],
  ratio: ['ratio', (water: Held) => (water.magnesiumMgPerL > 0 ? water.calciumMgPerL / water.magnesiumMgPerL : null)],
  potassium: ['concentration', (water: Held) => water.potassiumMgPerL],
  sodium: ['concentration', (water: Held) => water.sodiumMgPerL],
  nitrate: ['nitrate', (water: Held) => water.nitrateMgNPerL],
  phosphate: ['phosphate', (water: Held) => water.phosphateMgPPerL],
  conductivity: ['conductivity', (water: Held) => water.conductivityUsPerCm],
} as const satisfies Record<string, readonly [Dimension, (water: Held) => number | null]>
type Row = keyof typeof ROWS

/** What new water holds, as it is mixed and with its minerals. */
export function NewWaterTable({ desk: { plan, figures } }: { readonly desk: Desk }) {
  const text = waterSheetWords
  const units = useUnits()
  const { blend, mineralised, recipe, aim } = useMemo(() => newWater(plan), [plan])
  const { coldC } = warming({ plan, litres: 1, fraction: 0, tankC: figures.temperatureC, roomC: roomNowC(figures) })
  const shown = (row: Row, water: Held): string => {
    const [dimension, of] = ROWS[row]
    const value = of(water)
    return value === null ? '–' : row === 'ratio' ? significant(value, 2) : units.show(dimension, value, 2)
  }
  const opened: Partial<Record<Row, OpenedSum>> = { hardness: openBlendHardness(plan), alkalinity: openBlendAlkalinity(plan) }
  const wanted: Partial<Record<Row, string>> = {
    hardness: units.show('hardness', aim.hardnessMmolPerL, 2),
    ratio: significant(aim.caMgMassRatio, 2),
    ...(aim.alkalinityMeqPerL === null ? {} : { alkalinity: units.show('alkalinity', aim.alkalinityMeqPerL, 2) }),
  }
  return (
    <section aria-labelledby="water-new">
      <Box component="h2" id="water-new" className="lettering" sx={{ fontSize: 16, m: 0 }}>
        {text.newWater}
      </Box>
      <Box sx={{ overflowX: 'auto' }}>
        <Box
          component="table"
          className="figures"
          sx={{
            fontSize: 14,
            borderCollapse: 'collapse',
            '& th': { fontWeight: 'normal', textAlign: 'left', color: 'text.secondary' },
            '& td, & th': { pr: 2, whiteSpace: 'nowrap', lineHeight: 1.45 },
          }}
        >
          <HeadRow
            heads={
              recipe === null
                ? [text.columns.of, text.columns.blend]
                : [text.columns.of, text.columns.blend, text.columns.ready, text.columns.aim]
            }
          />
          <tbody>
            {(Object.keys(ROWS) as Row[]).map((row) => (
              <tr key={row}>
                <th scope="row">{text.rows[row]}</th>
                <td>{opened[row] === undefined ? shown(row, blend) : <SumFigure sum={opened[row]} digits={2} />}</td>
                {recipe !== null && <td>{shown(row, mineralised)}</td>}
                {recipe !== null && <td>{wanted[row] ?? ''}</td>}
              </tr>
            ))}
            <tr>
              <th scope="row">{text.rows.temperature}</th>
              <td>{units.show('temperature', coldC, 2)}</td>
            </tr>
          </tbody>
        </Box>
      </Box>
      <Box sx={{ fontSize: 13, color: 'text.secondary', mt: 0.5 }}>
        {text.mixNote} {text.assumed}
      </Box>
    </section>
  )
}
