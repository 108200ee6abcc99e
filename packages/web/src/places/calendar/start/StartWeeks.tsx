import { startWeeksWords } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { conditionOfTank, type AgedTimeline } from '../../../api/tanks.queries.js'
import { longDate, significant } from '../../../ui/units.js'
import { endJob, startNow } from '../../shared/start/startNow.js'
import { useTellJob } from '../../useTellJob.js'
import { DarkWeeks } from './DarkWeeks.js'
import { DryWeeks } from './DryWeeks.js'

interface StartWeeksProps {
  readonly tankId: string
  readonly tankName: string
  readonly aged: AgedTimeline
  readonly today: string
}

/** The weeks before plants and water are together: how they stand, and the one button that ends them. */
export function StartWeeks({ tankId, tankName, aged, today }: StartWeeksProps) {
  const now = startNow(aged)
  const condition = useQuery(conditionOfTank(tankId))
  const { tell } = useTellJob(tankId, tankName)
  if (now === null || now.phase === 'planted') return null
  const { phase, plan, endDay, endOn } = now
  const job = endJob(phase, today)
  const cycle = condition.data?.cycle ?? null
  const text = startWeeksWords
  return (
    <Box component="section" aria-label={text.title[phase]} sx={{ display: 'grid', gap: 0.75, border: '1px solid var(--ink)', p: 1 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', gap: 1.5 }}>
        <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 18, flexGrow: 1 }}>
          {text.title[phase]}
        </Box>
        <Box className="figures">{text.dayOf(significant(aged.today), text.ends[phase](longDate(endOn)))}</Box>
        {job !== null && aged.startedOn < today && (
          <Button className="no-print" onClick={() => void tell(job, { state: 'done' })}>
            {text.endToday[phase]}
          </Button>
        )}
        <Link className="no-print" to={`/tanks/${tankId}/plan/programme`} style={{ color: 'inherit' }}>
          {text.edit}
        </Link>
      </Box>
      {phase === 'dark' ? (
        cycle !== null && <DarkWeeks plan={plan} cycle={cycle} />
      ) : (
        <DryWeeks plan={plan} today={aged.today} endDay={endDay} />
      )}
    </Box>
  )
}
