import { balanceWords, CivilDate, datesWords, Reason, REASON_MOST } from '@jovrin/contract'
import { Box } from '@mui/material'
import { z } from 'zod'
import { DateInput, TextInput } from '../../ui/form/fields.js'
import { FormFrame } from '../../ui/form/FormFrame.js'
import { SaveOrCancel } from '../../ui/form/SaveOrCancel.js'
import { useJudgedForm } from '../../ui/form/useJudgedForm.js'
import { SheetDialog } from '../../ui/SheetDialog.js'
import { longDate } from '../../ui/units.js'

const Kept = z.object({
  effectiveOn: CivilDate,
  why: z
    .string()
    .transform((text) => (text.trim() === '' ? null : text))
    .pipe(Reason.nullable()),
})

interface KeepDialogProps {
  readonly isOpen: boolean
  readonly today: string
  readonly startedOn: string
  readonly onClose: () => void
  readonly onKeep: (effectiveOn: string, why: string | null) => void
}

/** Asks from when the kept settings hold; the past keeps its own. */
export function KeepDialog({ isOpen, today, startedOn, onClose, onKeep }: KeepDialogProps) {
  const form = useJudgedForm({
    schema: Kept,
    draft: { effectiveOn: today > startedOn ? today : startedOn, why: '' },
    faults: { effectiveOn: datesWords.noDay },
  })
  const { control } = form
  return (
    <SheetDialog title={balanceWords.keepFrom} isOpen={isOpen} onClose={onClose}>
      <Box sx={{ p: 3 }}>
        <FormFrame
          form={form}
          onKeep={({ effectiveOn, why }) => onKeep(effectiveOn, why)}
          actions={<SaveOrCancel save={balanceWords.keepYes} onCancel={onClose} />}
        >
          <DateInput
            control={control}
            name="effectiveOn"
            label={balanceWords.keepFrom}
            min={startedOn}
            early={balanceWords.keepEarly(longDate(startedOn))}
            helperText={balanceWords.keepHint}
            autoFocus
          />
          <TextInput control={control} name="why" label={balanceWords.keepWhy} most={REASON_MOST} />
        </FormFrame>
      </Box>
    </SheetDialog>
  )
}
