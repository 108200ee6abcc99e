import { Dialog } from '@mui/material'
import type { ReactNode } from 'react'

interface SheetDialogProps {
  readonly title: string
  readonly isOpen: boolean
  /** Left out where a choice must be made. */
  readonly onClose?: () => void
  /** For tables: as wide as the screen allows. */
  readonly isWide?: boolean
  readonly children: ReactNode
}

/** A dialog whose name is told to those who cannot see it. */
export function SheetDialog({ title, isOpen, onClose, isWide = false, children }: SheetDialogProps) {
  return (
    <Dialog
      open={isOpen}
      maxWidth={isWide ? 'lg' : 'sm'}
      {...(onClose ? { onClose } : {})}
      slotProps={{
        paper: {
          'aria-label': title,
          sx: { overflowY: 'auto', m: { xs: 1.5, sm: 4 }, maxHeight: { xs: 'calc(100% - 24px)', sm: 'calc(100% - 64px)' } },
        },
      }}
    >
      {children}
    </Dialog>
  )
}
