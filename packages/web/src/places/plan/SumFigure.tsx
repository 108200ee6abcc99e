import type { OpenedSum } from '@jovrin/core'
import type { ReactNode } from 'react'
import { Figure } from '../../ui/Figure.js'
import { useUnits } from '../../ui/units.js'
import { toldSum } from './sum.text.js'

interface SumFigureProps {
  readonly sum: OpenedSum
  readonly digits?: number
  /** More than the bare figure. */
  readonly children?: ReactNode
}

/** A figure of the plan that opens with its own sum. */
export function SumFigure({ sum, digits, children }: SumFigureProps) {
  const units = useUnits()
  return <Figure explained={toldSum(sum, units)}>{children ?? units.tell(sum.result, digits)}</Figure>
}
