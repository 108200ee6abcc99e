import { jobTitleWords, journalWords, todayWords, type RoundStop } from '@jovrin/contract'
import { datePlusDays, type ListedJob } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useState } from 'react'
import { Link } from 'react-router'
import { dayOf, decimals, shortDate, significant, useUnits } from '../../ui/units.js'
import { jobText } from '../job.text.js'
import { MoveDialog } from '../MoveDialog.js'
import { attentionBesideGas } from '../shared/attention.js'
import { GasLine } from '../shared/GasLine.js'
import { ALL_FINE, useLog } from '../shared/logging.js'
import { useTellJob } from '../useTellJob.js'
import { useToldHere } from '../useToldHere.js'
import { useSeenOrder } from './keptOrder.js'
import { JobRow, tall } from './JobRow.js'
import { locale } from '../../ui/locale.js'

const isTold = ({ state, on }: ListedJob, today: string): boolean =>
  state === 'done' || state === 'skipped' || (state === 'moved' && on > today)

/** One tank of the round: the glance in one tap, what is due with its amounts, what to ask about. What is told stays where it stands. */
export function Stop({ stop, nextId }: { stop: RoundStop; nextId: string | null }) {
  const log = useLog(stop.tankId)
  const { tell, takeBack } = useTellJob(stop.tankId, stop.name)
  const { withTold, isWaiting, hasGlance } = useToldHere(stop.tankId)
  const [moving, setMoving] = useState<ListedJob | null>(null)
  const jobs = useSeenOrder([...stop.due, ...stop.overdue, ...stop.settled], ({ ruleId, dueOn }) => `${ruleId} ${dueOn}`).map(withTold)
  const told = jobs.filter((job) => isTold(job, stop.today))
  const isAsked = (job: ListedJob): boolean => job.on < stop.today && job.state !== 'moved'
  const minutes = jobs.filter((job) => !told.includes(job) && !isAsked(job)).reduce((sum, job) => sum + job.minutes, 0)
  const rows = (list: readonly ListedJob[], title: string) => (
    <Box component="ul" aria-label={title} sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {list.map((job) => (
        <JobRow
          key={`${job.ruleId} ${job.dueOn}`}
          job={job}
          tankId={stop.tankId}
          today={stop.today}
          isWaiting={isWaiting(job)}
          onTell={(of, outcome) => void tell(of, outcome)}
          onTakeBack={(of, record) => void takeBack(of, record)}
          onMove={setMoving}
        />
      ))}
    </Box>
  )
  const due = jobs.filter((job) => !isAsked(job))
  const asked = jobs.filter(isAsked)
  return (
    <Box
      component="section"
      id={`tank-${stop.tankId}`}
      aria-label={stop.name}
      sx={{ borderBottom: '2px solid var(--ink)', py: 1.25, breakInside: 'avoid' }}
    >
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 1.5, rowGap: 0.5 }}>
        <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 20, textTransform: 'none', letterSpacing: '0.02em' }}>
          <Box component={Link} to={`/tanks/${stop.tankId}/balance`} sx={{ color: 'inherit', textDecoration: 'none' }}>
            {stop.name}
          </Box>
        </Box>
        {attentionBesideGas(stop).map((name) => (
          <Box key={name} sx={{ color: 'var(--algae)', fontWeight: 600 }}>{`▲ ${todayWords.attention[name] ?? name}`}</Box>
        ))}
        <Box className="figures" sx={{ color: 'text.secondary', flexGrow: 1 }}>
          {[
            ...(told.length > 0 ? [todayWords.progress(significant(told.length), significant(jobs.length))] : []),
            ...(minutes > 0 ? [todayWords.minutes(decimals(minutes, 0))] : []),
            glanceText(stop),
          ].join(' · ')}
        </Box>
        <Box className="no-print" sx={{ display: 'flex', gap: 1 }}>
          <Button
            variant={isSeen(stop) || hasGlance ? 'outlined' : 'contained'}
            onClick={() => void log([ALL_FINE], new Date().toISOString(), `${stop.name}: ${journalWords.allFine}`)}
            sx={tall}
          >
            {`${isSeen(stop) || hasGlance ? '✓ ' : ''}${journalWords.allFine}`}
          </Button>
          <Button component={Link} to={`/tanks/${stop.tankId}/journal`} sx={tall}>
            {todayWords.log}
          </Button>
          {nextId !== null && (
            <Button component="a" href={`#tank-${nextId}`} variant="text" sx={{ ...tall, minWidth: 0, display: { lg: 'none' } }}>
              {todayWords.next}
            </Button>
          )}
        </Box>
      </Box>
      <GasLine gas={stop.gas} tankId={stop.tankId} />
      {told.length === jobs.length && (
        <Box sx={{ color: 'text.secondary' }}>{jobs.length === 0 ? todayWords.nothingDue : todayWords.allDone}</Box>
      )}
      {due.length > 0 && <Box sx={{ mt: 0.75 }}>{rows(due, todayWords.due)}</Box>}
      {asked.length > 0 && (
        <Box sx={{ mt: 0.75 }}>
          <Box className="lettering" sx={{ fontSize: 13.5, color: 'text.secondary' }}>
            {todayWords.overdue}
          </Box>
          {rows(asked, todayWords.overdue)}
        </Box>
      )}
      {stop.assumed.length > 0 && <Assumed jobs={stop.assumed.map(withTold)} onMissed={(job) => void tell(job, { state: 'skipped' })} />}
      <Box sx={{ display: 'none', '@media print': { display: 'block', mt: 1 } }}>{`${todayWords.initials} ………………`}</Box>
      {moving !== null && (
        <MoveDialog
          job={moving}
          to={datePlusDays(stop.today, 1)}
          onClose={() => setMoving(null)}
          onMove={(outcome) => {
            setMoving(null)
            void tell(moving, outcome)
          }}
        />
      )}
    </Box>
  )
}

const isSeen = ({ lastGlanceAt, today, timeZone }: RoundStop): boolean => lastGlanceAt !== null && dayOf(lastGlanceAt, timeZone) === today
function glanceText(stop: RoundStop): string {
  const { lastGlanceAt, timeZone } = stop
  if (lastGlanceAt === null) return todayWords.noGlance
  if (!isSeen(stop)) return todayWords.lastGlance(shortDate(dayOf(lastGlanceAt, timeZone)))
  return todayWords.glanceToday(
    new Intl.DateTimeFormat(locale(), { timeZone, hour: '2-digit', minute: '2-digit' }).format(new Date(lastGlanceAt)),
  )
}

function Assumed({ jobs, onMissed }: { jobs: readonly ListedJob[]; onMissed: (job: ListedJob) => void }) {
  const units = useUnits()
  return (
    <Box component="details" sx={{ color: 'text.secondary', mt: 0.5 }}>
      <summary>{`${todayWords.assumed} (${significant(jobs.length)})`}</summary>
      {jobs.map((job) => (
        <Box key={`${job.ruleId} ${job.dueOn}`} sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' }}>
          <span className="figures">{`${jobTitleWords[job.kind]}: ${jobText(job, units)}`}</span>
          {job.state === 'assumed' ? (
            <Button variant="text" onClick={() => onMissed(job)} sx={tall}>
              {todayWords.notDone}
            </Button>
          ) : (
            <span>{todayWords.doneState[job.state]}</span>
          )}
        </Box>
      ))}
    </Box>
  )
}
