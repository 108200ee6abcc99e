import { enJournal } from '@jovrin/contract'
import { Box, Button, TextField } from '@mui/material'
import { useState } from 'react'

/** Local date and time as the platform's field writes it; `null` is now. */
export type When = string | null

export const instantOfWhen = (when: When): string => (when === null ? new Date() : new Date(when)).toISOString()
export const localOf = (at: string): string => {
  const date = new Date(at)
  return new Date(date.getTime() - date.getTimezoneOffset() * 60_000).toISOString().slice(0, 16)
}

/** A clock may be a little ahead. */
const MINUTE_MS = 60_000

/** When it happened: now, unless one says otherwise. */
export function WhenField({ when, onChange }: { when: When; onChange: (when: When) => void }) {
  const [isFuture, setFuture] = useState(false)
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'end' }}>
      {when === null ? (
        <>
          <Box sx={{ fontSize: 14, color: 'text.secondary' }}>{`${enJournal.when}: ${enJournal.now}`}</Box>
          <Button variant="text" onClick={() => onChange(localOf(new Date().toISOString()))} sx={{ minWidth: 0 }}>
            {enJournal.earlier}
          </Button>
        </>
      ) : (
        <>
          <TextField
            type="datetime-local"
            label={enJournal.when}
            value={when}
            onChange={(event) => {
              const next = event.target.value === '' ? null : event.target.value
              setFuture(next !== null && Date.parse(instantOfWhen(next)) > Date.now() + MINUTE_MS)
              onChange(next)
            }}
            helperText={isFuture ? enJournal.inFuture : ''}
            slotProps={{ inputLabel: { shrink: true } }}
          />
          <Button variant="text" onClick={() => onChange(null)} sx={{ minWidth: 0 }}>
            {enJournal.now}
          </Button>
        </>
      )}
    </Box>
  )
}
