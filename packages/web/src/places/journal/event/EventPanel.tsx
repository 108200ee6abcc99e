import { journalWords } from '@jovrin/contract'
import { Box, ToggleButton, ToggleButtonGroup } from '@mui/material'
import { useState } from 'react'
import { useSearchParams } from 'react-router'
import { useLog } from '../../shared/logging.js'
import { PhotoForm } from '../PhotoForm.js'
import { EVENT_KINDS, type EventKind } from './eventDraft.js'
import { EventForm } from './EventForm.js'

/** Everything that is not a reading. An address may open a kind, and a patch for plants. */
export function EventPanel({ tankId, timeZone }: { tankId: string; timeZone: string }) {
  const log = useLog(tankId)
  const [search] = useSearchParams()
  const [kind, setKind] = useState<EventKind | 'photo' | null>(() => EVENT_KINDS.find((one) => one === search.get('log')) ?? null)
  return (
    <Box component="section" aria-label={journalWords.event} sx={{ display: 'grid', gap: 1.25 }}>
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 16, borderBottom: '1px solid var(--ink)' }}>
        {journalWords.event}
      </Box>
      <ToggleButtonGroup
        exclusive
        size="small"
        aria-label={journalWords.event}
        value={kind}
        onChange={(_, next: EventKind | 'photo' | null) => setKind(next)}
        sx={{ display: 'flex', flexWrap: 'wrap' }}
      >
        {[...EVENT_KINDS, 'photo' as const].map((name) => (
          <ToggleButton key={name} value={name} sx={{ minHeight: { xs: 42, md: 26 } }}>
            {journalWords.kinds[name]}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {kind === 'photo' && <PhotoForm tankId={tankId} />}
      {kind !== null && kind !== 'photo' && (
        <EventForm
          tankId={tankId}
          key={kind}
          kind={kind}
          begin={{ bed: search.get('patch') ?? '' }}
          keptAs={`jovrin.event.${tankId}.${kind}`}
          timeZone={timeZone}
          submitLabel={journalWords.logKind[kind] ?? journalWords.log}
          onSubmit={async (record) => {
            await log([record], record.at, journalWords.kinds[kind])
            setKind(null)
          }}
        />
      )}
    </Box>
  )
}
