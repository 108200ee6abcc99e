import { startWeeksWords } from '@jovrin/contract'
import { AIR_GAP_CM, carpetCloses, dryLightHours, dryWaterLineCm, tankFigures, type Plan } from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo } from 'react'
import { MarginTable } from '../../../ui/MarginTable.js'
import { useUnits } from '../../../ui/units.js'

/** What a tank under film asks for, and how far its carpet should be. */
export function DryWeeks({ plan, today, endDay }: { readonly plan: Plan; readonly today: number; readonly endDay: number }) {
  const units = useUnits()
  const text = startWeeksWords
  const lineCm = useMemo(() => dryWaterLineCm(tankFigures(plan)), [plan])
  const closes = useMemo(() => carpetCloses(plan), [plan])
  const rows: readonly (readonly [string, string])[] = [
    [text.waterLine, lineCm > 0 ? text.atMost(units.show('length', lineCm, 2)) : text.noWater],
    [text.airGap, text.about(units.show('length', AIR_GAP_CM, 1))],
    [text.light, units.show('hours', dryLightHours(plan), 2)],
    ...(closes === null || closes.length === 0
      ? []
      : ([
          [text.planted, units.show('fraction', closes[0] ?? 0, 1)],
          [text.closedNow, text.about(units.show('fraction', closes[Math.min(today, closes.length - 1)] ?? 0, 1))],
          [text.closedAtEnd(String(endDay)), text.about(units.show('fraction', closes.at(-1) ?? 0, 1))],
        ] as const)),
  ]
  return (
    <Box
      sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,3fr) minmax(0,2fr)' }, columnGap: 3, rowGap: 0.75 }}
    >
      <MarginTable caption={text.underFilm}>
        {rows.map(([name, value]) => (
          <tr key={name}>
            <td>{name}</td>
            <td>{value}</td>
          </tr>
        ))}
      </MarginTable>
      <Box sx={{ display: 'grid', gap: 0.75, alignContent: 'start', fontSize: 14 }}>
        {closes !== null && <div>{text.floodWhen}</div>}
        <Box sx={{ color: 'text.secondary' }}>{text.dryModel}</Box>
      </Box>
    </Box>
  )
}
