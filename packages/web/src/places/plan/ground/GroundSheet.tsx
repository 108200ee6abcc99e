import { enDescribe, enGround, enPlan } from '@jovrin/contract'
import { isInside, lineOf, ringOutline, type Spot, tabRing, withTabs, withZone, zoneOf } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import { useCallback, useId, useMemo, useRef, useState } from 'react'
import { useSearchParams } from 'react-router'
import { localId } from '../../../api/localId.js'
import { Hatches } from '../../../drawing/Hatches.js'
import { svgPrefix } from '../../../drawing/ink.js'
import { Measured } from '../../../drawing/Measured.js'
import { CutDrawing } from '../../../drawing/plan/CutDrawing.js'
import { OutlineHandles } from '../../../drawing/plan/OutlineHandles.js'
import { PlanBarriers, PlanFloor, PlanTabs, PlanZoneNames, PlanZones } from '../../../drawing/plan/PlanFloor.js'
import { planLayout, pathOf, snapped, spotOf, xPx, yPx, type PlanLayout } from '../../../drawing/plan/planLayout.js'
import { CutLine } from '../../../drawing/plan/PlanOverlays.js'
import { PlanPieces } from '../../../drawing/plan/PlanPieces.js'
import { Choice } from '../../../ui/Choice.js'
import { useUnits } from '../../../ui/units.js'
import { useKeptState } from '../../../ui/useKeptState.js'
import { useFindings, useMarginDesk, type Desk } from '../desk.js'
import { FindingsList } from '../FindingsList.js'
import { SheetFrame } from '../SheetFrame.js'
import { GroundMargin } from './GroundMargin.js'
import { outlineFaultText } from '../outlineFault.text.js'

const CUTS = ['front', 'side', 'free'] as const
export type Cut = (typeof CUTS)[number]
export type Tool = 'choose' | 'draw' | 'height' | 'tab' | 'ring' | 'capsule' | 'barrier' | 'cut'

const PLAN_HEIGHT_PX = 400
/** Around the crown of a large rosette: 3 to 5 tabs, 4 to 6 cm out. */
const RING_TABS = 4
const RING_CM = 5

const readSpots = (kept: unknown): readonly Spot[] | null =>
  Array.isArray(kept) && kept.every((spot) => typeof (spot as Spot).xCm === 'number' && typeof (spot as Spot).yCm === 'number')
    ? (kept as readonly Spot[])
    : null

/** The floor seen from above with its zones, and a cut through the ground below it. Both follow every step of a gesture. */
export function GroundSheet({ desk }: { desk: Desk }) {
  const { plan, figures, change } = desk
  const { inner, ground } = figures
  const units = useUnits()
  const prefix = svgPrefix(useId())
  const findings = useFindings(desk)
  const [marginDesk, onStep] = useMarginDesk(desk)
  const [search, setSearch] = useSearchParams()
  const [tool, setTool] = useState<Tool>('choose')
  const [corner, setCorner] = useState<number | null>(null)
  const [message, setMessage] = useState<string | null>(null)
  const [canSnap, setSnap] = useState(true)
  const [drawn, setDrawn] = useKeptState<readonly Spot[]>(`jovrin.drawn.${desk.tankId}`, [], readSpots)
  const svg = useRef<SVGSVGElement>(null)
  const chosenId = search.get('zone')
  const zone = plan.zones.find(({ id }) => id === chosenId) ?? null
  const cut = CUTS.find((one) => one === search.get('cut')) ?? 'front'
  const setParam = useCallback(
    (name: string, value: string | null): void =>
      setSearch(
        (before) => {
          const next = new URLSearchParams(before)
          if (value === null) next.delete(name)
          else next.set(name, value)
          return next
        },
        { replace: true },
      ),
    [setSearch],
  )
  const choose = useCallback(
    (id: string | null): void => {
      setParam('zone', id)
      setCorner(null)
      setMessage(null)
    },
    [setParam],
  )
  const setCutAt = useCallback((cm: number) => setParam('at', String(cm)), [setParam])
  const [free, setFree] = useKeptState<readonly Spot[]>(`jovrin.cut.${desk.tankId}`, [], readSpots)
  const at = Number(search.get('at') ?? NaN)
  const [from, to] = cutEnds(cut, at, free, inner)
  const others = useMemo(
    () => [
      ...plan.zones.filter(({ id }) => id !== chosenId).flatMap(({ outline }) => outline),
      ...plan.barriers.flatMap(({ line }) => line),
    ],
    [plan.zones, plan.barriers, chosenId],
  )
  const length = (cm: number): string => units.show('length', cm)

  const finishZone = (spots: readonly Spot[]): void => {
    const made = zoneOf(plan, ringOutline(spots), enGround.zoneName(String(plan.zones.length + 1)), localId)
    change(() => made.plan)
    setDrawn([])
    setTool('choose')
    choose(made.id)
  }
  const click =
    (layout: PlanLayout) =>
    (event: React.MouseEvent<SVGSVGElement>): void => {
      const raw = spotOf(layout, event.currentTarget, event)
      const spot =
        canSnap && !event.altKey ? snapped(raw, others, inner) : { xCm: Math.round(raw.xCm * 10) / 10, yCm: Math.round(raw.yCm * 10) / 10 }
      if (spot.xCm < -1 || spot.yCm < -1 || spot.xCm > inner.lengthCm + 1 || spot.yCm > inner.widthCm + 1) return
      if (tool === 'draw' || tool === 'barrier') {
        const first = drawn[0]
        if (tool === 'draw' && drawn.length > 2 && first && Math.hypot(first.xCm - spot.xCm, first.yCm - spot.yCm) < 2)
          return finishZone(drawn)
        return setDrawn([...drawn, spot])
      }
      if (tool === 'tab' || tool === 'capsule')
        return change((now) => ({ ...now, tabs: [...now.tabs, { id: localId('t'), kind: tool, ...spot }] }))
      if (tool === 'ring') return change((now) => withTabs(now, 'tab', tabRing(spot, RING_TABS, RING_CM), localId))
      if (tool === 'height' && zone)
        return change((now) =>
          withZone(now, zone.id, (one) => ({
            ...one,
            heights: [
              ...one.heights,
              { id: localId('h'), ...spot, heightCm: Math.round(ground.zones.find(({ id }) => id === zone.id)?.meanCm ?? 5) },
            ],
          })),
        )
      if (tool === 'cut') {
        const next = free.length === 1 ? [...free, spot] : [spot]
        setFree(next)
        setParam('cut', 'free')
        if (next.length === 2) setTool('choose')
        return
      }
      // Chosen by where it lies, the uppermost first; elsewhere nothing is chosen.
      const hit = [...plan.zones].reverse().find(({ outline }) => isInside(lineOf(outline), raw.xCm, raw.yCm))
      choose(hit?.id ?? null)
    }
  const finishDrawn = (): void => {
    if (tool === 'barrier' && drawn.length > 1) {
      change((now) => ({ ...now, barriers: [...now.barriers, { id: localId('wall'), line: drawn, heightCm: 5 }] }))
      setDrawn([])
      setTool('choose')
    } else if (tool === 'draw' && drawn.length > 2) finishZone(drawn)
  }
  return (
    <SheetFrame
      drawing={
        <>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'end', mb: 0.5 }} className="no-print">
            <Choice
              label={enGround.tool}
              why={enGround.toolWhy}
              value={tool}
              options={(['choose', 'draw', 'barrier', 'height', 'tab', 'ring', 'capsule', 'cut'] as const).map(
                (one) => [one, enGround.tools[one]] as const,
              )}
              onChange={(next) => {
                setTool(next ?? 'choose')
                if (next !== 'draw' && next !== 'barrier') setDrawn([])
              }}
            />
            <Choice
              label={enGround.cut}
              why={enGround.cutWhy}
              value={cut}
              options={CUTS.map((one) => [one, enGround.cuts[one]] as const)}
              onChange={(next) => {
                setParam('cut', next)
                if (next === 'free' && free.length < 2) setTool('cut')
              }}
            />
            <Choice
              label={enGround.snap}
              why={enGround.snapWhy}
              value={canSnap ? 'yes' : 'no'}
              options={[
                ['yes', enDescribe.yes],
                ['no', enDescribe.no],
              ]}
              onChange={(next) => setSnap(next === 'yes')}
            />
          </Box>
          {drawn.length > 0 && (
            <Box role="status" sx={{ display: 'flex', gap: 1, alignItems: 'center', fontSize: 14 }}>
              {enGround.drawnCorners(String(drawn.length))}
              <Button onClick={finishDrawn} disabled={drawn.length < (tool === 'barrier' ? 2 : 3)}>
                {tool === 'barrier' ? enGround.finishBarrier : enGround.finishZone}
              </Button>
              <Button variant="text" onClick={() => setDrawn(drawn.slice(0, -1))}>
                {enGround.dropCorner}
              </Button>
            </Box>
          )}
          <Measured usual={740}>
            {(width) => {
              const layout = planLayout(inner, width, PLAN_HEIGHT_PX)
              return (
                <>
                  <svg
                    ref={svg}
                    viewBox={`0 0 ${layout.widthPx} ${layout.heightPx}`}
                    width="100%"
                    role="group"
                    aria-label={enGround.planDescription(plan.name)}
                    style={{
                      display: 'block',
                      cursor: tool === 'choose' ? 'default' : 'crosshair',
                      touchAction: tool === 'choose' ? 'auto' : 'none',
                    }}
                    onClick={click(layout)}
                    data-testid="ground-plan"
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
                    <PlanZones layout={layout} zones={plan.zones} prefix={prefix} />
                    <PlanPieces layout={layout} pieces={plan.hardscape} prefix={prefix} isFaint />
                    <PlanBarriers layout={layout} barriers={plan.barriers} chosenId={null} />
                    <PlanTabs layout={layout} tabs={plan.tabs} />
                    <PlanZoneNames layout={layout} zones={plan.zones} />
                    <CutLine layout={layout} from={from} to={to} label={enGround.cutMark} />
                    {zone?.heights.map((point) => (
                      <g key={point.id} pointerEvents="none">
                        <path
                          d={`M${xPx(layout, point.xCm) - 5} ${yPx(layout, point.yCm)}h10M${xPx(layout, point.xCm)} ${yPx(layout, point.yCm) - 5}v10`}
                          stroke="var(--ink)"
                          strokeWidth="1.4"
                        />
                        <text
                          x={xPx(layout, point.xCm) + 6}
                          y={yPx(layout, point.yCm) - 4}
                          fontSize="12"
                          fill="var(--ink)"
                          stroke="var(--sheet)"
                          strokeWidth="4"
                          paintOrder="stroke"
                          className="figures"
                        >
                          {length(point.heightCm)}
                        </text>
                      </g>
                    ))}
                    {zone && tool === 'choose' && (
                      <g onClick={(event) => event.stopPropagation()}>
                        <OutlineHandles
                          layout={layout}
                          outline={zone.outline}
                          others={others}
                          inner={inner}
                          canSnap={canSnap}
                          labels={{
                            shape: enGround.shape(zone.name),
                            corner: (number, x, y) => enGround.corner(String(number), x, y),
                            length,
                          }}
                          chosenCorner={corner}
                          onCorner={setCorner}
                          onChange={(outline, isFinal) => {
                            setMessage(null)
                            onStep(isFinal)
                            change((now) => withZone(now, zone.id, (one) => ({ ...one, outline })), isFinal)
                          }}
                          onRefuse={(fault) => setMessage(outlineFaultText(fault))}
                        />
                      </g>
                    )}
                    {drawn.length > 0 && (
                      <path d={pathOf(layout, drawn, false)} fill="none" stroke="var(--focus)" strokeWidth="2" strokeDasharray="6 3" />
                    )}
                    {drawn.map((spot, index) => (
                      <circle
                        key={index}
                        cx={xPx(layout, spot.xCm)}
                        cy={yPx(layout, spot.yCm)}
                        r="4"
                        fill="var(--sheet)"
                        stroke="var(--focus)"
                        strokeWidth="2"
                      />
                    ))}
                  </svg>
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
                    name={enGround.cutName[cut](length(cut === 'side' ? from.xCm : from.yCm))}
                    description={enGround.cutDescription}
                    height={length}
                  />
                </>
              )
            }}
          </Measured>
          <Box role="alert" sx={{ color: 'var(--algae)', fontSize: 14, minHeight: message === null ? 0 : 20 }}>
            {message}
          </Box>
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
          corner={corner}
          onCorner={setCorner}
          onChoose={choose}
          onMessage={setMessage}
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
