import { shelfWords } from '@jovrin/contract'
import { newPlan, tankFigures } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { Link } from 'react-router'
import { UnitSystems } from '../../ui/UnitSystems.js'
import { useSample } from './useNewTank.js'
import { SmallSection } from '../../drawing/section/SmallSection.js'

const SAMPLE_AGE = 40

/** What this place does, one button to begin, a sample to look at. */
export function EmptyShelf() {
  const sample = newPlan('', '2026-01-01', 'UTC')
  const makeSample = useSample()
  return (
    <Box sx={{ maxWidth: 720, mx: 'auto', p: { xs: 3, md: 6 } }}>
      <Box component="h1" className="lettering" sx={{ fontSize: 28, m: 0 }}>
        {shelfWords.emptyTitle}
      </Box>
      <p>{shelfWords.emptyBody}</p>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center' }}>
        <Button component={Link} to="/new" variant="contained" sx={{ minHeight: 40 }}>
          {shelfWords.newTank}
        </Button>
        <UnitSystems />
      </Box>
      <Box sx={{ mt: 2 }}>
        <Button onClick={() => void makeSample()}>{shelfWords.playSample}</Button>
        <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{shelfWords.playSampleHint}</Box>
      </Box>
      <Box sx={{ color: 'text.secondary', mt: 4, mb: 1 }}>{shelfWords.emptySample}</Box>
      <Box sx={{ borderBottom: '2px solid var(--ink)' }}>
        <SmallSection figures={tankFigures(sample)} ageDays={SAMPLE_AGE} pxPerCm={5} description={shelfWords.emptySample} />
      </Box>
    </Box>
  )
}
