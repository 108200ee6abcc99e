import { verdictWords } from '@jovrin/contract'
import type { Verdict } from '@jovrin/core'
import { Box } from '@mui/material'

/** A sign, a word and a colour: each alone is enough. */
const SIGN: Readonly<Record<Verdict, string>> = { fits: '✓', marginal: '△', fails: '✕' }
const INK: Readonly<Record<Verdict, string>> = { fits: 'var(--mass)', marginal: 'var(--light)', fails: 'var(--algae)' }

export function VerdictMark({ verdict }: { readonly verdict: Verdict }) {
  return (
    <Box component="span" sx={{ color: INK[verdict], whiteSpace: 'nowrap' }}>
      <span aria-hidden>{SIGN[verdict]} </span>
      {verdictWords[verdict]}
    </Box>
  )
}
