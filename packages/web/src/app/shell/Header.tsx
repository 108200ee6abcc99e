import { appWords, navWords, printingWords } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { Link, NavLink, useLocation } from 'react-router'
import { planInPhase, type Plan } from '@jovrin/core'
import { agedTimeline, planOfTank, timelineOfTank, type AgedTimeline } from '../../api/tanks.queries.js'
import { startNow } from '../../places/shared/start/startNow.js'
import { SmallDay } from '../../drawing/day/SmallDay.js'
import { ageText } from '../../ui/age.js'
import { PrintIcon } from '../../ui/icons/places.js'
import { placeOf, tankPlaces } from './placeOf.js'

const navStyle = {
  px: 0.75,
  py: '3px',
  whiteSpace: 'nowrap',
  color: 'var(--ink)',
  textDecoration: 'none',
  borderBottom: '3px solid transparent',
  fontSize: 17,
  '&.active': { borderColor: 'var(--ink)', fontWeight: 600 },
  '&:hover': { borderColor: 'var(--hair)' },
} as const
const row = {
  flexWrap: 'nowrap',
  alignItems: 'center',
  px: { xs: 1, md: 2 },
  borderBottom: '2px solid var(--ink)',
  background: 'var(--sheet)',
} as const
const small = { minWidth: 0, whiteSpace: 'nowrap', flexShrink: 0 } as const

export type SheetName = 'find' | 'print' | 'help' | 'units' | 'shortcuts' | 'emergency' | 'more' | 'places' | 'tanks'
interface HeaderProps {
  readonly tankId: string | undefined
  readonly isNight: boolean
  readonly onMode: () => void
  readonly onSheet: (sheet: SheetName) => void
}

/** One row, whatever the width: at a desk every place by name, on a phone the tank, the place and the rest. */
export function Header(props: HeaderProps) {
  return (
    <>
      <DeskHeader {...props} />
      <PhoneHeader {...props} />
    </>
  )
}

function DeskHeader({ tankId, isNight, onMode, onSheet }: HeaderProps) {
  return (
    <Box component="header" className="no-print" sx={{ ...row, display: { xs: 'none', md: 'flex' }, columnGap: 0.5, minHeight: 44 }}>
      <Box
        component={Link}
        to="/"
        className="lettering"
        sx={{ fontSize: 21, fontWeight: 600, letterSpacing: '0.14em', color: 'var(--ink)', textDecoration: 'none' }}
      >
        {appWords.name}
      </Box>
      <Box
        component="nav"
        aria-label={appWords.name}
        className="lettering"
        sx={{ display: 'flex', alignItems: 'center', gap: 0.5, flexGrow: 1, minWidth: 0 }}
      >
        <Box component={NavLink} to="/" end sx={navStyle}>
          {appWords.places.shelf}
        </Box>
        <Box component={NavLink} to="/today" sx={navStyle}>
          {navWords.today}
        </Box>
        {tankId === undefined ? (
          (['answers', 'workings', 'library', 'settings'] as const).map((place) => (
            <Box key={place} component={NavLink} to={`/${place}`} sx={navStyle}>
              {navWords[place]}
            </Box>
          ))
        ) : (
          <TankNav tankId={tankId} />
        )}
      </Box>
      {tankId !== undefined && (
        <Button variant="text" component={Link} to={`/answers?tank=${tankId}`} sx={small}>
          {navWords.answers}
        </Button>
      )}
      <Button variant="outlined" onClick={() => onSheet('emergency')} sx={{ ...small, color: 'var(--algae)', borderColor: 'var(--algae)' }}>
        {navWords.emergency}
      </Button>
      <Button variant="text" onClick={() => onSheet('find')} sx={small}>
        {appWords.find.open}
      </Button>
      <Box sx={{ display: { xs: 'none', lg: 'flex' } }}>
        <Button
          variant="text"
          onClick={() => onSheet('print')}
          aria-label={printingWords.open}
          title={printingWords.open}
          sx={{ ...small, px: 0.5 }}
        >
          <PrintIcon />
        </Button>
        <Button variant="text" onClick={() => onSheet('units')} sx={small}>
          {appWords.units.open}
        </Button>
        <Button
          variant="text"
          onClick={onMode}
          aria-label={`${appWords.mode.label}: ${isNight ? appWords.mode.dark : appWords.mode.light}`}
          sx={small}
        >
          {isNight ? appWords.mode.dark : appWords.mode.light}
        </Button>
        <Button variant="text" onClick={() => onSheet('help')} aria-label={navWords.help} sx={small}>
          ?
        </Button>
      </Box>
      <Button variant="text" onClick={() => onSheet('more')} sx={{ ...small, display: { xs: 'inline-flex', lg: 'none' } }}>
        {navWords.more}
      </Button>
    </Box>
  )
}

/** A plan as its day goes: before plants and water are together without gas, and by other light. */
const asStanding = (plan: Plan, aged: AgedTimeline | null): Plan =>
  planInPhase(plan, aged === null ? 'planted' : (startNow(aged)?.phase ?? 'planted'))

/** A tank's places, its age, and its day at a glance. */
function TankNav({ tankId }: { tankId: string }) {
  const plan = useQuery(planOfTank(tankId))
  const timeline = useQuery(timelineOfTank(tankId))
  const aged = timeline.data ? agedTimeline(timeline.data) : null
  const age = aged !== null && timeline.data ? ageText(aged.startedOn, timeline.data.today) : null
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
          minWidth: 0,
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
      {tankPlaces().map(([path, name]) => (
        <Box key={path} component={NavLink} to={`/tanks/${tankId}/${path}`} sx={navStyle}>
          {name}
        </Box>
      ))}
      <Box sx={{ display: { xs: 'none', lg: 'block' }, ml: 0.5, flexShrink: 0 }}>
        {plan.data && <SmallDay plan={asStanding(plan.data.plan, aged)} description={appWords.dayStrip} />}
      </Box>
    </>
  )
}

const onPhone = { minHeight: 44, minWidth: 0, px: 1, fontSize: 18 } as const

function PhoneHeader({ tankId, onSheet }: HeaderProps) {
  const { pathname } = useLocation()
  const name = useQuery({ ...planOfTank(tankId ?? ''), enabled: tankId !== undefined }).data?.plan.name
  const place = placeOf(pathname).name ?? appWords.name
  return (
    <Box component="header" className="no-print" sx={{ ...row, display: { xs: 'flex', md: 'none' }, height: 52 }}>
      {tankId === undefined ? (
        <Box
          component={Link}
          to="/"
          className="lettering"
          sx={{ flexGrow: 1, px: 1, fontSize: 20, fontWeight: 600, letterSpacing: '0.14em', color: 'var(--ink)', textDecoration: 'none' }}
        >
          {appWords.name}
        </Box>
      ) : (
        <>
          <Button
            variant="text"
            onClick={() => onSheet('tanks')}
            aria-label={navWords.otherTank(name ?? '…')}
            sx={{ ...onPhone, flexGrow: 1, justifyContent: 'start', overflow: 'hidden' }}
          >
            <Box component="span" sx={{ overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' }}>
              {name ?? '…'}
            </Box>
          </Button>
          <Button
            variant="text"
            onClick={() => onSheet('places')}
            aria-label={navWords.otherPlace(place)}
            sx={{ ...onPhone, flexShrink: 0 }}
          >
            {place} ▾
          </Button>
        </>
      )}
      <Button variant="text" onClick={() => onSheet('more')} sx={{ ...onPhone, flexShrink: 0 }}>
        {navWords.more}
      </Button>
    </Box>
  )
}
