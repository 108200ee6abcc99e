import { JournalRecordSchema, journalWords, NAME_MOST, NOTE_MOST } from '@jovrin/contract'
import type { JournalRecord } from '@jovrin/core'
import { Box } from '@mui/material'
import { z } from 'zod'
import { TextInput } from '../../ui/form/fields.js'
import { FormFrame } from '../../ui/form/FormFrame.js'
import { SaveOrCancel } from '../../ui/form/SaveOrCancel.js'
import { useJudgedForm } from '../../ui/form/useJudgedForm.js'
import { addressOf, titleOf } from '../shared/pictures.js'
import { instantOfWhen, WhenInput } from './WhenInput.js'

type Noted = Extract<JournalRecord, { kind: 'glance' | 'photo' }>
interface NoteFormProps {
  readonly record: Noted
  readonly timeZone: string
  readonly onKeep: (next: JournalRecord) => Promise<void>
  readonly onClose: () => void
}

const Draft = z.object({ note: z.string(), spot: z.string(), at: z.string().nullable() })
const schemaFor = (record: Noted): z.ZodType<JournalRecord, z.output<typeof Draft>> =>
  Draft.transform(({ note, spot, at }): unknown => ({
    ...record,
    at: instantOfWhen(at) ?? '',
    note: note.trim() === '' ? null : note.trim(),
    ...(record.kind === 'photo' ? { spot: spot.trim() === '' ? journalWords.standardSpot : spot.trim() } : {}),
  })).pipe(JournalRecordSchema)

/** What can be said anew of a check or a picture: when it was, its words, and from where the picture was taken. */
export function NoteForm({ record, timeZone, onKeep, onClose }: NoteFormProps) {
  const isPhoto = record.kind === 'photo'
  const form = useJudgedForm({
    schema: schemaFor(record),
    draft: { note: record.note ?? '', spot: isPhoto ? record.spot : '', at: record.at },
    faults: { at: journalWords.whenUnclear },
  })
  const { control } = form
  return (
    <FormFrame form={form} onKeep={onKeep} actions={<SaveOrCancel save={journalWords.logKind.reading} onCancel={onClose} />}>
      {isPhoto && (
        <>
          <Box component="img" src={addressOf(record, 'small')} alt={titleOf(record, timeZone)} sx={{ maxWidth: '100%', maxHeight: 180 }} />
          <TextInput control={control} name="spot" label={journalWords.field.spot} hint={journalWords.spotHint} most={NAME_MOST} />
        </>
      )}
      <TextInput
        control={control}
        name="note"
        label={isPhoto ? journalWords.field.caption : journalWords.note}
        most={NOTE_MOST}
        autoFocus
      />
      <WhenInput control={control} name="at" timeZone={timeZone} />
    </FormFrame>
  )
}
