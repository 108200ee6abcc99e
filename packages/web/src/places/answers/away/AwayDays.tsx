import { awayWords, jobTask, jobTitleWords } from '@jovrin/contract'
import { datePlusDays, jobsBetween, RISE_DAYS, type Absence, type Job, type Plan, type TimelineEntry } from '@jovrin/core'
import { Box } from '@mui/material'
import { longDate, useUnits } from '../../../ui/units.js'

interface DaysProps {
  readonly timeline: readonly TimelineEntry[]
  readonly plan: Plan
  readonly absence: Absence
}

/** What is done on which day, from the first that the absence asks for to the last. */
export function AwayDays({ timeline, plan, absence }: DaysProps) {
  const units = useUnits()
  const dates = [absence.lowerFrom, absence.cleanOn, datePlusDays(absence.leaveOn, -7)].filter((date) => date !== null)
  const from = dates.sort()[0] ?? absence.leaveOn
  const jobs = jobsBetween({ timeline, startedOn: plan.startedOn }, from, datePlusDays(absence.backOn, RISE_DAYS)).filter(isOfIt(absence))
  const days = [...new Set(jobs.map(({ dueOn }) => dueOn))]
  return (
    <Box component="dl" aria-label={awayWords.schedule} sx={{ m: 0, fontSize: 14.5 }}>
      {days.map((date) => (
        <Box
          key={date}
          sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '190px 1fr' }, borderTop: '1px solid var(--hair)', py: 0.25 }}
        >
          <dt>{longDate(date)}</dt>
          <Box component="dd" sx={{ m: 0 }}>
            {jobs
              .filter(({ dueOn }) => dueOn === date)
              .map((job) => {
                const task = jobTask(job, units.reader)
                return (
                  <div key={job.ruleId}>
                    {jobTitleWords[job.kind]}
                    {task !== '' && <Box component="span" sx={{ color: 'text.secondary' }}>{`: ${task}`}</Box>}
                  </div>
                )
              })}
          </Box>
        </Box>
      ))}
    </Box>
  )
}

const HANDS_ON: readonly Job['kind'][] = ['change', 'trim', 'glass', 'filter', 'diffuser', 'counter']
/** Its own jobs, and the care of the two days that it moves. */
const isOfIt =
  ({ cleanOn, backOn }: Absence) =>
  ({ kind, dueOn }: Job): boolean =>
    kind.startsWith('away-') || ((dueOn === cleanOn || dueOn === backOn) && HANDS_ON.includes(kind))
