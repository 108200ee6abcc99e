import type { OpenedSum } from '@jovrin/core'
import type { ReactNode } from 'react'
import { Figure } from '../../ui/Figure.js'
import { digitsInBand, useUnits } from '../../ui/units.js'
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
  return <Figure explained={toldSum(sum, units)}>{children ?? units.tell(sum.result, digits ?? inBand(sum))}</Figure>
}

/** Fewer digits than usual where the band is wide; never more. */
const inBand = ({ result, range }: OpenedSum): number | undefined =>
  range !== null && digitsInBand(result.value, range[0].value, range[1].value) === 2 ? 2 : undefined
