import { materialWords, plantingWords } from '@jovrin/contract'
import { addSpot, type Piece } from '@jovrin/core'
import { Box, Button, MenuItem, TextField } from '@mui/material'
import { useState } from 'react'
import { localId } from '../../../../api/localId.js'
import { spotLetter } from '../../../../drawing/spotLetter.js'
import { PlantGlyph } from '../../../../drawing/species/PlantGlyph.js'
import { MarginTable } from '../../../../ui/MarginTable.js'
import { RowButton } from '../../../../ui/RowButton.js'
import { useUnits } from '../../../../ui/units.js'
import type { Desk } from '../../desk.js'

const text = plantingWords.spots

/** A piece by its own name, or its material and place in the list. */
const pieceName = ({ name, material }: Piece, index: number): string => name || `${materialWords[material]} ${index + 1}`

interface SpotListProps {
  readonly desk: Desk
  readonly chosen: string | null
  readonly onChoose: (id: string | null) => void
}
/** Plants on wood and stone, by letter; a new one goes on a piece that has its place in the tank. */
export function SpotList({ desk: { plan, figures, change }, chosen, onChoose }: SpotListProps) {
  const units = useUnits()
  const standing = figures.pieces.flatMap(({ piece, placed }, index) =>
    placed === null ? [] : [{ piece, placed, name: pieceName(piece, index) }],
  )
  const [pieceId, setPieceId] = useState('')
  const on = standing.find(({ piece }) => piece.id === pieceId) ?? standing[0]
  if (on === undefined) return <Box sx={{ color: 'text.secondary' }}>{text.noPiece}</Box>
  const add = (): void => {
    const made = addSpot(plan, on.placed, localId)
    change(() => made.plan)
    onChoose(made.id)
  }
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      {figures.spots.length === 0 ? (
        <Box sx={{ color: 'text.secondary' }}>{text.none}</Box>
      ) : (
        <MarginTable caption={text.caption}>
          {figures.spots.map(({ spot, plants: [planted], areaCm2 }, index) => (
            <tr key={spot.id}>
              <td style={{ width: 22 }}>{spotLetter(index)}</td>
              <td style={{ width: 36 }}>{planted !== undefined && <PlantGlyph plant={planted.plant} widthPx={30} heightPx={24} />}</td>
              <td>
                <RowButton isChosen={spot.id === chosen} onChoose={() => onChoose(spot.id)}>
                  <Box component="span" sx={{ fontStyle: planted === undefined ? 'normal' : 'italic' }}>
                    {planted?.plant.name ?? plantingWords.empty}
                  </Box>
                </RowButton>
                <Box sx={{ fontSize: 13, color: 'text.secondary' }}>
                  {standing.find(({ piece }) => piece.id === spot.piece)?.name ?? text.goneFrom}
                </Box>
              </td>
              <td style={{ textAlign: 'right', whiteSpace: 'nowrap', paddingLeft: 6 }}>{units.show('area', areaCm2, 2)}</td>
              <td style={{ textAlign: 'right', paddingLeft: 6 }}>{planted?.portions ?? ''}</td>
            </tr>
          ))}
        </MarginTable>
      )}
      <Box className="no-print" sx={{ display: 'flex', gap: 1, alignItems: 'end' }}>
        <TextField
          select
          label={text.piece}
          value={on.piece.id}
          onChange={({ target }) => setPieceId(target.value)}
          sx={{ flexGrow: 1 }}
          slotProps={{ inputLabel: { shrink: true } }}
        >
          {standing.map(({ piece, name }) => (
            <MenuItem key={piece.id} value={piece.id}>
              {name}
            </MenuItem>
          ))}
        </TextField>
        <Button onClick={add}>{text.add}</Button>
      </Box>
    </Box>
  )
}
