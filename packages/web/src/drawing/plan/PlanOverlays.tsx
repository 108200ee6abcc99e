import { GOLDEN, jetHalfWidthCm, type Outlet, type Spot } from '@jovrin/core'
import { useId } from 'react'
import { INK, svgPrefix } from '../ink.js'
import { xPx, yPx, type PlanLayout } from './planLayout.js'

export type Overlay = 'thirds' | 'golden' | 'rear' | 'gap'

/** Lines of composition and of room to work; they measure and say nothing about taste. */
export function PlanOverlays({
  layout,
  overlays,
  lengthCm,
  widthCm,
  gapCm,
}: {
  layout: PlanLayout
  overlays: readonly Overlay[]
  lengthCm: number
  widthCm: number
  gapCm: number
}) {
  const across = (share: number) => `M${xPx(layout, share * lengthCm)} ${layout.top}V${layout.bottom}`
  const along = (share: number) => `M${layout.left} ${yPx(layout, share * widthCm)}H${layout.right}`
  return (
    <g fill="none" stroke="var(--carbon)" strokeWidth={INK.medium} pointerEvents="none">
      {overlays.includes('thirds') && (
        <path d={[1 / 3, 2 / 3].map((share) => across(share) + along(share)).join('')} strokeDasharray="9 4" />
      )}
      {overlays.includes('golden') && (
        <path d={[GOLDEN, 1 - GOLDEN].map((share) => across(share) + along(share)).join('')} strokeDasharray="2 4" />
      )}
      {overlays.includes('rear') && (
        <rect
          x={layout.left}
          y={layout.top}
          width={layout.right - layout.left}
          height={(layout.bottom - layout.top) / 3}
          strokeDasharray="12 4 2 4"
          fill="var(--mass-fill)"
          fillOpacity="0.14"
          stroke="var(--mass)"
        />
      )}
      {overlays.includes('gap') && (
        <rect
          x={xPx(layout, gapCm)}
          y={yPx(layout, widthCm - gapCm)}
          width={Math.max(0, lengthCm - 2 * gapCm) * layout.pxPerCm}
          height={Math.max(0, widthCm - 2 * gapCm) * layout.pxPerCm}
          strokeDasharray="5 3"
          stroke="var(--algae)"
        />
      )}
    </g>
  )
}

/** The line along which the ground is cut, with arrows that say which way one looks. */
export function CutLine({ layout, from, to, label }: { layout: PlanLayout; from: Spot; to: Spot; label: string }) {
  const [x1, y1, x2, y2] = [xPx(layout, from.xCm), yPx(layout, from.yCm), xPx(layout, to.xCm), yPx(layout, to.yCm)]
  const length = Math.hypot(x2 - x1, y2 - y1) || 1
  const [ax, ay] = [((y2 - y1) / length) * -9, ((x2 - x1) / length) * 9].map((part) => -part) as [number, number]
  return (
    <g stroke="var(--algae)" fill="none" strokeWidth={INK.medium} pointerEvents="none">
      <path d={`M${x1} ${y1}L${x2} ${y2}`} strokeDasharray="14 3 3 3" />
      {[
        [x1, y1],
        [x2, y2],
      ].map(([x = 0, y = 0], index) => (
        <g key={index}>
          <path d={`M${x} ${y}l${ax} ${ay}`} strokeWidth={INK.heavy} />
          <text x={x + ax * 1.9} y={y + ay * 1.9 + 4} fontSize="13" textAnchor="middle" fill="var(--algae)" stroke="none">
            {label}
          </text>
        </g>
      ))}
    </g>
  )
}

interface JetsProps {
  readonly layout: PlanLayout
  readonly outlets: readonly Outlet[]
  readonly reachesCm: readonly number[]
  readonly dead: readonly { readonly xCm: number; readonly yCm: number; readonly dxCm: number; readonly dyCm: number }[]
}
/** Outlets, how far their jets stir leaves, and what no jet reaches. */
export function PlanJets({ layout, outlets, reachesCm, dead }: JetsProps) {
  const clip = svgPrefix(useId())
  return (
    <g pointerEvents="none">
      <clipPath id={clip}>
        <rect x={layout.left} y={layout.top} width={layout.right - layout.left} height={layout.bottom - layout.top} />
      </clipPath>
      {dead.map((cell) => (
        <rect
          key={`${cell.xCm} ${cell.yCm}`}
          x={xPx(layout, cell.xCm)}
          y={yPx(layout, cell.yCm + cell.dyCm)}
          width={cell.dxCm * layout.pxPerCm}
          height={cell.dyCm * layout.pxPerCm}
          fill="var(--algae-fill)"
          opacity="0.32"
        />
      ))}
      {outlets.map((outlet, index) => {
        const reach = Math.min(reachesCm[index] ?? 0, 400)
        const heading = (outlet.headingDeg * Math.PI) / 180
        const half = jetHalfWidthCm(reach, outlet.boreMm)
        const at = (along: number, aside: number): string =>
          `${xPx(layout, outlet.xCm + along * Math.cos(heading) - aside * Math.sin(heading)).toFixed(1)} ${yPx(layout, outlet.yCm + along * Math.sin(heading) + aside * Math.cos(heading)).toFixed(1)}`
        return (
          <g key={outlet.id} stroke="var(--clean)" strokeWidth={INK.medium}>
            <path
              d={`M${at(0, 0.6)}L${at(reach, half)}M${at(0, -0.6)}L${at(reach, -half)}`}
              strokeDasharray="6 4"
              fill="none"
              clipPath={`url(#${clip})`}
            />
            <path
              d={`M${at(0, 0)}L${at(Math.min(reach, 12), 0)}M${at(Math.min(reach, 12) - 2.5, 1.4)}L${at(Math.min(reach, 12), 0)}L${at(Math.min(reach, 12) - 2.5, -1.4)}`}
              fill="none"
              strokeWidth={INK.heavy}
            />
            <circle cx={xPx(layout, outlet.xCm)} cy={yPx(layout, outlet.yCm)} r="5" fill="var(--sheet)" strokeWidth={INK.heavy} />
          </g>
        )
      })}
    </g>
  )
}
