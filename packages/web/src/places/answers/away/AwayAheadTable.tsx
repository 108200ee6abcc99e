import { awayWords } from '@jovrin/contract'
import { AWAY_COURSES, type Absence, type AwayEnd, type AwayTask, type Dimension } from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo } from 'react'
import type { AgedTimeline } from '../../../api/tanks.queries.js'
import { HeadRow } from '../../../ui/HeadRow.js'
import { BandCell } from '../../shared/BandCell.js'
import { useAwayAhead } from '../../../workers/useAwayAhead.js'

/** The same tanks each time, so that a changed date changes nothing else. */
const SEED = 1
const ROWS = [
  ['algaeTimes', 'ratio'],
  ['plantTimes', 'ratio'],
  ['ammoniumMostMgNPerL', 'ammonia'],
  ['oxygenLeastMgPerL', 'concentration'],
  ['nitrateLeastMgNPerL', 'nitrate'],
] as const satisfies readonly (readonly [keyof AwayEnd, Dimension])[]

/** The model through the absence, prepared and with nothing prepared. */
export function AwayAheadTable({ aged, absence }: { readonly aged: AgedTimeline; readonly absence: Absence }) {
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
          {ROWS.map(([row, dimension]) => (
            <tr key={row}>
              <td>{text.rows[row]}</td>
              {AWAY_COURSES.map((course) => (
                <BandCell key={course} band={ahead[course][row]} dimension={dimension} />
              ))}
            </tr>
          ))}
        </tbody>
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{text.aheadNote}</Box>
    </>
  )
}
