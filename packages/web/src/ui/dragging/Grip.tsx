import type { DraggableAttributes, DraggableSyntheticListeners } from '@dnd-kit/core'
import { draggingWords } from '@jovrin/contract'
import { Button } from '@mui/material'
import { GripIcon } from '../icons/acts.js'

interface GripProps {
  /** What is dragged by it. */
  readonly name: string
  readonly gripRef: (element: HTMLElement | null) => void
  readonly attributes: DraggableAttributes
  readonly listeners: DraggableSyntheticListeners
}

/** Where a thing is gripped. It is no part of the text around it, so that text can still be marked and pages still be scrolled. */
export function Grip({ name, gripRef, attributes, listeners }: GripProps) {
  return (
    <Button
      ref={gripRef}
      variant="text"
      className="no-print"
      sx={{ minWidth: 24, p: 0, color: 'text.secondary', cursor: 'grab', touchAction: 'none' }}
      {...attributes}
      {...listeners}
      aria-label={draggingWords.grip(name)}
    >
      <GripIcon />
    </Button>
  )
}
