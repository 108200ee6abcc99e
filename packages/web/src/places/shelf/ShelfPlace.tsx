import {
  appWords,
  jobTitleWords,
  shelfWords,
  startWeeksWords,
  todayWords,
  type RoundStop,
  type TankEntry,
  type Timeline,
} from '@jovrin/contract'
import { tankFigures } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useQueries, useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { roundToday } from '../../api/journal.queries.js'
import { agedTimeline, allTanks, timelineOfTank, unreadableTanks } from '../../api/tanks.queries.js'
import { SmallBraid } from '../../drawing/braid/SmallBraid.js'
import { grownDays, stageOn } from '../../drawing/section/stage.js'
import { SmallSection } from '../../drawing/section/SmallSection.js'
import { ageText } from '../../ui/age.js'
import { QueryState } from '../../ui/QueryState.js'
import { longDate, shortDate, significant, useUnits } from '../../ui/units.js'
import { attentionBesideGas } from '../shared/attention.js'
import { GasLine, isGasQuiet } from '../shared/GasLine.js'
import { flagSentence } from '../shared/balance.view.js'
import { leadSentence } from '../lead.text.js'
import { startNow } from '../shared/start/startNow.js'
import { Archive } from './Archive.js'
import { EmptyShelf } from './EmptyShelf.js'
import { useArchiving } from './useArchiving.js'
import { useDuplicate } from './useNewTank.js'
import { useShelfForecasts, type ShelfForecast } from './useShelfForecasts.js'

const WIDEST_PX = 250
const TALLEST_PX = 118
const MM_PER_PX = 25.4 / 96

/** Tanks that are there and cannot be shown must not look as if they were gone. */
function HiddenTanks({ count }: { count: number }) {
  if (count === 0) return null
  return (
    <Box role="alert" sx={{ my: 1, p: 1, border: '2px solid var(--algae)' }}>
      {shelfWords.unreadable(count, significant(count))}
    </Box>
  )
}

/** All tanks, drawn to one scale, with their lead, what presses most, and a small braid. */
export function ShelfPlace() {
  const tanks = useQuery(allTanks())
  const timelines = useQueries({ queries: (tanks.data ?? []).map(({ id }) => timelineOfTank(id)) })
  const known = (tanks.data ?? []).flatMap((tank, index) => {
    const timeline = timelines[index]?.data
    return timeline ? [{ tank, timeline }] : []
  })
  const unreadable = useQuery(unreadableTanks())
  const stops = useQuery(roundToday()).data?.stops ?? []
  const forecasts = useShelfForecasts(known.map(({ tank, timeline }) => ({ tankId: tank.id, timeline })))
  if (!tanks.data) return <QueryState error={tanks.error} onRetry={() => void tanks.refetch()} />
  const hidden = unreadable.data ?? []
  if (tanks.data.length === 0)
    return (
      <>
        <HiddenTanks count={hidden.length} />
        <EmptyShelf />
        <Archive />
      </>
    )
  const sizes = tanks.data.map(({ plan }) => tankFigures(plan).vessel)
  const pxPerCm = Math.min(...sizes.map((vessel) => Math.min(WIDEST_PX / vessel.lengthCm, TALLEST_PX / (vessel.heightCm + 16))))
  return (
    <Box sx={{ p: { xs: 1.5, md: 2.5 }, maxWidth: 1400, width: '100%', mx: 'auto' }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2, borderBottom: '2px solid var(--ink)', pb: 0.5 }}>
        <Box component="h1" className="lettering" sx={{ m: 0, fontSize: 26, flexGrow: 1 }}>
          {shelfWords.title}
        </Box>
        <Box className="figures" sx={{ color: 'text.secondary', display: { xs: 'none', sm: 'block' } }}>
          {shelfWords.scale(significant(10 / (pxPerCm * MM_PER_PX), 2))}
        </Box>
        <Button component={Link} to="/new">
          {shelfWords.newTank}
        </Button>
      </Box>
      <HiddenTanks count={hidden.length} />
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {tanks.data.map((tank) => (
          <TankRow
            key={tank.id}
            tank={tank}
            timeline={known.find((entry) => entry.tank.id === tank.id)?.timeline ?? null}
            forecast={forecasts.get(tank.id) ?? null}
            stop={stops.find(({ tankId }) => tankId === tank.id) ?? null}
            pxPerCm={pxPerCm}
          />
        ))}
      </Box>
      <Archive />
    </Box>
  )
}

interface TankRowProps {
  readonly tank: TankEntry
  readonly timeline: Timeline | null
  readonly forecast: ShelfForecast | null
  /** What is open there today; none until it is fetched. */
  readonly stop: RoundStop | null
  readonly pxPerCm: number
}

function TankRow({ tank, timeline, forecast, stop, pxPerCm }: TankRowProps) {
  const units = useUnits()
  const { archive } = useArchiving()
  const duplicate = useDuplicate()
  const figures = tankFigures(tank.plan)
  const aged = timeline ? agedTimeline(timeline) : null
  const age = aged?.today ?? 0
  const start = aged === null ? null : startNow(aged)
  const standing = start?.plan ?? tank.plan
  const size = `${units.show('length', figures.vessel.lengthCm)} × ${units.show('length', figures.vessel.widthCm)} × ${units.show('length', figures.vessel.heightCm)}`
  const worst = forecast?.flags[0]
  const beside = stop ? attentionBesideGas(stop) : []
  const isCalm = stop === null || isGasQuiet(stop.gas)
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'auto minmax(0,1fr)', md: `${WIDEST_PX + 10}px minmax(0,1fr) 236px auto` },
        columnGap: 2.5,
        rowGap: 1,
        alignItems: 'end',
        borderBottom: '2px solid var(--ink)',
        pt: 1.2,
      }}
    >
      <Box
        component={Link}
        to={`/tanks/${tank.id}/balance`}
        aria-label={shelfWords.open(tank.plan.name)}
        sx={{ display: 'block', color: 'inherit', order: { xs: 1, md: 0 } }}
      >
        <SmallSection
          figures={figures}
          ageDays={grownDays(standing, age)}
          pxPerCm={pxPerCm}
          description={shelfWords.sectionOf(tank.plan.name, size)}
          stage={stageOn(standing, figures, age)}
        />
      </Box>
      <Box sx={{ pb: { md: 1 }, minWidth: 0, alignSelf: 'center', gridColumn: { xs: '1 / -1', md: 'auto' } }}>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5, alignItems: 'baseline' }}>
          <Box
            component="h2"
            className="lettering"
            sx={{ m: 0, fontSize: 20, textTransform: 'none', letterSpacing: '0.02em', overflowWrap: 'anywhere' }}
          >
            <Box
              component={Link}
              to={`/tanks/${tank.id}/balance`}
              sx={{ color: 'inherit', textDecoration: 'none', '&:hover': { textDecoration: 'underline' } }}
            >
              {tank.plan.name}
            </Box>
          </Box>
          <Box className="figures" sx={{ color: 'text.secondary' }}>
            {`${timeline ? ageText(tank.plan.startedOn, timeline.today) : appWords.dayOfTank('…')} · ${size} · ${units.show('volume', figures.waterL)} · ${shelfWords.touched(shortDate(tank.changedAt.slice(0, 10)))}`}
          </Box>
        </Box>
        <Box sx={{ mt: 0.5 }}>
          {start !== null && start.phase !== 'planted'
            ? startWeeksWords.standing[start.phase](longDate(start.endOn))
            : forecast
              ? leadSentence(forecast.lead)
              : shelfWords.reckoning}
        </Box>
        {stop && (
          <Box sx={{ mt: 0.25 }}>
            <GasLine gas={stop.gas} tankId={tank.id} />
          </Box>
        )}
        {stop && (
          <Box sx={{ color: beside.length > 0 ? 'var(--algae)' : 'text.secondary', mt: 0.25 }}>
            {beside.map((name) => `▲ ${todayWords.attention[name] ?? name} · `)}
            <Box component={Link} to="/today" sx={{ color: 'inherit' }}>
              {dueText(stop)}
            </Box>
          </Box>
        )}
        {forecast && (
          <Box sx={{ color: worst ? 'var(--algae)' : 'text.secondary', mt: 0.25 }}>
            {worst ? flagSentence(worst) : isCalm && beside.length === 0 ? shelfWords.nothing : null}
          </Box>
        )}
      </Box>
      <Box
        component={Link}
        to={`/tanks/${tank.id}/balance`}
        tabIndex={-1}
        aria-hidden
        sx={{ display: 'block', minHeight: 84, order: { xs: 1, md: 0 }, minWidth: 0, overflow: 'hidden' }}
      >
        {forecast && (
          <SmallBraid weeks={forecast.weeks} limiting={forecast.lead.growth.strand} description={shelfWords.braidOf(tank.plan.name)} />
        )}
      </Box>
      <Box
        sx={{
          display: 'flex',
          flexDirection: { xs: 'row', md: 'column' },
          gap: 0.5,
          pb: 1,
          order: { xs: 2, md: 0 },
          gridColumn: { xs: '1 / -1', md: 'auto' },
          '& .MuiButton-root': { minHeight: { xs: 44, md: 0 } },
        }}
      >
        <Button component={Link} to={`/tanks/${tank.id}/plan`} variant="text" sx={{ minWidth: 0 }}>
          {appWords.places.describe}
        </Button>
        <Button
          variant="text"
          onClick={() => void duplicate(tank)}
          aria-label={shelfWords.duplicateOf(tank.plan.name)}
          sx={{ minWidth: 0 }}
        >
          {shelfWords.duplicate}
        </Button>
        <Button
          variant="text"
          onClick={() => void archive(tank.id, tank.plan.name)}
          aria-label={shelfWords.archiveOf(tank.plan.name)}
          sx={{ minWidth: 0, color: 'text.secondary' }}
        >
          {shelfWords.archive}
        </Button>
      </Box>
    </Box>
  )
}

/** What is due, by name; the rest is counted. */
function dueText({ due, overdue }: RoundStop): string {
  const open = [...due, ...overdue]
  const [first, second, ...others] = open.map(({ kind }) => jobTitleWords[kind])
  if (first === undefined) return todayWords.nothingDue
  return shelfWords.due(
    [first, second].filter((title) => title !== undefined).join(', '),
    others.length === 0 ? null : significant(others.length),
  )
}
