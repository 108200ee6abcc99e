import { startWeeksWords } from '@jovrin/contract'
import type { Growth, StartPhase } from '@jovrin/core'
import { Box } from '@mui/material'
import { growthSentence } from '../lead.text.js'

/** Instead of the lead, in a week in which plants and water are not together. */
export function StartNote({ phase, growth }: { readonly phase: Exclude<StartPhase, 'planted'>; readonly growth: Growth }) {
  return (
    <Box role="status" aria-live="polite" sx={{ minHeight: { lg: 104 }, py: 0.5 }}>
      <Box sx={{ fontSize: 17, lineHeight: 1.3, fontWeight: 600 }}>{startWeeksWords.balance[phase]}</Box>
      {phase === 'dry' && <Box sx={{ fontSize: 15, mt: 0.25 }}>{growthSentence(growth)}</Box>}
    </Box>
  )
}
