import { enApp, enBalance } from '@jovrin/contract'
import { Box, Button, TextField } from '@mui/material'
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
  const isDate = /^\d{4}-\d{2}-\d{2}$/.test(date)
  const isBeforeStart = isDate && date < startedOn
  const isPossible = isDate && !isBeforeStart
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
        <TextField
          type="date"
          label={enBalance.keepFrom}
          value={date}
          onChange={(event) => setDate(event.target.value)}
          error={isBeforeStart}
          helperText={isBeforeStart ? enBalance.keepEarly(longDate(startedOn)) : enBalance.keepHint}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { min: startedOn } }}
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
