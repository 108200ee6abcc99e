import { plantingWords } from '@jovrin/contract'
import { FROM_COUCH, type Look, type TankFigures } from '@jovrin/core'
import { useId } from 'react'
import { Hatches } from '../../../drawing/Hatches.js'
import { svgPrefix } from '../../../drawing/ink.js'
import { CouchView } from '../../../drawing/plan/CouchView.js'
import type { PlanLayout } from '../../../drawing/plan/planLayout.js'
import { PaneElevation } from '../../../drawing/section/PaneElevation.js'
import { FrontElevation } from '../../../drawing/section/FrontElevation.js'
import { frontLayout } from '../../../drawing/section/frontLayout.js'
import { useSketchAhead } from '../../../drawing/section/useSketchAhead.js'
import { Enlarged } from '../../../ui/enlarge/Enlarged.js'
import type { Desk } from '../desk.js'
import { MOST_WEEKS } from './weekOf.js'
import { useWeek } from './WeekOfView.js'
import { SpotMarks } from './spots/SpotMarks.js'

/** Room over the rim; more where something grows out of the water. */
export const viewAboveCm = (beds: TankFigures['beds']): number => (beds.some(({ isOut, plants }) => isOut && plants.length > 0) ? 16 : 3)

interface PlantingViewsProps {
  readonly desk: Desk
  /** As it was when the hand last let go. */
  readonly drawn: TankFigures
  readonly look: Look
  readonly isCut: boolean
  readonly width: number
  /** Of the map below, whose scale the views share. */
  readonly layout: PlanLayout
  readonly bedId: string | null
  readonly spotId: string | null
  readonly onSpot: (id: string | null) => void
  readonly onStep: (isFinal: boolean) => void
}

/** What the map becomes, looked at from one side. Spots on wood and stone are moved from the front. */
export function PlantingViews({ desk, drawn, look, isCut, width, layout, bedId, spotId, onSpot, onStep }: PlantingViewsProps) {
  const { plan, figures, change } = desk
  const { week } = useWeek()
  const { vessel, inner } = figures
  const { pxPerCm } = layout
  const prefix = `${svgPrefix(useId())}f`
  const isEnd = look === 'left' || look === 'right'
  const paneCm = isEnd ? inner.widthCm : inner.lengthCm
  const left = isEnd ? layout.left + ((inner.lengthCm - inner.widthCm) / 2) * pxPerCm : layout.left
  const front = frontLayout(vessel, paneCm, viewAboveCm(figures.beds), pxPerCm, left)
  useSketchAhead({ figures: drawn, along: isEnd ? 'width' : 'length', week, mostWeeks: MOST_WEEKS, isCut })
  const description = plantingWords.viewDescription(plan.name, look, String(week))
  if (look === 'couch')
    return (
      <CouchView
        figures={drawn}
        eye={FROM_COUCH}
        width={width}
        pxPerCm={pxPerCm}
        left={layout.left}
        height={front.height}
        description={description}
        weeks={week}
        isCut={isCut}
        chosenBedId={bedId}
      />
    )
  return (
    <Enlarged label={description}>
      {() => (
        <svg
          viewBox={`0 0 ${width} ${front.height}`}
          width="100%"
          role="group"
          aria-label={description}
          style={{ display: 'block' }}
          data-px-per-cm={pxPerCm}
          data-testid="planting-front"
        >
          <Hatches prefix={prefix} />
          {look !== 'front' ? (
            <PaneElevation figures={drawn} layout={front} pane={look} weeks={week} prefix={prefix} chosenBedId={bedId} isCut={isCut} />
          ) : (
            <>
              <FrontElevation figures={drawn} layout={front} ageDays={week * 7} prefix={prefix} chosenBedId={bedId} isCut={isCut} />
              <SpotMarks
                plan={plan}
                figures={figures}
                layout={front}
                chosen={spotId}
                onChoose={onSpot}
                change={(edit, isFinal = true) => {
                  onStep(isFinal)
                  change(edit, isFinal)
                }}
              />
            </>
          )}
        </svg>
      )}
    </Enlarged>
  )
}
