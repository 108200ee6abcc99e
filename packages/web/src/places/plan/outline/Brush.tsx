import type { Spot } from '@jovrin/core'
import { useRef, useState, type PointerEvent, type RefObject } from 'react'
import { pathOf, spotOf, type PlanLayout } from '../../../drawing/plan/planLayout.js'

interface BrushProps {
  readonly seen: PlanLayout
  readonly svg: RefObject<SVGSVGElement | null>
  readonly radiusCm: number
  /** The way of the hand, once it lets go. */
  readonly onPainted: (trail: readonly Spot[]) => void
}

/** Nearer than this to the last spot, the hand has not moved, as a share of the brush. */
const STEP = 0.2

/** Lies over a floor while a brush is in the hand: what it sweeps is shown at its width. A second finger puts it down. */
export function Brush({ seen, svg, radiusCm, onPainted }: BrushProps) {
  const [trail, setTrail] = useState<readonly Spot[]>([])
  const way = useRef<Spot[]>([])
  const show = (spots: Spot[]): void => {
    way.current = spots
    setTrail(spots)
  }
  const at = (event: PointerEvent<SVGRectElement>): Spot | null => (svg.current === null ? null : spotOf(seen, svg.current, event))
  const sweep = (event: PointerEvent<SVGRectElement>): void => {
    const [spot, last] = [at(event), way.current.at(-1)]
    if (spot === null || last === undefined || !event.isPrimary) return
    if (Math.hypot(spot.xCm - last.xCm, spot.yCm - last.yCm) >= radiusCm * STEP) show([...way.current, spot])
  }
  return (
    <g onClick={(event) => event.stopPropagation()}>
      <rect
        x={0}
        y={0}
        width={seen.widthPx}
        height={seen.heightPx}
        fill="transparent"
        data-testid="brush"
        onPointerDown={(event) => {
          const spot = at(event)
          if (!event.isPrimary) return show([])
          if (spot === null || event.button !== 0) return
          event.currentTarget.setPointerCapture(event.pointerId)
          show([spot])
        }}
        onPointerMove={sweep}
        onPointerUp={(event) => {
          sweep(event)
          if (way.current.length > 0) onPainted(way.current)
          show([])
        }}
        onPointerCancel={() => show([])}
      />
      {trail.length > 0 && (
        <path
          d={pathOf(seen, trail.length === 1 ? [...trail, ...trail] : trail, false)}
          fill="none"
          stroke="var(--focus)"
          strokeOpacity="0.35"
          strokeWidth={2 * radiusCm * seen.pxPerCm}
          strokeLinecap="round"
          strokeLinejoin="round"
          pointerEvents="none"
        />
      )}
    </g>
  )
}
