import { enApp, enJobTitle, enToday, PlanRevision, PlanSchema } from '@jovrin/contract'
import { withLightStep, type ListedJob } from '@jovrin/core'
import { Button } from '@mui/material'
import { useQueryClient } from '@tanstack/react-query'
import { changeJson, getJson } from '../../api/http.js'
import { useNotice } from '../../ui/notice.js'

/** One tap from the job to the setting, in force from today. */
export function SetLight({ tankId, today, job, onDone }: { tankId: string; today: string; job: ListedJob; onDone: () => void }) {
  const client = useQueryClient()
  const tell = useNotice()
  const set = async (): Promise<void> => {
    try {
      const { plan, revision } = await getJson(`/api/tanks/${tankId}/plan/revision`, PlanRevision, new AbortController().signal)
      await changeJson(
        'PUT',
        `/api/tanks/${tankId}/plan?effectiveOn=${today}&why=${encodeURIComponent(enJobTitle['light-step'])}`,
        PlanSchema,
        {
          body: withLightStep(plan, { hours: job.values['light']?.value ?? 0, dimFraction: job.values['power']?.value ?? 1 }),
          ifMatch: `"${revision}"`,
        },
      )
      await client.invalidateQueries({ queryKey: ['tanks'] })
      tell({ text: enToday.setLightDone })
      onDone()
    } catch (error) {
      tell({ text: error instanceof Error ? error.message : enApp.failed })
    }
  }
  return (
    <Button variant="contained" onClick={() => void set()}>
      {enToday.setLight}
    </Button>
  )
}
