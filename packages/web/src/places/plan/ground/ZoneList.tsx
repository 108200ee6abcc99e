import { groundWords, zonePurposeWords } from '@jovrin/contract'
import { addPath, addZone, type Plan } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import type { ReactNode } from 'react'
import { localId } from '../../../api/localId.js'
import { inOrder, SortableList, useSortableRow } from '../../../ui/dragging/SortableList.js'
import { MarginTable } from '../../../ui/MarginTable.js'
import { RowButton } from '../../../ui/RowButton.js'
import { significant, useUnits } from '../../../ui/units.js'
import type { Desk } from '../desk.js'

interface ZoneListProps {
  readonly desk: Desk
  readonly chosen: string | null
  readonly onChoose: (id: string | null) => void
}

/** The zones as they lie over one another, uppermost first, and the rest of the floor below them. */
export function ZoneList({ desk, chosen, onChoose }: ZoneListProps) {
  const { plan, figures, change } = desk
  const { inner } = figures
  const made = (result: { readonly plan: Plan; readonly id: string } | null): void => {
    if (result === null) return
    change(() => result.plan)
    onChoose(result.id)
  }
  const shown = [...plan.zones].reverse()
  const row = { figures, chosen, onChoose }
  return (
    <>
      <MarginTable caption={groundWords.zonesCaption}>
        <SortableList
          ids={shown.map(({ id }) => id)}
          onOrder={(ids) => change((now) => ({ ...now, zones: inOrder([...now.zones].reverse(), ids).reverse() }))}
        >
          {shown.map(({ id, name, purpose }) => (
            <ZoneRow key={id} id={id} name={name === '' ? groundWords.unnamed : name} purpose={zonePurposeWords[purpose]} {...row} />
          ))}
        </SortableList>
        <FloorRow id={null} name={groundWords.rest} purpose={zonePurposeWords[plan.layers.length === 0 ? 'bare' : 'planted']} {...row} />
      </MarginTable>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
        <Button onClick={() => made(addZone(plan, inner, groundWords.zoneName(String(plan.zones.length + 1)), localId))}>
          {groundWords.addZone}
        </Button>
        <Button
          onClick={() =>
            made(
              addPath(
                plan,
                inner,
                {
                  frontCm: inner.lengthCm * 0.42,
                  backCm: inner.lengthCm * 0.62,
                  widthFrontCm: Math.max(6, inner.lengthCm * 0.16),
                  widthBackCm: Math.max(2, inner.lengthCm * 0.035),
                  swayCm: inner.lengthCm * 0.05,
                },
                groundWords.pathName,
                localId,
              ),
            )
          }
        >
          {groundWords.addPath}
        </Button>
      </Box>
    </>
  )
}

interface FloorRowProps {
  /** `null` is the rest of the floor. */
  readonly id: string | null
  readonly name: string
  readonly purpose: string
  readonly figures: Desk['figures']
  readonly chosen: string | null
  readonly onChoose: (id: string | null) => void
  readonly grip?: ReactNode
}
/** A zone among the others: it lies over those below it, and can be dragged over or under them. */
function ZoneRow({ id, ...row }: FloorRowProps & { readonly id: string }) {
  const { rowRef, style, grip } = useSortableRow(id, row.name)
  return (
    <tr ref={rowRef} style={style}>
      <FloorCells id={id} {...row} grip={grip} />
    </tr>
  )
}
const FloorRow = (row: FloorRowProps) => (
  <tr>
    <FloorCells {...row} />
  </tr>
)

function FloorCells({ id, name, purpose, figures: { inner, ground }, chosen, onChoose, grip = null }: FloorRowProps) {
  const units = useUnits()
  const laid = ground.zones.find((one) => one.id === id)
  return (
    <>
      <td>
        <RowButton isChosen={chosen === id} onChoose={() => onChoose(id)}>
          {name}
        </RowButton>
      </td>
      <td>{purpose}</td>
      <Box component="td" sx={{ textAlign: 'right !important' }}>
        {significant((100 * (laid?.areaCm2 ?? 0)) / (inner.lengthCm * inner.widthCm), 2)} %
      </Box>
      <Box component="td" sx={{ textAlign: 'right !important' }}>
        {units.show('volume', laid?.layers.reduce((sum, { volumeL }) => sum + volumeL, 0) ?? 0, 2)}
      </Box>
      <td>{grip}</td>
    </>
  )
}
