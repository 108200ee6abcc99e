import { hardscapeWords, materialWords } from '@jovrin/contract'
import { addPiece, pieceMassKg, type HardscapeMaterial } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { localId } from '../../../api/localId.js'
import { inOrder, SortableList, useSortableRow } from '../../../ui/dragging/SortableList.js'
import { MarginTable } from '../../../ui/MarginTable.js'
import { RowButton } from '../../../ui/RowButton.js'
import { useUnits } from '../../../ui/units.js'
import type { Desk } from '../desk.js'
import { TracePhoto } from './TracePhoto.js'

interface PieceListProps {
  readonly desk: Desk
  readonly chosen: string | null
  readonly onChoose: (id: string | null) => void
}

/** The pieces in the order in which they are drawn: later ones lie over earlier ones, and can be dragged there. */
export function PieceList({ desk, chosen, onChoose }: PieceListProps) {
  const { plan, figures, change } = desk
  const text = hardscapeWords
  const add = (material: HardscapeMaterial): void => {
    const made = addPiece(plan, figures.inner, material, `${materialWords[material]} ${plan.hardscape.length + 1}`, localId)
    change(() => made.plan)
    onChoose(made.id)
  }
  return (
    <>
      {plan.hardscape.length === 0 ? (
        <Box sx={{ color: 'text.secondary' }}>{text.nothing}</Box>
      ) : (
        <Box sx={{ maxHeight: 220, overflowY: 'auto' }} tabIndex={0} role="region" aria-label={text.pieces}>
          <MarginTable caption={text.piecesCaption}>
            <SortableList
              ids={figures.pieces.map(({ piece }) => piece.id)}
              onOrder={(ids) => change((now) => ({ ...now, hardscape: inOrder(now.hardscape, ids) }))}
            >
              {figures.pieces.map((entry) => (
                <PieceRow key={entry.piece.id} entry={entry} isChosen={entry.piece.id === chosen} onChoose={onChoose} />
              ))}
            </SortableList>
          </MarginTable>
        </Box>
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
        <Button onClick={() => add('granite')}>{text.addStone}</Button>
        <Button onClick={() => add('wood')}>{text.addWood}</Button>
        <TracePhoto desk={desk} onMade={onChoose} />
      </Box>
    </>
  )
}

interface PieceRowProps {
  readonly entry: Desk['figures']['pieces'][number]
  readonly isChosen: boolean
  readonly onChoose: (id: string) => void
}
function PieceRow({ entry: { piece: one, massKg, placed }, isChosen, onChoose }: PieceRowProps) {
  const units = useUnits()
  const name = one.name === '' ? materialWords[one.material] : one.name
  const { rowRef, style, grip } = useSortableRow(one.id, name)
  return (
    <tr ref={rowRef} style={style}>
      <td>
        <RowButton isChosen={isChosen} onChoose={() => onChoose(one.id)}>
          {name}
        </RowButton>
      </td>
      <td>{materialWords[one.material]}</td>
      <td style={{ textAlign: 'right' }}>
        {pieceMassKg(one).from === 'mass' ? '' : '≈ '}
        {units.show('mass', massKg, 2)}
      </td>
      <td style={{ textAlign: 'right' }}>{placed === null ? '–' : units.show('length', placed.heightCm, 2)}</td>
      <td>{grip}</td>
    </tr>
  )
}
