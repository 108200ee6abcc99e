import { appWords, balanceWords } from '@jovrin/contract'
import { Box, Button, TextField } from '@mui/material'
import { DateField } from '../../ui/dates/DateField.js'
import { SheetDialog } from '../../ui/SheetDialog.js'
import { useState } from 'react'
import { longDate } from '../../ui/units.js'

interface KeepDialogProps {
  readonly isOpen: boolean
  readonly today: string
  readonly startedOn: string
  readonly onClose: () => void
  readonly onKeep: (effectiveOn: string, why: string | null) => void
}

/** Asks from when the kept settings hold; the past keeps its own. */
export function KeepDialog({ isOpen, today, startedOn, onClose, onKeep }: KeepDialogProps) {
  const [date, setDate] = useState(today > startedOn ? today : startedOn)
  const [why, setWhy] = useState('')
  const isPossible = date !== ''
  return (
    <SheetDialog title={balanceWords.keepFrom} isOpen={isOpen} onClose={onClose}>
      <Box
        component="form"
        sx={{ p: 3, display: 'grid', gap: 2 }}
        onSubmit={(event) => {
          event.preventDefault()
          if (isPossible) onKeep(date, why.trim() === '' ? null : why.trim())
        }}
      >
        <DateField
          label={balanceWords.keepFrom}
          value={date}
          min={startedOn}
          early={balanceWords.keepEarly(longDate(startedOn))}
          onChange={setDate}
          helperText={balanceWords.keepHint}
          autoFocus
        />
        <TextField
          label={balanceWords.keepWhy}
          value={why}
          onChange={(event) => setWhy(event.target.value)}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 500 } }}
        />
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button type="submit" variant="contained" disabled={!isPossible}>
            {balanceWords.keepYes}
          </Button>
          <Button onClick={onClose}>{appWords.cancel}</Button>
        </Box>
      </Box>
    </SheetDialog>
  )
}
