import { heightCmAtAge, PLANT_KINDS, type Plan, type TankFigures } from '@jovrin/core'
import { useId } from 'react'
import { Dimension } from '../Dimension.js'
import { Hatches } from '../Hatches.js'
import { hatchFill, INK, svgPrefix, type Hatch } from '../ink.js'
import { TitleBlock, titleBlockHeight } from '../TitleBlock.js'
import { pieceOutlines } from './hardscape.js'
import { groundEdges, sectionLayout, type SectionLayout, type View } from './layout.js'
import { plantStrokes } from './plants.js'

export interface SectionLabels {
  readonly description: string
  readonly front: string
  readonly side: string
  readonly length: string
  readonly width: string
  readonly height: string
  readonly groundFront: string
  readonly groundBack: string
  readonly ppfd: string
  readonly gas: string | null
  readonly scaleBar: string
  readonly titleRows: readonly (readonly [string, string])[]
}

interface SectionProps {
  readonly plan: Plan
  readonly figures: TankFigures
  readonly ageDays: number
  readonly labels: SectionLabels
  readonly width?: number
  readonly mostHeight?: number
}

const HATCH_OF: Readonly<Record<string, Hatch>> = { 'rich-soil': 'pellets', 'lean-soil': 'pellets', 'capped-soil': 'soil', sand: 'sand', gravel: 'gravel' }
const TITLE_WIDTH = 176
const SCALE_BAR_CM = 20

/** The tank to scale, from the front and from the side: glass, water line, ground, hardscape, plants at an age, lamp and light, gas. */
export function Section({ plan, figures, ageDays, labels, width = 820, mostHeight = 540 }: SectionProps) {
  const prefix = svgPrefix(useId())
  const lampCm = plan.lamps[0]?.aboveWaterCm ?? 12
  const layout = sectionLayout(figures, width, mostHeight, plan.lamps.length > 0 ? lampCm : 0)
  const { front, side, floorY, rimY, pxPerCm, height } = layout
  const bottom = floorY + figures.vessel.glassCm * pxPerCm
  const edges = groundEdges(figures)
  const top = edges.at(-1) ?? { frontCm: 0, backCm: 0 }
  const titleY = height - titleBlockHeight(labels.titleRows.length) - 3
  return (
    <svg viewBox={`0 0 ${width} ${height}`} width="100%" role="img" aria-label={labels.description} style={{ display: 'block' }}>
      <Hatches prefix={prefix} />
      <FrontElevation plan={plan} figures={figures} layout={layout} ageDays={ageDays} lampCm={lampCm} prefix={prefix} />
      <rect x={side.innerLeft} y={layout.waterY} width={side.innerRight - side.innerLeft} height={floorY - layout.waterY} fill="var(--water-fill)" opacity="0.55" />
      {edges.map((edge, index) => (
        <path
          key={index}
          d={`M${side.innerLeft} ${floorY - edge.belowFrontCm * pxPerCm}V${floorY - edge.frontCm * pxPerCm}L${side.innerRight} ${floorY - edge.backCm * pxPerCm}V${floorY - edge.belowBackCm * pxPerCm}Z`}
          fill={hatchFill(prefix, HATCH_OF[edge.ground] ?? 'gravel')}
          stroke="var(--ink)"
          strokeWidth={INK.medium}
        />
      ))}
      <SidePlants plan={plan} layout={layout} figures={figures} ageDays={ageDays} backCm={top.backCm} frontCm={top.frontCm} />
      {plan.gasLines.some((line) => line.control !== 'none') && <Diffuser layout={layout} groundCm={top.backCm} label={labels.gas} />}
      <Glass view={side} rimY={rimY} bottom={bottom} waterY={layout.waterY} glassPx={figures.vessel.glassCm * pxPerCm} />
      <LampBar view={side} layout={layout} lampCm={lampCm} isShown={plan.lamps.length > 0} lengthPx={8 * pxPerCm} />
      <text x={front.left} y={bottom + 16} fontSize="13" fill="var(--ink-2)">
        {labels.front}
      </text>
      <text x={side.left} y={bottom + 16} fontSize="13" fill="var(--ink-2)">
        {labels.side}
      </text>
      <Dimension x1={front.left} y1={bottom + 32} x2={front.right} y2={bottom + 32} label={labels.length} />
      <Dimension x1={side.left} y1={bottom + 32} x2={side.right} y2={bottom + 32} label={labels.width} />
      <Dimension x1={front.left - 24} y1={rimY} x2={front.left - 24} y2={bottom} label={labels.height} />
      {edges.length > 0 && (
        <g fontSize="12" fill="var(--ink)">
          <text x={side.left - 4} y={floorY - top.frontCm * pxPerCm - 3} textAnchor="end">
            {labels.groundFront}
          </text>
          <text x={side.right + 3} y={floorY - top.backCm * pxPerCm - 3}>
            {labels.groundBack}
          </text>
        </g>
      )}
      <ScaleBar x={front.left} y={height - 16} pxPerCm={pxPerCm} label={labels.scaleBar} />
      <TitleBlock x={width - TITLE_WIDTH - 3} y={titleY} width={TITLE_WIDTH} title={plan.name} rows={labels.titleRows} />
    </svg>
  )
}

interface ElevationProps {
  readonly plan: Plan
  readonly figures: TankFigures
  readonly layout: SectionLayout
  readonly ageDays: number
  readonly lampCm: number
  readonly prefix: string
}

/** The front view alone: water, light, plants, stones, ground, glass. */
export function FrontElevation({ plan, figures, layout, ageDays, lampCm, prefix }: ElevationProps) {
  const { front, floorY, rimY, pxPerCm } = layout
  const edges = groundEdges(figures)
  const top = edges.at(-1) ?? { frontCm: 0, backCm: 0 }
  return (
    <g>
      <rect x={front.innerLeft} y={layout.waterY} width={front.innerRight - front.innerLeft} height={floorY - layout.waterY} fill="var(--water-fill)" opacity="0.55" />
      <LightField view={front} layout={layout} lampCm={lampCm} lamps={plan.lamps} figures={figures} groundCm={(top.frontCm + top.backCm) / 2} />
      <clipPath id={`${prefix}-inside`}>
        <rect x={front.innerLeft} y={0} width={front.innerRight - front.innerLeft} height={floorY} />
      </clipPath>
      <g clipPath={`url(#${prefix}-inside)`}>
        <FrontPlants plan={plan} layout={layout} figures={figures} ageDays={ageDays} backCm={top.backCm} frontCm={top.frontCm} prefix={prefix} />
      </g>
      {edges.map((edge, index) => (
        <GroundFront key={index} edge={edge} view={front} layout={layout} fill={hatchFill(prefix, HATCH_OF[edge.ground] ?? 'gravel')} />
      ))}
      <Glass view={front} rimY={rimY} bottom={floorY + figures.vessel.glassCm * pxPerCm} waterY={layout.waterY} glassPx={figures.vessel.glassCm * pxPerCm} />
    </g>
  )
}

function Glass({ view, rimY, bottom, waterY, glassPx }: { view: View; rimY: number; bottom: number; waterY: number; glassPx: number }) {
  const mark = view.innerRight - 16
  return (
    <g>
      <path d={`M${view.left} ${rimY}V${bottom}H${view.right}V${rimY}`} fill="none" stroke="var(--ink)" strokeWidth={INK.heavy} />
      <path d={`M${view.innerLeft} ${rimY}V${bottom - glassPx}H${view.innerRight}V${rimY}`} fill="none" stroke="var(--ink)" strokeWidth={INK.thin} />
      <path d={`M${view.innerLeft} ${waterY}H${view.innerRight}`} stroke="var(--clean)" strokeWidth={INK.medium} />
      <path d={`M${mark - 6} ${waterY - 9}h12l-6 9zM${mark - 5} ${waterY + 3}h10M${mark - 3} ${waterY + 6}h6`} fill="none" stroke="var(--clean)" strokeWidth={INK.thin} />
    </g>
  )
}

function GroundFront({ edge, view, layout, fill }: { edge: ReturnType<typeof groundEdges>[number]; view: View; layout: SectionLayout; fill: string }) {
  const y = (cm: number): number => layout.floorY - cm * layout.pxPerCm
  const width = view.innerRight - view.innerLeft
  return (
    <g>
      <rect x={view.innerLeft} y={y(edge.frontCm)} width={width} height={Math.max(y(edge.belowFrontCm) - y(edge.frontCm), 0)} fill="var(--sheet)" />
      <rect x={view.innerLeft} y={y(edge.frontCm)} width={width} height={Math.max(y(edge.belowFrontCm) - y(edge.frontCm), 0)} fill={fill} stroke="var(--ink)" strokeWidth={INK.medium} />
      {edge.backCm !== edge.frontCm && <path d={`M${view.innerLeft} ${y(edge.backCm)}H${view.innerRight}`} stroke="var(--ink-2)" strokeWidth={INK.thin} strokeDasharray="5 3" />}
    </g>
  )
}

function LampBar({ view, layout, lampCm, isShown, lengthPx }: { view: View; layout: SectionLayout; lampCm: number; isShown: boolean; lengthPx: number }) {
  if (!isShown) return null
  const middle = (view.innerLeft + view.innerRight) / 2
  const y = layout.waterY - lampCm * layout.pxPerCm
  return <rect x={middle - lengthPx / 2} y={y - 6} width={lengthPx} height="6" fill="var(--sheet)" stroke="var(--ink)" strokeWidth={INK.medium} />
}

function LightField({ view, layout, lampCm, lamps, figures, groundCm }: { view: View; layout: SectionLayout; lampCm: number; lamps: Plan['lamps']; figures: TankFigures; groundCm: number }) {
  if (lamps.length === 0 || figures.ppfd === 0) return null
  const middle = (view.innerLeft + view.innerRight) / 2
  const half = (((lamps[0]?.lengthCm ?? figures.inner.lengthCm * 0.8) / 2) * layout.pxPerCm)
  const lampY = layout.waterY - lampCm * layout.pxPerCm
  const groundY = layout.floorY - groundCm * layout.pxPerCm
  const rays = Array.from({ length: 9 }, (_, index) => (index - 4) / 4)
  return (
    <g>
      <path d={`M${middle - half} ${lampY}H${middle + half}L${view.innerRight} ${layout.waterY}V${groundY}H${view.innerLeft}V${layout.waterY}Z`} fill="var(--light-fill)" opacity="0.16" />
      {rays.map((lean) => {
        const x0 = middle + lean * half
        const x1 = Math.min(Math.max(x0 + lean * 14, view.innerLeft + 2), view.innerRight - 2)
        const x2 = Math.min(Math.max(x1 + lean * 10, view.innerLeft + 2), view.innerRight - 2)
        return <path key={lean} d={`M${x0} ${lampY}L${x1} ${layout.waterY}L${x2} ${groundY}`} fill="none" stroke="var(--light)" strokeWidth={INK.thin} strokeDasharray="1 5" />
      })}
      <rect x={middle - half} y={lampY - 6} width={half * 2} height="6" fill="var(--sheet)" stroke="var(--ink)" strokeWidth={INK.medium} />
    </g>
  )
}

interface PlantsProps {
  readonly plan: Plan
  readonly layout: SectionLayout
  readonly figures: TankFigures
  readonly ageDays: number
  readonly frontCm: number
  readonly backCm: number
}

/** Share of the tank's depth at which a kind stands: back row first. */
const DEPTH_OF = { stems: 0.9, rosette: 0.7, rhizome: 0.5, moss: 0.45, carpet: 0.15, floater: 0 } as const
const DRAW_ORDER = ['stems', 'rosette', 'rhizome', 'moss', 'carpet', 'floater'] as const

function FrontPlants({ plan, layout, figures, ageDays, frontCm, backCm, prefix }: PlantsProps & { prefix: string }) {
  const { front, pxPerCm, floorY } = layout
  const width = front.innerRight - front.innerLeft
  const standingY = (depth: number): number => floorY - (frontCm + (backCm - frontCm) * depth) * pxPerCm
  const most = (floorY - layout.waterY) * 0.97 - backCm * pxPerCm
  return (
    <g>
      {DRAW_ORDER.map((kind) => {
        const patches = plan.patches.filter((patch) => patch.kind === kind)
        const foot = figures.footOfGroup[PLANT_KINDS.indexOf(kind)] ?? 0
        const stones = kind === 'rhizome' ? <Stones key="stones" plan={plan} layout={layout} y={standingY(0.5)} prefix={prefix} /> : null
        if (patches.length === 0 || foot === 0) return stones
        const depth = DEPTH_OF[kind]
        const heightPx = Math.max(4, Math.min(heightCmAtAge(kind, ageDays) * pxPerCm, most))
        const y = kind === 'floater' ? layout.waterY : standingY(depth)
        // A strip of the floor as long as the kind's share asks, given the part of the depth that its row takes.
        const lengthPx = Math.min(width, width * Math.min(1, foot / (kind === 'carpet' ? 0.4 : 0.45)))
        const left = kind === 'stems' || kind === 'moss' ? 0 : kind === 'rosette' ? width - lengthPx : (width - lengthPx) / 2
        const spans: readonly (readonly [number, number])[] = kind === 'stems' && lengthPx < width * 0.97 ? [[0, lengthPx * 0.58], [width - lengthPx * 0.42, lengthPx * 0.42]] : [[left, lengthPx]]
        return (
          <g key={kind}>
            {stones}
            {spans.map(([offset, span], index) => (
              <g key={index} transform={`translate(${front.innerLeft + offset} ${y})`}>
                {plantStrokes(kind, span, heightPx, 7 + index).map((stroke, at) => (
                  <path key={at} d={stroke.d} fill={stroke.isFilled ? 'var(--mass-fill)' : 'none'} fillOpacity={stroke.isFilled ? 0.55 : 1} stroke="var(--mass)" strokeWidth={stroke.isFilled ? INK.thin : 0.9} />
                ))}
              </g>
            ))}
          </g>
        )
      })}
    </g>
  )
}

function Stones({ plan, layout, y, prefix }: { plan: Plan; layout: SectionLayout; y: number; prefix: string }) {
  const { front, pxPerCm } = layout
  const width = front.innerRight - front.innerLeft
  // Main pieces near the thirds, the smaller ones beside them.
  const places = [0.36, 0.63, 0.5, 0.2, 0.8, 0.45, 0.7]
  let next = 0
  return (
    <g>
      {plan.hardscape.flatMap((entry, index) =>
        pieceOutlines(entry.material, entry.massKg ?? 5, pxPerCm, index + 3).pieces.map((piece, at) => {
          const place = places[next++ % places.length] ?? 0.5
          const x = Math.min(Math.max(place * width, piece.widthPx / 2 + 2), width - piece.widthPx / 2 - 2)
          return (
            <g key={`${entry.id}-${at}`} transform={`translate(${front.innerLeft + x} ${y + 3})`}>
              <path d={piece.d} fill="var(--sheet)" />
              <path d={piece.d} fill={hatchFill(prefix, piece.hatch)} stroke="var(--ink)" strokeWidth={INK.medium} strokeLinejoin="round" />
            </g>
          )
        }),
      )}
    </g>
  )
}

function SidePlants({ plan, layout, figures, ageDays, frontCm, backCm }: PlantsProps) {
  const { side, pxPerCm, floorY } = layout
  const width = side.innerRight - side.innerLeft
  const kinds = [...new Set(plan.patches.map((patch) => patch.kind))].filter((kind) => (figures.footOfGroup[PLANT_KINDS.indexOf(kind)] ?? 0) > 0)
  return (
    <g>
      {kinds.map((kind) => {
        const depth = DEPTH_OF[kind]
        const most = (floorY - layout.waterY) * 0.97 - backCm * pxPerCm
        const heightPx = Math.max(4, Math.min(heightCmAtAge(kind, ageDays) * pxPerCm, most))
        const span = kind === 'carpet' ? width * 0.4 : kind === 'floater' ? width * 0.6 : width * 0.16
        const left = kind === 'floater' ? width * 0.2 : Math.min(Math.max(depth * width - span / 2, 0), width - span)
        const y = kind === 'floater' ? layout.waterY : floorY - (frontCm + (backCm - frontCm) * ((left + span / 2) / width)) * pxPerCm
        return (
          <g key={kind} transform={`translate(${side.innerLeft + left} ${y})`}>
            {plantStrokes(kind, span, heightPx, 5).map((stroke, at) => (
              <path key={at} d={stroke.d} fill={stroke.isFilled ? 'var(--mass-fill)' : 'none'} fillOpacity="0.55" stroke="var(--mass)" strokeWidth={INK.thin} />
            ))}
          </g>
        )
      })}
    </g>
  )
}

function Diffuser({ layout, groundCm, label }: { layout: SectionLayout; groundCm: number; label: string | null }) {
  const { front, floorY, waterY, pxPerCm } = layout
  const x = front.innerRight - 14
  const y = floorY - groundCm * pxPerCm - 10
  const bubbles = Array.from({ length: 9 }, (_, index) => ({ cx: x - 3 - index * 2.6, cy: y - 8 - index * ((y - waterY) / 11), r: 1.2 + (index % 3) * 0.5 }))
  return (
    <g stroke="var(--carbon)" strokeWidth={INK.medium} fill="none">
      <path d={`M${x - 5} ${y}h10v5h-10zM${x + 3} ${y}V${layout.rimY - 6}h14`} />
      {bubbles.map((bubble) => (
        <circle key={bubble.cy} {...bubble} strokeWidth={INK.thin} />
      ))}
      {label !== null && (
        <text x={x + 18} y={layout.rimY - 10} textAnchor="end" fontSize="12" fill="var(--carbon)" stroke="none">
          {label}
        </text>
      )}
    </g>
  )
}

function ScaleBar({ x, y, pxPerCm, label }: { x: number; y: number; pxPerCm: number; label: string }) {
  const step = (SCALE_BAR_CM / 4) * pxPerCm
  return (
    <g>
      {[0, 1, 2, 3].map((part) => (
        <rect key={part} x={x + part * step} y={y} width={step} height="5" fill={part % 2 === 0 ? 'var(--ink)' : 'var(--sheet)'} stroke="var(--ink)" strokeWidth={INK.thin} />
      ))}
      <text x={x + 4 * step + 6} y={y + 6} fontSize="12" fill="var(--ink-2)">
        {label}
      </text>
    </g>
  )
}
