import { journalWords } from '@jovrin/contract'
import type { JournalRecord } from '@jovrin/core'
import { Box, TextField } from '@mui/material'
import { useState } from 'react'
import { addressOf, titleOf } from './pictures.js'
import { RecordForm } from './RecordForm.js'

interface NoteFormProps {
  readonly record: Extract<JournalRecord, { kind: 'glance' | 'photo' }>
  readonly timeZone: string
  readonly onKeep: (next: JournalRecord) => Promise<void>
  readonly onClose: () => void
}

/** What can be said anew of a check or a picture: when it was, its words, and from where the picture was taken. */
export function NoteForm({ record, timeZone, onKeep, onClose }: NoteFormProps) {
  const [note, setNote] = useState(record.note ?? '')
  const [spot, setSpot] = useState(record.kind === 'photo' ? record.spot : '')
  const keep = async (at: string): Promise<null> => {
    const said = { at, note: note.trim() === '' ? null : note.trim() }
    await onKeep(
      record.kind === 'photo'
        ? { ...record, ...said, spot: spot.trim() === '' ? journalWords.standardSpot : spot.trim() }
        : { ...record, ...said },
    )
    return null
  }
  return (
    <RecordForm at={record.at} timeZone={timeZone} onKeep={keep} onClose={onClose}>
      {record.kind === 'photo' && (
        <>
          <Box component="img" src={addressOf(record, 'small')} alt={titleOf(record, timeZone)} sx={{ maxWidth: '100%', maxHeight: 180 }} />
          <TextField
            label={journalWords.field.spot}
            value={spot}
            onChange={(event) => setSpot(event.target.value)}
            helperText={journalWords.spotHint}
            slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 40 } }}
          />
        </>
      )}
      <TextField
        label={record.kind === 'photo' ? journalWords.field.caption : journalWords.note}
        value={note}
        onChange={(event) => setNote(event.target.value)}
        slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 4000 } }}
        autoFocus
      />
    </RecordForm>
  )
}
