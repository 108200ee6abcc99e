import { plantingWords } from '@jovrin/contract'
import { addBed, mapFromShares, plantSiteOf, usualPlants, type LaidBed, type Plan, type PlantSpecies } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { localId } from '../../../api/localId.js'
import { PlantGlyph } from '../../../drawing/species/PlantGlyph.js'
import { inOrder, SortableList, useSortableRow } from '../../../ui/dragging/SortableList.js'
import { MarginTable } from '../../../ui/MarginTable.js'
import { RowButton } from '../../../ui/RowButton.js'
import { significant } from '../../../ui/units.js'
import { allPlants } from '../../library/species/species.queries.js'
import type { Desk } from '../desk.js'
import { AddressChoice } from './AddressChoice.js'
import { PLACE_OF_KIND } from './placeOfKind.js'
import { PlantPalette } from './PlantPalette.js'
import { TemplateChooser } from './TemplateChooser.js'

interface BedListProps {
  readonly desk: Desk
  readonly chosen: string | null
  readonly onChoose: (id: string | null) => void
}

/** The legend of the map: its patches by number, in the order in which they lie over one another. */
export function BedList({ desk, chosen, onChoose }: BedListProps) {
  const { plan, figures, change } = desk
  const plants = useQuery(allPlants()).data
  const add = (): void => {
    const made = addBed(plan, figures.inner, localId)
    change(() => made.plan)
    onChoose(made.id)
  }
  return (
    <>
      {figures.beds.length === 0 ? (
        <Box sx={{ color: 'text.secondary' }}>{plantingWords.none}</Box>
      ) : (
        <Box sx={{ maxHeight: 250, overflowY: 'auto' }} tabIndex={0} role="region" aria-label={plantingWords.patches}>
          <MarginTable caption={plantingWords.patchesCaption}>
            <SortableList
              ids={figures.beds.map(({ bed }) => bed.id)}
              onOrder={(ids) => change((now) => ({ ...now, beds: inOrder(now.beds, ids) }))}
            >
              {figures.beds.map((bed, index) => (
                <BedRow
                  key={bed.bed.id}
                  bed={bed}
                  number={index + 1}
                  floorCm2={figures.inner.lengthCm * figures.inner.widthCm}
                  isChosen={bed.bed.id === chosen}
                  onChoose={onChoose}
                />
              ))}
            </SortableList>
          </MarginTable>
        </Box>
      )}
      <Box sx={{ display: 'grid', mt: 1 }}>
        <TemplateChooser key={plan.beds.length === 0 ? 'bare' : 'planted'} desk={desk} isOpenFirst={plan.beds.length === 0} />
      </Box>
      <Box className="no-print" sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'end', mt: 1 }}>
        <Button onClick={add}>{plantingWords.addPatch}</Button>
        {plan.beds.length === 0 && plan.patches.length > 0 && plants !== undefined && (
          <Button onClick={() => change((now) => mapOf(now, figures, plants))}>{plantingWords.fromShares}</Button>
        )}
        <AddressChoice
          label={plantingWords.symmetry}
          why={plantingWords.symmetryWhy}
          param="mirror"
          off={plantingWords.symmetryStates.off}
          on={plantingWords.symmetryStates.on}
        />
      </Box>
      <PlantPalette desk={desk} onChoose={onChoose} />
    </>
  )
}

/** The shares of the description as a map, with plants that stand well where their group stands. */
const mapOf = (plan: Plan, figures: Desk['figures'], plants: readonly PlantSpecies[]): Plan =>
  mapFromShares(
    plan,
    figures.stand,
    figures.inner,
    (kind) => usualPlants(kind, plants, plantSiteOf(plan, figures, PLACE_OF_KIND[kind])),
    localId,
  )

interface BedRowProps {
  readonly bed: LaidBed
  readonly number: number
  readonly floorCm2: number
  readonly isChosen: boolean
  readonly onChoose: (id: string) => void
}
function BedRow({ bed: { bed, plants, areaCm2 }, number, floorCm2, isChosen, onChoose }: BedRowProps) {
  const name = plants.length === 0 ? plantingWords.empty : plants.map(({ plant }) => plant.name).join(' + ')
  const { rowRef, style, grip } = useSortableRow(bed.id, `${number} ${name}`)
  const [first] = plants
  return (
    <tr ref={rowRef} style={style}>
      <td style={{ width: 22 }}>{number}</td>
      <td style={{ width: 36 }}>{first !== undefined && <PlantGlyph plant={first.plant} widthPx={30} heightPx={24} />}</td>
      <td>
        <RowButton isChosen={isChosen} onChoose={() => onChoose(bed.id)}>
          <Box component="span" sx={{ fontStyle: plants.length === 0 ? 'normal' : 'italic' }}>
            {name}
          </Box>
        </RowButton>
      </td>
      <td style={{ textAlign: 'right', whiteSpace: 'nowrap', paddingLeft: 6 }}>{significant((100 * areaCm2) / floorCm2, 2)} %</td>
      <td style={{ textAlign: 'right', paddingLeft: 6 }}>{plants.reduce((sum, { portions }) => sum + portions, 0)}</td>
      <td>{grip}</td>
    </tr>
  )
}
