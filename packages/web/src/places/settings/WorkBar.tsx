import { settingsWords } from '@jovrin/contract'
import { Box, Button, LinearProgress } from '@mui/material'
import type { LongWork } from '../../api/longWork.js'

/** How far a file is on its way in, and the way to call it off. Shown while something is under way. */
export function WorkBar({ work, label }: { work: LongWork; label: string }) {
  if (work.share === null) return null
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5 }}>
      <LinearProgress
        aria-label={label}
        sx={{ flexGrow: 1 }}
        {...(work.share > 0 ? { variant: 'determinate' as const, value: Math.min(100, work.share * 100) } : {})}
      />
      <Button onClick={work.callOff}>{settingsWords.callOff}</Button>
    </Box>
  )
}
