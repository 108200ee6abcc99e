import { appWords, journalWords, Problem, StoredPhoto } from '@jovrin/contract'
import { Box, TextField } from '@mui/material'
import { useState } from 'react'
import { FileDrop } from '../../ui/FileDrop.js'
import { useLog } from '../shared/logging.js'

/** Pictures from the same spot: each sent first, then named in the journal at the time it was taken. */
export function PhotoForm({ tankId }: { tankId: string }) {
  const log = useLog(tankId)
  const [spot, setSpot] = useState<string>(journalWords.standardSpot)
  const [caption, setCaption] = useState('')
  const [state, setState] = useState<{ readonly isSending: boolean; readonly failure: string | null }>({ isSending: false, failure: null })
  const send = async (file: File): Promise<void> => {
    const form = new FormData()
    form.set('photo', file)
    const answer = await fetch(`/api/tanks/${tankId}/photos`, { method: 'POST', body: form })
    const json: unknown = await answer.json().catch(() => null)
    if (!answer.ok) throw new Error(Problem.safeParse(json).data?.detail ?? appWords.failed)
    const { sha256, widthPx, heightPx, takenAt } = StoredPhoto.parse(json)
    await log(
      [
        {
          kind: 'photo',
          sha256,
          widthPx,
          heightPx,
          spot: spot.trim() === '' ? journalWords.standardSpot : spot.trim(),
          note: caption.trim() === '' ? null : caption.trim(),
        },
      ],
      takenAt ?? new Date().toISOString(),
      journalWords.kinds['photo'] ?? '',
    )
  }
  /** One after another; one that is refused keeps no other back. */
  const sendAll = async (files: readonly File[]): Promise<void> => {
    setState({ isSending: true, failure: null })
    const failures: string[] = []
    for (const file of files)
      try {
        await send(file)
      } catch (error) {
        const why = error instanceof TypeError ? appWords.offline : error instanceof Error ? error.message : appWords.failed
        failures.push(files.length === 1 ? why : `${file.name}: ${why}`)
      }
    setState({ isSending: false, failure: failures.length === 0 ? null : failures.join(' ') })
    if (failures.length === 0) setCaption('')
  }
  return (
    <Box sx={{ display: 'grid', gap: 1.25 }}>
      <TextField
        label={journalWords.field.spot}
        value={spot}
        onChange={(event) => setSpot(event.target.value)}
        helperText={journalWords.spotHint}
        slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 40 } }}
      />
      <TextField
        label={journalWords.field.caption}
        value={caption}
        onChange={(event) => setCaption(event.target.value)}
        slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 4000 } }}
      />
      {state.failure !== null && (
        <Box role="alert" sx={{ color: 'var(--algae)' }}>
          {state.failure}
        </Box>
      )}
      <Box>
        <FileDrop
          label={journalWords.choosePhoto}
          kind="picture"
          variant="contained"
          isDisabled={state.isSending}
          isMany
          onFiles={(files) => void sendAll(files)}
        />
      </Box>
    </Box>
  )
}
