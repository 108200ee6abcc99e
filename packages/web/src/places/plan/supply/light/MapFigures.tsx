import { lightWords } from '@jovrin/contract'
import { budgetOf, levelWaterBox, openDailyLight, openFloorLight, spreadOf, type LightPicture, type LightView } from '@jovrin/core'
import { Box } from '@mui/material'
import { useMemo } from 'react'
import { useUnits } from '../../../../ui/units.js'
import { useSettled, type Desk } from '../../desk.js'
import { SumFigure } from '../../../shared/SumFigure.js'
import { useShownGrid } from './LightMap.js'

interface MapFiguresProps {
  readonly desk: Desk
  readonly view: LightView
  readonly picture: LightPicture | null
}

/** The map in figures, and where all the light ends. */
export function MapFigures({ desk: { plan, figures }, view, picture }: MapFiguresProps) {
  const units = useUnits()
  const grid = useShownGrid(figures, view, picture)
  const { mean, least, most } = useMemo(() => spreadOf(grid), [grid])
  return (
    <Box className="figures" sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2, fontSize: 14, my: 0.5 }}>
      <span>
        {lightWords.onMap} {lightWords.mean} {units.show('ppfd', mean, 2)}
      </span>
      <span>
        {lightWords.least} {units.show('ppfd', least, 2)}
      </span>
      <span>
        {lightWords.most} {units.show('ppfd', most, 2)}
      </span>
      <span>
        {lightWords.evenness} {units.show('ratio', mean > 0 ? least / mean : 1, 2)}
      </span>
      <span>
        {lightWords.ofPlan} <SumFigure sum={openFloorLight(plan, figures)} />, <SumFigure sum={openDailyLight(plan, figures)} />
      </span>
      <Budget figures={figures} />
    </Box>
  )
}

function Budget({ figures: newest }: Pick<Desk, 'figures'>) {
  const units = useUnits()
  const figures = useSettled(newest)
  const ended = useMemo(() => {
    const { missed, surfaceReflection, surfaceCover, wallTransmitted, wallAbsorbed, water, floor } = budgetOf(
      figures.lamps,
      levelWaterBox(figures),
    )
    return { floor, water, walls: wallTransmitted + wallAbsorbed, surface: surfaceReflection + surfaceCover, missed }
  }, [figures])
  if (figures.fluxUmolPerS <= 0) return null
  return (
    <span>
      {lightWords.budget}:{' '}
      {(Object.keys(ended) as (keyof typeof ended)[])
        .map((part) => `${lightWords.budgetParts[part]} ${units.show('fraction', ended[part], 2)}`)
        .join(' · ')}
    </span>
  )
}
