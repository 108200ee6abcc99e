import { outlineWords } from '@jovrin/contract'
import type { Spot } from '@jovrin/core'
import { useState, type KeyboardEvent } from 'react'
import { xPx, yPx, type PlanLayout } from '../../../drawing/plan/planLayout.js'
import { stepOf } from '../../../drawing/plan/arrowStep.js'
import { useUnits } from '../../../ui/units.js'

/** The keyboard's own pen: a cross that arrow keys move over the floor. It begins in the middle and shows once it is moved. */
export function useCross({ lengthCm, widthCm }: { readonly lengthCm: number; readonly widthCm: number }) {
  const [spot, setSpot] = useState<Spot>({ xCm: lengthCm / 2, yCm: widthCm / 2 })
  const [isShown, setShown] = useState(false)
  const within = (cm: number, size: number): number => Math.round(Math.min(Math.max(cm, 0), size) * 1000) / 1000
  return {
    spot,
    isShown,
    hide: () => setShown(false),
    /** Whether the key was one of the cross's own. */
    move(event: KeyboardEvent): boolean {
      const step = stepOf(event)
      if (step === null) return false
      setSpot({ xCm: within(spot.xCm + step.dxCm, lengthCm), yCm: within(spot.yCm + step.dyCm, widthCm) })
      setShown(true)
      return true
    },
  }
}

/** Where a spot lies, in words. */
export const useToldSpot = (): ((spot: Spot) => string) => {
  const units = useUnits()
  return ({ xCm, yCm }) => outlineWords.cross(units.show('length', xCm), units.show('length', yCm))
}

export function Cross({ layout, spot }: { layout: PlanLayout; spot: Spot }) {
  const told = useToldSpot()
  const [x, y] = [xPx(layout, spot.xCm), yPx(layout, spot.yCm)]
  const isRight = x > layout.widthPx / 2
  return (
    <g pointerEvents="none">
      <path d={`M${x - 14} ${y}h28M${x} ${y - 14}v28`} stroke="var(--focus)" strokeWidth="2" />
      <text
        x={isRight ? x - 10 : x + 10}
        y={y - 10}
        fontSize="12"
        textAnchor={isRight ? 'end' : 'start'}
        fill="var(--ink)"
        stroke="var(--sheet)"
        strokeWidth="4"
        paintOrder="stroke"
        className="figures"
      >
        {told(spot)}
      </text>
    </g>
  )
}
