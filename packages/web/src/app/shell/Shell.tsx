import { appWords } from '@jovrin/contract'
import { METRIC_UNITS } from '@jovrin/core'
import { Box, useColorScheme } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense, useCallback, useEffect, useState } from 'react'
import { Outlet, useLocation, useNavigate, useParams } from 'react-router'
import { session } from '../../api/journal.queries.js'
import { planOfTank } from '../../api/tanks.queries.js'
import { OpenTermContext } from '../../ui/openTerm.js'
import { RunningTimers } from '../../ui/timers/RunningTimers.js'
import { US_UNITS, useUnits } from '../../ui/units.js'
import { EmergencyCard } from '../EmergencyCard.js'
import { useShortcuts } from '../useShortcuts.js'
import { Header, type SheetName } from './Header.js'
import { rememberTank } from '../../ui/lastTank.js'
import { PhoneBar } from './PhoneBar.js'
import { otherLanguageOf, placeOf } from './placeOf.js'
import { useSingleKeys } from './singleKeys.js'
import { useArrival } from './useArrival.js'

const SignIn = lazy(async () => ({ default: (await import('../SignIn.js')).SignIn }))
const UnitsSheet = lazy(async () => ({ default: (await import('../UnitsSheet.js')).UnitsSheet }))
const ShortcutsSheet = lazy(async () => ({ default: (await import('../ShortcutsSheet.js')).ShortcutsSheet }))
const HelpSheet = lazy(async () => ({ default: (await import('../help/HelpSheet.js')).HelpSheet }))
const PrintSheet = lazy(async () => ({ default: (await import('../printing/PrintSheet.js')).PrintSheet }))
const OutboxNote = lazy(async () => ({ default: (await import('../OutboxNote.js')).OutboxNote }))
const Palette = lazy(async () => ({ default: (await import('../Palette.js')).Palette }))
const MoreSheet = lazy(async () => ({ default: (await import('./ListSheet.js')).MoreSheet }))
const PlaceSheet = lazy(async () => ({ default: (await import('./ListSheet.js')).PlaceSheet }))
const TankSheet = lazy(async () => ({ default: (await import('./ListSheet.js')).TankSheet }))

/** What stands around every place: header, the phone's bar, sheets that open from anywhere, keys. */
export function Shell() {
  const { tankId } = useParams()
  const { pathname } = useLocation()
  const navigate = useNavigate()
  const units = useUnits()
  const { mode, systemMode, setMode } = useColorScheme()
  const [sheet, setSheet] = useState<SheetName | null>(null)
  /** The word of the field that help is asked for. */
  const [term, setTerm] = useState<string | null>(null)
  const openTerm = useCallback((asked: string): void => {
    setTerm(asked)
    setSheet('help')
  }, [])
  /** Where the chosen tank is opened. */
  const [tankPlace, setTankPlace] = useState('balance')
  const signedOut = useQuery(session()).data?.isSignedIn === false
  const tankName = useQuery({ ...planOfTank(tankId ?? ''), enabled: tankId !== undefined }).data?.plan.name ?? null
  useArrival(tankName)
  useEffect(() => {
    if (tankId !== undefined) rememberTank(tankId)
  }, [tankId])
  const isNight = (mode === 'system' ? systemMode : mode) === 'dark'
  const turn = (): void => setMode(isNight ? 'light' : 'dark')
  const ofTank = (place: string): unknown => tankId !== undefined && navigate(`/tanks/${tankId}/${place}`)
  useShortcuts(
    {
      '?': () => setSheet('shortcuts'),
      'g s': () => navigate('/'),
      'g p': () => ofTank('plan'),
      'g u': () => ofTank('supply'),
      'g b': () => ofTank('balance'),
      'g c': () => ofTank('calendar'),
      'g j': () => ofTank('journal'),
      'g t': () => navigate('/today'),
      'g a': () => navigate('/answers'),
      'g w': () => navigate('/workings'),
      'g l': () => navigate('/library'),
      '!': () => setSheet('emergency'),
      '/': () => setSheet('find'),
      n: () => navigate('/new'),
      p: () => setSheet('print'),
      u: () => units.choose(units.preferences.length === 'cm' ? US_UNITS : METRIC_UNITS),
      d: turn,
    },
    useSingleKeys(),
  )
  useEffect(() => {
    const listen = (event: KeyboardEvent): void => {
      const isFind = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k'
      if (!isFind && event.key !== 'F1') return
      event.preventDefault()
      setSheet(isFind ? 'find' : 'help')
    }
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  }, [])
  const close = (): void => setSheet(null)
  const open = (name: SheetName): void => {
    // Another tank opens at the place one is in.
    setTankPlace(placeOf(pathname).key.split('/')[2] ?? 'balance')
    setSheet(name)
  }
  return (
    <Box
      sx={{ minHeight: '100vh', display: 'flex', flexDirection: 'column', pb: { xs: 'calc(60px + env(safe-area-inset-bottom))', md: 0 } }}
    >
      <Box
        component="a"
        href="#sheet"
        sx={{ position: 'absolute', left: -9999, '&:focus': { left: 8, top: 8, background: 'var(--sheet)', p: 1, zIndex: 10 } }}
      >
        {appWords.skip}
      </Box>
      <Header tankId={tankId} isNight={isNight} onMode={turn} onSheet={open} />
      <RunningTimers />
      <Box
        component="main"
        id="sheet"
        lang={otherLanguageOf(pathname)}
        tabIndex={-1}
        sx={{ flexGrow: 1, display: 'flex', flexDirection: 'column', outline: 'none' }}
      >
        <Suspense fallback={null}>
          <OutboxNote />
        </Suspense>
        {signedOut ? (
          <Suspense fallback={null}>
            <SignIn />
          </Suspense>
        ) : (
          <OpenTermContext value={openTerm}>
            <Outlet />
          </OpenTermContext>
        )}
      </Box>
      <PhoneBar
        tankId={tankId}
        onWhichTank={(place) => {
          setTankPlace(place)
          setSheet('tanks')
        }}
        onEmergency={() => setSheet('emergency')}
      />
      <EmergencyCard isOpen={sheet === 'emergency'} onClose={close} />
      <Suspense fallback={null}>
        {sheet === 'find' && <Palette onTerm={openTerm} onClose={close} />}
        {sheet === 'help' && (
          <HelpSheet
            term={term}
            onShortcuts={() => setSheet('shortcuts')}
            onClose={() => {
              setTerm(null)
              close()
            }}
          />
        )}
        {sheet === 'print' && <PrintSheet onClose={close} />}
        {sheet === 'units' && <UnitsSheet isOpen onClose={close} />}
        {sheet === 'shortcuts' && <ShortcutsSheet isOpen onClose={close} />}
        {sheet === 'more' && (
          <MoreSheet
            onFind={() => setSheet('find')}
            onPrint={() => setSheet('print')}
            onUnits={() => setSheet('units')}
            onHelp={() => setSheet('help')}
            onClose={close}
          />
        )}
        {sheet === 'tanks' && <TankSheet place={tankPlace} onClose={close} />}
        {sheet === 'places' && tankId !== undefined && <PlaceSheet tankId={tankId} onClose={close} />}
      </Suspense>
    </Box>
  )
}
