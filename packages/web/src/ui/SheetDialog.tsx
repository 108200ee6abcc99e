import { formWords } from '@jovrin/contract'
import { Box, Dialog } from '@mui/material'
import { useCallback, useRef, useState, type ReactNode } from 'react'
import { UnsavedContext } from './unsaved.js'

interface SheetDialogProps {
  readonly title: string
  readonly isOpen: boolean
  /** Left out where a choice must be made. */
  readonly onClose?: () => void
  /** For tables: as wide as the screen allows. */
  readonly isWide?: boolean
  readonly children: ReactNode
}

/** A dialog whose name is told to those who cannot see it. A click beside it or Escape loses nothing that is typed: then it stays and says so. */
export function SheetDialog({ title, isOpen, onClose, isWide = false, children }: SheetDialogProps) {
  const isUnsaved = useRef(false)
  const [isHeld, setHeld] = useState(false)
  const tellUnsaved = useCallback((is: boolean) => {
    isUnsaved.current = is
    if (!is) setHeld(false)
  }, [])
  return (
    <Dialog
      open={isOpen}
      maxWidth={isWide ? 'lg' : 'sm'}
      {...(onClose ? { onClose: () => (isUnsaved.current ? setHeld(true) : onClose()) } : {})}
      slotProps={{
        paper: {
          'aria-label': title,
          sx: { overflowY: 'auto', m: { xs: 1.5, sm: 4 }, maxHeight: { xs: 'calc(100% - 24px)', sm: 'calc(100% - 64px)' } },
        },
      }}
    >
      <UnsavedContext value={tellUnsaved}>{children}</UnsavedContext>
      {isHeld && (
        <Box role="alert" sx={{ px: 3, pb: 2, color: 'var(--algae)' }}>
          {formWords.unsaved}
        </Box>
      )}
    </Dialog>
  )
}
