import { jobTitleWords, todayWords } from '@jovrin/contract'
import type { JobRecord, ListedJob } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { decimals, shortDate, useUnits } from '../../ui/units.js'
import { jobText } from '../job.text.js'
import { Link } from 'react-router'
import { JobOrder } from '../shared/JobOrder.js'
import { addressOfSheet } from '../shared/sheetPlace.js'
import { SetLight } from '../shared/SetLight.js'

/** As tall as a thumb on a phone. */
export const tall = { minHeight: { xs: 44, md: 28 } } as const

interface JobRowProps {
  readonly job: ListedJob
  readonly tankId: string
  readonly today: string
  /** Told here, and not yet to the server. */
  readonly isWaiting: boolean
  readonly onTell: (job: ListedJob, told: { readonly state: 'done' | 'skipped' }) => void
  readonly onTakeBack: (job: ListedJob, record: JobRecord) => void
  readonly onMove: (job: ListedJob) => void
}

/** One job of a stop. It stays where it is when it is told of, with what was told and its undo in the place of the buttons. */
export function JobRow({ job, tankId, today, isWaiting, onTell, onTakeBack, onMove }: JobRowProps) {
  const units = useUnits()
  const title = jobTitleWords[job.kind]
  const isOpen = job.state === 'due' || (job.state === 'moved' && job.on <= today)
  const text = jobText(job, units)
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', sm: '190px minmax(0,1fr) auto' },
        columnGap: 1.5,
        alignItems: 'center',
        py: 0.4,
        borderTop: '1px solid var(--hair)',
        color: isOpen ? undefined : 'text.secondary',
      }}
    >
      <Box className="lettering" sx={{ fontSize: 16, textTransform: 'none', letterSpacing: '0.02em' }}>
        {title}
        {job.on !== today && isOpen && (
          <Box component="span" sx={{ color: 'text.secondary', ml: 1 }}>
            {todayWords.dueOn(shortDate(job.dueOn))}
          </Box>
        )}
        {isOpen && job.state === 'moved' && (
          <Box component="span" sx={{ color: 'text.secondary', ml: 1 }}>
            {todayWords.movedFrom(shortDate(job.dueOn))}
          </Box>
        )}
      </Box>
      <Box className="figures" sx={{ minWidth: 0 }}>
        {text}
        {job.minutes > 0 && (
          <Box component="span" sx={{ color: 'text.secondary', ml: text === '' ? 0 : 1 }}>
            {todayWords.minutes(decimals(job.minutes, 0))}
          </Box>
        )}
        {isOpen && job.kind === 'change' && (
          <Box component={Link} to={`${addressOfSheet(tankId, 'water')}?part=card`} sx={{ color: 'inherit', ml: 1 }}>
            {todayWords.card}
          </Box>
        )}
        {isOpen && <JobOrder kind={job.kind} />}
      </Box>
      {isOpen ? (
        <Box className="no-print" sx={{ display: 'flex', gap: 0.5 }}>
          {job.kind === 'light-step' && <SetLight tankId={tankId} today={today} job={job} onDone={() => onTell(job, { state: 'done' })} />}
          <Button onClick={() => onTell(job, { state: 'done' })} sx={tall} aria-label={`${todayWords.done}: ${title}`}>
            {todayWords.done}
          </Button>
          <Button variant="text" onClick={() => onTell(job, { state: 'skipped' })} sx={tall} aria-label={`${todayWords.skip}: ${title}`}>
            {todayWords.skip}
          </Button>
          <Button variant="text" onClick={() => onMove(job)} sx={tall} aria-label={`${todayWords.move}: ${title}`}>
            {todayWords.move}
          </Button>
        </Box>
      ) : (
        <Told job={job} isWaiting={isWaiting} onTakeBack={onTakeBack} />
      )}
    </Box>
  )
}

function Told({ job, isWaiting, onTakeBack }: Pick<JobRowProps, 'job' | 'isWaiting' | 'onTakeBack'>) {
  const { record } = job
  const told = job.state === 'moved' ? todayWords.moved(shortDate(job.on)) : (todayWords.doneState[job.state] ?? job.state)
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', justifyContent: { sm: 'flex-end' }, ...tall }}>
      <span>{`${job.state === 'done' ? '✓ ' : ''}${todayWords.doneHere(told, record?.recordedBy ?? null)}${isWaiting ? `, ${todayWords.waits}` : ''}`}</span>
      {record !== null && (
        <Button
          className="no-print"
          variant="text"
          onClick={() => onTakeBack(job, record)}
          sx={{ ...tall, minWidth: 0 }}
          aria-label={`${todayWords.takeBack}: ${jobTitleWords[job.kind]}`}
        >
          {todayWords.takeBack}
        </Button>
      )}
    </Box>
  )
}
