import { highestLampCm } from '../../../drawing/section/layout.js'
import { enHardscape, enPlan } from '@jovrin/contract'
import { compositionOf, isInside, lineOf, type PlacedPiece, TOOL_GAP_CM, withOutline, withPiece } from '@jovrin/core'
import { Box } from '@mui/material'
import { useCallback, useId, useMemo, useState } from 'react'
import { useSearchParams } from 'react-router'
import { Hatches } from '../../../drawing/Hatches.js'
import { svgPrefix } from '../../../drawing/ink.js'
import { Measured } from '../../../drawing/Measured.js'
import { CouchView, type Eye } from '../../../drawing/plan/CouchView.js'
import { OutlineHandles } from '../../../drawing/plan/OutlineHandles.js'
import { PlanFloor, PlanZones } from '../../../drawing/plan/PlanFloor.js'
import { planLayout, spotOf } from '../../../drawing/plan/planLayout.js'
import { PlanOverlays, type Overlay } from '../../../drawing/plan/PlanOverlays.js'
import { PlanPieces } from '../../../drawing/plan/PlanPieces.js'
import { useUnits } from '../../../ui/units.js'
import { useFindings, useMarginDesk, useSettled, type Desk } from '../desk.js'
import { FindingsList } from '../FindingsList.js'
import { SheetFrame } from '../SheetFrame.js'
import { FrontOfPieces, type ChosenOutline } from './FrontOfPieces.js'
import { HardscapeMargin } from './HardscapeMargin.js'
import { outlineFaultText } from '../outlineFault.text.js'

/** Both views and their margins fit a desk's screen together. */
const SHEET_HEIGHT_PX = 590
const PLAN_MARGIN_PX = 58
const FRONT_MARGIN_PX = 10
const OVERLAYS = ['thirds', 'golden', 'rear', 'gap'] as const

/** Pieces from above and from the front, one scale, one edge below the other. */
export function HardscapeSheet({ desk }: { desk: Desk }) {
  const { plan, figures, change } = desk
  const { inner, ground } = figures
  const units = useUnits()
  const prefix = svgPrefix(useId())
  const findings = useFindings(desk)
  const [marginDesk, onStep] = useMarginDesk(desk)
  const settledPieces = useSettled(figures.pieces)
  const [search, setSearch] = useSearchParams()
  const [corner, setCorner] = useState<number | null>(null)
  const [message, setMessage] = useState<string | null>(null)
  const [overlays, setOverlays] = useState<readonly Overlay[]>(['thirds', 'gap'])
  const [outline, setOutline] = useState<ChosenOutline>('none')
  const [eye, setEye] = useState<Eye | null>(null)
  const chosenId = search.get('piece')
  const piece = plan.hardscape.find(({ id }) => id === chosenId) ?? null
  const choose = useCallback(
    (id: string | null): void => {
      setSearch(id === null ? {} : { piece: id }, { replace: true })
      setCorner(null)
      setMessage(null)
    },
    [setSearch],
  )
  const chooseOverlays = useCallback((next: readonly Overlay[]) => setOverlays(OVERLAYS.filter((one) => next.includes(one))), [])
  const placed = useMemo(() => settledPieces.flatMap(({ placed: one }): PlacedPiece[] => (one === null ? [] : [one])), [settledPieces])
  const composition = useMemo(() => compositionOf(placed, inner.lengthCm, inner.widthCm), [placed, inner])
  const length = (cm: number): string => units.show('length', cm)
  return (
    <SheetFrame
      drawing={
        <>
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
                      description={enHardscape.couchDescription(plan.name)}
                    />
                  ) : (
                    <FrontOfPieces
                      desk={desk}
                      width={width}
                      pxPerCm={layout.pxPerCm}
                      left={layout.left}
                      mostHeight={frontCm * layout.pxPerCm + FRONT_MARGIN_PX}
                      overlays={overlays}
                      outline={outline}
                      piece={piece}
                      onChoose={choose}
                    />
                  )}
                  <svg
                    viewBox={`0 0 ${layout.widthPx} ${layout.heightPx}`}
                    width="100%"
                    role="group"
                    aria-label={enHardscape.planDescription(plan.name)}
                    style={{ display: 'block' }}
                    data-testid="hardscape-plan"
                    onClick={(event) => {
                      const spot = spotOf(layout, event.currentTarget, event)
                      choose(
                        [...plan.hardscape]
                          .reverse()
                          .find((one) => one.outline !== null && isInside(lineOf(one.outline), spot.xCm, spot.yCm))?.id ?? null,
                      )
                    }}
                  >
                    <Hatches prefix={prefix} />
                    <PlanFloor
                      layout={layout}
                      ground={ground}
                      prefix={prefix}
                      lengthLabel={length(inner.lengthCm)}
                      widthLabel={length(inner.widthCm)}
                      frontLabel={enPlan.frontPane}
                    />
                    <g opacity="0.5">
                      <PlanZones layout={layout} zones={plan.zones} prefix={prefix} />
                    </g>
                    <PlanPieces layout={layout} pieces={plan.hardscape} prefix={prefix} />
                    <PlanOverlays
                      layout={layout}
                      overlays={overlays}
                      lengthCm={inner.lengthCm}
                      widthCm={inner.widthCm}
                      gapCm={TOOL_GAP_CM}
                    />
                    {piece?.outline && (
                      <g onClick={(event) => event.stopPropagation()}>
                        <OutlineHandles
                          layout={layout}
                          outline={piece.outline}
                          others={[]}
                          inner={inner}
                          canSnap={false}
                          labels={{
                            shape: enHardscape.shape(piece.name),
                            corner: (number, x, y) => enHardscape.corner(String(number), x, y),
                            length,
                          }}
                          chosenCorner={corner}
                          onCorner={setCorner}
                          onChange={(next, isFinal) => {
                            setMessage(null)
                            onStep(isFinal)
                            change((now) => withPiece(now, piece.id, (one) => withOutline(one, next)), isFinal)
                          }}
                          onRefuse={(fault) => setMessage(outlineFaultText(fault))}
                        />
                      </g>
                    )}
                  </svg>
                </>
              )
            }}
          </Measured>
          <Box role="alert" sx={{ color: 'var(--algae)', fontSize: 14 }}>
            {message}
          </Box>
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
