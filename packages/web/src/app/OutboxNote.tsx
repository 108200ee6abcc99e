import { outboxWords } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import { useEffect } from 'react'
import { useJournalChanged } from '../api/journal.queries.js'
import { outbox } from '../api/outbox.js'
import { useOutbox } from '../api/useOutbox.js'
import { useNotice } from '../ui/notice.js'
import { significant } from '../ui/units.js'

/** One line that says what waits on this device, and what the server refused of it. Loaded after the page: it needs the device's own database. */
export function OutboxNote() {
  const items = useOutbox()
  const changed = useJournalChanged()
  const tell = useNotice()
  useEffect(
    () =>
      outbox.watch((tankIds) => {
        tell({ text: outboxWords.sent(significant(tankIds.length)) })
        for (const tankId of new Set(tankIds)) void changed(tankId)
      }),
    [changed, tell],
  )
  const waiting = items.filter(({ refusal }) => refusal === null)
  const refused = items.filter(({ refusal }) => refusal !== null)
  if (items.length === 0) return null
  return (
    <Box
      role="status"
      className="no-print"
      sx={{ px: 2, py: 0.5, background: 'var(--sheet)', borderBottom: '1px solid var(--hair)', fontSize: 14 }}
    >
      {waiting.length > 0 && <div>{outboxWords.waiting(significant(waiting.length))}</div>}
      {refused.length > 0 && <div>{outboxWords.refused(significant(refused.length))}</div>}
      {refused.map(({ key, refusal }) => (
        <Box key={key} sx={{ display: 'flex', gap: 1, alignItems: 'center', color: 'var(--algae)' }}>
          {refusal}
          <Button onClick={() => void outbox.discard(key)}>{outboxWords.discard}</Button>
        </Box>
      ))}
    </Box>
  )
}
