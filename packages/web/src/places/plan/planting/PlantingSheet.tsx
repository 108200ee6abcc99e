import { plantingWords } from '@jovrin/contract'
import { bedAt, bedOf, brushCm, lineOf, LOOKS, painted, ringOutline, withBed, type Spot, type Vertex } from '@jovrin/core'
import { useQuery } from '@tanstack/react-query'
import { useCallback, useId, useMemo } from 'react'
import { useSearchParams } from 'react-router'
import { localId } from '../../../api/localId.js'
import { svgPrefix } from '../../../drawing/ink.js'
import { Measured } from '../../../drawing/Measured.js'
import { BedNumbers, PlanBeds } from '../../../drawing/plan/PlanBeds.js'
import { PlanBarriers, PlanTabs, PlanZones } from '../../../drawing/plan/PlanFloor.js'
import { PlanSpots } from '../../../drawing/plan/PlanSpots.js'
import { planLayout } from '../../../drawing/plan/planLayout.js'
import { PlanPieces } from '../../../drawing/plan/PlanPieces.js'
import { Choice } from '../../../ui/Choice.js'
import { useSetParam } from '../../../ui/useSetParam.js'
import { useFindings, useMarginDesk, type Desk } from '../desk.js'
import { FindingsList } from '../FindingsList.js'
import { LabelledFloor } from '../LabelledFloor.js'
import { finishDrawn, OutlineSheet } from '../outline/OutlineSheet.js'
import { OutlineTools } from '../outline/OutlineTools.js'
import { useOutlines, type Gesture } from '../outline/useOutlines.js'
import { PenContext, usePen } from '../pen.js'
import { SheetFrame } from '../SheetFrame.js'
import { useBothSides } from './bothSides.js'
import { allPlants } from '../../library/species/species.queries.js'
import { PLANT_CARRIED } from './PlantPalette.js'
import { PlantingMargin } from './PlantingMargin.js'
import { MapScale } from './MapScale.js'
import { WeekOfViewProvider, WeekSlider } from './WeekOfView.js'
import { PlantingViews, viewAboveCm } from './PlantingViews.js'

/** Both views fit a desk's screen together. */
const SHEET_HEIGHT_PX = 540
const PLAN_MARGIN_PX = 58
const TOOL = { choose: 'choose', draw: 'outline', paint: 'brush' } as const satisfies Record<string, Gesture>
type Tool = keyof typeof TOOL
const TOOLS = Object.keys(TOOL) as readonly Tool[]

/** The planting map from above, and what it becomes, from the front, week by week. */
export function PlantingSheet({ desk: plainDesk }: { readonly desk: Desk }) {
  const [search] = useSearchParams()
  const { desk, pen } = useBothSides(plainDesk, usePen(), search.get('mirror') === '1')
  const { plan, figures, change } = desk
  const { inner, vessel } = figures
  const prefix = svgPrefix(useId())
  // The front and what is found follow when the hand lets go: the map follows every step.
  const [marginDesk, onStep] = useMarginDesk(desk)
  const findings = useFindings(marginDesk)
  const setParam = useSetParam()
  const outlines = useOutlines({ tankId: desk.tankId, param: 'patch', snaps: true, tools: TOOL })
  const { chosenId, choose, tool, setTool } = outlines
  const isCut = search.get('cut') === '1'
  const look = LOOKS.find((one) => one === search.get('from')) ?? 'front'
  const bed = plan.beds.find(({ id }) => id === chosenId) ?? null
  const spotId = search.get('spot')
  const chooseSpot = useCallback((id: string | null): void => setParam('spot', id), [setParam])
  const catches = useMemo(
    () => [
      ...plan.beds.filter(({ id }) => id !== chosenId).flatMap(({ outline }) => outline),
      ...plan.zones.flatMap(({ outline }) => lineOf(outline)),
    ],
    [plan.beds, plan.zones, chosenId],
  )
  const library = useQuery(allPlants()).data
  const carried = {
    type: PLANT_CARRIED,
    onDropped: (id: string, spot: Spot): void => {
      const plant = [...plan.flora, ...(library ?? [])].find((one) => one.id === id)
      if (plant === undefined) return
      const made = bedAt(plan, plant, spot, inner, localId)
      change(() => made.plan)
      choose(made.id)
    },
  }
  const addPatch = (outline: readonly Vertex[]): void => {
    const made = bedOf(plan, outline, localId)
    change(() => made.plan)
    choose(made.id)
    setTool('choose')
  }
  const takeDrawn = (spots: readonly Spot[]): void => addPatch(ringOutline(spots))
  const brush = {
    radiusCm: brushCm(inner),
    onPainted: (trail: readonly Spot[]): void => {
      const outline = painted(trail, inner)
      if (outline !== null) addPatch(outline)
    },
  }
  return (
    <WeekOfViewProvider>
      <SheetFrame
        drawing={
          <>
            <OutlineTools outlines={outlines} onFinish={() => finishDrawn(outlines, takeDrawn)}>
              <Choice
                label={plantingWords.tool}
                why={plantingWords.toolWhy}
                value={tool}
                options={TOOLS.map((one) => [one, plantingWords.tools[one]] as const)}
                onChange={(next) => setTool(next ?? 'choose')}
              />
              <Choice
                label={plantingWords.look}
                why={plantingWords.lookWhy}
                value={look}
                options={LOOKS.filter((one) => one !== 'back' || one === look || plan.intent.views.includes(one)).map(
                  (one) => [one, plantingWords.looks[one]] as const,
                )}
                onChange={(next) => setParam('from', next === 'front' ? null : next)}
              />
              <WeekSlider />
            </OutlineTools>
            <Measured usual={740}>
              {(width) => {
                const frontCm = vessel.heightCm + viewAboveCm(figures.beds)
                const pxPerCm = (SHEET_HEIGHT_PX - PLAN_MARGIN_PX) / (inner.widthCm + frontCm)
                const layout = planLayout(inner, width, inner.widthCm * pxPerCm + PLAN_MARGIN_PX)
                return (
                  <>
                    <PlantingViews
                      desk={desk}
                      drawn={marginDesk.figures}
                      look={look}
                      isCut={isCut}
                      width={width}
                      layout={layout}
                      bedId={bed?.id ?? null}
                      spotId={spotId}
                      onSpot={chooseSpot}
                      onStep={onStep}
                    />
                    <OutlineSheet
                      outlines={outlines}
                      layout={layout}
                      inner={inner}
                      shapes={plan.beds}
                      catches={catches}
                      description={plantingWords.planDescription(plan.name)}
                      shapeLabel={plantingWords.shape(String(plan.beds.findIndex(({ id }) => id === bed?.id) + 1))}
                      testId="planting-plan"
                      onOutline={(outline, isFinal) => {
                        onStep(isFinal)
                        if (bed) change((now) => withBed(now, bed.id, (one) => ({ ...one, outline })), isFinal)
                      }}
                      onDrawn={takeDrawn}
                      takes={carried}
                      brush={brush}
                    >
                      {(seen) => (
                        <>
                          <LabelledFloor layout={seen} figures={figures} prefix={prefix} />
                          <g opacity="0.5">
                            <PlanZones layout={seen} zones={plan.zones} prefix={prefix} />
                            <PlanBarriers layout={seen} barriers={plan.barriers} chosenId={null} />
                          </g>
                          <PlanBeds layout={seen} beds={figures.beds} prefix={prefix} chosenId={bed?.id ?? null} />
                          <PlanPieces layout={seen} pieces={plan.hardscape} prefix={prefix} />
                          <BedNumbers layout={seen} beds={figures.beds} chosenId={bed?.id ?? null} pieces={plan.hardscape} />
                          <PlanTabs layout={seen} tabs={plan.tabs} />
                          <MapScale layout={seen} floorCm={inner.lengthCm} />
                          <PlanSpots layout={seen} figures={figures} chosenId={spotId} />
                        </>
                      )}
                    </OutlineSheet>
                  </>
                )
              }}
            </Measured>
            <FindingsList tankId={desk.tankId} muted={plan.muted} change={change} findings={findings} sheet="planting" onChoose={choose} />
          </>
        }
        margin={
          <PenContext.Provider value={pen}>
            <PlantingMargin
              desk={marginDesk}
              bedId={bed?.id ?? null}
              spotId={spotId}

              onBed={choose}
              onSpot={chooseSpot}
            />
          </PenContext.Provider>
        }
      />
    </WeekOfViewProvider>
  )
}
