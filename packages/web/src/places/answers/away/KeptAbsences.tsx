import { awayWords } from '@jovrin/contract'
import type { Absence } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { longDate } from '../../../ui/units.js'

interface KeptProps {
  readonly absences: readonly Absence[]
  readonly openId: string | null
  readonly onEdit: (absence: Absence) => void
  readonly onRemove: (absence: Absence) => void
}

/** Absences that are to come, or hardly over; each opens below. */
export function KeptAbsences({ absences, openId, onEdit, onRemove }: KeptProps) {
  const text = awayWords
  if (absences.length === 0) return null
  return (
    <Box component="section" aria-label={text.kept}>
      <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 16 }}>
        {text.kept}
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {[...absences]
          .sort((a, b) => (a.leaveOn < b.leaveOn ? -1 : 1))
          .map((absence) => (
            <Box
              component="li"
              key={absence.id}
              sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center', borderTop: '1px solid var(--hair)', py: 0.5 }}
            >
              <Box component="span" sx={{ minWidth: 260, fontWeight: absence.id === openId ? 600 : undefined }}>
                {text.keptOne(longDate(absence.leaveOn), longDate(absence.backOn))}
              </Box>
              {absence.id !== openId && <Button onClick={() => onEdit(absence)}>{text.edit}</Button>}
              <Button onClick={() => onRemove(absence)}>{text.remove}</Button>
            </Box>
          ))}
      </Box>
    </Box>
  )
}
