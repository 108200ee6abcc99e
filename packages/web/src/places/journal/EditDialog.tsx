import { appWords, journalWords, type JournalEntry, readingQuantityWords, recordKindWords } from '@jovrin/contract'
import type { JournalRecord } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { SheetDialog } from '../../ui/SheetDialog.js'
import { EventForm } from './event/EventForm.js'
import { NoteForm } from './NoteForm.js'
import { ReadingForm } from './reading/ReadingForm.js'
import { useRecordChange } from './useRecordChange.js'

interface EditDialogProps {
  readonly tankId: string
  readonly timeZone: string
  readonly entry: JournalEntry
  readonly onClose: () => void
}

/** Changes one record. Somebody else's change since is never overwritten: it is said, and the text stays. */
export function EditDialog({ tankId, timeZone, entry, onClose }: EditDialogProps) {
  const { change } = useRecordChange(tankId)
  const { record } = entry
  const keep = async (next: JournalRecord): Promise<void> => {
    await change(entry, next)
    onClose()
  }
  return (
    <SheetDialog title={journalWords.editTitle} isOpen onClose={onClose}>
      <Box sx={{ p: 3, width: { xs: 'auto', sm: 420 }, display: 'grid', gap: 1.5 }}>
        <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 18 }}>
          {record.kind === 'reading' ? readingQuantityWords[record.quantity] : recordKindWords[record.kind]}
        </Box>
        {record.kind === 'reading' && <ReadingForm reading={record} timeZone={timeZone} onKeep={keep} onClose={onClose} />}
        {(record.kind === 'glance' || record.kind === 'photo') && (
          <NoteForm record={record} timeZone={timeZone} onKeep={keep} onClose={onClose} />
        )}
        {record.kind !== 'reading' && record.kind !== 'glance' && record.kind !== 'photo' && (
          <EventForm
            tankId={tankId}
            kind={record.kind}
            initial={record}
            timeZone={timeZone}
            submitLabel={journalWords.logKind['reading'] ?? ''}
            onSubmit={keep}
          >
            <Button onClick={onClose}>{appWords.cancel}</Button>
          </EventForm>
        )}
      </Box>
    </SheetDialog>
  )
}
