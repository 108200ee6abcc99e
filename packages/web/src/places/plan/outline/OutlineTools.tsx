import { enDescribe, enOutline } from '@jovrin/contract'
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
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'end', mb: 0.5 }} className="no-print">
        {children}
        <Choice
          label={enOutline.snap}
          why={enOutline.snapWhy}
          value={canSnap ? 'yes' : 'no'}
          options={[
            ['yes', enDescribe.yes],
            ['no', enDescribe.no],
          ]}
          onChange={(next) => setSnap(next === 'yes')}
        />
      </Box>
      {drawn.length > 0 && (gesture === 'outline' || gesture === 'line') && (
        <Box role="status" sx={{ display: 'flex', gap: 1, alignItems: 'center', fontSize: 14 }}>
          {enOutline.drawn(drawn.length)}
          <Button onClick={onFinish} disabled={drawn.length < LEAST_CORNERS[gesture]}>
            {enOutline.finish[gesture]}
          </Button>
          <Button variant="text" onClick={() => setDrawn(drawn.slice(0, -1))}>
            {enOutline.dropCorner}
          </Button>
        </Box>
      )}
    </>
  )
}
