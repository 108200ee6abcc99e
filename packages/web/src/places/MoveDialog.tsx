import { appWords, jobTitleWords, todayWords } from '@jovrin/contract'
import { datePlusDays, type ListedJob } from '@jovrin/core'
import { Box, Button, TextField } from '@mui/material'
import { useState } from 'react'
import { DateField } from '../ui/dates/DateField.js'
import { SheetDialog } from '../ui/SheetDialog.js'
import type { Told } from './useTellJob.js'

/** A job on another day, with a reason. */
export function MoveDialog({
  job,
  today,
  onClose,
  onMove,
}: {
  job: ListedJob
  today: string
  onClose: () => void
  onMove: (told: Told) => void
}) {
  const [date, setDate] = useState(datePlusDays(today, 1))
  const [reason, setReason] = useState('')
  const isPossible = date !== '' && reason.trim() !== ''
  return (
    <SheetDialog title={todayWords.moveTitle} isOpen onClose={onClose}>
      <Box
        component="form"
        sx={{ p: 3, display: 'grid', gap: 2, minWidth: { sm: 340 } }}
        onSubmit={(event) => {
          event.preventDefault()
          if (isPossible) onMove({ state: 'moved', movedTo: date, reason: reason.trim() })
        }}
      >
        <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 18 }}>
          {jobTitleWords[job.kind]}
        </Box>
        <DateField label={todayWords.moveTo} value={date} onChange={setDate} />
        <TextField
          label={todayWords.reason}
          value={reason}
          onChange={(event) => setReason(event.target.value)}
          helperText={todayWords.reasonNeeded}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 500 } }}
          autoFocus
        />
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button type="submit" variant="contained" disabled={!isPossible}>
            {todayWords.moveYes}
          </Button>
          <Button onClick={onClose}>{appWords.cancel}</Button>
        </Box>
      </Box>
    </SheetDialog>
  )
}
