import { CivilDate, datesWords, jobTitleWords, Reason, REASON_MOST, todayWords } from '@jovrin/contract'
import type { ListedJob } from '@jovrin/core'
import { Box } from '@mui/material'
import { z } from 'zod'
import { DateInput, TextInput } from '../ui/form/fields.js'
import { FormFrame } from '../ui/form/FormFrame.js'
import { SaveOrCancel } from '../ui/form/SaveOrCancel.js'
import { useJudgedForm } from '../ui/form/useJudgedForm.js'
import { SheetDialog } from '../ui/SheetDialog.js'
import type { Told } from './useTellJob.js'

const Moved = z.object({ movedTo: CivilDate, reason: Reason })

interface MoveDialogProps {
  readonly job: ListedJob
  /** The day that is proposed. */
  readonly to: string
  readonly onClose: () => void
  readonly onMove: (told: Told) => void
}

/** A job on another day, with a reason. */
export function MoveDialog({ job, to, onClose, onMove }: MoveDialogProps) {
  const form = useJudgedForm({ schema: Moved, draft: { movedTo: to, reason: '' }, faults: { movedTo: datesWords.noDay } })
  const { control } = form
  return (
    <SheetDialog title={todayWords.moveTitle} isOpen onClose={onClose}>
      <Box sx={{ p: 3, display: 'grid', gap: 2, minWidth: { sm: 340 } }}>
        <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 18 }}>
          {jobTitleWords[job.kind]}
        </Box>
        <FormFrame
          form={form}
          onKeep={(moved) => onMove({ state: 'moved', ...moved })}
          actions={<SaveOrCancel save={todayWords.moveYes} onCancel={onClose} />}
        >
          <DateInput control={control} name="movedTo" label={todayWords.moveTo} />
          <TextInput
            control={control}
            name="reason"
            label={todayWords.reason}
            hint={todayWords.reasonNeeded}
            most={REASON_MOST}
            autoFocus
          />
        </FormFrame>
      </Box>
    </SheetDialog>
  )
}
