import type { AnsweredLamp, Spot } from '@jovrin/core'
import { useRef, type KeyboardEvent, type PointerEvent } from 'react'
import { INK } from '../ink.js'
import { stepOf } from '../plan/arrowStep.js'
import { spotOf, xPx, yPx, type PlanLayout } from '../plan/planLayout.js'

interface PlanLampsProps {
  readonly layout: PlanLayout
  readonly lamps: readonly AnsweredLamp[]
  readonly label: (lamp: AnsweredLamp, place: number) => string
  readonly chosenId?: string | null
  /** Left out: the lamps are only looked at. `isFinal` ends a gesture. */
  readonly onMove?: (id: string, to: Spot, isFinal: boolean) => void
  readonly onRaise?: (id: string, aboveWaterCm: number) => void
  readonly onChoose?: (id: string) => void
}

const PAGE_CM = 1
const HANDLE_LEAST_PX = 14

/** Lamps from above as they hang, their middle and the way they lean; dragged, or moved by keys. */
export function PlanLamps({ layout, lamps, label, chosenId = null, onMove, onRaise, onChoose }: PlanLampsProps) {
  const grip = useRef<{ readonly id: string; readonly offX: number; readonly offY: number; last: Spot | null } | null>(null)
  const svgOf = (event: { readonly currentTarget: Element }): SVGSVGElement => (event.currentTarget as SVGElement).ownerSVGElement! // lamps hang in a drawing
  const down =
    (lamp: AnsweredLamp) =>
    (event: PointerEvent<SVGGElement>): void => {
      if (event.button !== 0 || onMove === undefined) return
      event.stopPropagation()
      event.currentTarget.setPointerCapture(event.pointerId)
      const { xCm, yCm } = spotOf(layout, svgOf(event), event)
      grip.current = { id: lamp.id, offX: lamp.xCm - xCm, offY: lamp.yCm - yCm, last: null }
      onChoose?.(lamp.id)
    }
  const move = (event: PointerEvent<SVGGElement>): void => {
    const held = grip.current
    if (held === null) return
    const { xCm, yCm } = spotOf(layout, svgOf(event), event)
    held.last = { xCm: xCm + held.offX, yCm: yCm + held.offY }
    onMove?.(held.id, held.last, false)
  }
  const up = (): void => {
    const held = grip.current
    grip.current = null
    if (held?.last) onMove?.(held.id, held.last, true)
  }
  const keys =
    (lamp: AnsweredLamp) =>
    (event: KeyboardEvent<SVGGElement>): void => {
      const step = stepOf(event)
      if (step) onMove?.(lamp.id, { xCm: lamp.xCm + step.dxCm, yCm: lamp.yCm + step.dyCm }, true)
      else if (event.key === 'PageUp' || event.key === 'PageDown')
        onRaise?.(lamp.id, lamp.aboveWaterCm + (event.key === 'PageUp' ? PAGE_CM : -PAGE_CM))
      else if (event.key === 'Enter' || event.key === ' ') onChoose?.(lamp.id)
      else return
      event.preventDefault()
      event.stopPropagation()
    }
  return lamps.map((lamp, place) => {
    const [wide, deep] = [lamp.lengthCm * layout.pxPerCm, Math.max(lamp.widthCm * layout.pxPerCm, HANDLE_LEAST_PX)]
    const [x, y] = [xPx(layout, lamp.xCm), yPx(layout, lamp.yCm)]
    const lean = lamp.tiltDeg === 0 ? 0 : -Math.sign(lamp.tiltDeg) * (deep / 2 + 10)
    return (
      <g
        key={lamp.id}
        {...(onMove === undefined
          ? {}
          : {
              tabIndex: 0,
              role: 'button',
              'aria-label': label(lamp, place),
              'aria-pressed': lamp.id === chosenId,
              onPointerDown: down(lamp),
              onPointerMove: move,
              onPointerUp: up,
              onPointerCancel: up,
              onKeyDown: keys(lamp),
              style: { cursor: 'move', touchAction: 'none' },
            })}
        stroke={lamp.id === chosenId ? 'var(--focus)' : 'var(--ink)'}
        fill="none"
      >
        <rect x={x - wide / 2} y={y - deep / 2} width={wide} height={deep} fill="var(--sheet)" fillOpacity="0.12" strokeWidth={INK.heavy} />
        <path d={`M${x - 6} ${y}h12M${x} ${y - 6}v12`} strokeWidth={INK.medium} />
        {lean !== 0 && (
          <path
            d={`M${x} ${y}v${lean}m-4 ${-Math.sign(lean) * 6}l4 ${Math.sign(lean) * 6}l4 ${-Math.sign(lean) * 6}`}
            strokeWidth={INK.medium}
          />
        )}
        {lamps.length > 1 && (
          <text x={x - wide / 2 + 5} y={y + 4} fontSize="12" fill="var(--ink)" stroke="none">
            {place + 1}
          </text>
        )}
      </g>
    )
  })
}
