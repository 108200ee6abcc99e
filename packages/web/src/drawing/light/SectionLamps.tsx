import type { AnsweredLamp } from '@jovrin/core'
import { useRef, type KeyboardEvent, type PointerEvent } from 'react'
import { INK } from '../ink.js'
import type { SectionLayout, View } from '../section/layout.js'

interface SectionLampsProps {
  readonly layout: SectionLayout
  readonly lamps: readonly AnsweredLamp[]
  readonly label: (lamp: AnsweredLamp, place: number) => string
  readonly onRaise: (id: string, aboveWaterCm: number, isFinal: boolean) => void
  readonly onTilt: (id: string, tiltDeg: number) => void
}

const STEP_CM = 1
const STEP_DEG = 5

/** Lamps on both views of the section, at their own places: dragged up and down, tilted by keys. */
export function SectionLamps({ layout, lamps, label, onRaise, onTilt }: SectionLampsProps) {
  const grip = useRef<{ readonly id: string; readonly fromY: number; readonly startCm: number; last: number | null } | null>(null)
  const yIn = (event: PointerEvent<SVGGElement>): number => {
    const svg = event.currentTarget.ownerSVGElement! // lamps hang in a drawing
    const box = svg.getBoundingClientRect()
    return ((event.clientY - box.top) / Math.max(box.height, 1)) * layout.height
  }
  const handlers = (lamp: AnsweredLamp) => ({
    onPointerDown: (event: PointerEvent<SVGGElement>): void => {
      if (event.button !== 0) return
      event.currentTarget.setPointerCapture(event.pointerId)
      grip.current = { id: lamp.id, fromY: yIn(event), startCm: lamp.aboveWaterCm, last: null }
    },
    onPointerMove: (event: PointerEvent<SVGGElement>): void => {
      const held = grip.current
      if (held === null) return
      held.last = held.startCm + (held.fromY - yIn(event)) / layout.pxPerCm
      onRaise(held.id, held.last, false)
    },
    onPointerUp: (): void => {
      const held = grip.current
      grip.current = null
      if (held?.last != null) onRaise(held.id, held.last, true)
    },
    onKeyDown: (event: KeyboardEvent<SVGGElement>): void => {
      const raise = { ArrowUp: STEP_CM, ArrowDown: -STEP_CM, PageUp: STEP_CM * 5, PageDown: -STEP_CM * 5 }[event.key]
      const tilt = { ArrowLeft: -STEP_DEG, ArrowRight: STEP_DEG }[event.key]
      if (raise !== undefined) onRaise(lamp.id, lamp.aboveWaterCm + raise, true)
      else if (tilt !== undefined) onTilt(lamp.id, Math.min(60, Math.max(-60, lamp.tiltDeg + tilt)))
      else return
      event.preventDefault()
      event.stopPropagation()
    },
  })
  const { front, side, waterY, pxPerCm } = layout
  const bar = (view: View, atCm: number, wideCm: number, tiltDeg: number, y: number) => {
    const x = view.innerLeft + atCm * pxPerCm
    const wide = Math.max(wideCm * pxPerCm, 10)
    return (
      <rect
        x={x - wide / 2}
        y={y - 7}
        width={wide}
        height="7"
        transform={`rotate(${-tiltDeg} ${x} ${y})`}
        fill="var(--light-fill)"
        stroke="var(--ink)"
        strokeWidth={INK.medium}
      />
    )
  }
  return lamps.map((lamp, place) => {
    const y = waterY - lamp.aboveWaterCm * pxPerCm
    return (
      <g
        key={lamp.id}
        tabIndex={0}
        role="slider"
        aria-orientation="vertical"
        aria-label={label(lamp, place)}
        aria-valuenow={Math.round(lamp.aboveWaterCm)}
        style={{ cursor: 'ns-resize', touchAction: 'none' }}
        {...handlers(lamp)}
      >
        {bar(front, lamp.xCm, lamp.lengthCm, 0, y)}
        {bar(side, lamp.yCm, lamp.widthCm, lamp.tiltDeg, y)}
      </g>
    )
  })
}
