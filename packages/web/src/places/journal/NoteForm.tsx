import { appWords, journalWords } from '@jovrin/contract'
import type { JournalRecord } from '@jovrin/core'
import { Box, Button, TextField } from '@mui/material'
import { useState } from 'react'
import { addressOf, titleOf } from './pictures.js'
import { instantOfWhen, WhenField, type When } from './WhenField.js'

type NotedRecord = Extract<JournalRecord, { kind: 'glance' | 'photo' }>
/** What can be said anew of a check or a picture: when it was, its words, and from where the picture was taken. */
export function NoteForm({
  record,
  timeZone,
  onKeep,
  onClose,
}: {
  record: NotedRecord
  timeZone: string
  onKeep: (next: JournalRecord) => Promise<void>
  onClose: () => void
}) {
  const [note, setNote] = useState(record.note ?? '')
  const [spot, setSpot] = useState(record.kind === 'photo' ? record.spot : '')
  const [when, setWhen] = useState<When>(record.at)
  const [error, setError] = useState<string | null>(null)
  const submit = async (): Promise<void> => {
    const at = instantOfWhen(when)
    if (at === null) return setError(journalWords.whenUnclear)
    const said = { at, note: note.trim() === '' ? null : note.trim() }
    try {
      await onKeep(
        record.kind === 'photo'
          ? { ...record, ...said, spot: spot.trim() === '' ? journalWords.standardSpot : spot.trim() }
          : { ...record, ...said },
      )
    } catch (failure) {
      setError(failure instanceof Error ? failure.message : appWords.failed)
    }
  }
  return (
    <Box
      component="form"
      noValidate
      sx={{ display: 'grid', gap: 1.5 }}
      onSubmit={(event) => {
        event.preventDefault()
        void submit()
      }}
    >
      {record.kind === 'photo' && (
        <>
          <Box component="img" src={addressOf(record, 'small')} alt={titleOf(record)} sx={{ maxWidth: '100%', maxHeight: 180 }} />
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
      <WhenField when={when} timeZone={timeZone} onChange={setWhen} />
      {error !== null && (
        <Box role="alert" sx={{ color: 'var(--algae)' }}>
          {error}
        </Box>
      )}
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained">
          {journalWords.logKind.reading}
        </Button>
        <Button onClick={onClose}>{appWords.cancel}</Button>
      </Box>
    </Box>
  )
}
