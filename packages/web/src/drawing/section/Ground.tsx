import { cutGround, groundHeightCm, type GroundPlan } from '@jovrin/core'
import { memo } from 'react'
import { hatchFill, INK } from '../ink.js'
import { groundFaces, hatchOf } from './groundFaces.js'
import type { SectionLayout, View } from './layout.js'

interface GroundProps {
  readonly ground: GroundPlan
  readonly view: View
  readonly layout: SectionLayout
  readonly prefix: string
}

/** Just inside a pane, where the layers show. */
const AT_PANE_CM = 0.02
const HORIZON_STEPS = 36
const HORIZON_ROWS = 8

/** A pane that the ground is seen through; the end panes with the front at the left, the rear with the left end at the left. */
export type Pane = 'front' | 'left' | 'right' | 'back'
const isAlong = (pane: Pane): boolean => pane === 'front' || pane === 'back'
interface PaneProps extends GroundProps {
  readonly pane?: Pane
}

/** The rising ground behind a pane: its highest parts, faint, for what stands before them. */
export const GroundBehind = memo(function GroundBehind({ ground, view, layout, prefix, pane = 'front' }: PaneProps) {
  const x = (cm: number): number => view.innerLeft + cm * layout.pxPerCm
  const y = (cm: number): number => layout.floorY - cm * layout.pxPerCm
  const [paneCm, deepCm] = isAlong(pane) ? [ground.lengthCm, ground.widthCm] : [ground.widthCm, ground.lengthCm]
  const horizon = Array.from({ length: HORIZON_STEPS + 1 }, (_, step) => {
    const alongCm = Math.min((paneCm * step) / HORIZON_STEPS, paneCm - AT_PANE_CM)
    const highest = Math.max(
      ...Array.from({ length: HORIZON_ROWS + 1 }, (_unused, row) => {
        const behindCm = AT_PANE_CM + ((deepCm - 2 * AT_PANE_CM) * row) / HORIZON_ROWS
        return isAlong(pane) ? groundHeightCm(ground, alongCm, behindCm) : groundHeightCm(ground, behindCm, alongCm)
      }),
    )
    return `${x(alongCm).toFixed(1)} ${y(highest).toFixed(1)}`
  })
  if (ground.groundL === 0) return null
  const d = `M${x(0)} ${y(0)}L${horizon.join('L')}L${x(paneCm)} ${y(0)}Z`
  return (
    <g>
      <path d={d} fill="var(--sheet)" opacity="0.6" />
      <path d={d} fill={hatchFill(prefix, 'sand')} opacity="0.55" />
      <path d={`M${horizon.join('L')}`} fill="none" stroke="var(--ink-2)" strokeWidth={INK.thin} strokeDasharray="5 3" />
    </g>
  )
})

/** The ground as seen through a pane. */
export const GroundFront = memo(function GroundFront({ ground, view, layout, prefix, pane = 'front' }: PaneProps) {
  const x = (cm: number): number => view.innerLeft + cm * layout.pxPerCm
  const y = (cm: number): number => layout.floorY - cm * layout.pxPerCm
  const atEndCm = pane === 'left' ? AT_PANE_CM : ground.lengthCm - AT_PANE_CM
  const atLongCm = pane === 'front' ? AT_PANE_CM : ground.widthCm - AT_PANE_CM
  const cut = isAlong(pane)
    ? cutGround(ground, { xCm: 0, yCm: atLongCm }, { xCm: ground.lengthCm, yCm: atLongCm })
    : cutGround(ground, { xCm: atEndCm, yCm: 0 }, { xCm: atEndCm, yCm: ground.widthCm })
  const faces = groundFaces(cut, x, y)
  return (
    <g>
      {faces.map(({ key, ground: kind, d }) => (
        <g key={key}>
          <path d={d} fill="var(--sheet)" />
          <path d={d} fill={hatchFill(prefix, hatchOf(kind))} stroke="var(--ink)" strokeWidth={INK.medium} />
        </g>
      ))}
    </g>
  )
})

/** A cut through the ground from the front pane to the back pane, at a place along the tank. */
export const GroundSide = memo(function GroundSide({ ground, view, layout, prefix, atCm }: GroundProps & { readonly atCm: number }) {
  const faces = groundFaces(
    cutGround(ground, { xCm: atCm, yCm: 0 }, { xCm: atCm, yCm: ground.widthCm }),
    (cm) => view.innerLeft + cm * layout.pxPerCm,
    (cm) => layout.floorY - cm * layout.pxPerCm,
  )
  return (
    <g>
      {faces.map(({ key, ground: kind, d }) => (
        <path key={key} d={d} fill={hatchFill(prefix, hatchOf(kind))} stroke="var(--ink)" strokeWidth={INK.medium} />
      ))}
    </g>
  )
})
