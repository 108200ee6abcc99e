import { appWords, journalWords } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import { useState, type ReactNode } from 'react'
import { instantOfWhen, WhenField, type When } from './WhenField.js'

interface RecordFormProps {
  /** When the record says that it was. */
  readonly at: string
  readonly timeZone: string
  /** Keeps the record at an instant; a sentence where what was typed cannot be kept. */
  readonly onKeep: (at: string) => Promise<string | null>
  readonly onClose: () => void
  /** The record's own fields. */
  readonly children: ReactNode
}

/** What every change of a record has around its own fields: the time, the fault, the way out. What was typed stays while it is refused. */
export function RecordForm({ at, timeZone, onKeep, onClose, children }: RecordFormProps) {
  const [when, setWhen] = useState<When>(at)
  const [fault, setFault] = useState<string | null>(null)
  const submit = async (): Promise<void> => {
    const instant = instantOfWhen(when)
    if (instant === null) return setFault(journalWords.whenUnclear)
    try {
      setFault(await onKeep(instant))
    } catch (failure) {
      setFault(failure instanceof Error ? failure.message : appWords.failed)
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
      {children}
      <WhenField when={when} timeZone={timeZone} onChange={setWhen} />
      {fault !== null && (
        <Box role="alert" sx={{ color: 'var(--algae)' }}>
          {fault}
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
