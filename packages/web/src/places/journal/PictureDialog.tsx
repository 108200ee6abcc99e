import { appWords, journalWords } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import type { KeyboardEvent } from 'react'
import { NewerIcon, OlderIcon } from '../../ui/icons/acts.js'
import { SheetDialog } from '../../ui/SheetDialog.js'
import { addressOf, titleOf, type Picture } from '../shared/pictures.js'

interface PictureDialogProps {
  readonly picture: Picture
  readonly timeZone: string
  /** Ids of the pictures before and after it in time; `null` at an end. */
  readonly older: string | null
  readonly newer: string | null
  readonly onGo: (id: string) => void
  readonly onEdit: () => void
  readonly onClose: () => void
}

/** One picture, as large as the screen lets it be; the arrow keys go to its neighbours in time. */
export function PictureDialog({ picture, timeZone, older, newer, onGo, onEdit, onClose }: PictureDialogProps) {
  const title = titleOf(picture, timeZone)
  const keys = (event: KeyboardEvent): void => {
    const to = event.key === 'ArrowLeft' ? older : event.key === 'ArrowRight' ? newer : null
    if (to === null) return
    event.preventDefault()
    onGo(to)
  }
  return (
    <SheetDialog title={title} isOpen isWide onClose={onClose}>
      <Box sx={{ p: 2, display: 'grid', gap: 1 }} onKeyDown={keys}>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', gap: 1 }}>
          <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 18, flexGrow: 1 }}>
            {title}
          </Box>
          <Button disabled={older === null} onClick={() => older !== null && onGo(older)}>
            <OlderIcon /> {journalWords.older}
          </Button>
          <Button disabled={newer === null} onClick={() => newer !== null && onGo(newer)}>
            {journalWords.newer} <NewerIcon />
          </Button>
          <Button onClick={onEdit}>{journalWords.edit}</Button>
          <Button onClick={onClose} autoFocus>
            {appWords.close}
          </Button>
        </Box>
        {/* As large as fits, and no larger than it is. */}
        <Box
          component="img"
          src={addressOf(picture)}
          alt={picture.note ?? title}
          width={picture.widthPx}
          height={picture.heightPx}
          sx={{
            display: 'block',
            maxWidth: '100%',
            maxHeight: '70vh',
            width: 'auto',
            height: 'auto',
            objectFit: 'contain',
            justifySelf: 'center',
          }}
        />
        {picture.note !== null && <Box sx={{ maxWidth: 720 }}>{picture.note}</Box>}
      </Box>
    </SheetDialog>
  )
}
