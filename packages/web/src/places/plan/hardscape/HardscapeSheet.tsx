import { highestLampCm } from '../../../drawing/section/layout.js'
import { hardscapeWords, materialWords } from '@jovrin/contract'
import {
  addPiece,
  compositionOf,
  type Eye,
  type PlacedPiece,
  ringOutline,
  type Spot,
  TOOL_GAP_CM,
  withOutline,
  withPiece,
} from '@jovrin/core'
import { useCallback, useId, useMemo, useState } from 'react'
import { localId } from '../../../api/localId.js'
import { svgPrefix } from '../../../drawing/ink.js'
import { Measured } from '../../../drawing/Measured.js'
import { CouchView } from '../../../drawing/plan/CouchView.js'
import { PlanZones } from '../../../drawing/plan/PlanFloor.js'
import { planLayout } from '../../../drawing/plan/planLayout.js'
import { PlanOverlays, type Overlay } from '../../../drawing/plan/PlanOverlays.js'
import { PlanPieces } from '../../../drawing/plan/PlanPieces.js'
import { Choice } from '../../../ui/Choice.js'
import { useFindings, useMarginDesk, useSettled, type Desk } from '../desk.js'
import { FindingsList } from '../FindingsList.js'
import { finishDrawn, OutlineSheet } from '../outline/OutlineSheet.js'
import { OutlineTools } from '../outline/OutlineTools.js'
import { Enlarged } from '../../../ui/enlarge/Enlarged.js'
import { useOutlines, type Gesture } from '../outline/useOutlines.js'
import { LabelledFloor } from '../LabelledFloor.js'
import { SheetFrame } from '../SheetFrame.js'
import { FrontOfPieces, type ChosenOutline } from './FrontOfPieces.js'
import { HardscapeMargin } from './HardscapeMargin.js'

/** Both views and their margins fit a desk's screen together. */
const SHEET_HEIGHT_PX = 570
const PLAN_MARGIN_PX = 58
const FRONT_MARGIN_PX = 10
/** What a click on the floor does, and with which gesture. */
const TOOL = { choose: 'choose', draw: 'outline', outline: 'outline' } as const satisfies Record<string, Gesture>
type Tool = keyof typeof TOOL
/** A piece drawn on the floor is a stone until one says otherwise. */
const DRAWN_MATERIAL = 'granite'
const OVERLAYS = ['thirds', 'golden', 'rear', 'gap'] as const

/** Pieces from above and from the front, one scale, one edge below the other. */
export function HardscapeSheet({ desk }: { desk: Desk }) {
  const { plan, figures, change } = desk
  const { inner } = figures
  const prefix = svgPrefix(useId())
  const findings = useFindings(desk)
  const [marginDesk, onStep] = useMarginDesk(desk)
  const settledPieces = useSettled(figures.pieces)
  const outlines = useOutlines({ tankId: desk.tankId, param: 'piece', snaps: false, tools: TOOL })
  const { choose, tool, setTool } = outlines
  const [overlays, setOverlays] = useState<readonly Overlay[]>(['thirds', 'gap'])
  const [outline, setOutline] = useState<ChosenOutline>('none')
  const [eye, setEye] = useState<Eye | null>(null)
  const piece = plan.hardscape.find(({ id }) => id === outlines.chosenId) ?? null
  const catches = useMemo(
    () => plan.hardscape.filter(({ id }) => id !== piece?.id).flatMap(({ outline }) => outline ?? []),
    [plan.hardscape, piece?.id],
  )
  const chooseOverlays = useCallback((next: readonly Overlay[]) => setOverlays(OVERLAYS.filter((one) => next.includes(one))), [])
  const placed = useMemo(() => settledPieces.flatMap(({ placed: one }): PlacedPiece[] => (one === null ? [] : [one])), [settledPieces])
  const composition = useMemo(() => compositionOf(placed, inner.lengthCm, inner.widthCm), [placed, inner])
  const takeDrawn = (spots: readonly Spot[]): void => {
    const outline = ringOutline(spots)
    if (tool === 'outline' && piece) change((now) => withPiece(now, piece.id, (one) => withOutline(one, outline)))
    else {
      const made = addPiece(plan, inner, DRAWN_MATERIAL, `${materialWords[DRAWN_MATERIAL]} ${plan.hardscape.length + 1}`, localId)
      change(() => withPiece(made.plan, made.id, (one) => withOutline(one, outline)))
      choose(made.id)
    }
    setTool('choose')
  }
  const tools: readonly Tool[] = piece === null && tool !== 'outline' ? ['choose', 'draw'] : ['choose', 'draw', 'outline']
  return (
    <SheetFrame
      drawing={
        <>
          <OutlineTools outlines={outlines} onFinish={() => finishDrawn(outlines, takeDrawn)}>
            <Choice
              label={hardscapeWords.tool}
              why={hardscapeWords.toolWhy}
              value={tool}
              options={tools.map((one) => [one, hardscapeWords.tools[one]] as const)}
              onChange={(next) => setTool(next ?? 'choose')}
            />
          </OutlineTools>
          <Measured usual={740}>
            {(width) => {
              const frontCm = figures.vessel.heightCm + Math.max(highestLampCm(figures) - figures.vessel.freeboardCm, 0) + 2
              const pxPerCm = (SHEET_HEIGHT_PX - PLAN_MARGIN_PX - FRONT_MARGIN_PX) / (inner.widthCm + frontCm)
              const layout = planLayout(inner, width, inner.widthCm * pxPerCm + PLAN_MARGIN_PX)
              return (
                <>
                  {eye !== null ? (
                    <CouchView
                      figures={figures}
                      eye={eye}
                      width={width}
                      pxPerCm={layout.pxPerCm}
                      left={layout.left}
                      height={frontCm * layout.pxPerCm + FRONT_MARGIN_PX}
                      description={hardscapeWords.couchDescription(plan.name)}
                    />
                  ) : (
                    <Enlarged label={hardscapeWords.frontDescription(plan.name)}>
                      {(zoom) => (
                        <FrontOfPieces
                          desk={desk}
                          width={width}
                          zoom={zoom}
                          pxPerCm={layout.pxPerCm}
                          left={layout.left}
                          mostHeight={frontCm * layout.pxPerCm + FRONT_MARGIN_PX}
                          overlays={overlays}
                          outline={outline}
                          piece={piece}
                          onChoose={choose}
                        />
                      )}
                    </Enlarged>
                  )}
                  <OutlineSheet
                    outlines={outlines}
                    layout={layout}
                    inner={inner}
                    shapes={plan.hardscape}
                    catches={catches}
                    description={hardscapeWords.planDescription(plan.name)}
                    shapeLabel={hardscapeWords.shape(piece?.name ?? '')}
                    testId="hardscape-plan"
                    onOutline={(next, isFinal) => {
                      onStep(isFinal)
                      if (piece) change((now) => withPiece(now, piece.id, (one) => withOutline(one, next)), isFinal)
                    }}
                    onDrawn={takeDrawn}
                  >
                    {(seen) => (
                      <>
                        <LabelledFloor layout={seen} figures={figures} prefix={prefix} />
                        <g opacity="0.5">
                          <PlanZones layout={seen} zones={plan.zones} prefix={prefix} />
                        </g>
                        <PlanPieces layout={seen} pieces={plan.hardscape} prefix={prefix} />
                        <PlanOverlays
                          layout={seen}
                          overlays={overlays}
                          lengthCm={inner.lengthCm}
                          widthCm={inner.widthCm}
                          gapCm={TOOL_GAP_CM}
                        />
                      </>
                    )}
                  </OutlineSheet>
                </>
              )
            }}
          </Measured>
          <FindingsList
            tankId={desk.tankId}
            muted={desk.plan.muted}
            change={desk.change}
            findings={findings}
            sheet="hardscape"
            onChoose={choose}
          />
        </>
      }
      margin={
        <HardscapeMargin
          desk={marginDesk}
          pieceId={piece?.id ?? null}
          composition={composition}
          placed={placed}
          onChoose={choose}
          overlays={overlays}
          onOverlays={chooseOverlays}
          outline={outline}
          onOutline={setOutline}
          eye={eye}
          onEye={setEye}
        />
      }
    />
  )
}
