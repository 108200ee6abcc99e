import { highestLampCm } from '../../../drawing/section/layout.js'
import { hardscapeWords } from '@jovrin/contract'
import { GOLDEN, type Piece, type PlacedPiece, withPiece } from '@jovrin/core'
import { memo, useId, useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import { Hatches } from '../../../drawing/Hatches.js'
import { INK, svgPrefix } from '../../../drawing/ink.js'
import { stepOf } from '../../../drawing/plan/arrowStep.js'
import type { Overlay } from '../../../drawing/plan/PlanOverlays.js'
import { frontLayout } from '../../../drawing/section/frontLayout.js'
import { frontPath } from '../../../drawing/section/Pieces.js'
import { FrontElevation } from '../../../drawing/section/FrontElevation.js'
import { useUnits } from '../../../ui/units.js'
import type { Desk } from '../desk.js'

export type ChosenOutline = 'none' | 'triangle' | 'mound' | 'valley'

interface FrontOfPiecesProps {
  readonly desk: Desk
  readonly width: number
  /** How far it is enlarged: handles keep their size. */
  readonly zoom: number
  readonly pxPerCm: number
  readonly left: number
  readonly mostHeight: number
  readonly overlays: readonly Overlay[]
  readonly outline: ChosenOutline
  readonly piece: Piece | null
  readonly onChoose: (id: string | null) => void
}

/** The front view of the hardscape, at the plan's scale and above it. The chosen piece's silhouette is edited here. */
export function FrontOfPieces({
  desk,
  width,
  zoom,
  pxPerCm: planScale,
  left,
  mostHeight,
  overlays,
  outline,
  piece,
  onChoose,
}: FrontOfPiecesProps) {
  const { plan, figures, change } = desk
  const { vessel, inner } = figures
  const units = useUnits()
  const prefix = svgPrefix(useId())
  const [point, setPoint] = useState<number | null>(null)
  const grip = useRef<{ readonly index: number; last: Piece['profile'] } | null>(null)
  const lampCm = highestLampCm(figures)
  const above = Math.max(lampCm - vessel.freeboardCm, 0) + 2
  // One scale with the plan below as long as it fits the sheet.
  const pxPerCm = Math.min(planScale, (mostHeight - 8) / (vessel.heightCm + above))
  const x0 = left + ((planScale - pxPerCm) * inner.lengthCm) / 2
  const { heightCm, glassCm, freeboardCm } = vessel
  const layout = useMemo(
    () => frontLayout({ heightCm, glassCm, freeboardCm }, inner.lengthCm, above, pxPerCm, x0),
    [heightCm, glassCm, freeboardCm, inner.lengthCm, above, pxPerCm, x0],
  )
  const { front: view, floorY } = layout
  const placed = figures.pieces.find((entry) => entry.piece.id === piece?.id)?.placed ?? null
  const px = (xCm: number): number => view.innerLeft + xCm * pxPerCm
  const py = (zCm: number): number => floorY - zCm * pxPerCm
  const setProfile = (profile: NonNullable<Piece['profile']>, isFinal: boolean): void => {
    if (piece)
      change(
        (now) => withPiece(now, piece.id, (one) => ({ ...one, profile, heightCm: Math.max(1, ...profile.map(({ zCm }) => zCm)) })),
        isFinal,
      )
  }
  const moved = (index: number, dx: number, dz: number): NonNullable<Piece['profile']> =>
    (piece?.profile ?? []).map((one, at) => (at === index ? { xCm: round(one.xCm + dx), zCm: round(Math.max(0, one.zCm + dz)) } : one))
  const move = (event: PointerEvent<SVGElement>): void => {
    const held = grip.current
    const svg = event.currentTarget.ownerSVGElement
    if (held === null || svg === null || placed === null || !piece?.profile) return
    const box = svg.getBoundingClientRect()
    const scale = width / Math.max(box.width, 1)
    const xCm = ((event.clientX - box.left) * scale - view.innerLeft) / pxPerCm
    const zCm = (floorY - (event.clientY - box.top) * scale) / pxPerCm - placed.footCm
    held.last = piece.profile.map((one, at) => (at === held.index ? { xCm: round(xCm), zCm: round(Math.max(0, zCm)) } : one))
    setProfile(held.last, false)
  }
  const up = (): void => {
    const held = grip.current
    grip.current = null
    if (held?.last) setProfile(held.last, true)
  }
  const keys =
    (index: number) =>
    (event: KeyboardEvent<SVGElement>): void => {
      const step = stepOf(event)
      if (step === null) return
      event.preventDefault()
      event.stopPropagation()
      setProfile(moved(index, step.dxCm, step.dyCm), true)
    }
  return (
    <svg
      viewBox={`0 0 ${width} ${layout.height}`}
      width="100%"
      role="group"
      aria-label={hardscapeWords.frontDescription(plan.name)}
      style={{ display: 'block' }}
      onClick={() => onChoose(null)}
      data-px-per-cm={pxPerCm}
      data-testid="hardscape-front"
    >
      <Hatches prefix={prefix} />
      <FrontElevation figures={figures} layout={layout} ageDays={0} prefix={prefix} chosenPieceId={piece?.id ?? null} hasPlants={false} />
      <g fill="none" stroke="var(--carbon)" strokeWidth={INK.medium} pointerEvents="none">
        {overlays.includes('thirds') && (
          <path
            d={[1 / 3, 2 / 3]
              .map(
                (share) =>
                  `M${px(share * inner.lengthCm)} ${layout.waterY}V${floorY}M${view.innerLeft} ${layout.waterY + share * (floorY - layout.waterY)}H${view.innerRight}`,
              )
              .join('')}
            strokeDasharray="9 4"
          />
        )}
        {overlays.includes('golden') && (
          <path
            d={[GOLDEN, 1 - GOLDEN].map((share) => `M${px(share * inner.lengthCm)} ${layout.waterY}V${floorY}`).join('')}
            strokeDasharray="2 4"
          />
        )}
        {outline !== 'none' && (
          <path
            d={outlinePath(outline, view.innerLeft, view.innerRight, layout.waterY, floorY)}
            strokeWidth={INK.heavy}
            strokeDasharray="14 5"
          />
        )}
      </g>
      <g onClick={(event) => event.stopPropagation()}>
        {figures.pieces.map(
          ({ piece: one, placed: at }) =>
            at && (
              <Touch
                key={one.id}
                placed={at}
                left={view.innerLeft}
                floorY={floorY}
                pxPerCm={pxPerCm}
                isChosen={one.id === piece?.id}
                onChoose={onChoose}
              />
            ),
        )}
        {piece?.profile &&
          placed &&
          piece.profile.map((one, index) => (
            <g
              key={index}
              tabIndex={0}
              role="button"
              aria-label={hardscapeWords.profilePoint(String(index + 1), units.show('length', one.xCm), units.show('length', one.zCm))}
              aria-pressed={point === index}
              style={{ cursor: 'grab', touchAction: 'none' }}
              onFocus={() => setPoint(index)}
              onKeyDown={keys(index)}
              onPointerDown={(event) => {
                event.stopPropagation()
                event.currentTarget.setPointerCapture(event.pointerId)
                grip.current = { index, last: null }
              }}
              onPointerMove={move}
              onPointerUp={up}
              onPointerCancel={up}
            >
              <circle cx={px(one.xCm)} cy={py(placed.footCm + one.zCm)} r={10 / zoom} fill="transparent" />
              <rect
                x={px(one.xCm) - 3.5 / zoom}
                y={py(placed.footCm + one.zCm) - 3.5 / zoom}
                width={7 / zoom}
                height={7 / zoom}
                fill={point === index ? 'var(--focus)' : 'var(--sheet)'}
                stroke="var(--focus)"
                strokeWidth={INK.heavy / zoom}
              />
            </g>
          ))}
      </g>
    </svg>
  )
}

interface TouchProps {
  readonly placed: PlacedPiece
  readonly left: number
  readonly floorY: number
  readonly pxPerCm: number
  readonly isChosen: boolean
  readonly onChoose: (id: string) => void
}
/** Where a piece is touched; the chosen one is edged. */
const Touch = memo(function Touch({ placed, left, floorY, pxPerCm, isChosen, onChoose }: TouchProps) {
  return (
    <path
      d={frontPath(placed, left, floorY, pxPerCm)}
      fill="transparent"
      stroke={isChosen ? 'var(--focus)' : 'transparent'}
      strokeWidth={INK.heavy}
      style={{ cursor: 'pointer' }}
      onClick={() => onChoose(placed.piece.id)}
    />
  )
})

const round = (cm: number): number => Math.round(cm * 100) / 100

/** Lines to compose against: a triangle falls to one side, a mound rises in the middle, a valley sinks there. */
function outlinePath(outline: Exclude<ChosenOutline, 'none'>, left: number, right: number, top: number, bottom: number): string {
  const x = (share: number): number => left + (right - left) * share
  const y = (share: number): number => bottom - (bottom - top) * share
  if (outline === 'triangle') return `M${x(0)} ${y(0.85)}L${x(1)} ${y(0.22)}`
  if (outline === 'mound') return `M${x(0)} ${y(0.15)}Q${x(0.5)} ${y(1.35)} ${x(1)} ${y(0.15)}`
  return `M${x(0)} ${y(0.85)}Q${x(0.5)} ${y(-0.35)} ${x(1)} ${y(0.85)}`
}
