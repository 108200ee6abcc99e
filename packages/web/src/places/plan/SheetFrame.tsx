import { Box } from '@mui/material'
import type { ReactNode } from 'react'

interface SheetFrameProps {
  readonly drawing: ReactNode
  readonly margin: ReactNode
  readonly marginWidth?: number
}

/** A drawing with its margin column. The drawing stays in view while the margin scrolls. */
export function SheetFrame({ drawing, margin, marginWidth = 440 }: SheetFrameProps) {
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', md: `minmax(0,1fr) ${marginWidth}px` }, flexGrow: 1 }}>
      <Box sx={{ position: { md: 'sticky' }, top: 0, alignSelf: 'start', px: 2, py: 1, minWidth: 0 }}>{drawing}</Box>
      <Box
        sx={{
          borderLeft: { md: '2px solid var(--ink)' },
          background: 'var(--sheet)',
          px: 2,
          py: 1.5,
          minWidth: 0,
          display: 'grid',
          gap: 2,
          alignContent: 'start',
          // On paper the margin stands below the drawing, in two columns.
          '@media print': {
            display: 'block',
            columnCount: 2,
            columnGap: 4,
            px: 0,
            '& > *': { mb: 2 },
            '& h2': { breakAfter: 'avoid' },
            '& tr, & li': { breakInside: 'avoid' },
          },
        }}
      >
        {margin}
      </Box>
    </Box>
  )
}
