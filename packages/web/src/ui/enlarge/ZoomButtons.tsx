import { outlineWords } from '@jovrin/contract'
import { Box } from '@mui/material'
import { MOST_ZOOM } from '../../drawing/paperView.js'
import type { Enlarging } from './usePaperView.js'

/** At the paper’s right edge. */
export function ZoomButtons({ of, view }: { of: string; view: Pick<Enlarging, 'zoom' | 'zoomIn' | 'zoomOut' | 'showWhole'> }) {
  const buttons = [
    ['+', outlineWords.zoomIn, view.zoomIn, view.zoom >= MOST_ZOOM],
    ['−', outlineWords.zoomOut, view.zoomOut, view.zoom <= 1],
    [outlineWords.wholeSign, outlineWords.whole, view.showWhole, view.zoom <= 1],
  ] as const
  return (
    <Box
      className="no-print"
      role="group"
      aria-label={outlineWords.zoomOf(of)}
      sx={{ position: 'absolute', right: 0, top: 12, display: 'flex', flexDirection: 'column', gap: '2px' }}
    >
      {buttons.map(([sign, name, run, isOff]) => (
        <Box
          key={name}
          component="button"
          type="button"
          aria-label={name}
          title={name}
          disabled={isOff}
          onClick={run}
          sx={{
            font: 'inherit',
            fontSize: 14,
            width: 32,
            height: { xs: 36, md: 28 },
            p: 0,
            color: 'var(--ink)',
            background: 'var(--sheet)',
            border: '1px solid var(--ink)',
            cursor: 'pointer',
            '&:disabled': { color: 'var(--ink-2)', borderColor: 'var(--hair)', cursor: 'default' },
          }}
        >
          {sign}
        </Box>
      ))}
    </Box>
  )
}
