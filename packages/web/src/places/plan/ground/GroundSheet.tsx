import { groundWords } from '@jovrin/contract'
import { ringOutline, type Spot, tabRing, withTabs, withZone, zoneOf } from '@jovrin/core'
import { useCallback, useId, useMemo } from 'react'
import { useSearchParams } from 'react-router'
import { localId } from '../../../api/localId.js'
import { svgPrefix } from '../../../drawing/ink.js'
import { Measured } from '../../../drawing/Measured.js'
import { CutDrawing } from '../../../drawing/plan/CutDrawing.js'
import { HeightMarks } from '../../../drawing/plan/HeightMarks.js'
import { PlanBarriers, PlanTabs, PlanZoneNames, PlanZones } from '../../../drawing/plan/PlanFloor.js'
import { planLayout } from '../../../drawing/plan/planLayout.js'
import { CutLine } from '../../../drawing/plan/PlanOverlays.js'
import { PlanPieces } from '../../../drawing/plan/PlanPieces.js'
import { Choice } from '../../../ui/Choice.js'
import { useUnits } from '../../../ui/units.js'
import { useKeptState } from '../../../ui/useKeptState.js'
import { useSetParam } from '../../../ui/useSetParam.js'
import { useFindings, useMarginDesk, type Desk } from '../desk.js'
import { FindingsList } from '../FindingsList.js'
import { finishDrawn, OutlineSheet } from '../outline/OutlineSheet.js'
import { OutlineTools } from '../outline/OutlineTools.js'
import { keptSpots, useOutlines, type Gesture } from '../outline/useOutlines.js'
import { LabelledFloor } from '../LabelledFloor.js'
import { SheetFrame } from '../SheetFrame.js'
import { GroundMargin } from './GroundMargin.js'

const CUTS = ['front', 'side', 'free'] as const
export type Cut = (typeof CUTS)[number]

/** What a click on the floor does, and with which gesture. */
const TOOL = {
  choose: 'choose',
  draw: 'outline',
  barrier: 'line',
  height: 'spot',
  tab: 'spot',
  ring: 'spot',
  capsule: 'spot',
  cut: 'spot',
} as const satisfies Record<string, Gesture>
type Tool = keyof typeof TOOL
const TOOLS = Object.keys(TOOL) as readonly Tool[]

const PLAN_HEIGHT_PX = 400
/** Around the crown of a large rosette: 3 to 5 tabs, 4 to 6 cm out. */
const RING_TABS = 4
const RING_CM = 5
/** New walls and heights, until one says otherwise. */
const NEW_BARRIER_CM = 5
const NEW_HEIGHT_CM = 5

/** The floor seen from above with its zones, and a cut through the ground below it. Both follow every step of a gesture. */
export function GroundSheet({ desk }: { desk: Desk }) {
  const { plan, figures, change } = desk
  const { inner, ground } = figures
  const units = useUnits()
  const prefix = svgPrefix(useId())
  const findings = useFindings(desk)
  const [marginDesk, onStep] = useMarginDesk(desk)
  const [search] = useSearchParams()
  const setParam = useSetParam()
  const outlines = useOutlines({ tankId: desk.tankId, param: 'zone', snaps: true, tools: TOOL })
  const [free, setFree] = useKeptState<readonly Spot[]>(`jovrin.cut.${desk.tankId}`, [], keptSpots)
  const { chosenId, choose, tool, setTool } = outlines
  const zone = plan.zones.find(({ id }) => id === chosenId) ?? null
  const cut = CUTS.find((one) => one === search.get('cut')) ?? 'front'
  const [from, to] = cutEnds(cut, Number(search.get('at') ?? NaN), free, inner)
  const setCutAt = useCallback((cm: number) => setParam('at', String(cm)), [setParam])
  const catches = useMemo(
    () => [
      ...plan.zones.filter(({ id }) => id !== chosenId).flatMap(({ outline }) => outline),
      ...plan.barriers.flatMap(({ line }) => line),
    ],
    [plan.zones, plan.barriers, chosenId],
  )
  const length = (cm: number): string => units.show('length', cm)

  const takeDrawn = (spots: readonly Spot[]): void => {
    if (tool === 'barrier')
      change((now) => ({ ...now, barriers: [...now.barriers, { id: localId('wall'), line: spots, heightCm: NEW_BARRIER_CM }] }))
    else {
      const made = zoneOf(plan, ringOutline(spots), groundWords.zoneName(String(plan.zones.length + 1)), localId)
      change(() => made.plan)
      choose(made.id)
    }
    setTool('choose')
  }
  const takeSpot = (spot: Spot): void => {
    if (tool === 'tab' || tool === 'capsule') change((now) => withTabs(now, tool, [spot], localId))
    else if (tool === 'ring') change((now) => withTabs(now, 'tab', tabRing(spot, RING_TABS, RING_CM), localId))
    else if (tool === 'height' && zone) {
      const heightCm = Math.round(ground.zones.find(({ id }) => id === zone.id)?.meanCm ?? NEW_HEIGHT_CM)
      change((now) => withZone(now, zone.id, (one) => ({ ...one, heights: [...one.heights, { id: localId('h'), ...spot, heightCm }] })))
    } else if (tool === 'cut') {
      const next = free.length === 1 ? [...free, spot] : [spot]
      setFree(next)
      setParam('cut', 'free')
      if (next.length === 2) setTool('choose')
    }
  }
  return (
    <SheetFrame
      drawing={
        <>
          <OutlineTools outlines={outlines} onFinish={() => finishDrawn(outlines, takeDrawn)}>
            <Choice
              label={groundWords.tool}
              why={groundWords.toolWhy}
              value={tool}
              options={TOOLS.map((one) => [one, groundWords.tools[one]] as const)}
              onChange={(next) => setTool(next ?? 'choose')}
            />
            <Choice
              label={groundWords.cut}
              why={groundWords.cutWhy}
              value={cut}
              options={CUTS.map((one) => [one, groundWords.cuts[one]] as const)}
              onChange={(next) => {
                setParam('cut', next)
                if (next === 'free' && free.length < 2) setTool('cut')
              }}
            />
          </OutlineTools>
          <Measured usual={740}>
            {(width) => {
              const layout = planLayout(inner, width, PLAN_HEIGHT_PX)
              return (
                <>
                  <OutlineSheet
                    outlines={outlines}
                    layout={layout}
                    inner={inner}
                    shapes={plan.zones}
                    catches={catches}
                    description={groundWords.planDescription(plan.name)}
                    shapeLabel={groundWords.shape(zone?.name ?? '')}
                    testId="ground-plan"
                    onOutline={(outline, isFinal) => {
                      onStep(isFinal)
                      if (zone) change((now) => withZone(now, zone.id, (one) => ({ ...one, outline })), isFinal)
                    }}
                    onDrawn={takeDrawn}
                    onSpot={takeSpot}
                  >
                    {(seen) => (
                      <>
                        <LabelledFloor layout={seen} figures={figures} prefix={prefix} />
                        <PlanZones layout={seen} zones={plan.zones} prefix={prefix} />
                        <PlanPieces layout={seen} pieces={plan.hardscape} prefix={prefix} isFaint />
                        <PlanBarriers layout={seen} barriers={plan.barriers} chosenId={null} />
                        <PlanTabs layout={seen} tabs={plan.tabs} />
                        <PlanZoneNames layout={seen} zones={plan.zones} />
                        <CutLine layout={seen} from={from} to={to} label={groundWords.cutMark} />
                        {zone && <HeightMarks layout={seen} heights={zone.heights} length={length} />}
                      </>
                    )}
                  </OutlineSheet>
                  <CutDrawing
                    ground={ground}
                    from={from}
                    to={to}
                    width={width}
                    pxPerCm={layout.pxPerCm}
                    left={
                      cut === 'front'
                        ? layout.left
                        : Math.max(46, (width - Math.hypot(to.xCm - from.xCm, to.yCm - from.yCm) * layout.pxPerCm) / 2)
                    }
                    waterDepthCm={inner.waterDepthCm}
                    name={groundWords.cutName[cut](length(cut === 'side' ? from.xCm : from.yCm))}
                    description={groundWords.cutDescription}
                    height={length}
                  />
                </>
              )
            }}
          </Measured>
          <FindingsList
            tankId={desk.tankId}
            muted={desk.plan.muted}
            change={desk.change}
            findings={findings}
            sheet="ground"
            onChoose={choose}
          />
        </>
      }
      margin={
        <GroundMargin
          desk={marginDesk}
          zoneId={zone?.id ?? null}
          corner={outlines.corner}
          onCorner={outlines.setCorner}
          onChoose={choose}
          onMessage={outlines.setMessage}
          cut={cut}
          cutAt={cut === 'side' ? from.xCm : from.yCm}
          onCutAt={setCutAt}
        />
      }
    />
  )
}

/** Ends of the cut; within the glass, a hair off the panes. */
function cutEnds(
  cut: Cut,
  at: number,
  free: readonly Spot[],
  inner: { readonly lengthCm: number; readonly widthCm: number },
): readonly [Spot, Spot] {
  const { lengthCm, widthCm } = inner
  const within = (cm: number, size: number): number => Math.min(Math.max(cm, 0.02), size - 0.02)
  if (cut === 'free' && free[0] && free[1]) return [free[0], free[1]]
  if (cut === 'side') {
    const xCm = within(Number.isFinite(at) ? at : lengthCm / 2, lengthCm)
    return [
      { xCm, yCm: 0 },
      { xCm, yCm: widthCm },
    ]
  }
  const yCm = within(cut === 'front' && Number.isFinite(at) ? at : widthCm * 0.1, widthCm)
  return [
    { xCm: 0, yCm },
    { xCm: lengthCm, yCm },
  ]
}
