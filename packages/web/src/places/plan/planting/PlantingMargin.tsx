import { plantingWords } from '@jovrin/contract'
import { Box } from '@mui/material'
import { memo } from 'react'
import { spotLetter } from '../../../drawing/spotLetter.js'
import { Group } from '../../../ui/QuestionGroup.js'
import type { Desk } from '../desk.js'
import { BedList } from './BedList.js'
import { BedPanel } from './BedPanel.js'
import { DensityPanel } from './DensityPanel.js'
import { OrderLine } from './OrderLine.js'
import { PlantNumbers } from './PlantNumbers.js'
import { PlantsSince } from './PlantsSince.js'
import { SeenPanel } from './SeenPanel.js'
import { SpotList } from './spots/SpotList.js'
import { SpotPanel } from './spots/SpotPanel.js'
import { StockPanel } from './StockPanel.js'
import { TabPanel } from './TabPanel.js'
import { TrimPlan } from './TrimPlan.js'
import { VariantPanel } from './VariantPanel.js'
import { WorkList } from './WorkList.js'

interface PlantingMarginProps {
  readonly desk: Desk
  readonly bedId: string | null
  readonly spotId: string | null
  readonly onBed: (id: string | null) => void
  readonly onSpot: (id: string | null) => void
}

/** Beside the map: its key, what is chosen, what it asks for, the work that follows. It rests while the week of the view moves. */
export const PlantingMargin = memo(function PlantingMargin({ desk, bedId, spotId, onBed, onSpot }: PlantingMarginProps) {
  const { plan, figures } = desk
  const laid = figures.beds.find(({ bed }) => bed.id === bedId) ?? null
  const laidSpot = figures.spots.find(({ spot }) => spot.id === spotId) ?? null
  const hasBeds = figures.beds.some(({ plants }) => plants.length > 0)
  const hasPlants = hasBeds || figures.spots.some(({ plants }) => plants.length > 0)
  return (
    <>
      <Group number={1} title={plantingWords.patches}>
        <BedList desk={desk} chosen={bedId} onChoose={onBed} />
        {hasPlants && <OrderLine figures={figures} />}
      </Group>
      {laid !== null && (
        <Group number={2} title={plantingWords.patch(String(plan.beds.findIndex(({ id }) => id === laid.bed.id) + 1))}>
          <BedPanel key={laid.bed.id} desk={desk} laid={laid} onChoose={onBed} />
        </Group>
      )}
      <Group number={3} title={plantingWords.spots.title}>
        <SpotList desk={desk} chosen={spotId} onChoose={onSpot} />
      </Group>
      {laidSpot !== null && (
        <Group number={4} title={plantingWords.spots.chosen(spotLetter(plan.spots.findIndex(({ id }) => id === laidSpot.spot.id)))}>
          <SpotPanel key={laidSpot.spot.id} desk={desk} laid={laidSpot} onChoose={onSpot} />
        </Group>
      )}
      {hasPlants && (
        <Group number={5} title={plantingWords.numbers}>
          <PlantNumbers desk={desk} />
        </Group>
      )}
      {hasBeds && (
        <Box className="no-print">
          <Group number={6} title={plantingWords.density.title}>
            <DensityPanel desk={desk} />
          </Group>
        </Box>
      )}
      {hasPlants && (
        <Box className="no-print">
          <Group number={7} title={plantingWords.stock.title}>
            <StockPanel desk={desk} />
          </Group>
        </Box>
      )}
      {hasBeds && (
        <Box className="no-print">
          <Group number={8} title={plantingWords.seen.title}>
            <SeenPanel desk={desk} chosen={bedId} />
          </Group>
        </Box>
      )}
      {hasPlants && (
        <Group number={9} title={plantingWords.work}>
          <WorkList desk={desk} />
        </Group>
      )}
      {hasPlants && (
        <Group number={10} title={plantingWords.trims.title}>
          <TrimPlan desk={desk} />
        </Group>
      )}
      {hasPlants && (
        <Group number={11} title={plantingWords.tabs.title}>
          <TabPanel desk={desk} />
        </Group>
      )}
      {(hasPlants || plan.variants.length > 0) && (
        <Box className={plan.variants.length === 0 ? 'no-print' : ''}>
          <Group number={12} title={plantingWords.variants.title}>
            <VariantPanel desk={desk} />
          </Group>
        </Box>
      )}
      <Box className="no-print">
        <Group number={13} title={plantingWords.since}>
          <PlantsSince tankId={desk.tankId} timeZone={plan.timeZone} bedId={bedId} />
        </Group>
      </Box>
    </>
  )
})
