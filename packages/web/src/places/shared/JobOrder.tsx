import { jobOrderWords } from '@jovrin/contract'
import type { JobKind } from '@jovrin/core'
import { Box } from '@mui/material'
import { useUnits } from '../../ui/units.js'

/** In which order a job is done safely, with its end check; nothing for jobs of which the order does not matter. */
export function JobOrder({ kind }: { kind: JobKind }) {
  const order = jobOrderWords[kind]
  const units = useUnits()
  return order === undefined ? null : <Box sx={{ color: 'text.secondary', fontSize: 13.5, lineHeight: 1.35 }}>{units.words(order)}</Box>
}
