import { enApp, enNav } from '@jovrin/contract'
import { Box, Button, useColorScheme } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense, useState } from 'react'
import { Link, NavLink, Outlet, useNavigate, useParams } from 'react-router'
import { session } from '../api/journal.queries.js'
import { agedTimeline, planOfTank, timelineOfTank } from '../api/tanks.queries.js'
import { SmallDay } from '../drawing/day/SmallDay.js'
import { METRIC_UNITS } from '@jovrin/core'
import { ageText } from '../ui/age.js'
import { US_UNITS, useUnits } from '../ui/units.js'
import { EmergencyCard } from './EmergencyCard.js'
import { useShortcuts } from './useShortcuts.js'

const SignIn = lazy(async () => ({ default: (await import('./SignIn.js')).SignIn }))
const UnitsSheet = lazy(async () => ({ default: (await import('./UnitsSheet.js')).UnitsSheet }))
const ShortcutsSheet = lazy(async () => ({ default: (await import('./ShortcutsSheet.js')).ShortcutsSheet }))
const OutboxNote = lazy(async () => ({ default: (await import('./OutboxNote.js')).OutboxNote }))

const navStyle = {
  px: { xs: 0.6, md: 0.75 },
  py: '3px',
  whiteSpace: 'nowrap',
  color: 'var(--ink)',
  textDecoration: 'none',
  borderBottom: '3px solid transparent',
  fontSize: 17,
  '&.active': { borderColor: 'var(--ink)', fontWeight: 600 },
  '&:hover': { borderColor: 'var(--hair)' },
} as const

export function Shell() {
  const { tankId } = useParams()
  const navigate = useNavigate()
  const units = useUnits()
  const { mode, systemMode, setMode } = useColorScheme()
  const [sheet, setSheet] = useState<'units' | 'shortcuts' | 'emergency' | null>(null)
  const signedOut = useQuery(session()).data?.isSignedIn === false
  const shown = mode === 'system' ? systemMode : mode
  useShortcuts({
    '?': () => setSheet('shortcuts'),
    'g s': () => navigate('/'),
    'g p': () => tankId !== undefined && navigate(`/tanks/${tankId}/plan`),
    'g b': () => tankId !== undefined && navigate(`/tanks/${tankId}/balance`),
    'g c': () => tankId !== undefined && navigate(`/tanks/${tankId}/calendar`),
    'g j': () => tankId !== undefined && navigate(`/tanks/${tankId}/journal`),
    'g t': () => navigate('/today'),
    'g a': () => navigate('/answers'),
    'g w': () => navigate('/workings'),
    'g l': () => navigate('/library'),
    '!': () => setSheet('emergency'),
    n: () => navigate('/new'),
    u: () => units.choose(units.preferences.length === 'cm' ? US_UNITS : METRIC_UNITS),
    d: () => setMode(shown === 'dark' ? 'light' : 'dark'),
  })
  return (
    <Box sx={{ minHeight: '100vh', display: 'flex', flexDirection: 'column' }}>
      <Box
        component="a"
        href="#sheet"
        sx={{ position: 'absolute', left: -9999, '&:focus': { left: 8, top: 8, background: 'var(--sheet)', p: 1, zIndex: 10 } }}
      >
        {enApp.skip}
      </Box>
      <Box
        component="header"
        className="no-print"
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          alignItems: 'center',
          columnGap: 1,
          px: 2,
          borderBottom: '2px solid var(--ink)',
          background: 'var(--sheet)',
          minHeight: 44,
        }}
      >
        <Box
          component={Link}
          to="/"
          className="lettering"
          sx={{ fontSize: 21, fontWeight: 600, letterSpacing: '0.14em', color: 'var(--ink)', textDecoration: 'none' }}
        >
          {enApp.name}
        </Box>
        <Box
          component="nav"
          aria-label={enApp.name}
          sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 0.5, flexGrow: 1, minWidth: 0 }}
          className="lettering"
        >
          <Box component={NavLink} to="/" end sx={navStyle}>
            {enApp.places.shelf}
          </Box>
          <Box component={NavLink} to="/today" sx={navStyle}>
            {enNav.today}
          </Box>
          {tankId === undefined ? (
            <>
              <Box component={NavLink} to="/answers" sx={navStyle}>
                {enNav.answers}
              </Box>
              <Box component={NavLink} to="/workings" sx={navStyle}>
                {enNav.workings}
              </Box>
              <Box component={NavLink} to="/library" sx={navStyle}>
                {enNav.library}
              </Box>
              <Box component={NavLink} to="/settings" sx={navStyle}>
                {enNav.settings}
              </Box>
            </>
          ) : (
            <TankNav tankId={tankId} />
          )}
        </Box>
        {tankId !== undefined && (
          <Button variant="text" component={Link} to={`/answers?tank=${tankId}`} sx={{ minWidth: 0 }}>
            {enNav.answers}
          </Button>
        )}
        <Button
          variant="outlined"
          onClick={() => setSheet('emergency')}
          sx={{ minWidth: 0, color: 'var(--algae)', borderColor: 'var(--algae)' }}
        >
          {enNav.emergency}
        </Button>
        <Button variant="text" onClick={() => setSheet('units')} sx={{ minWidth: 0 }}>
          {enApp.units.open}
        </Button>
        <Button
          variant="text"
          onClick={() => setMode(shown === 'dark' ? 'light' : 'dark')}
          aria-label={`${enApp.mode.label}: ${shown === 'dark' ? enApp.mode.dark : enApp.mode.light}`}
          sx={{ minWidth: 0, display: { xs: 'none', sm: 'inline-flex' } }}
        >
          {shown === 'dark' ? enApp.mode.dark : enApp.mode.light}
        </Button>
        <Button
          variant="text"
          onClick={() => setSheet('shortcuts')}
          aria-label={enApp.shortcuts.open}
          sx={{ minWidth: 0, display: { xs: 'none', sm: 'inline-flex' } }}
        >
          ?
        </Button>
      </Box>
      <Box component="main" id="sheet" tabIndex={-1} sx={{ flexGrow: 1, display: 'flex', flexDirection: 'column', outline: 'none' }}>
        <Suspense fallback={null}>
          <OutboxNote />
        </Suspense>
        {signedOut ? (
          <Suspense fallback={null}>
            <SignIn />
          </Suspense>
        ) : (
          <Outlet />
        )}
      </Box>
      <EmergencyCard isOpen={sheet === 'emergency'} onClose={() => setSheet(null)} />
      <Suspense fallback={null}>
        {sheet === 'units' && <UnitsSheet isOpen onClose={() => setSheet(null)} />}
        {sheet === 'shortcuts' && <ShortcutsSheet isOpen onClose={() => setSheet(null)} />}
      </Suspense>
    </Box>
  )
}

/** A tank's places, its age, and its day at a glance. */
function TankNav({ tankId }: { tankId: string }) {
  const plan = useQuery(planOfTank(tankId))
  const timeline = useQuery(timelineOfTank(tankId))
  const age = timeline.data ? ageText(agedTimeline(timeline.data).startedOn, timeline.data.today) : null
  return (
    <>
      <Box component="span" aria-hidden sx={{ color: 'var(--hair)' }}>
        /
      </Box>
      <Box
        component="span"
        sx={{
          px: 1,
          fontSize: 17,
          whiteSpace: 'nowrap',
          overflow: 'hidden',
          textOverflow: 'ellipsis',
          textTransform: 'none',
          letterSpacing: '0.02em',
        }}
      >
        {plan.data?.plan.name ?? '…'}
        {age !== null && (
          <Box component="span" className="figures" sx={{ color: 'var(--ink-2)', ml: 1 }}>
            {age}
          </Box>
        )}
      </Box>
      <Box component={NavLink} to={`/tanks/${tankId}/plan`} sx={navStyle}>
        {enApp.places.describe}
      </Box>
      <Box component={NavLink} to={`/tanks/${tankId}/balance`} sx={navStyle}>
        {enApp.places.balance}
      </Box>
      <Box component={NavLink} to={`/tanks/${tankId}/calendar`} sx={navStyle}>
        {enNav.calendar}
      </Box>
      <Box component={NavLink} to={`/tanks/${tankId}/journal`} sx={navStyle}>
        {enNav.journal}
      </Box>
      <Box sx={{ display: { xs: 'none', lg: 'block' }, ml: 0.5 }}>
        {plan.data && <SmallDay plan={plan.data.plan} description={enApp.dayStrip} />}
      </Box>
    </>
  )
}
