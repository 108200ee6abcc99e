import { appWords, settingsWords, Unreadable, UNREADABLE_TOLD } from '@jovrin/contract'
import { Box, Button, LinearProgress } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson } from '../../api/http.js'
import { allTanks } from '../../api/tanks.queries.js'
import { significant } from '../../ui/units.js'
import { Section } from './Section.js'

const TOLD = 20

/** Looks every stored entry over when it is asked to, and says what cannot be read. */
export function CheckPanel() {
  const check = useQuery({
    queryKey: ['unreadable', 'all'],
    queryFn: ({ signal }) => getJson('/api/unreadable?all=true', z.array(Unreadable), signal),
    enabled: false,
    retry: false,
  })
  return (
    <Section title={settingsWords.check}>
      <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{settingsWords.checkHint}</Box>
      <Box>
        <Button disabled={check.isFetching} onClick={() => void check.refetch()}>
          {settingsWords.check}
        </Button>
      </Box>
      {check.isFetching && <LinearProgress aria-label={settingsWords.check} />}
      {!check.isFetching && check.error !== null && (
        <Box role="alert" sx={{ color: 'var(--algae)' }}>
          {check.error instanceof Error ? check.error.message : appWords.failed}
        </Box>
      )}
      {!check.isFetching && check.error === null && check.data !== undefined && <Found found={check.data} />}
    </Section>
  )
}

function Found({ found }: { found: readonly Unreadable[] }) {
  const tanks = useQuery(allTanks()).data ?? []
  const count = significant(found.length, 7)
  if (found.length === 0) return <Box role="status">{settingsWords.checkGood}</Box>
  return (
    <Box role="status" sx={{ display: 'grid', gap: 0.5 }}>
      <div>{settingsWords.checkFound(found.length < UNREADABLE_TOLD ? count : settingsWords.orMore(count))}</div>
      {found.slice(0, TOLD).map(({ what, tankId, id, detail }) => (
        <Box key={`${what} ${id}`} sx={{ color: 'var(--algae)', fontSize: 14, overflowWrap: 'anywhere' }}>
          {[tanks.find((tank) => tank.id === tankId)?.plan.name ?? tankId, settingsWords.unreadableWhat[what], id]
            .filter(Boolean)
            .join(' · ')}
          {`: ${detail}`}
        </Box>
      ))}
    </Box>
  )
}
