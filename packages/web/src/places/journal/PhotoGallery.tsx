import { journalWords } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { photosOfTank } from '../../api/journal.queries.js'
import { bareButton } from '../../ui/bareButton.js'
import { EditDialog } from './EditDialog.js'
import { PictureDialog } from './PictureDialog.js'
import { addressOf, picturesIn, titleOf } from '../shared/pictures.js'

const SHOWN_AT_FIRST = 12

/** All pictures of a tank, the newest first; each opens large, with its caption. */
export function PhotoGallery({ tankId, timeZone }: { tankId: string; timeZone: string }) {
  const pictures = picturesIn(useQuery(photosOfTank(tankId)).data?.entries ?? [])
  const [most, setMost] = useState(SHOWN_AT_FIRST)
  const [openId, setOpen] = useState<string | null>(null)
  const [isEditing, setEditing] = useState(false)
  const at = pictures.findIndex(({ picture }) => picture.id === openId)
  const open = pictures[at]
  if (pictures.length === 0) return null
  return (
    <Box component="section" aria-label={journalWords.gallery} sx={{ minWidth: 0 }}>
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 18, borderBottom: '2px solid var(--ink)', mb: 1 }}>
        {journalWords.gallery}
      </Box>
      <Box
        component="ul"
        sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1, gridTemplateColumns: 'repeat(auto-fill, minmax(124px, 1fr))' }}
      >
        {pictures.slice(0, most).map(({ picture }) => (
          <li key={picture.id}>
            <Box
              component="button"
              type="button"
              onClick={() => setOpen(picture.id)}
              sx={{
                ...bareButton,
                textAlign: 'left',
                width: '100%',
                '&:focus-visible': { outline: '2px solid var(--focus)', outlineOffset: 2 },
              }}
            >
              <Box
                component="img"
                src={addressOf(picture, 'small')}
                alt=""
                loading="lazy"
                sx={{ display: 'block', width: '100%', aspectRatio: '4 / 3', objectFit: 'cover', border: '1px solid var(--ink)' }}
              />
              <Box sx={{ fontSize: 13 }}>{titleOf(picture, timeZone)}</Box>
              {picture.note !== null && (
                <Box sx={{ fontSize: 13, color: 'text.secondary', overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' }}>
                  {picture.note}
                </Box>
              )}
            </Box>
          </li>
        ))}
      </Box>
      {pictures.length > most && (
        <Button onClick={() => setMost(most + SHOWN_AT_FIRST * 2)} sx={{ mt: 1 }}>
          {journalWords.morePictures}
        </Button>
      )}
      {open !== undefined && !isEditing && (
        <PictureDialog
          picture={open.picture}
          timeZone={timeZone}
          older={pictures[at + 1]?.picture.id ?? null}
          newer={pictures[at - 1]?.picture.id ?? null}
          onGo={setOpen}
          onEdit={() => setEditing(true)}
          onClose={() => setOpen(null)}
        />
      )}
      {open !== undefined && isEditing && (
        <EditDialog tankId={tankId} timeZone={timeZone} entry={open.entry} onClose={() => setEditing(false)} />
      )}
    </Box>
  )
}
