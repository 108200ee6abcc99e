import { Box } from '@mui/material'
import type { ReactNode } from 'react'

/** A small table of the margin column: caption on a ruled line, rows without rules. Rows are the children. */
export function MarginTable({ caption, children }: { caption: string; children: ReactNode }) {
  return (
    <Box
      component="table"
      className="figures"
      sx={{
        borderCollapse: 'collapse',
        width: '100%',
        fontSize: 14,
        '& td, & th': { textAlign: 'left', fontWeight: 'normal', p: 0, lineHeight: 1.4 },
      }}
    >
      <Box component="caption" className="lettering" sx={{ textAlign: 'left', fontSize: 15, borderBottom: '1px solid var(--ink)' }}>
        {caption}
      </Box>
      <tbody>{children}</tbody>
    </Box>
  )
}
