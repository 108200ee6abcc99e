import { Dimension } from '../Dimension.js'
import { INK } from '../ink.js'
import type { SectionLayout } from '../section/layout.js'

interface WaterMarkProps {
  readonly layout: SectionLayout
  /** Below the water line [cm]. */
  readonly depthCm: number
  readonly label: string
  readonly dimension: string
}

/** A mark on the glass: how far the water falls, with the depth beside it, on front and side. */
export function WaterMark({ layout, depthCm, label, dimension }: WaterMarkProps) {
  const { front, side, waterY, pxPerCm } = layout
  const y = waterY + depthCm * pxPerCm
  return (
    <g>
      {[front, side].map((view) => (
        <g key={view.left}>
          <rect
            x={view.innerLeft}
            y={waterY}
            width={view.innerRight - view.innerLeft}
            height={Math.max(0, y - waterY)}
            fill="var(--sheet)"
            opacity="0.62"
          />
          <path d={`M${view.innerLeft} ${y}H${view.innerRight}`} stroke="var(--clean)" strokeWidth={INK.heavy} strokeDasharray="10 4" />
        </g>
      ))}
      <Dimension x1={front.right + 22} y1={waterY} x2={front.right + 22} y2={y} label={dimension} />
      <path d={`M${front.right} ${y}h26`} stroke="var(--ink-2)" strokeWidth={INK.thin} />
      <text x={front.innerLeft + 8} y={y - 6} fontSize="13" fill="var(--ink)" className="lettering">
        {label}
      </text>
    </g>
  )
}
