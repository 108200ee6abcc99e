import { enSalt, enShelf, enToday, nameIn, type RoundStop } from '@jovrin/contract'
import { SALT_IDS, type Quantity } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { roundToday } from '../../api/journal.queries.js'
import { MarginTable } from '../../ui/MarginTable.js'
import { QueryState } from '../../ui/QueryState.js'
import { decimals, longDate, useUnits } from '../../ui/units.js'
import { Stop } from './Stop.js'

/** All that is open today, tank by tank, in the order to walk them; printed, it is the sheet of the round. */
export function TodayPlace() {
  const round = useQuery({ ...roundToday(), refetchInterval: 60_000 })
  if (!round.data) return <QueryState error={round.error} onRetry={() => void round.refetch()} />
  const { stops } = round.data
  const [first] = stops
  if (first === undefined)
    return (
      <Box sx={{ p: 4 }}>
        <Box component="h1" className="lettering" sx={{ m: 0, fontSize: 26 }}>
          {enToday.title}
        </Box>
        <p>{enToday.empty}</p>
        <Button component={Link} to="/new" variant="contained">
          {enShelf.newTank}
        </Button>
      </Box>
    )
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: 'minmax(0,1fr) 300px' }, flexGrow: 1 }}>
      <Box sx={{ px: { xs: 1.5, md: 2.5 }, py: 1.5, minWidth: 0 }}>
        <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2, borderBottom: '2px solid var(--ink)', pb: 0.5 }}>
          <Box component="h1" className="lettering" sx={{ m: 0, fontSize: 26 }}>
            {enToday.title}
          </Box>
          <Box className="figures" sx={{ color: 'text.secondary', flexGrow: 1 }}>
            {longDate(first.today)}
          </Box>
          <Button className="no-print" onClick={() => window.print()} sx={{ display: { xs: 'none', sm: 'inline-flex' } }}>
            {enToday.print}
          </Button>
        </Box>
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
        <MarginTable caption={enToday.upkeep}>
          {stops.map((stop) => (
            <tr key={stop.tankId}>
              <td>{stop.name}</td>
              <Box component="td" sx={{ textAlign: 'right !important' }}>
                {enToday.minutes(decimals(stop.minutesPerWeek, 0))}
              </Box>
            </tr>
          ))}
        </MarginTable>
      </Box>
    </Box>
  )
}

/** One barrel and one weighing for all: water and salts of today added up. */
function Barrel({ stops }: { stops: readonly RoundStop[] }) {
  const units = useUnits()
  const open = stops.flatMap(({ due, overdue }) => [...due, ...overdue])
  const litres = open
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
    <MarginTable caption={enToday.barrel}>
      <tr>
        <td colSpan={2}>{enToday.litres(units.show('volume', litres, 2))}</td>
      </tr>
      {[...doses].map(([key, amount]) => (
        <tr key={key}>
          <td>{nameIn(enSalt, key.split(' ')[0] ?? '')}</td>
          <Box component="td" sx={{ textAlign: 'right !important' }}>
            {amount.dimension === 'dosing' ? enToday.ofStock(units.tell(amount)) : units.tell(amount)}
          </Box>
        </tr>
      ))}
    </MarginTable>
  )
}
