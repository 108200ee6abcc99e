import { groundWords } from '@jovrin/contract'
import { mendOutline, type Spot, zoneOf } from '@jovrin/core'
import { Box, Button, TextField } from '@mui/material'
import { useState } from 'react'
import { localId } from '../../../api/localId.js'
import { FileDrop } from '../../../ui/FileDrop.js'
import { useKeptState } from '../../../ui/useKeptState.js'
import { useUnits } from '../../../ui/units.js'
import type { Desk } from '../desk.js'
import { outlineFaultText } from '../outlineFault.text.js'

const MOST_LINES = 100_000
/** A browser's text field grows slow with more; such a text is read without being shown. */
const MOST_SHOWN = 20_000

/** Corners as text, one on a line: x and y by space, semicolon or tab. `null` for what is no such list. */
export function readSpots(text: string, fromShown: (value: number) => number): readonly Spot[] | { readonly line: number } {
  const spots: Spot[] = []
  const lines = text.split(/\r?\n/).slice(0, MOST_LINES)
  for (const [index, line] of lines.entries()) {
    if (line.trim() === '') continue
    const cells = line
      .trim()
      .split(/[;\t]|\s+/)
      .filter((cell) => cell !== '')
    const [x, y] = cells.map((cell) => Number(cell.replace(',', '.')))
    if (cells.length !== 2 || x === undefined || y === undefined || !Number.isFinite(x) || !Number.isFinite(y)) return { line: index + 1 }
    spots.push({ xCm: fromShown(x), yCm: fromShown(y) })
  }
  return spots
}

/** An outline measured elsewhere, pasted as corners; what does not fit is mended and told, or refused with the reason. */
export function ImportOutline({ desk, onMade }: { desk: Desk; onMade: (id: string) => void }) {
  const { plan, figures, change } = desk
  const units = useUnits()
  const [text, setText] = useKeptState<string>(`jovrin.outline.${desk.tankId}`, '', (kept) => (typeof kept === 'string' ? kept : null))
  const [told, setTold] = useState<string | null>(null)
  const take = (given: string): void => {
    const spots = readSpots(given, (value) => units.from('length', value))
    if ('line' in spots) return setTold(groundWords.importLine(String(spots.line)))
    const { outline, mends, fault } = mendOutline(spots, figures.inner.lengthCm, figures.inner.widthCm)
    if (outline === null) return setTold(fault === 'outside-glass' ? groundWords.importOutside : outlineFaultText(fault ?? 'no-area'))
    const made = zoneOf(plan, outline, groundWords.importName, localId)
    change(() => made.plan)
    setText('')
    setTold(
      mends.length === 0
        ? groundWords.importDone
        : `${groundWords.importDone} ${mends.map((mend) => groundWords.importMend[mend](String(spots.length), String(outline.length))).join(' ')}`,
    )
    onMade(made.id)
  }
  return (
    <Box component="details" sx={{ mt: 1 }}>
      <Box component="summary" sx={{ cursor: 'pointer' }}>
        {groundWords.importTitle}
      </Box>
      <TextField
        multiline
        rows={5}
        fullWidth
        label={groundWords.importLabel(units.unitOf('length'))}
        value={text}
        onChange={(event) => setText(event.target.value)}
        slotProps={{ inputLabel: { shrink: true } }}
        onPaste={(event) => {
          const pasted = event.clipboardData.getData('text')
          if (pasted.length <= MOST_SHOWN) return
          event.preventDefault()
          take(pasted)
        }}
      />
      <Box sx={{ display: 'inline-flex', mt: 0.5, mr: 1 }}>
        <FileDrop label={groundWords.importFile} kind="text" onFiles={([file]) => void file?.text().then(take)} />
      </Box>
      <Button onClick={() => take(text)} disabled={text.trim() === ''} sx={{ mt: 0.5 }}>
        {groundWords.importTake}
      </Button>
      <Box role="status" sx={{ fontSize: 14 }}>
        {told}
      </Box>
    </Box>
  )
}
