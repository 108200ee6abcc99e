import { describeWords, outlineWords } from '@jovrin/contract'
import { Box, Button } from '@mui/material'
import type { ReactNode } from 'react'
import { Choice } from '../../../ui/Choice.js'
import { LEAST_CORNERS, type Outlines } from './useOutlines.js'

interface OutlineToolsProps {
  readonly outlines: Outlines
  readonly onFinish: () => void
  /** What a click does, and whatever else the sheet offers. */
  readonly children: ReactNode
}

/** The line above a sheet of outlines: what a click does, whether it snaps, and what is being drawn. */
export function OutlineTools({ outlines: { canSnap, setSnap, drawn, setDrawn, gesture }, onFinish, children }: OutlineToolsProps) {
  const kind = gesture === 'outline' || gesture === 'line' ? gesture : null
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'end', mb: 0.5 }} className="no-print">
        {children}
        <Choice
          label={outlineWords.snap}
          why={outlineWords.snapWhy}
          value={canSnap ? 'yes' : 'no'}
          options={[
            ['yes', describeWords.yes],
            ['no', describeWords.no],
          ]}
          onChange={(next) => setSnap(next === 'yes')}
        />
      </Box>
      {/* Its room is kept while nothing is drawn: a line that came with the first corner would move the sheet under the hand. */}
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', fontSize: 14, minHeight: 30 }} className="no-print">
        {kind !== null && (
          <>
            <span role="status">{outlineWords.drawn(drawn.length)}</span>
            <Button onClick={onFinish} disabled={drawn.length < LEAST_CORNERS[kind]}>
              {outlineWords.finish[kind]}
            </Button>
            <Button variant="text" disabled={drawn.length === 0} onClick={() => setDrawn(drawn.slice(0, -1))}>
              {outlineWords.dropCorner}
            </Button>
          </>
        )}
      </Box>
    </>
  )
}
