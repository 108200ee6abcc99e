import { Box } from '@mui/material'
import type { ReactNode } from 'react'

/** A named part of the settings. */
export function Section({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" aria-label={title} sx={{ display: 'grid', gap: 1, minWidth: 0 }}>
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 17, borderBottom: '1px solid var(--ink)' }}>
        {title}
      </Box>
      {children}
    </Box>
  )
}
