import { careWords } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { session } from '../../api/journal.queries.js'
import { useNotice } from '../../ui/notice.js'

/** The calendar as a file, and the address that a calendar program reads for itself. Without a tank: all of them. */
export function CalendarFile({ tankId }: { tankId?: string }) {
  const tell = useNotice()
  const key = useQuery(session()).data?.calendarKey ?? null
  const path = tankId === undefined ? '/api/calendar.ics' : `/api/tanks/${tankId}/calendar.ics`
  const address = `${window.location.origin}${path}${key === null ? '' : `?key=${key}`}`
  const copy = async (): Promise<void> => {
    try {
      await navigator.clipboard.writeText(address)
      tell({ text: careWords.copied })
    } catch {
      tell({ text: address }) // a page without a secure context may not write there
    }
  }
  return (
    <Box component="section" aria-label={careWords.file} sx={{ display: 'grid', gap: 1 }}>
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 16, borderBottom: '1px solid var(--ink)' }}>
        {careWords.subscribe}
      </Box>
      <Box sx={{ fontSize: 13.5, overflowWrap: 'anywhere' }}>{address}</Box>
      <Box sx={{ fontSize: 13.5, color: 'text.secondary' }}>{key === null ? careWords.subscribeHint : careWords.subscribeLan}</Box>
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button onClick={() => void copy()}>{careWords.copy}</Button>
        <Button component="a" href={path} download>
          {careWords.file}
        </Button>
      </Box>
    </Box>
  )
}
