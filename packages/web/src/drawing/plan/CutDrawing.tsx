import { cutGround, type GroundPlan, type Spot } from '@jovrin/core'
import { useId } from 'react'
import { Hatches } from '../Hatches.js'
import { hatchFill, INK, svgPrefix } from '../ink.js'
import { groundFaces, hatchOf } from '../section/groundFaces.js'

interface CutDrawingProps {
  readonly ground: GroundPlan
  readonly from: Spot
  readonly to: Spot
  readonly width: number
  /** The plan's own scale, so that both can be laid side by side. */
  readonly pxPerCm: number
  readonly left: number
  readonly waterDepthCm: number
  readonly name: string
  readonly description: string
  readonly height: (cm: number) => string
}

const BELOW_PX = 22
const ABOVE_CM = 3
const MOST_PX = 210

/** The ground cut along a line, at the scale of the plan: layers, depths at its ends and at its highest spot. */
export function CutDrawing({ ground, from, to, width, pxPerCm, left, waterDepthCm, name, description, height }: CutDrawingProps) {
  const prefix = svgPrefix(useId())
  const lengthCm = Math.hypot(to.xCm - from.xCm, to.yCm - from.yCm)
  const spans = cutGround(ground, from, to)
  const stations = spans.flatMap((span) => span.stations.map(({ atCm, topsCm }) => ({ atCm, topCm: topsCm.at(-1) ?? 0 })))
  const highest = stations.reduce((best, station) => (station.topCm > best.topCm ? station : best), { atCm: 0, topCm: 0 })
  const shownCm = Math.min(Math.max(highest.topCm + ABOVE_CM, 10), waterDepthCm, MOST_PX / pxPerCm)
  const floorY = shownCm * pxPerCm + 14
  const x = (cm: number): number => left + cm * pxPerCm
  const y = (cm: number): number => floorY - cm * pxPerCm
  const ends = [stations[0], stations.at(-1)]
  const label = {
    fontSize: 12,
    fill: 'var(--ink)',
    stroke: 'var(--sheet)',
    strokeWidth: 4,
    paintOrder: 'stroke',
    className: 'figures',
  } as const
  return (
    <svg
      viewBox={`0 0 ${width} ${floorY + BELOW_PX}`}
      width="100%"
      role="img"
      aria-label={description}
      data-px-per-cm={pxPerCm}
      style={{ display: 'block' }}
    >
      <Hatches prefix={prefix} />
      <rect x={x(0)} y={y(shownCm)} width={lengthCm * pxPerCm} height={shownCm * pxPerCm} fill="var(--water-fill)" opacity="0.4" />
      {groundFaces(spans, x, y).map(({ key, ground: kind, d }) => (
        <path key={key} d={d} fill={hatchFill(prefix, hatchOf(kind))} stroke="var(--ink)" strokeWidth={INK.medium} />
      ))}
      <path d={`M${x(0)} ${y(shownCm)}V${floorY}H${x(lengthCm)}V${y(shownCm)}`} fill="none" stroke="var(--ink)" strokeWidth={INK.heavy} />
      {ends.map(
        (end, index) =>
          end && (
            <text
              key={index}
              {...label}
              x={x(end.atCm) + (index === 0 ? -6 : 6)}
              y={y(end.topCm) + 4}
              textAnchor={index === 0 ? 'end' : 'start'}
            >
              {height(end.topCm)}
            </text>
          ),
      )}
      {highest.topCm > Math.max(ends[0]?.topCm ?? 0, ends[1]?.topCm ?? 0) + 0.3 && (
        <text {...label} x={x(highest.atCm)} y={y(highest.topCm) - 5} textAnchor="middle">
          {height(highest.topCm)}
        </text>
      )}
      <text x={x(0)} y={floorY + 17} fontSize="12" fill="var(--ink-2)">
        {name}
      </text>
    </svg>
  )
}
