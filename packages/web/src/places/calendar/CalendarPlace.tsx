import { careWords, jobTitleWords, todayWords, type PlanRevision } from '@jovrin/contract'
import {
  datePlusDays,
  daysBetween,
  isCivilDate,
  JOB_KINDS,
  PREPARATIONS,
  type JobKind,
  type PreparationCode,
  type ListedJob,
} from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { jobsOfTank } from '../../api/journal.queries.js'
import { agedTimeline, planOfTank, timelineOfTank, type AgedTimeline } from '../../api/tanks.queries.js'
import { Measured } from '../../drawing/Measured.js'
import { Schedule } from '../../drawing/schedule/Schedule.js'
import { markPath, type ScheduleCell, type ScheduleMark } from '../../drawing/schedule/scheduleGeometry.js'
import { QueryState } from '../../ui/QueryState.js'
import { decimals, longDate, shortDate, useUnits } from '../../ui/units.js'
import { MoveDialog } from '../MoveDialog.js'
import { CalendarFile } from '../shared/CalendarFile.js'
import { useTellJob } from '../useTellJob.js'
import { DayJobs } from './DayJobs.js'
import { DayTargets } from './DayTargets.js'
import { JobDragging } from './JobDragging.js'
import { Programme } from './Programme.js'
import { StartWeeks } from './start/StartWeeks.js'
import { locale, weekStart } from '../../ui/locale.js'

const WIDE_DAYS = 42
const NARROW_DAYS = 14

const WEEK = 7
const NARROW_PX = 640
const MARKS: readonly ScheduleMark[] = ['due', 'done', 'skipped', 'moved', 'assumed']

/** First what carries the tank, then what is seldom. */
const FIRST_ROWS: readonly JobKind[] = [
  ...(Object.keys(PREPARATIONS) as PreparationCode[]),
  'mist',
  'mould',
  'change',
  'light-step',
  'gas-check',
  'dose',
  'dose-to-level',
  'test-nitrogen',
  'test-water',
  'melt',
  'trim',
  'glass',
  'photo',
  'weigh-cylinder',
  'order-gas',
  'swap-cylinder',
  'diffuser',
  'counter',
  'filter',
  'grazers',
  'fish',
]
/** Order of the rows: no kind of job is left out. */
const ROWS: readonly JobKind[] = [...FIRST_ROWS, ...JOB_KINDS.filter((kind) => !FIRST_ROWS.includes(kind))]

export function CalendarPlace() {
  const { tankId = '' } = useParams()
  const plan = useQuery(planOfTank(tankId))
  const timeline = useQuery(timelineOfTank(tankId))
  const aged = useMemo(() => (timeline.data ? agedTimeline(timeline.data) : null), [timeline.data])
  if (!plan.data || !timeline.data || aged === null)
    return <QueryState error={plan.error ?? timeline.error} onRetry={() => void Promise.all([plan.refetch(), timeline.refetch()])} />
  return <KnownCalendar key={tankId} tankId={tankId} today={timeline.data.today} revision={plan.data} aged={aged} />
}

function KnownCalendar({ tankId, today, revision, aged }: { tankId: string; today: string; revision: PlanRevision; aged: AgedTimeline }) {
  const units = useUnits()
  const [search, setSearch] = useSearchParams()
  // Kept here and told to the address: keys may come faster than an address changes.
  const [day, setDay] = useState(() => (isCivilDate(search.get('day') ?? '') ? (search.get('day') ?? today) : today))
  // Begins with last week, unless the day asked for would lie outside.
  const [first, setFirst] = useState(() => {
    const usual = weekBefore(today)
    return day < today || daysBetween(usual, day) >= WIDE_DAYS ? weekBefore(day) : usual
  })
  const last = datePlusDays(first, WIDE_DAYS - 1)
  const jobs = useQuery(jobsOfTank(tankId, first, last))
  const choose = (date: string): void => {
    setDay(date)
    setSearch({ day: date }, { replace: true })
  }
  const listed = jobs.data?.jobs ?? []
  const nextAbsence = [...revision.plan.absences].sort((a, b) => (a.backOn < b.backOn ? -1 : 1)).find(({ backOn }) => backOn >= today)
  const { tell } = useTellJob(tankId, revision.plan.name)
  const [moving, setMoving] = useState<{ readonly job: ListedJob; readonly to: string } | null>(null)
  return (
    <JobDragging onPut={(job, to) => setMoving({ job, to })}>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: 'minmax(0,1fr) 384px' },
          gridTemplateRows: { lg: 'auto 1fr' },
          flexGrow: 1,
        }}
      >
        <Box sx={{ px: 2, pt: 1, minWidth: 0 }}>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 1.5 }}>
            <Box component="h1" className="lettering" sx={{ m: 0, fontSize: 22 }}>
              {careWords.title}
            </Box>
            <Box className="figures" sx={{ color: 'text.secondary', flexGrow: 1 }}>
              {jobs.data ? todayWords.weekly(decimals(jobs.data.minutesPerWeek, 0)) : ''}
              {jobs.data && revision.plan.intent.hoursPerWeek !== null
                ? ` · ${careWords.said(units.show('minutes', revision.plan.intent.hoursPerWeek * 60))}`
                : ''}
            </Box>
            {revision.plan.startedOn > today && (
              <Box sx={{ flexBasis: '100%', order: 1 }}>
                {careWords.planned(longDate(revision.plan.startedOn))}{' '}
                <Link to={`/tanks/${tankId}/plan/programme`}>{careWords.toProgramme}</Link>.
              </Box>
            )}
            <Box sx={{ flexBasis: '100%', order: 1 }}>
              {nextAbsence !== undefined && `${careWords.away(longDate(nextAbsence.leaveOn), longDate(nextAbsence.backOn))} `}
              <Link to={`/answers/away?tank=${tankId}`}>{careWords.toAway}</Link>
            </Box>
            <Button onClick={() => setFirst(datePlusDays(first, -14))}>{careWords.earlier}</Button>
            <Button
              onClick={() => {
                setFirst(weekBefore(today))
                choose(today)
              }}
            >
              {careWords.toToday}
            </Button>
            <Button onClick={() => setFirst(datePlusDays(first, 14))}>{careWords.later}</Button>
          </Box>
        </Box>
        <Box
          component="aside"
          sx={{
            gridColumn: { lg: 2 },
            gridRow: { lg: '1 / span 2' },
            borderLeft: { lg: '2px solid var(--ink)' },
            background: 'var(--sheet)',
            px: 2,
            py: 1.25,
          }}
        >
          <DayJobs
            tankId={tankId}
            tankName={revision.plan.name}
            day={day}
            today={today}
            jobs={listed.filter(({ on, dueOn }) => on === day || dueOn === day)}
            onMove={(job) => setMoving({ job, to: datePlusDays(day > today ? day : today, 1) })}
          />
        </Box>
        <Box sx={{ px: 2, py: 1, minWidth: 0, display: 'grid', gridTemplateColumns: 'minmax(0,1fr)', gap: 1.5, alignContent: 'start' }}>
          <StartWeeks tankId={tankId} tankName={revision.plan.name} aged={aged} today={today} />
          {jobs.error ? (
            <QueryState error={jobs.error} onRetry={() => void jobs.refetch()} />
          ) : (
            <Weeks first={first} today={today} day={day} jobs={listed} onChoose={choose} />
          )}
          <Legend />
          <Programme aged={aged} />
          <CalendarFile tankId={tankId} />
        </Box>
      </Box>
      {moving !== null && (
        <MoveDialog
          job={moving.job}
          to={moving.to}
          onClose={() => setMoving(null)}
          onMove={(told) => {
            setMoving(null)
            void tell(moving.job, told)
          }}
        />
      )}
    </JobDragging>
  )
}

/** First day of the week before that of a day. */
function weekBefore(day: string): string {
  const weekday = new Date(`${day}T00:00:00Z`).getUTCDay()
  return datePlusDays(day, -((weekday - weekStart() + WEEK) % WEEK) - WEEK)
}

function Weeks({
  first: firstOfAll,
  today,
  day,
  jobs,
  onChoose,
}: {
  first: string
  today: string
  day: string
  jobs: readonly ListedJob[]
  onChoose: (date: string) => void
}) {
  const kinds = ROWS.filter((kind) => jobs.some((job) => job.kind === kind))
  const weekday = new Intl.DateTimeFormat(locale(), { weekday: 'narrow', timeZone: 'UTC' })
  return (
    <Measured>
      {(width) => {
        // A phone has no room for the week before.
        const [days, first] = width < NARROW_PX ? [NARROW_DAYS, datePlusDays(firstOfAll, WEEK)] : [WIDE_DAYS, firstOfAll]
        const cells = jobs.flatMap((job): ScheduleCell[] => {
          const at = daysBetween(first, job.on)
          const cell = (on: number, mark: ScheduleMark): ScheduleCell[] =>
            on >= 0 && on < days ? [{ row: kinds.indexOf(job.kind), day: on, mark }] : []
          return job.state === 'moved' ? [...cell(daysBetween(first, job.dueOn), 'moved'), ...cell(at, 'due')] : cell(at, job.state)
        })
        const minutes = Array.from({ length: days }, (_, index) =>
          jobs
            .filter(({ on, isTimer, state }) => !isTimer && state !== 'skipped' && daysBetween(first, on) === index)
            .reduce((sum, job) => sum + job.minutes, 0),
        )
        const dateOf = (index: number): string => datePlusDays(first, index)
        const todayAt = daysBetween(first, today)
        return (
          <DayTargets width={width} dates={Array.from({ length: days }, (_, index) => dateOf(index))}>
            <Schedule
              width={width}
              days={days}
              rows={kinds.map((kind) => jobTitleWords[kind])}
              cells={cells}
              minutes={minutes}
              today={todayAt >= 0 && todayAt < days ? todayAt : null}
              chosen={Math.min(days - 1, Math.max(0, daysBetween(first, day)))}
              onChoose={(index) => onChoose(dateOf(index))}
              labels={{
                description: careWords.description,
                day: (index) => shortDate(dateOf(index)),
                weekday: (index) => weekday.format(new Date(`${dateOf(index)}T00:00:00Z`)),
                minutes: careWords.minutesRow,
                told: (index) => `${longDate(dateOf(index))}: ${decimals(minutes[index] ?? 0, 0)} ${careWords.minutesRow}`,
              }}
            />
          </DayTargets>
        )
      }}
    </Measured>
  )
}

function Legend() {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2.5, fontSize: 13.5, color: 'text.secondary' }}>
      {MARKS.map((mark) => (
        <Box key={mark} component="span" sx={{ display: 'inline-flex', alignItems: 'center', gap: 0.5 }}>
          <svg width="14" height="14" aria-hidden>
            <path
              d={markPath(mark, 7, 7, 5)}
              fill={mark === 'done' ? 'var(--ink)' : 'none'}
              stroke="var(--ink)"
              strokeWidth={mark === 'assumed' ? 2.5 : 1.4}
            />
          </svg>
          {careWords.legend[mark]}
        </Box>
      ))}
    </Box>
  )
}
