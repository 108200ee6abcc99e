import { appWords, journalWords, readingQuantityWords, recordKindWords, type JournalEntry } from '@jovrin/contract'
import { READING_QUANTITIES, RECORD_KINDS, type ReadingQuantity, type RecordKind } from '@jovrin/core'
import { Box, Button, MenuItem, TextField } from '@mui/material'
import { useInfiniteQuery } from '@tanstack/react-query'
import { Fragment, useState } from 'react'
import { Link } from 'react-router'
import { journalOfTank, useJournalChanged, type JournalFind } from '../../api/journal.queries.js'
import { useOutbox } from '../../api/useOutbox.js'
import { useNotice } from '../../ui/notice.js'
import { QueryState } from '../../ui/QueryState.js'
import { useUnits } from '../../ui/units.js'
import { EditDialog } from './EditDialog.js'
import { recordLine } from '../shared/record.text.js'
import { useRecordChange } from './useRecordChange.js'
import { locale } from '../../ui/locale.js'

interface EntryListProps {
  readonly tankId: string
  readonly timeZone: string
  readonly find: JournalFind
  readonly onFind: (find: JournalFind) => void
  /** A record that a link points at. */
  readonly marked: string | null
}

/** What happened, newest first, day by day; filtered, changed, deleted and restored. */
export function EntryList({ tankId, timeZone, find, onFind, marked }: EntryListProps) {
  const units = useUnits()
  const tell = useNotice()
  const changed = useJournalChanged()
  const change = useRecordChange(tankId)
  const pages = useInfiniteQuery(journalOfTank(tankId, find))
  const waiting = useOutbox().flatMap((item) => (item.tankId === tankId && item.sent.kind === 'record' ? [item.sent.record] : []))
  const [editing, setEditing] = useState<JournalEntry | null>(null)
  const entries = pages.data?.pages.flatMap((page) => page.entries) ?? []
  const day = new Intl.DateTimeFormat(locale(), { timeZone, weekday: 'short', day: 'numeric', month: 'short', year: 'numeric' })
  const clock = new Intl.DateTimeFormat(locale(), { timeZone, hour: '2-digit', minute: '2-digit' })

  const remove = async (entry: JournalEntry): Promise<void> => {
    try {
      await change.remove(entry)
    } catch (error) {
      tell({ text: error instanceof Error ? error.message : appWords.failed })
      await changed(tankId)
    }
  }
  const isFiltered = find.kind !== null || find.quantity !== null || find.text !== ''
  return (
    <Box component="section" aria-label={journalWords.list}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'end', gap: 1.5, borderBottom: '2px solid var(--ink)', pb: 0.5 }}>
        <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 18, flexGrow: 1 }}>
          {journalWords.list}
        </Box>
        <TextField
          select
          label={journalWords.filterKind}
          value={find.quantity ?? find.kind ?? 'all'}
          sx={{ minWidth: 150 }}
          slotProps={{ inputLabel: { shrink: true } }}
          onChange={(event) => {
            const chosen = event.target.value
            onFind({
              ...find,
              kind: (RECORD_KINDS as readonly string[]).includes(chosen) ? (chosen as RecordKind) : null,
              quantity: (READING_QUANTITIES as readonly string[]).includes(chosen) ? (chosen as ReadingQuantity) : null,
            })
          }}
        >
          <MenuItem value="all">{journalWords.everything}</MenuItem>
          {RECORD_KINDS.map((kind) => (
            <MenuItem key={kind} value={kind}>
              {recordKindWords[kind]}
            </MenuItem>
          ))}
          {READING_QUANTITIES.map((quantity) => (
            <MenuItem key={quantity} value={quantity} sx={{ pl: 4 }}>
              {readingQuantityWords[quantity]}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          type="search"
          label={journalWords.filterText}
          value={find.text}
          onChange={(event) => onFind({ ...find, text: event.target.value })}
          sx={{ width: 150 }}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 100 } }}
        />
      </Box>
      {!pages.data && <QueryState error={pages.error} onRetry={() => void pages.refetch()} />}
      {pages.data && entries.length === 0 && waiting.length === 0 && (
        <Box sx={{ py: 3, color: 'text.secondary' }}>
          <div>{isFiltered ? journalWords.noneFound : journalWords.empty}</div>
          {!isFiltered && (
            <Box component={Link} to="/settings#files" sx={{ color: 'inherit' }}>
              {journalWords.bringIn}
            </Box>
          )}
        </Box>
      )}
      <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {waiting.map((record) => (
          <Box component="li" key={record.id} sx={{ display: 'flex', gap: 1.5, py: 0.25, color: 'text.secondary', fontStyle: 'italic' }}>
            <span>{clock.format(new Date(record.at))}</span>
            <span>{`${recordKindWords[record.kind]}: ${recordLine(record, units)}`}</span>
            <span>{journalWords.waiting}</span>
          </Box>
        ))}
        {entries.map((entry, index) => {
          const { record } = entry
          const date = day.format(new Date(record.at))
          const isNewDay = index === 0 || day.format(new Date(entries[index - 1]?.record.at ?? '')) !== date
          return (
            <Fragment key={record.id}>
              {isNewDay && (
                <Box
                  component="li"
                  className="lettering"
                  sx={{ fontSize: 14, mt: 1, borderBottom: '1px solid var(--hair)', color: 'text.secondary' }}
                >
                  {date}
                </Box>
              )}
              <Box
                component="li"
                sx={{
                  display: 'grid',
                  gridTemplateColumns: { xs: '66px 1fr auto', md: '70px 104px minmax(0,1fr) auto' },
                  columnGap: 1,
                  alignItems: 'baseline',
                  py: 0.25,
                  background: record.id === marked ? 'var(--water-fill)' : undefined,
                }}
                {...(record.id === marked ? { ref: scrollTo } : {})}
              >
                <Box component="time" dateTime={record.at} className="figures" sx={{ color: 'text.secondary', whiteSpace: 'nowrap' }}>
                  {clock.format(new Date(record.at))}
                </Box>
                <Box className="lettering" sx={{ fontSize: 14.5, textTransform: 'none', display: { xs: 'none', md: 'block' } }}>
                  {recordKindWords[record.kind]}
                </Box>
                <Box sx={{ minWidth: 0, overflowWrap: 'anywhere' }}>
                  {recordLine(record, units)}
                  {record.note !== null && (
                    <Box component="span" sx={{ color: 'text.secondary', ml: 1 }}>
                      {record.note}
                    </Box>
                  )}
                  {record.recordedBy !== null && (
                    <Box component="span" sx={{ color: 'text.secondary', fontSize: 12.5, ml: 1 }}>
                      {journalWords.by(record.recordedBy)}
                    </Box>
                  )}
                </Box>
                <Box sx={{ whiteSpace: 'nowrap' }}>
                  <Button variant="text" onClick={() => setEditing(entry)} sx={{ minWidth: 0, py: 0, fontSize: 14 }}>
                    {journalWords.edit}
                  </Button>
                  <Button
                    variant="text"
                    onClick={() => void remove(entry)}
                    sx={{ minWidth: 0, py: 0, fontSize: 14, color: 'text.secondary' }}
                  >
                    {journalWords.remove}
                  </Button>
                </Box>
              </Box>
            </Fragment>
          )
        })}
      </Box>
      {pages.hasNextPage && (
        <Button onClick={() => void pages.fetchNextPage()} disabled={pages.isFetchingNextPage} sx={{ my: 1 }}>
          {journalWords.more}
        </Button>
      )}
      {editing !== null && (
        <EditDialog key={editing.record.id} tankId={tankId} timeZone={timeZone} entry={editing} onClose={() => setEditing(null)} />
      )}
    </Box>
  )
}

const scrollTo = (element: HTMLElement | null): void => element?.scrollIntoView({ block: 'center' })
