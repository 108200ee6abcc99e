import { lightWords } from '@jovrin/contract'
import { LIGHT_LEVEL_FROM, LIGHT_LEVELS } from '@jovrin/core'
import { Box } from '@mui/material'
import { LEVEL_DEPTH } from '../../../../drawing/light/LightLines.js'
import { useUnits } from '../../../../ui/units.js'

/** What the amber means, by its depth and its numbers. */
export function LevelKey() {
  const units = useUnits()
  return (
    <Box component="ul" sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2, listStyle: 'none', m: 0, p: 0, fontSize: 13 }}>
      {LIGHT_LEVELS.filter((level) => level !== 'dim').map((level) => {
        return (
          <li key={level} style={{ display: 'flex', gap: 6, alignItems: 'center' }}>
            <svg width="22" height="12" aria-hidden>
              <rect
                x="0.5"
                y="0.5"
                width="21"
                height="11"
                fill="var(--light-fill)"
                fillOpacity={LEVEL_DEPTH[level]}
                stroke="var(--light)"
              />
            </svg>
            {lightWords.levels[level]} ≥ {units.show('ppfd', LIGHT_LEVEL_FROM[level])}
          </li>
        )
      })}
    </Box>
  )
}
