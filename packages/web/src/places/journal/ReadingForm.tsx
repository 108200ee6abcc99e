import { indicatorColourWords, journalWords, readingQuantityWords, settingsWords } from '@jovrin/contract'
import { INDICATOR_COLOURS, unitsOf, type JournalRecord, type Moment, type Reading } from '@jovrin/core'
import { Box, MenuItem, TextField } from '@mui/material'
import { useState } from 'react'
import { Choice } from '../../ui/Choice.js'
import { judgeReading } from './readingDraft.js'
import { MomentChoice } from './MomentChoice.js'
import { RecordForm } from './RecordForm.js'

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
  const [isWrong, setWrong] = useState(false)
  const isColour = reading.quantity === 'indicator'
  const keep = async (at: string): Promise<string | null> => {
    const judged = isColour
      ? { part: { ...reading, value: INDICATOR_COLOURS.findIndex((name) => name === text) + 1 } }
      : judgeReading({ quantity: reading.quantity, text, unit, kit: null })
    setWrong('error' in judged)
    if ('error' in judged) return judged.error
    const { value, qualifier, basis } = judged.part
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
    return null
  }
  return (
    <RecordForm at={reading.at} timeZone={timeZone} onKeep={keep} onClose={onClose}>
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
            error={isWrong}
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
      {reading.quantity === 'pH' && <MomentChoice moment={moment} onChange={setMoment} />}
      <TextField
        label={journalWords.note}
        value={note}
        onChange={(event) => setNote(event.target.value)}
        slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 4000 } }}
      />
    </RecordForm>
  )
}
