import { appWords, shelfWords, type ArchivedTank } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { archivedTanks } from '../../api/tanks.queries.js'
import { SheetDialog } from '../../ui/SheetDialog.js'
import { longDate, significant } from '../../ui/units.js'
import { useArchiving } from './useArchiving.js'

/** Tanks that stand on the shelf no more: restored in one click, deleted only after a question. */
export function Archive() {
  const tanks = useQuery(archivedTanks()).data ?? []
  const { restore, deleteForGood } = useArchiving()
  const [asked, setAsked] = useState<ArchivedTank | null>(null)
  if (tanks.length === 0) return null
  return (
    <Box component="details" sx={{ mt: 2, px: { xs: 1.5, md: 0 } }}>
      <Box component="summary" sx={{ cursor: 'pointer', color: 'text.secondary' }}>
        {shelfWords.archivedTanks(tanks.length, significant(tanks.length))}
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {tanks.map((tank) => (
          <Box
            component="li"
            key={tank.id}
            sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', borderBottom: '1px solid var(--hair)', py: 0.5 }}
          >
            <Box component="span" className="lettering" sx={{ fontSize: 17, textTransform: 'none', overflowWrap: 'anywhere' }}>
              {tank.name}
            </Box>
            <Box component="span" className="figures" sx={{ color: 'text.secondary', flexGrow: 1 }}>
              {shelfWords.archivedFacts(significant(tank.records, 7), longDate(tank.archivedAt.slice(0, 10)))}
            </Box>
            <Button onClick={() => void restore(tank.id, tank.name)} aria-label={shelfWords.restoreOf(tank.name)}>
              {shelfWords.restore}
            </Button>
            <Button
              variant="text"
              onClick={() => setAsked(tank)}
              aria-label={shelfWords.deleteOf(tank.name)}
              sx={{ color: 'text.secondary' }}
            >
              {shelfWords.deleteForGood}
            </Button>
          </Box>
        ))}
      </Box>
      <SheetDialog title={shelfWords.deleteForGood} isOpen={asked !== null} onClose={() => setAsked(null)}>
        <Box sx={{ p: 3, maxWidth: 440 }}>
          <p>{asked && shelfWords.deleteSure(asked.name, significant(asked.records, 7))}</p>
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button variant="contained" onClick={() => setAsked(null)}>
              {appWords.cancel}
            </Button>
            <Button
              color="error"
              onClick={() => {
                if (asked) void deleteForGood(asked.id, asked.name)
                setAsked(null)
              }}
            >
              {shelfWords.deleteYes}
            </Button>
          </Box>
        </Box>
      </SheetDialog>
    </Box>
  )
}
