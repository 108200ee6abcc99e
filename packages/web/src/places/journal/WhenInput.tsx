import { journalWords } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import { useEffect, useState } from 'react'
import type { FieldValues } from 'react-hook-form'
import { expectPicker, MomentField } from '../../ui/dates/DateField.js'
import { useBound, type Bound } from '../../ui/form/fields.js'

/** An ISO instant; `null` is now, an empty text is a time that is not fully typed. */
export type When = string | null

/** `null` while the time is not fully typed. */
export const instantOfWhen = (when: When): string | null => (when === '' ? null : (when ?? new Date().toISOString()))

/** A clock may be a little ahead. */
const MINUTE_MS = 60_000

type WhenInputProps<Draft extends FieldValues, Kept> = Bound<Draft, Kept, When> & { readonly timeZone: string }

/** When it happened, by the tank's clock: now, unless one says otherwise. */
export function WhenInput<Draft extends FieldValues, Kept>({ timeZone, ...bound }: WhenInputProps<Draft, Kept>) {
  const { value: when, onChange, fault } = useBound<Draft, Kept, When>(bound)
  const [isFuture, setFuture] = useState(false)
  useEffect(expectPicker, [])
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'end' }}>
      {when === null ? (
        <>
          <Box sx={{ fontSize: 14, color: 'text.secondary' }}>{`${journalWords.when}: ${journalWords.now}`}</Box>
          <Button variant="text" onClick={() => onChange(new Date().toISOString())} sx={{ minWidth: 0 }}>
            {journalWords.earlier}
          </Button>
        </>
      ) : (
        <>
          <MomentField
            label={journalWords.when}
            value={when}
            timeZone={timeZone}
            onChange={(next) => {
              setFuture(next !== '' && Date.parse(next) > Date.now() + MINUTE_MS)
              onChange(next)
            }}
            helperText={isFuture ? journalWords.inFuture : ''}
            fault={fault}
            sx={{ flexGrow: 1, maxWidth: 260 }}
          />
          <Button variant="text" onClick={() => onChange(null)} sx={{ minWidth: 0 }}>
            {journalWords.now}
          </Button>
        </>
      )}
    </Box>
  )
}
