import { appWords, indicatorColourWords, journalWords, momentWords, readingQuantityWords, settingsWords } from '@jovrin/contract'
import { INDICATOR_COLOURS, MOMENTS, unitsOf, type JournalRecord, type Moment, type Reading } from '@jovrin/core'
import { Box, Button, MenuItem, TextField } from '@mui/material'
import { useState } from 'react'
import { Choice } from '../../ui/Choice.js'
import { judgeReading } from './readingDraft.js'
import { instantOfWhen, WhenField, type When } from './WhenField.js'

/** A reading that is already logged, as it was typed. */
export function ReadingForm({
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
