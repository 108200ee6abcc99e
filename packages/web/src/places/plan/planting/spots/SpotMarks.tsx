import { plantingWords } from '@jovrin/contract'
import { placeOfSpot, sharesOnPiece, withSpot, type Plan, type SpotPlace, type TankFigures } from '@jovrin/core'
import { useRef, type KeyboardEvent, type PointerEvent } from 'react'
import { stepOf } from '../../../../drawing/plan/arrowStep.js'
import { INK } from '../../../../drawing/ink.js'
import { spotLetter } from '../../../../drawing/spotLetter.js'
import type { SectionLayout } from '../../../../drawing/section/layout.js'
import type { Desk } from '../../desk.js'

interface SpotMarksProps {
  readonly plan: Plan
  readonly figures: TankFigures
  readonly layout: SectionLayout
  readonly chosen: string | null
  readonly onChoose: (id: string) => void
  readonly change: Desk['change']
}

/** Spots on wood and stone over the front view: chosen by a click, moved on their piece by hand or by arrow keys. */
export function SpotMarks({ plan, figures, layout, chosen, onChoose, change }: SpotMarksProps) {
  const grip = useRef<{ readonly id: string; isMoved: boolean } | null>(null)
  const { front, floorY, pxPerCm } = layout
  const moveTo = (id: string, place: SpotPlace, xCm: number, zCm: number, isFinal: boolean): void =>
    change((now) => withSpot(now, id, (spot) => ({ ...spot, ...sharesOnPiece(place.placed, xCm, zCm) })), isFinal)
  const drag = (event: PointerEvent<SVGElement>, place: SpotPlace): void => {
    const held = grip.current
    const svg = event.currentTarget.ownerSVGElement
    if (held === null || svg === null) return
    const box = svg.getBoundingClientRect()
    const scale = svg.viewBox.baseVal.width / Math.max(box.width, 1)
    held.isMoved = true
    const xCm = ((event.clientX - box.left) * scale - front.innerLeft) / pxPerCm
    moveTo(held.id, place, xCm, (floorY - (event.clientY - box.top) * scale) / pxPerCm, false)
  }
  const letGo = (): void => {
    const held = grip.current
    grip.current = null
    if (held?.isMoved) change((now) => now)
  }
  const keys = (event: KeyboardEvent<SVGElement>, id: string, place: SpotPlace): void => {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault()
      onChoose(id)
      return
    }
    const step = stepOf(event)
    if (step === null) return
    event.preventDefault()
    event.stopPropagation()
    moveTo(id, place, place.xCm + step.dxCm, place.zCm + step.dyCm, true)
  }
  return (
    <g>
      {plan.spots.map((spot, index) => {
        const place = placeOfSpot(spot, figures.pieces)
        if (place === null) return null
        const [x, y] = [front.innerLeft + place.xCm * pxPerCm, floorY - place.zCm * pxPerCm]
        const isChosen = spot.id === chosen
        return (
          <g
            key={spot.id}
            tabIndex={0}
            role="button"
            aria-pressed={isChosen}
            aria-label={plantingWords.spots.mark(spotLetter(index))}
            style={{ cursor: 'grab', touchAction: 'none' }}
            onClick={() => onChoose(spot.id)}
            onKeyDown={(event) => keys(event, spot.id, place)}
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId)
              grip.current = { id: spot.id, isMoved: false }
            }}
            onPointerMove={(event) => drag(event, place)}
            onPointerUp={letGo}
            onPointerCancel={letGo}
          >
            <ellipse
              cx={x}
              cy={y}
              rx={Math.max(8, (spot.widthCm / 2) * pxPerCm)}
              ry={Math.max(8, (spot.heightCm / 2) * pxPerCm)}
              fill="transparent"
              stroke={isChosen ? 'var(--focus)' : 'var(--ink-2)'}
              strokeWidth={isChosen ? INK.heavy : INK.thin}
              strokeDasharray="3 3"
            />
            <circle cx={x} cy={y} r={8} fill="var(--sheet)" fillOpacity={0.85} stroke={isChosen ? 'var(--focus)' : 'var(--ink)'} />
            <text x={x} y={y + 3.5} textAnchor="middle" fontSize={10} fill="var(--ink)">
              {spotLetter(index)}
            </text>
          </g>
        )
      })}
    </g>
  )
}
