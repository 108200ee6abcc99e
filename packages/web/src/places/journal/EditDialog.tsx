import {
  appWords,
  indicatorColourWords,
  journalWords,
  momentWords,
  readingQuantityWords,
  recordKindWords,
  settingsWords,
  JournalEntry,
} from '@jovrin/contract'
import { INDICATOR_COLOURS, MOMENTS, unitsOf, type JournalRecord, type Moment, type Reading } from '@jovrin/core'
import { Box, Button, MenuItem, TextField } from '@mui/material'
import { useState } from 'react'
import { changeJson } from '../../api/http.js'
import { useJournalChanged } from '../../api/journal.queries.js'
import { Choice } from '../../ui/Choice.js'
import { useNotice } from '../../ui/notice.js'
import { SheetDialog } from '../../ui/SheetDialog.js'
import { EventForm } from './EventForm.js'
import { judgeReading } from './readingDraft.js'
import { instantOfWhen, WhenField, type When } from './WhenField.js'

interface EditDialogProps {
  readonly tankId: string
  readonly timeZone: string
  readonly entry: JournalEntry
  readonly onClose: () => void
}

/** Changes one record. Somebody else's change since is never overwritten: it is said, and the text stays. */
export function EditDialog({ tankId, timeZone, entry, onClose }: EditDialogProps) {
  const changed = useJournalChanged()
  const tell = useNotice()
  const { record } = entry
  const keep = async (next: JournalRecord): Promise<void> => {
    const kept = await changeJson('PUT', `/api/tanks/${tankId}/journal/${record.id}`, JournalEntry, {
      body: next,
      ifMatch: `"${entry.version}"`,
    })
    await changed(tankId)
    const back = (): Promise<void> =>
      changeJson('PUT', `/api/tanks/${tankId}/journal/${record.id}`, JournalEntry, { body: record, ifMatch: `"${kept.version}"` }).then(
        () => changed(tankId),
      )
    tell({ text: journalWords.edited, action: { label: journalWords.undo, run: () => void back().catch(() => undefined) } })
    onClose()
  }
  return (
    <SheetDialog title={journalWords.editTitle} isOpen onClose={onClose}>
      <Box sx={{ p: 3, width: { xs: 'auto', sm: 420 }, display: 'grid', gap: 1.5 }}>
        <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 18 }}>
          {record.kind === 'reading' ? readingQuantityWords[record.quantity] : recordKindWords[record.kind]}
        </Box>
        {record.kind === 'reading' && <ReadingForm reading={record} timeZone={timeZone} onKeep={keep} onClose={onClose} />}
        {record.kind !== 'reading' && record.kind !== 'glance' && record.kind !== 'photo' && (
          <EventForm
            kind={record.kind}
            initial={record}
            initialAt={record.at}
            timeZone={timeZone}
            submitLabel={journalWords.logKind['reading'] ?? ''}
            onSubmit={(event, at) => keep({ ...event, id: record.id, at, recordedBy: record.recordedBy })}
          >
            <Button onClick={onClose}>{appWords.cancel}</Button>
          </EventForm>
        )}
      </Box>
    </SheetDialog>
  )
}

function ReadingForm({
  reading,
  timeZone,
  onKeep,
  onClose,
}: {
  reading: Reading
  timeZone: string
  onKeep: (next: JournalRecord) => Promise<void>
  onClose: () => void
}) {
  const [text, setText] = useState(reading.enteredText)
  const [unit, setUnit] = useState(reading.enteredUnit)
  const [moment, setMoment] = useState<Moment | null>(reading.moment)
  const [note, setNote] = useState(reading.note ?? '')
  const [when, setWhen] = useState<When>(reading.at)
  const [error, setError] = useState<string | null>(null)
  const isColour = reading.quantity === 'indicator'
  const submit = async (): Promise<void> => {
    const judged = isColour
      ? { part: { ...reading, value: INDICATOR_COLOURS.findIndex((name) => name === text) + 1 } }
      : judgeReading({ quantity: reading.quantity, text, unit, kit: null })
    if ('error' in judged) return setError(judged.error)
    const { value, qualifier, basis } = judged.part
    const at = instantOfWhen(when)
    if (at === null) return setError(journalWords.whenUnclear)
    try {
      await onKeep({
        ...reading,
        at,
        value,
        qualifier,
        basis,
        enteredText: text.trim(),
        enteredUnit: unit,
        moment,
        note: note.trim() === '' ? null : note.trim(),
      })
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
      {isColour ? (
        <Choice
          label={readingQuantityWords.indicator}
          why={journalWords.whyAsk}
          value={text}
          options={INDICATOR_COLOURS.map((name) => [name as string, indicatorColourWords[name] ?? name] as const)}
          onChange={(next) => next !== null && setText(next)}
        />
      ) : (
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5 }}>
          <TextField
            label={journalWords.measured}
            value={text}
            onChange={(event) => setText(event.target.value)}
            error={error !== null}
            slotProps={{ htmlInput: { inputMode: 'decimal' }, inputLabel: { shrink: true } }}
            autoFocus
          />
          {unitsOf(reading.quantity).length > 1 && (
            <TextField
              select
              label={settingsWords.kitHead[2]}
              value={unit}
              onChange={(event) => setUnit(event.target.value)}
              slotProps={{ inputLabel: { shrink: true } }}
            >
              {unitsOf(reading.quantity).map((name) => (
                <MenuItem key={name} value={name}>
                  {name}
                </MenuItem>
              ))}
            </TextField>
          )}
        </Box>
      )}
      {reading.quantity === 'pH' && (
        <Choice
          label={journalWords.moment}
          why={journalWords.momentWhy}
          value={moment ?? 'any'}
          options={[...MOMENTS.map((name) => [name, momentWords[name] ?? name] as const), ['any', journalWords.anyMoment] as const]}
          onChange={(next) => setMoment(next === 'any' ? null : next)}
        />
      )}
      <TextField
        label={journalWords.note}
        value={note}
        onChange={(event) => setNote(event.target.value)}
        slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 4000 } }}
      />
      <WhenField when={when} timeZone={timeZone} onChange={setWhen} />
      {error !== null && (
        <Box role="alert" sx={{ color: 'var(--algae)' }}>
          {error}
        </Box>
      )}
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained">
          {journalWords.logKind['reading']}
        </Button>
        <Button onClick={onClose}>{appWords.cancel}</Button>
      </Box>
    </Box>
  )
}
