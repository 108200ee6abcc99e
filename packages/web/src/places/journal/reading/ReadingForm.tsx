import { indicatorColourWords, journalWords, NAME_MOST, NOTE_MOST, readingQuantityWords, settingsWords } from '@jovrin/contract'
import { INDICATOR_COLOURS, MOMENTS, unitsOf, type IndicatorColour, type JournalRecord, type Reading } from '@jovrin/core'
import { Box } from '@mui/material'
import { z } from 'zod'
import { ChoiceInput, PickInput, TextInput } from '../../../ui/form/fields.js'
import { FormFrame } from '../../../ui/form/FormFrame.js'
import { SaveOrCancel } from '../../../ui/form/SaveOrCancel.js'
import { useJudgedForm } from '../../../ui/form/useJudgedForm.js'
import { MomentInput } from './MomentInput.js'
import { judgeReading } from './judgeReading.js'
import { instantOfWhen, WhenInput } from '../WhenInput.js'

const Draft = z.object({
  enteredText: z.string(),
  colour: z.enum(INDICATOR_COLOURS),
  enteredUnit: z.string(),
  moment: z.enum(MOMENTS).nullable(),
  note: z.string(),
  at: z.string().nullable(),
})
type Draft = z.output<typeof Draft>

/** The reading anew: as it was typed, and the value that this text means. */
const schemaFor = (reading: Reading): z.ZodType<JournalRecord, Draft> =>
  Draft.transform((draft, context) => {
    const at = instantOfWhen(draft.at)
    if (at === null) context.addIssue({ code: 'custom', message: journalWords.whenUnclear, path: ['at'] })
    const judged =
      reading.quantity === 'indicator'
        ? { part: { ...reading, value: INDICATOR_COLOURS.indexOf(draft.colour) + 1, enteredText: draft.colour } }
        : judgeReading({ quantity: reading.quantity, text: draft.enteredText, unit: draft.enteredUnit, kit: null })
    if ('error' in judged) context.addIssue({ code: 'custom', message: judged.error, path: ['enteredText'] })
    if ('error' in judged || at === null) return z.NEVER
    const { value, qualifier, basis, enteredText } = judged.part
    const note = draft.note.trim() === '' ? null : draft.note.trim()
    return { ...reading, at, value, qualifier, basis, enteredText, enteredUnit: draft.enteredUnit, moment: draft.moment, note }
  })

interface ReadingFormProps {
  readonly reading: Reading
  readonly timeZone: string
  readonly onKeep: (next: JournalRecord) => Promise<void>
  readonly onClose: () => void
}

/** A reading that is already logged, as it was typed. */
export function ReadingForm({ reading, timeZone, onKeep, onClose }: ReadingFormProps) {
  const form = useJudgedForm({
    schema: schemaFor(reading),
    draft: {
      enteredText: reading.enteredText,
      colour: INDICATOR_COLOURS[reading.value - 1] ?? 'green',
      enteredUnit: reading.enteredUnit,
      moment: reading.moment,
      note: reading.note ?? '',
      at: reading.at,
    },
  })
  const { control } = form
  const units = unitsOf(reading.quantity)
  return (
    <FormFrame form={form} onKeep={onKeep} actions={<SaveOrCancel save={journalWords.logKind.reading} onCancel={onClose} />}>
      {reading.quantity === 'indicator' ? (
        <ChoiceInput
          control={control}
          name="colour"
          label={readingQuantityWords.indicator}
          why={journalWords.whyAsk}
          options={INDICATOR_COLOURS.map((name): [IndicatorColour, string] => [name, indicatorColourWords[name]])}
        />
      ) : (
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5 }}>
          <TextInput control={control} name="enteredText" label={journalWords.measured} most={NAME_MOST} isDecimal autoFocus />
          {units.length > 1 && (
            <PickInput
              control={control}
              name="enteredUnit"
              label={settingsWords.kitHead[2] ?? ''}
              options={units.map((name): [string, string] => [name, name])}
            />
          )}
        </Box>
      )}
      {reading.quantity === 'pH' && <MomentInput control={control} name="moment" />}
      <TextInput control={control} name="note" label={journalWords.note} most={NOTE_MOST} />
      <WhenInput control={control} name="at" timeZone={timeZone} />
    </FormFrame>
  )
}
