import { Box } from '@mui/material'
import type { ReactNode } from 'react'
import { bareButton } from './bareButton.js'

interface RowButtonProps {
  readonly isChosen: boolean
  readonly onChoose: () => void
  readonly children: ReactNode
}

/** The name of a row in a margin table, by which its thing is chosen. */
export function RowButton({ isChosen, onChoose, children }: RowButtonProps) {
  return (
    <Box
      component="button"
      type="button"
      aria-pressed={isChosen}
      onClick={onChoose}
      sx={{
        ...bareButton,
        textAlign: 'left',
        borderBottom: '2px solid transparent',
        '&[aria-pressed=true]': { borderColor: 'var(--focus)', fontWeight: 600 },
      }}
    >
      {children}
    </Box>
  )
}
