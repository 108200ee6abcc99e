import { enJobTitle, enJournal, enToday, type RoundStop } from '@jovrin/contract'
import type { ListedJob } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useState } from 'react'
import { Link } from 'react-router'
import { decimals, longDate, shortDate, significant, useUnits } from '../../ui/units.js'
import { attentionBesideGas } from '../shared/attention.js'
import { GasLine } from '../shared/GasLine.js'
import { ALL_FINE, useLog } from '../shared/logging.js'
import { jobText } from '../job.text.js'
import { MoveDialog } from '../MoveDialog.js'
import { useTellJob } from '../useTellJob.js'
import { JobOrder } from '../shared/JobOrder.js'
import { SetLight } from '../shared/SetLight.js'

const tall = { minHeight: { xs: 44, md: 28 } } as const

/** One tank of the round: the glance in one tap, what is due with its amounts, what to ask about. */
export function Stop({ stop, nextId }: { stop: RoundStop; nextId: string | null }) {
  const log = useLog(stop.tankId)
  const { tell, takeBack } = useTellJob(stop.tankId)
  const [moving, setMoving] = useState<ListedJob | null>(null)
  const clock = new Intl.DateTimeFormat(navigator.language, { hour: '2-digit', minute: '2-digit' })
  const isSeen = stop.lastGlanceAt !== null && new Date(stop.lastGlanceAt).toDateString() === new Date().toDateString()
  const fine = (): Promise<void> => log([ALL_FINE], new Date().toISOString(), `${stop.name}: ${enJournal.allFine}`)
  const minutes = [...stop.due, ...stop.overdue].reduce((sum, job) => sum + job.minutes, 0)
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
          <Box key={name} sx={{ color: 'var(--algae)', fontWeight: 600 }}>{`▲ ${enToday.attention[name] ?? name}`}</Box>
        ))}
        <Box className="figures" sx={{ color: 'text.secondary', flexGrow: 1 }}>
          {`${enToday.minutes(decimals(minutes, 0))} · ${stop.lastGlanceAt === null ? enToday.noGlance : isSeen ? enToday.glanceToday(clock.format(new Date(stop.lastGlanceAt))) : enToday.lastGlance(shortDate(stop.lastGlanceAt.slice(0, 10)))}`}
        </Box>
        <Box className="no-print" sx={{ display: 'flex', gap: 1 }}>
          <Button variant={isSeen ? 'outlined' : 'contained'} onClick={() => void fine()} sx={tall}>
            {enJournal.allFine}
          </Button>
          <Button component={Link} to={`/tanks/${stop.tankId}/journal`} sx={tall}>
            {enToday.log}
          </Button>
          {nextId !== null && (
            <Button component="a" href={`#tank-${nextId}`} variant="text" sx={{ ...tall, minWidth: 0, display: { lg: 'none' } }}>
              {enToday.next}
            </Button>
          )}
        </Box>
      </Box>
      <GasLine gas={stop.gas} tankId={stop.tankId} />
      {stop.due.length === 0 && stop.overdue.length === 0 && <Box sx={{ color: 'text.secondary' }}>{enToday.nothingDue}</Box>}
      <JobRows title={enToday.due} jobs={stop.due} stop={stop} onTell={tell} onMove={setMoving} />
      <JobRows title={enToday.overdue} jobs={stop.overdue} stop={stop} onTell={tell} onMove={setMoving} />
      {stop.settled.length > 0 && (
        <Box component="ul" aria-label={enToday.settled} sx={{ listStyle: 'none', m: 0, p: 0, color: 'text.secondary' }}>
          {stop.settled.map((job) => (
            <Box component="li" key={`${job.ruleId} ${job.dueOn}`} sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
              <span>{`${enJobTitle[job.kind]}: ${enToday.doneState[job.state] ?? job.state}${job.record?.recordedBy == null ? '' : ` ${enJournal.by(job.record.recordedBy)}`}`}</span>
              {job.record !== null && (
                <Button
                  className="no-print"
                  variant="text"
                  onClick={() => job.record !== null && void takeBack(job, job.record)}
                  sx={{ minWidth: 0, py: 0 }}
                >
                  {enToday.takeBack}
                </Button>
              )}
            </Box>
          ))}
        </Box>
      )}
      {stop.assumed.length > 0 && <Assumed jobs={stop.assumed} onMissed={(job) => void tell(job, { state: 'skipped' })} />}
      <Box sx={{ display: 'none', '@media print': { display: 'block', mt: 1 } }}>{`${enToday.initials} ………………`}</Box>
      {moving !== null && (
        <MoveDialog
          job={moving}
          today={stop.today}
          onClose={() => setMoving(null)}
          onMove={(told) => {
            setMoving(null)
            void tell(moving, told)
          }}
        />
      )}
    </Box>
  )
}

interface JobRowsProps {
  readonly title: string
  readonly jobs: readonly ListedJob[]
  readonly stop: RoundStop
  readonly onTell: (job: ListedJob, told: { readonly state: 'done' | 'skipped' }) => Promise<void>
  readonly onMove: (job: ListedJob) => void
}

function JobRows({ title, jobs, stop, onTell, onMove }: JobRowsProps) {
  const units = useUnits()
  if (jobs.length === 0) return null
  return (
    <Box sx={{ mt: 0.75 }}>
      <Box className="lettering" sx={{ fontSize: 13.5, color: 'text.secondary' }}>
        {title}
      </Box>
      <Box component="ul" aria-label={title} sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {jobs.map((job) => (
          <Box
            component="li"
            key={`${job.ruleId} ${job.dueOn}`}
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: '1fr', sm: '190px minmax(0,1fr) auto' },
              columnGap: 1.5,
              alignItems: 'center',
              py: 0.4,
              borderTop: '1px solid var(--hair)',
            }}
          >
            <Box className="lettering" sx={{ fontSize: 16, textTransform: 'none', letterSpacing: '0.02em' }}>
              {enJobTitle[job.kind]}
              {job.dueOn !== stop.today && (
                <Box component="span" sx={{ color: 'text.secondary', ml: 1 }}>
                  {job.state === 'moved' ? enToday.movedFrom(longDate(job.dueOn)) : enToday.dueOn(shortDate(job.dueOn))}
                </Box>
              )}
            </Box>
            <Box className="figures" sx={{ minWidth: 0 }}>
              {jobText(job, units)}
              {job.minutes > 0 && (
                <Box component="span" sx={{ color: 'text.secondary', ml: jobText(job, units) === '' ? 0 : 1 }}>
                  {enToday.minutes(decimals(job.minutes, 0))}
                </Box>
              )}
              <JobOrder kind={job.kind} />
            </Box>
            <Box className="no-print" sx={{ display: 'flex', gap: 0.5 }}>
              {job.kind === 'light-step' && (
                <SetLight tankId={stop.tankId} today={stop.today} job={job} onDone={() => void onTell(job, { state: 'done' })} />
              )}
              <Button onClick={() => void onTell(job, { state: 'done' })} sx={tall} aria-label={`${enToday.done}: ${enJobTitle[job.kind]}`}>
                {enToday.done}
              </Button>
              <Button
                variant="text"
                onClick={() => void onTell(job, { state: 'skipped' })}
                sx={tall}
                aria-label={`${enToday.skip}: ${enJobTitle[job.kind]}`}
              >
                {enToday.skip}
              </Button>
              <Button variant="text" onClick={() => onMove(job)} sx={tall} aria-label={`${enToday.move}: ${enJobTitle[job.kind]}`}>
                {enToday.move}
              </Button>
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  )
}

function Assumed({ jobs, onMissed }: { jobs: readonly ListedJob[]; onMissed: (job: ListedJob) => void }) {
  const units = useUnits()
  return (
    <Box component="details" sx={{ color: 'text.secondary', mt: 0.5 }}>
      <summary>{`${enToday.assumed} (${significant(jobs.length)})`}</summary>
      {jobs.map((job) => (
        <Box key={`${job.ruleId} ${job.dueOn}`} sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' }}>
          <span className="figures">{`${enJobTitle[job.kind]}: ${jobText(job, units)}`}</span>
          <Button variant="text" onClick={() => onMissed(job)}>
            {enToday.notDone}
          </Button>
        </Box>
      ))}
    </Box>
  )
}
