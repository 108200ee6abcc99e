import { INK } from './ink.js'

interface DimensionProps {
  readonly x1: number
  readonly y1: number
  readonly x2: number
  readonly y2: number
  readonly label: string
}

const TICK = 4

/** A dimension line with ticks and lettering; horizontal or vertical. */
export function Dimension({ x1, y1, x2, y2, label }: DimensionProps) {
  const isVertical = x1 === x2
  const mx = (x1 + x2) / 2
  const my = (y1 + y2) / 2
  const tick = (x: number, y: number) => (
    <path d={`M${x - TICK} ${y + TICK}L${x + TICK} ${y - TICK}`} stroke="var(--ink)" strokeWidth={INK.medium} />
  )
  return (
    <g>
      <path d={`M${x1} ${y1}L${x2} ${y2}`} stroke="var(--ink-2)" strokeWidth={INK.thin} />
      {tick(x1, y1)}
      {tick(x2, y2)}
      <text
        x={mx}
        y={my}
        dy={isVertical ? 0 : -4}
        dx={isVertical ? -5 : 0}
        transform={isVertical ? `rotate(-90 ${mx} ${my}) translate(5 -4)` : undefined}
        textAnchor="middle"
        fontSize="13"
        fill="var(--ink)"
      >
        {label}
      </text>
    </g>
  )
}
