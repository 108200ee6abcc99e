import { en } from '@jovrin/contract'
import { Box, Button, useColorScheme } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { Link, NavLink, Outlet, useNavigate, useParams } from 'react-router'
import { agedTimeline, planOfTank, timelineOfTank } from '../api/tanks.queries.js'
import { SmallDay } from '../drawing/day/SmallDay.js'
import { METRIC_UNITS } from '@jovrin/core'
import { significant, US_UNITS, useUnits } from '../ui/units.js'
import { forecastPool } from '../workers/forecastPool.js'
import { ShortcutsSheet } from './ShortcutsSheet.js'
import { UnitsSheet } from './UnitsSheet.js'
import { useShortcuts } from './useShortcuts.js'

const navStyle = { px: 1, py: '3px', color: 'var(--ink)', textDecoration: 'none', borderBottom: '3px solid transparent', fontSize: 17, '&.active': { borderColor: 'var(--ink)', fontWeight: 600 }, '&:hover': { borderColor: 'var(--hair)' } } as const

export function Shell() {
  const { tankId } = useParams()
  const navigate = useNavigate()
  const units = useUnits()
  const { mode, systemMode, setMode } = useColorScheme()
  const [sheet, setSheet] = useState<'units' | 'shortcuts' | null>(null)
  const shown = mode === 'system' ? systemMode : mode
  useEffect(() => forecastPool.warm(), [])
  useShortcuts({
    '?': () => setSheet('shortcuts'),
    'g s': () => navigate('/'),
    'g p': () => tankId !== undefined && navigate(`/tanks/${tankId}/plan`),
    'g b': () => tankId !== undefined && navigate(`/tanks/${tankId}/balance`),
    n: () => navigate('/new'),
    u: () => units.choose(units.preferences.length === 'cm' ? US_UNITS : METRIC_UNITS),
    d: () => setMode(shown === 'dark' ? 'light' : 'dark'),
  })
  return (
    <Box sx={{ minHeight: '100vh', display: 'flex', flexDirection: 'column' }}>
      <Box component="a" href="#sheet" sx={{ position: 'absolute', left: -9999, '&:focus': { left: 8, top: 8, background: 'var(--sheet)', p: 1, zIndex: 10 } }}>
        {en.app.skip}
      </Box>
      <Box component="header" className="no-print" sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 2, px: 2, borderBottom: '2px solid var(--ink)', background: 'var(--sheet)', minHeight: 44 }}>
        <Box component={Link} to="/" className="lettering" sx={{ fontSize: 21, fontWeight: 600, letterSpacing: '0.16em', color: 'var(--ink)', textDecoration: 'none' }}>
          {en.app.name}
        </Box>
        <Box component="nav" sx={{ display: 'flex', alignItems: 'center', gap: 0.5, flexGrow: 1, minWidth: 0 }} className="lettering">
          <Box component={NavLink} to="/" end sx={navStyle}>
            {en.app.places.shelf}
          </Box>
          {tankId !== undefined && <TankNav tankId={tankId} />}
        </Box>
        <Button variant="text" onClick={() => setSheet('units')} sx={{ minWidth: 0 }}>
          {en.app.units.open}
        </Button>
        <Button variant="text" onClick={() => setMode(shown === 'dark' ? 'light' : 'dark')} aria-label={`${en.app.mode.label}: ${shown === 'dark' ? en.app.mode.dark : en.app.mode.light}`} sx={{ minWidth: 0 }}>
          {shown === 'dark' ? en.app.mode.dark : en.app.mode.light}
        </Button>
        <Button variant="text" onClick={() => setSheet('shortcuts')} aria-label={en.app.shortcuts.open} sx={{ minWidth: 0 }}>
          ?
        </Button>
      </Box>
      <Box component="main" id="sheet" tabIndex={-1} sx={{ flexGrow: 1, display: 'flex', flexDirection: 'column', outline: 'none' }}>
        <Outlet />
      </Box>
      <UnitsSheet isOpen={sheet === 'units'} onClose={() => setSheet(null)} />
      <ShortcutsSheet isOpen={sheet === 'shortcuts'} onClose={() => setSheet(null)} />
    </Box>
  )
}

/** A tank's places, its age, and its day at a glance. */
function TankNav({ tankId }: { tankId: string }) {
  const plan = useQuery(planOfTank(tankId))
  const timeline = useQuery(timelineOfTank(tankId))
  const age = timeline.data ? agedTimeline(timeline.data).today : null
  return (
    <>
      <Box component="span" aria-hidden sx={{ color: 'var(--hair)' }}>
        /
      </Box>
      <Box component="span" sx={{ px: 1, fontSize: 17, whiteSpace: 'nowrap', overflow: 'hidden', textOverflow: 'ellipsis', textTransform: 'none', letterSpacing: '0.02em' }}>
        {plan.data?.plan.name ?? '…'}
        {age !== null && (
          <Box component="span" className="figures" sx={{ color: 'var(--ink-2)', ml: 1 }}>
            {en.app.dayOfTank(significant(age, 6))}
          </Box>
        )}
      </Box>
      <Box component={NavLink} to={`/tanks/${tankId}/plan`} sx={navStyle}>
        {en.app.places.describe}
      </Box>
      <Box component={NavLink} to={`/tanks/${tankId}/balance`} sx={navStyle}>
        {en.app.places.balance}
      </Box>
      <Box sx={{ display: { xs: 'none', md: 'block' }, ml: 1 }}>{plan.data && <SmallDay plan={plan.data.plan} description={en.app.dayStrip} />}</Box>
    </>
  )
}
