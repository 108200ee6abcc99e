import { careWords, jobTitleWords, todayWords } from '@jovrin/contract'
import type { ListedJob } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { decimals, longDate, shortDate, useUnits } from '../../ui/units.js'
import { jobText } from '../job.text.js'
import { JobOrder } from '../shared/JobOrder.js'
import { SetLight } from '../shared/SetLight.js'
import { JobGrip } from './JobDragging.js'
import { useToldHere } from '../useToldHere.js'
import { useTellJob } from '../useTellJob.js'

interface DayJobsProps {
  readonly tankId: string
  readonly tankName: string
  readonly day: string
  readonly today: string
  readonly jobs: readonly ListedJob[]
  /** A job shall go to another day. */
  readonly onMove: (job: ListedJob) => void
}

/** Everything of one day, to be told, moved or taken back. */
export function DayJobs({ tankId, tankName, day, today, jobs: listed, onMove }: DayJobsProps) {
  const units = useUnits()
  const { tell, takeBack } = useTellJob(tankId, tankName)
  const { withTold, isWaiting } = useToldHere(tankId)
  const jobs = listed.map(withTold)
  return (
    <Box component="section" aria-label={careWords.day}>
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 18, borderBottom: '1px solid var(--ink)' }}>
        {longDate(day)}
      </Box>
      {jobs.length === 0 && <Box sx={{ color: 'text.secondary', py: 1 }}>{careWords.nothing}</Box>}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {jobs.map((job) => {
          const isElsewhere = job.on !== day
          const isOpen = (job.state === 'due' || job.state === 'moved') && !isElsewhere
          return (
            <Box component="li" key={`${job.ruleId} ${job.dueOn}`} sx={{ py: 0.75, borderBottom: '1px solid var(--hair)' }}>
              <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
                {isOpen && <JobGrip job={job} />}
                <Box className="lettering" sx={{ fontSize: 16, textTransform: 'none', letterSpacing: '0.02em', flexGrow: 1 }}>
                  {jobTitleWords[job.kind]}
                </Box>
                <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>
                  {isElsewhere
                    ? todayWords.moved(shortDate(job.on))
                    : job.state === 'moved'
                      ? todayWords.movedFrom(shortDate(job.dueOn))
                      : job.state === 'due'
                        ? job.minutes > 0
                          ? todayWords.minutes(decimals(job.minutes, 0))
                          : ''
                        : `${todayWords.doneState[job.state] ?? ''}${isWaiting(job) ? `, ${todayWords.waits}` : ''}`}
                </Box>
              </Box>
              <Box className="figures" sx={{ fontSize: 14 }}>
                {jobText(job, units)}
                {job.record?.reason != null && (
                  <Box component="span" sx={{ color: 'text.secondary', ml: 1 }}>
                    {job.record.reason}
                  </Box>
                )}
                {isOpen && <JobOrder kind={job.kind} />}
              </Box>
              <Box className="no-print" sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, mt: 0.25 }}>
                {isOpen && job.kind === 'light-step' && (
                  <SetLight tankId={tankId} today={today} job={job} onDone={() => void tell(job, { state: 'done' })} />
                )}
                {isOpen && (
                  <>
                    <Button onClick={() => void tell(job, { state: 'done' })} aria-label={`${todayWords.done}: ${jobTitleWords[job.kind]}`}>
                      {todayWords.done}
                    </Button>
                    <Button
                      variant="text"
                      onClick={() => void tell(job, { state: 'skipped' })}
                      aria-label={`${todayWords.skip}: ${jobTitleWords[job.kind]}`}
                    >
                      {todayWords.skip}
                    </Button>
                    <Button variant="text" onClick={() => onMove(job)} aria-label={`${todayWords.move}: ${jobTitleWords[job.kind]}`}>
                      {todayWords.move}
                    </Button>
                  </>
                )}
                {job.state === 'assumed' && (
                  <Button variant="text" onClick={() => void tell(job, { state: 'skipped' })} sx={{ color: 'text.secondary' }}>
                    {todayWords.notDone}
                  </Button>
                )}
                {job.record !== null && (
                  <Button
                    variant="text"
                    onClick={() => job.record !== null && void takeBack(job, job.record)}
                    sx={{ color: 'text.secondary' }}
                  >
                    {todayWords.takeBack}
                  </Button>
                )}
              </Box>
            </Box>
          )
        })}
      </Box>
    </Box>
  )
}
