import { workingTitleWords } from '@jovrin/contract'
import type { Provenance, WorkedFigure, Working } from '@jovrin/core'
import type { ReactNode } from 'react'
import { Figure, spanOf } from '../../ui/Figure.js'
import { significant } from '../../ui/units.js'
import { fieldName, formulaInWords } from './sum.js'

interface WorkingFigureProps {
  readonly working: Working
  readonly inputs: Readonly<Record<string, { readonly value: number | string; readonly from: Provenance }>>
  /** As it is shown: more than the working's own range where an input is itself a range. */
  readonly figure: WorkedFigure
  readonly children: ReactNode
}

/** A figure that opens with the working that it is an instance of. */
export function WorkingFigure({ working, inputs, figure: { low, high }, children }: WorkingFigureProps) {
  const unitOf = (name: string): string => {
    const field = working.fields.find((one) => one.name === name)
    return field?.kind === 'number' && field.unit !== 'pH' ? ` ${field.unit}` : ''
  }
  return (
    <Figure
      explained={{
        title: workingTitleWords[working.id] ?? '',
        formula: formulaInWords(working),
        inputs: Object.entries(inputs).map(([name, { value, from }]) => ({
          name: fieldName(name),
          value: typeof value === 'number' ? `${significant(value, 4)}${unitOf(name)}` : value,
          from,
        })),
        source: working.source,
        range: low === null || high === null ? null : spanOf(low, high, working.unit),
      }}
    >
      {children}
    </Figure>
  )
}
