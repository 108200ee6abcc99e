import { enApp, enBalance } from '@jovrin/contract'
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
    <SheetDialog title={enBalance.keepFrom} isOpen={isOpen} onClose={onClose}>
      <Box
        component="form"
        sx={{ p: 3, display: 'grid', gap: 2 }}
        onSubmit={(event) => {
          event.preventDefault()
          if (isPossible) onKeep(date, why.trim() === '' ? null : why.trim())
        }}
      >
        <DateField
          label={enBalance.keepFrom}
          value={date}
          min={startedOn}
          early={enBalance.keepEarly(longDate(startedOn))}
          onChange={setDate}
          helperText={enBalance.keepHint}
          autoFocus
        />
        <TextField
          label={enBalance.keepWhy}
          value={why}
          onChange={(event) => setWhy(event.target.value)}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 500 } }}
        />
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button type="submit" variant="contained" disabled={!isPossible}>
            {enBalance.keepYes}
          </Button>
          <Button onClick={onClose}>{enApp.cancel}</Button>
        </Box>
      </Box>
    </SheetDialog>
  )
}
