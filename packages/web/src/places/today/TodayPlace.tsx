import { shelfWords, todayWords, type Round } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { roundToday } from '../../api/journal.queries.js'
import { MarginTable } from '../../ui/MarginTable.js'
import { QueryState } from '../../ui/QueryState.js'
import { decimals, longDate, significant } from '../../ui/units.js'
import { Barrel } from './Barrel.js'
import { useKeptOrder } from './keptOrder.js'
import { Stop } from './Stop.js'

/** All that is open today, tank by tank, in the order to walk them; printed, it is the sheet of the round. */
export function TodayPlace() {
  const round = useQuery({ ...roundToday(), refetchInterval: 60_000 })
  if (!round.data) return <QueryState error={round.error} onRetry={() => void round.refetch()} />
  const [first] = round.data.stops
  return first === undefined ? <NoTank /> : <KnownRound key={first.today} round={round.data} today={first.today} />
}

function NoTank() {
  return (
    <Box sx={{ p: 4 }}>
      <Box component="h1" className="lettering" sx={{ m: 0, fontSize: 26 }}>
        {todayWords.title}
      </Box>
      <p>{todayWords.empty}</p>
      <Button component={Link} to="/new" variant="contained">
        {shelfWords.newTank}
      </Button>
    </Box>
  )
}

function KnownRound({ round, today }: { round: Round; today: string }) {
  const { items: stops, renew } = useKeptOrder(`round.${today}`, round.stops, ({ tankId }) => tankId)
  const isTurned = stops.some(({ tankId }, index) => tankId !== round.stops[index]?.tankId)
  const open = stops.reduce((sum, { due, overdue }) => sum + due.length + overdue.length, 0)
  const told = stops.reduce((sum, { settled }) => sum + settled.length, 0)
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: 'minmax(0,1fr) 300px' }, flexGrow: 1 }}>
      <Box sx={{ px: { xs: 1.5, md: 2.5 }, py: 1.5, minWidth: 0 }}>
        <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2, borderBottom: '2px solid var(--ink)', pb: 0.5 }}>
          <Box component="h1" className="lettering" sx={{ m: 0, fontSize: 26 }}>
            {todayWords.title}
          </Box>
          <Box className="figures" sx={{ color: 'text.secondary', flexGrow: 1 }}>
            {longDate(today)}
          </Box>
          {isTurned && (
            <Button variant="text" className="no-print" onClick={renew}>
              {todayWords.byUrgency}
            </Button>
          )}
          <Button className="no-print" onClick={() => window.print()} sx={{ display: { xs: 'none', sm: 'inline-flex' } }}>
            {todayWords.print}
          </Button>
        </Box>
        {open === 0 && told > 0 && (
          <Box role="status" sx={{ py: 1, fontSize: 17, color: 'var(--mass)' }}>
            {todayWords.allDoneToday(significant(told), significant(stops.length))}
          </Box>
        )}
        {stops.map((stop, index) => (
          <Stop key={stop.tankId} stop={stop} nextId={stops[index + 1]?.tankId ?? null} />
        ))}
      </Box>
      <Box
        component="aside"
        sx={{
          borderLeft: { lg: '2px solid var(--ink)' },
          background: 'var(--sheet)',
          px: 2,
          py: 1.5,
          display: 'grid',
          gap: 2,
          alignContent: 'start',
        }}
      >
        <Barrel stops={stops} />
        <MarginTable caption={todayWords.upkeep}>
          {stops.map((stop) => (
            <tr key={stop.tankId}>
              <td>{stop.name}</td>
              <Box component="td" sx={{ textAlign: 'right !important' }}>
                {todayWords.minutes(decimals(stop.minutesPerWeek, 0))}
              </Box>
            </tr>
          ))}
        </MarginTable>
      </Box>
    </Box>
  )
}
