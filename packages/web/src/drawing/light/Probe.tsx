import type { Spot } from '@jovrin/core'
import type { KeyboardEvent } from 'react'
import { INK } from '../ink.js'
import { stepOf } from '../plan/arrowStep.js'
import { xPx, yPx, type PlanLayout } from '../plan/planLayout.js'

interface ProbeProps {
  readonly layout: PlanLayout
  readonly at: Spot
  readonly label: string
  /** The value, beside the mark. */
  readonly told: string
  readonly onMove: (to: Spot) => void
}

/** A mark on the map with the light of its place; it follows a pointer, to which it is no obstacle, and arrow keys. */
export function Probe({ layout, at, label, told, onMove }: ProbeProps) {
  const [x, y] = [xPx(layout, at.xCm), yPx(layout, at.yCm)]
  const keys = (event: KeyboardEvent<SVGGElement>): void => {
    const step = stepOf(event)
    if (step === null) return
    onMove({ xCm: at.xCm + step.dxCm, yCm: at.yCm + step.dyCm })
    event.preventDefault()
    event.stopPropagation()
  }
  const isRight = x > (layout.left + layout.right) / 2
  return (
    <g
      tabIndex={0}
      pointerEvents="none"
      role="slider"
      aria-label={label}
      aria-valuenow={Math.round(at.xCm)}
      aria-valuetext={told}
      onKeyDown={keys}
    >
      <circle cx={x} cy={y} r="6" fill="var(--sheet)" stroke="var(--ink)" strokeWidth={INK.heavy} />
      <circle cx={x} cy={y} r="1.6" fill="var(--ink)" />
      <text
        x={x + (isRight ? -11 : 11)}
        y={y - 8}
        fontSize="14"
        textAnchor={isRight ? 'end' : 'start'}
        fill="var(--ink)"
        stroke="var(--sheet)"
        strokeWidth="5"
        paintOrder="stroke"
        className="figures"
      >
        {told}
      </text>
    </g>
  )
}
