import { plantingWords } from '@jovrin/contract'
import { bedAt, PLANT_KINDS, plantSiteOf, usualPlants, type PlantSpecies } from '@jovrin/core'
import { Box, ButtonBase, Tooltip } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { localId } from '../../../api/localId.js'
import { PlantGlyph } from '../../../drawing/species/PlantGlyph.js'
import { allPlants } from '../../library/species/species.queries.js'
import { useSettled, type Desk } from '../desk.js'
import { PLACE_OF_KIND } from './placeOfKind.js'
import { PlantPicker } from './PlantPicker.js'

const text = plantingWords.palette
/** What a plant of the palette is carried as over the page. */
export const PLANT_CARRIED = 'application/x-jovrin-plant'
/** Of each kind, besides those of the map. */
const USUAL_EACH = 2

interface PlantPaletteProps {
  readonly desk: Desk
  readonly onChoose: (id: string) => void
}

/** Plants to put on the floor: those of the map, and some of each kind that stand well here. Dragged to their spot, or pressed for a patch in the middle. */
export function PlantPalette({ desk, onChoose }: PlantPaletteProps) {
  const { plan, figures, change } = desk
  const all = useQuery(allPlants()).data
  const settled = useSettled(desk)
  const plants = useMemo(() => paletteOf(settled, all ?? []), [settled, all])
  const put = (plant: PlantSpecies): void => {
    const { lengthCm, widthCm } = figures.inner
    const made = bedAt(plan, plant, { xCm: lengthCm / 2, yCm: widthCm / 2 }, figures.inner, localId)
    change(() => made.plan)
    onChoose(made.id)
  }
  return (
    <Box className="no-print" sx={{ display: 'grid', gap: 0.5, mt: 1 }}>
      <Box sx={{ fontSize: 12, color: 'text.secondary' }}>{text.title}</Box>
      <Box role="group" aria-label={text.title} sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
        {plants.map((plant) => (
          <Tooltip key={plant.id} title={plant.name} disableInteractive>
            <ButtonBase
              aria-label={text.put(plant.name)}
              draggable
              onDragStart={(event) => {
                event.dataTransfer.setData(PLANT_CARRIED, plant.id)
                event.dataTransfer.effectAllowed = 'copy'
              }}
              onClick={() => put(plant)}
              sx={{ border: '1px solid var(--hair)', cursor: 'grab', '&:focus-visible': { outline: '2px solid var(--focus)' } }}
            >
              <PlantGlyph plant={plant} widthPx={44} heightPx={36} />
            </ButtonBase>
          </Tooltip>
        ))}
      </Box>
      <PlantPicker label={text.find} site={plantSiteOf(plan, figures, 'mid')} onPick={put} />
    </Box>
  )
}

function paletteOf({ plan, figures }: Pick<Desk, 'plan' | 'figures'>, all: readonly PlantSpecies[]): PlantSpecies[] {
  const usual = PLANT_KINDS.flatMap((kind) => usualPlants(kind, all, plantSiteOf(plan, figures, PLACE_OF_KIND[kind])).slice(0, USUAL_EACH))
  const byId = new Map([...plan.flora, ...usual].map((plant) => [plant.id, plant]))
  return [...byId.values()]
}
