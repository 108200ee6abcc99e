import { Dialog } from '@mui/material'
import type { ReactNode } from 'react'

interface SheetDialogProps {
  readonly title: string
  readonly isOpen: boolean
  /** Left out where a choice must be made. */
  readonly onClose?: () => void
  readonly children: ReactNode
}

/** A dialog whose name is told to those who cannot see it. */
export function SheetDialog({ title, isOpen, onClose, children }: SheetDialogProps) {
  return (
    <Dialog open={isOpen} {...(onClose ? { onClose } : {})} slotProps={{ paper: { 'aria-label': title } }}>
      {children}
    </Dialog>
  )
}
