import { gasLevelWords } from '@jovrin/contract'
import { gasMoves } from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo } from 'react'
import { HeadRow } from '../../../../ui/HeadRow.js'
import { significant, useUnits } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'
import { Heading } from '../light/LampsPanel.js'

/** What surface, skimmer and air by night make of the day's course. */
export function MovesTable({ desk: { plan, figures } }: { readonly desk: Desk }) {
  const text = gasLevelWords
  const units = useUnits()
  const moves = useMemo(() => gasMoves(plan, figures), [plan, figures])
  const level = (mgPerL: number): string => significant(mgPerL, 2)
  const aired = moves.find(({ kind }) => kind === 'night-air')
  return (
    <section aria-labelledby="gas-moves">
      <Heading id="gas-moves">{text.moves}</Heading>
      <Box
        component="table"
        className="figures"
        sx={{
          width: '100%',
          fontSize: 14,
          '& th': { fontWeight: 'normal', textAlign: 'left', color: 'text.secondary' },
          '& td': { verticalAlign: 'top', pr: 1 },
        }}
      >
        <caption style={{ textAlign: 'left', fontSize: 12.5, color: 'var(--ink-2)' }}>
          {text.movesWhy} ({units.unitOf('concentration')})
        </caption>
        <HeadRow heads={text.movesHead} />
        <tbody>
          {moves.map(({ kind, isNow, kPerH, atLightsOn, peak, gasTimes }) => (
            <tr key={kind} style={isNow ? { fontWeight: 600 } : undefined}>
              <td>
                {text.moveNames[kind]}
                {isNow && ` (${text.moveNow})`}
              </td>
              <td>{units.show('hours', Math.LN2 / kPerH, 2)}</td>
              <td>{level(atLightsOn)}</td>
              <td>{level(peak)}</td>
              <td>{`× ${significant(gasTimes, 2)}`}</td>
            </tr>
          ))}
        </tbody>
      </Box>
      <Box sx={{ fontSize: 14, mt: 0.5 }}>
        {aired !== undefined && `${text.nightLeast(units.show('concentration', aired.least, 2))} `}
        {text.movesNote}
      </Box>
    </section>
  )
}
