import { appWords, journalWords } from '@jovrin/contract'
import { READING_QUANTITIES, RECORD_KINDS, type ReadingQuantity, type RecordKind } from '@jovrin/core'
import { Box, ToggleButton, ToggleButtonGroup } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense, useCallback, useMemo } from 'react'
import { useParams, useSearchParams } from 'react-router'
import type { JournalFind } from '../../api/journal.queries.js'
import { agedTimeline, planOfTank, timelineOfTank } from '../../api/tanks.queries.js'
import { QueryState } from '../../ui/QueryState.js'
import { EntryList } from './EntryList.js'
import { EventPanel } from './event/EventPanel.js'
import { GlancePanel } from './GlancePanel.js'
import { MeasuredChart } from './MeasuredChart.js'
import { PhotoGallery } from './PhotoGallery.js'
import { PhotoCompare } from './PhotoCompare.js'
import { ReadingPanel } from './reading/ReadingPanel.js'
import { SettingHistory } from '../shared/history/SettingHistory.js'

/** The table is large and comes when it is asked for; whoever has lost the server by then keeps the rest of the page. */
const ReadingsTable = lazy(async () => {
  const found = await import('./table/ReadingsTable.js').catch(() => null)
  return { default: found?.ReadingsTable ?? Unreached }
})
const Unreached = () => <QueryState error={new Error(appWords.offline)} onRetry={() => window.location.reload()} />

const oneOf = <T extends string>(values: readonly T[], text: string | null): T | null => values.find((value) => value === text) ?? null

/** Log on the right (first on a phone), what was measured beside the forecast on the left, and all that happened below. */
export function JournalPlace() {
  const { tankId = '' } = useParams()
  const plan = useQuery(planOfTank(tankId))
  const timeline = useQuery(timelineOfTank(tankId))
  const [search, setSearch] = useSearchParams()
  const aged = useMemo(() => (timeline.data ? agedTimeline(timeline.data) : null), [timeline.data])
  const show = useCallback(
    (part: Readonly<Record<string, string | null>>) =>
      setSearch(
        (before) => {
          const next = new URLSearchParams(before)
          for (const [key, value] of Object.entries(part))
            if (value === null || value === '') next.delete(key)
            else next.set(key, value)
          return next
        },
        { replace: true },
      ),
    [setSearch],
  )
  if (!plan.data || aged === null)
    return <QueryState error={plan.error ?? timeline.error} onRetry={() => void Promise.all([plan.refetch(), timeline.refetch()])} />
  const { timeZone } = plan.data.plan
  const quantity: ReadingQuantity = oneOf(READING_QUANTITIES, search.get('quantity')) ?? 'nitrate'
  const isSheet = search.get('view') === 'sheet'
  const find: JournalFind = {
    kind: oneOf<RecordKind>(RECORD_KINDS, search.get('kind')),
    quantity: oneOf(READING_QUANTITIES, search.get('of')),
    text: search.get('q') ?? '',
  }
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: 'minmax(0,1fr) 384px' }, flexGrow: 1 }}>
      <Box
        component="aside"
        aria-label={journalWords.log}
        sx={{
          order: { xs: 0, lg: 1 },
          borderLeft: { lg: '2px solid var(--ink)' },
          background: 'var(--sheet)',
          px: 2,
          py: 1.25,
          display: 'grid',
          gap: 2,
          alignContent: 'start',
        }}
      >
        <Box component="h1" className="lettering" sx={{ m: 0, fontSize: 22 }}>
          {journalWords.title}
        </Box>
        <GlancePanel key={`glance ${tankId}`} tankId={tankId} />
        <ReadingPanel key={`readings ${tankId}`} tankId={tankId} timeZone={timeZone} />
        <EventPanel key={`event ${tankId}`} tankId={tankId} timeZone={timeZone} />
        <SettingHistory tankId={tankId} />
      </Box>
      <Box sx={{ px: 2, py: 1, minWidth: 0, display: 'grid', gap: 2, alignContent: 'start' }}>
        <MeasuredChart
          tankId={tankId}
          timeZone={timeZone}
          aged={aged}
          quantity={quantity}
          onQuantity={(next) => show({ quantity: next })}
        />
        <Box sx={{ minWidth: 0 }}>
          <ToggleButtonGroup
            exclusive
            size="small"
            aria-label={journalWords.list}
            value={isSheet ? 'sheet' : 'list'}
            onChange={(_, view: string | null) => view !== null && show({ view: view === 'sheet' ? view : null })}
            sx={{ mb: 0.5 }}
          >
            <ToggleButton value="list">{journalWords.views.list}</ToggleButton>
            <ToggleButton value="sheet">{journalWords.views.sheet}</ToggleButton>
          </ToggleButtonGroup>
          {isSheet ? (
            <Suspense fallback={<QueryState error={null} onRetry={() => undefined} />}>
              <ReadingsTable key={tankId} tankId={tankId} tankName={plan.data.plan.name} timeZone={timeZone} />
            </Suspense>
          ) : (
            <EntryList
              tankId={tankId}
              timeZone={timeZone}
              find={find}
              onFind={(next) => show({ kind: next.kind, of: next.quantity, q: next.text })}
              marked={search.get('record')}
            />
          )}
        </Box>
        <PhotoGallery key={`gallery ${tankId}`} tankId={tankId} timeZone={timeZone} />
        <PhotoCompare key={tankId} tankId={tankId} timeZone={timeZone} />
      </Box>
    </Box>
  )
}
