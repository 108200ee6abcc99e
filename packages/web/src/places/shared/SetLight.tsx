import { appWords, jobTitleWords, todayWords } from '@jovrin/contract'
import { withLight, type ListedJob } from '@jovrin/core'
import { Button } from '@mui/material'
import { useQueryClient } from '@tanstack/react-query'
import { changePlan } from '../../api/plans.js'
import { useNotice } from '../../ui/notice.js'

/** One tap from the job to the setting, in force from today. */
export function SetLight({ tankId, today, job, onDone }: { tankId: string; today: string; job: ListedJob; onDone: () => void }) {
  const client = useQueryClient()
  const tell = useNotice()
  const set = async (): Promise<void> => {
    try {
      const target = { hours: job.values['light']?.value ?? 0, dimFraction: job.values['power']?.value ?? 1 }
      // On the first day the plan's own light is what is worked towards; the programme holds it back by itself.
      await changePlan(tankId, (plan) => (plan.startedOn >= today ? plan : withLight(plan, target)), {
        effectiveOn: today,
        why: jobTitleWords['light-step'],
      })
      await client.invalidateQueries({ queryKey: ['tanks'] })
      tell({ text: todayWords.setLightDone })
      onDone()
    } catch (error) {
      tell({ text: error instanceof Error ? error.message : appWords.failed })
    }
  }
  return (
    <Button variant="contained" onClick={() => void set()}>
      {todayWords.setLight}
    </Button>
  )
}
