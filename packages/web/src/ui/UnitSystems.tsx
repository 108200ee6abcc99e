import { appWords } from '@jovrin/contract'
import { METRIC_UNITS } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { US_UNITS, useUnits } from './units.js'

/** Both systems of units, at one touch. */
export function UnitSystems() {
  const units = useUnits()
  return (
    <Box role="group" aria-label={appWords.units.open} sx={{ display: 'flex', gap: 1 }}>
      <Button onClick={() => units.choose(METRIC_UNITS)} sx={{ minHeight: { xs: 44, md: 0 } }}>
        {appWords.units.metric}
      </Button>
      <Button onClick={() => units.choose(US_UNITS)} sx={{ minHeight: { xs: 44, md: 0 } }}>
        {appWords.units.us}
      </Button>
    </Box>
  )
}
