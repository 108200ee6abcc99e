import { type TankFigures } from '@jovrin/core'
import { INK } from '../ink.js'
import type { SectionLayout, View } from './layout.js'

export function Glass({
  view,
  rimY,
  bottom,
  waterY,
  glassPx,
}: {
  view: View
  rimY: number
  bottom: number
  waterY: number
  glassPx: number
}) {
  const mark = view.innerRight - 16
  return (
    <g>
      <path d={`M${view.left} ${rimY}V${bottom}H${view.right}V${rimY}`} fill="none" stroke="var(--ink)" strokeWidth={INK.heavy} />
      <path
        d={`M${view.innerLeft} ${rimY}V${bottom - glassPx}H${view.innerRight}V${rimY}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={INK.thin}
      />
      <path d={`M${view.innerLeft} ${waterY}H${view.innerRight}`} stroke="var(--clean)" strokeWidth={INK.medium} />
      <path
        d={`M${mark - 6} ${waterY - 9}h12l-6 9zM${mark - 5} ${waterY + 3}h10M${mark - 3} ${waterY + 6}h6`}
        fill="none"
        stroke="var(--clean)"
        strokeWidth={INK.thin}
      />
    </g>
  )
}

interface LampsProps {
  readonly view: View
  readonly layout: SectionLayout
  readonly lamps: TankFigures['lamps']
}

/** Every lamp at its height and place, as long as it is lit; from the side as deep. */
export function LampBars({ view, layout, lamps, isSide = false }: LampsProps & { readonly isSide?: boolean }) {
  return lamps.map(({ id, lengthCm, widthCm, xCm, yCm, aboveWaterCm }) => {
    const wide = (isSide ? widthCm : lengthCm) * layout.pxPerCm
    const middle = view.innerLeft + (isSide ? yCm : xCm) * layout.pxPerCm
    const y = layout.waterY - aboveWaterCm * layout.pxPerCm
    return (
      <rect
        key={id}
        x={middle - wide / 2}
        y={y - 6}
        width={wide}
        height="6"
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth={INK.medium}
      />
    )
  })
}

/** Light of each lamp down to the ground. */
export function LightField({ view, layout, lamps, groundCm }: LampsProps & { readonly groundCm: number }) {
  const lit = lamps.filter(({ fluxUmolPerS }) => fluxUmolPerS > 0)
  if (lit.length === 0) return null
  return (
    <g>
      {lit.map((lamp) => (
        <Rays key={lamp.id} view={view} layout={layout} lamp={lamp} groundCm={groundCm} />
      ))}
      <LampBars view={view} layout={layout} lamps={lit} />
    </g>
  )
}

function Rays({
  view,
  layout,
  lamp,
  groundCm,
}: Omit<LampsProps, 'lamps'> & { readonly lamp: TankFigures['lamps'][number]; readonly groundCm: number }) {
  const middle = view.innerLeft + lamp.xCm * layout.pxPerCm
  const half = (lamp.lengthCm / 2) * layout.pxPerCm
  const lampY = layout.waterY - lamp.aboveWaterCm * layout.pxPerCm
  const groundY = layout.floorY - groundCm * layout.pxPerCm
  const rays = Array.from({ length: 9 }, (_, index) => (index - 4) / 4)
  return (
    <g>
      <path
        d={`M${middle - half} ${lampY}H${middle + half}L${view.innerRight} ${layout.waterY}V${groundY}H${view.innerLeft}V${layout.waterY}Z`}
        fill="var(--light-fill)"
        opacity="0.16"
      />
      {rays.map((lean) => {
        const x0 = middle + lean * half
        const x1 = Math.min(Math.max(x0 + lean * 14, view.innerLeft + 2), view.innerRight - 2)
        const x2 = Math.min(Math.max(x1 + lean * 10, view.innerLeft + 2), view.innerRight - 2)
        return (
          <path
            key={lean}
            d={`M${x0} ${lampY}L${x1} ${layout.waterY}L${x2} ${groundY}`}
            fill="none"
            stroke="var(--light)"
            strokeWidth={INK.thin}
            strokeDasharray="1 5"
          />
        )
      })}
    </g>
  )
}

export function Diffuser({ layout, groundCm, label }: { layout: SectionLayout; groundCm: number; label: string | null }) {
  const { front, floorY, waterY, pxPerCm } = layout
  const x = front.innerRight - 14
  const y = floorY - groundCm * pxPerCm - 10
  const bubbles = Array.from({ length: 9 }, (_, index) => ({
    cx: x - 3 - index * 2.6,
    cy: y - 8 - index * ((y - waterY) / 11),
    r: 1.2 + (index % 3) * 0.5,
  }))
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

export const SCALE_BAR_CM = 20

interface ScaleBarProps {
  readonly x: number
  readonly y: number
  readonly pxPerCm: number
  readonly label: string
  readonly lengthCm?: number
}
export function ScaleBar({ x, y, pxPerCm, label, lengthCm = SCALE_BAR_CM }: ScaleBarProps) {
  const step = (lengthCm / 4) * pxPerCm
  return (
    <g>
      {[0, 1, 2, 3].map((part) => (
        <rect
          key={part}
          x={x + part * step}
          y={y}
          width={step}
          height="5"
          fill={part % 2 === 0 ? 'var(--ink)' : 'var(--sheet)'}
          stroke="var(--ink)"
          strokeWidth={INK.thin}
        />
      ))}
      <text x={x + 4 * step + 6} y={y + 6} fontSize="12" fill="var(--ink-2)">
        {label}
      </text>
    </g>
  )
}
