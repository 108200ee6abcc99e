import {
  groundHeightCm,
  heightCmAtAge,
  type Plan,
  PLANT_GROUPS,
  PLANT_KIND,
  PLANT_KINDS,
  type PlantGroup,
  type PlantKind,
  type TankFigures,
} from '@jovrin/core'
import { memo, type ReactNode } from 'react'
import { INK } from '../ink.js'
import type { SectionLayout } from './layout.js'
import { plantStrokes } from './plants.js'

interface PlantsProps {
  readonly plan: Pick<Plan, 'patches'>
  readonly layout: SectionLayout
  readonly figures: TankFigures
  readonly ageDays: number
}

/** Share of the tank's depth at which a group stands: back row first, which is also the order of drawing. */
const DEPTH_OF: Readonly<Record<PlantGroup, number>> = { stems: 0.9, rosette: 0.7, rhizome: 0.5, moss: 0.45, carpet: 0.15, floater: 0 }
const DRAW_ORDER = [...PLANT_GROUPS].sort((a, b) => DEPTH_OF[b] - DEPTH_OF[a])

/** Plants from the front, group by group, and between them, in the middle of the tank, what stands there. */
export const FrontPlants = memo(function FrontPlants({
  layout,
  figures,
  ageDays,
  between,
}: Omit<PlantsProps, 'plan'> & { readonly between: ReactNode }) {
  const mapped = drawnByThemselves(figures)
  const { front, pxPerCm, floorY } = layout
  const { ground, inner } = figures
  const width = front.innerRight - front.innerLeft
  const standingY = (share: number, depth: number): number =>
    floorY - groundHeightCm(ground, Math.min(share, 0.999) * inner.lengthCm, depth * inner.widthCm) * pxPerCm
  return (
    <g>
      {DRAW_ORDER.map((kind) => {
        const kinds = PLANT_KINDS.filter((one) => PLANT_KIND[one].group === kind && !mapped.has(one) && figures.stand[one].footFraction > 0)
        const foot = kinds.reduce((sum, one) => sum + figures.stand[one].footFraction, 0)
        const inBetween = kind === 'rhizome' ? between : null
        const [tallest] = kinds
        if (tallest === undefined) return <g key={kind}>{inBetween}</g>
        // A strip of the floor as long as the kind's share asks, given the part of the depth that its row takes.
        const lengthPx = Math.min(width, width * Math.min(1, foot / (kind === 'carpet' ? 0.4 : 0.45)))
        const left = kind === 'stems' || kind === 'moss' ? 0 : kind === 'rosette' ? width - lengthPx : (width - lengthPx) / 2
        const spans: readonly (readonly [number, number])[] =
          kind === 'stems' && lengthPx < width * 0.97
            ? [
                [0, lengthPx * 0.58],
                [width - lengthPx * 0.42, lengthPx * 0.42],
              ]
            : [[left, lengthPx]]
        return (
          <g key={kind}>
            {inBetween}
            {spans.map(([offset, span], index) => {
              const y = kind === 'floater' ? layout.waterY : standingY((offset + span / 2) / width, DEPTH_OF[kind])
              return (
                <Row
                  key={index}
                  kind={kind}
                  x={front.innerLeft + offset}
                  y={y}
                  widthPx={span}
                  heightPx={heightPx(tallest, ageDays, layout, y)}
                  seed={7 + index}
                />
              )
            })}
          </g>
        )
      })}
    </g>
  )
})

export const SidePlants = memo(function SidePlants({ plan, layout, figures, ageDays, atCm }: PlantsProps & { readonly atCm: number }) {
  const { side, pxPerCm, floorY } = layout
  const width = side.innerRight - side.innerLeft
  const mapped = drawnByThemselves(figures)
  const kinds = [...new Set(plan.patches.map((patch) => patch.kind))].filter(
    (kind) => !mapped.has(kind) && figures.stand[kind].footFraction > 0,
  )
  return (
    <g>
      {kinds.map((one) => {
        const kind = PLANT_KIND[one].group
        const span = kind === 'carpet' ? width * 0.4 : kind === 'floater' ? width * 0.6 : width * 0.16
        const left = kind === 'floater' ? width * 0.2 : Math.min(Math.max(DEPTH_OF[kind] * width - span / 2, 0), width - span)
        const y = kind === 'floater' ? layout.waterY : floorY - groundHeightCm(figures.ground, atCm, (left + span / 2) / pxPerCm) * pxPerCm
        return (
          <Row key={one} kind={kind} x={side.innerLeft + left} y={y} widthPx={span} heightPx={heightPx(one, ageDays, layout, y)} seed={5} />
        )
      })}
    </g>
  )
})

/** Kinds that the map, or wood and stone, name: their plants are drawn each by its own gesture. */
const drawnByThemselves = ({ beds, spots }: Pick<TankFigures, 'beds' | 'spots'>): ReadonlySet<PlantKind> =>
  new Set([...beds.filter(({ isOut }) => !isOut), ...spots].flatMap(({ plants }) => plants.map(({ plant }) => plant.kind)))

const heightPx = (kind: PlantKind, ageDays: number, layout: SectionLayout, standingY: number): number =>
  Math.max(4, Math.min(heightCmAtAge(kind, ageDays) * layout.pxPerCm, (standingY - layout.waterY) * 0.97))

function Row({
  kind,
  x,
  y,
  widthPx,
  heightPx: height,
  seed,
}: {
  kind: PlantGroup
  x: number
  y: number
  widthPx: number
  heightPx: number
  seed: number
}) {
  return (
    <g transform={`translate(${x} ${y})`}>
      {plantStrokes(kind, widthPx, height, seed).map((stroke, at) => (
        <path
          key={at}
          d={stroke.d}
          fill={stroke.isFilled ? 'var(--mass-fill)' : 'none'}
          fillOpacity={stroke.isFilled ? 0.55 : 1}
          stroke="var(--mass)"
          strokeWidth={stroke.isFilled ? INK.thin : 0.9}
        />
      ))}
    </g>
  )
}
