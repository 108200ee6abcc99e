import { awayWords } from '@jovrin/contract'
import { AWAY_COURSES, type Absence, type AwayAhead, type AwayEnd, type AwayTask } from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo } from 'react'
import type { AgedTimeline } from '../../../api/tanks.queries.js'
import { HeadRow } from '../../../ui/HeadRow.js'
import { significant, useUnits, type Units } from '../../../ui/units.js'
import { useAwayAhead } from '../../../workers/useAwayAhead.js'

/** The same tanks each time, so that a changed date changes nothing else. */
const SEED = 1
const ROWS = ['algaeTimes', 'plantTimes', 'ammoniumMostMgNPerL', 'oxygenLeastMgPerL', 'nitrateLeastMgNPerL'] as const

/** The model through the absence, prepared and with nothing prepared. */
export function AwayAheadTable({ aged, absence }: { readonly aged: AgedTimeline; readonly absence: Absence }) {
  const units = useUnits()
  const text = awayWords
  const { settings, facts, deeds } = aged
  // What is told to whoever looks in changes nothing in the water.
  const task = useMemo<AwayTask>(
    () => ({ settings, facts, deeds, absence: { ...absence, note: '' }, seed: SEED }),
    [settings, facts, deeds, absence],
  )
  const ahead = useAwayAhead(task)
  if (ahead === null) return <div role="status">{text.computing}</div>
  return (
    <>
      <Box
        component="table"
        className="figures"
        aria-label={text.ahead}
        sx={{ borderCollapse: 'collapse', fontSize: 14.5, '& td, & th': { textAlign: 'left', pr: 3, fontWeight: 'normal' } }}
      >
        <HeadRow heads={['', text.heads.prepared, text.heads.asIs]} />
        <tbody>
          {ROWS.map((row) => (
            <tr key={row}>
              <td>{text.rows[row]}</td>
              {AWAY_COURSES.map((course) => (
                <td key={course}>{toldBand(row, ahead[course], units)}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{text.aheadNote}</Box>
    </>
  )
}

function toldBand(row: keyof AwayEnd, { [row]: { low, median, high } }: AwayAhead['prepared'], units: Units): string {
  switch (row) {
    case 'algaeTimes':
    case 'plantTimes':
      return awayWords.times(significant(median, 2), significant(low, 2), significant(high, 2))
    case 'nitrateLeastMgNPerL':
      return awayWords.range(...([median, low, high].map((value) => units.show('nitrate', value, 2)) as [string, string, string]))
    case 'ammoniumMostMgNPerL':
      return awayWords.range(...([median, low, high].map((value) => units.show('ammonia', value, 2)) as [string, string, string]))
    case 'oxygenLeastMgPerL':
      return awayWords.range(...([median, low, high].map((value) => units.show('concentration', value, 2)) as [string, string, string]))
  }
}
