import { Box } from '@mui/material'
import type { ReactNode } from 'react'

/** A part of a long answer under its own heading. */
export function AnswerPart({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <Box component="section" aria-label={title} sx={{ display: 'grid', gap: 1 }}>
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 17, borderBottom: '1px solid var(--ink)' }}>
        {title}
      </Box>
      {children}
    </Box>
  )
}
