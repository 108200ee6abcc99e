import { Box } from '@mui/material'
import type { ReactNode } from 'react'

/** Questions that belong together, numbered as the parts of a drawing are. */
export function Group({ number, title, children }: { number: number; title: string; children: ReactNode }) {
  return (
    <Box component="section" aria-labelledby={`q${number}`}>
      <Box
        component="h2"
        id={`q${number}`}
        className="lettering"
        sx={{ fontSize: 16, m: 0, mb: 0.75, borderBottom: '1px solid var(--ink)', display: 'flex', gap: 1 }}
      >
        <span className="figures">{number}</span>
        {title}
      </Box>
      {children}
    </Box>
  )
}

export const Grid = ({ children, min = 118 }: { children: ReactNode; min?: number }) => (
  <Box
    sx={{ display: 'grid', gridTemplateColumns: `repeat(auto-fill, minmax(${min}px, 1fr))`, columnGap: 2, rowGap: 1, alignItems: 'start' }}
  >
    {children}
  </Box>
)
