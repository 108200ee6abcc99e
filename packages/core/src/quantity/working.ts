import { OutOfRangeError, requireWithin } from './outOfRange.js'

/** What one input of a working is: enough to make a form, a schema and a sentence from. */
export type FieldDescriptor =
  | {
      readonly kind: 'number'
      readonly name: string
      readonly unit: string
      readonly min: number
      readonly max: number
      readonly whole?: boolean
      readonly standard?: number
    }
  | { readonly kind: 'choice'; readonly name: string; readonly choices: readonly string[]; readonly standard?: string }
  | { readonly kind: 'rows'; readonly name: string; readonly fields: readonly FieldDescriptor[]; readonly maxRows: number }

/** A number that a working asks for; `standard` where it may be left out. */
export const numberInput = (name: string, unit: string, min: number, max: number, standard?: number): FieldDescriptor => ({
  kind: 'number',
  name,
  unit,
  min,
  max,
  ...(standard === undefined ? {} : { standard }),
})

export type WorkingRow = Readonly<Record<string, number | string>>
export type WorkingInputs = Readonly<Record<string, number | string | readonly WorkingRow[]>>

/** A worked figure. `low` and `high` are null when the figure is exact for its inputs. */
export interface WorkedFigure {
  readonly value: number
  readonly low: number | null
  readonly high: number | null
}

/** The definition of a figure that a person can open: its inputs, its formula with the names of the inputs, its source. Ids are public topics, not folders. */
export interface Working {
  readonly id: string
  readonly unit: string
  readonly fields: readonly FieldDescriptor[]
  /** In the notation of the source, with the input names. */
  readonly formula: string
  /** Author and year; a rule of thumb says so and gives its range. */
  readonly source: string
  /** Throws OutOfRangeError outside the formula's range, ContradictionError where inputs exclude each other. */
  compute(inputs: WorkingInputs): WorkedFigure
}

/** Inputs that are each possible, but not together (two readings that cannot both be true). */
export class ContradictionError extends Error {
  override readonly name = 'ContradictionError'
  readonly code = 'contradiction'
  constructor(readonly fields: readonly string[]) {
    super(`${fields.join(', ')} cannot all be true`)
  }
}

export const exactly = (value: number): WorkedFigure => ({ value, low: null, high: null })

/** Reads a number that the descriptor has already been checked for. */
export function numberOf(inputs: WorkingInputs, name: string): number {
  const value = inputs[name]
  if (typeof value !== 'number') throw new TypeError(`${name} is not a number`)
  return value
}
export function textOf(inputs: WorkingInputs, name: string): string {
  const value = inputs[name]
  if (typeof value !== 'string') throw new TypeError(`${name} is not a text`)
  return value
}
export function rowsOf(inputs: WorkingInputs, name: string): readonly WorkingRow[] {
  const value = inputs[name]
  if (!Array.isArray(value)) throw new TypeError(`${name} is not a list`)
  return value as readonly WorkingRow[]
}

/** Fills in the standard value of each field that was left out, checks ranges, and computes. */
export function work(working: Working, given: WorkingInputs): { readonly figure: WorkedFigure; readonly inputs: WorkingInputs } {
  const inputs: Record<string, number | string | readonly WorkingRow[]> = {}
  for (const field of working.fields) {
    const value = given[field.name] ?? (field.kind === 'rows' ? [] : field.standard)
    if (value === undefined) throw new TypeError(`${field.name} is missing`)
    if (field.kind === 'number') requireWithin(field.name, value as number, field.min, field.max)
    inputs[field.name] = value
  }
  const figure = working.compute(inputs)
  if (!Number.isFinite(figure.value)) throw new OutOfRangeError(working.id, figure.value, -Number.MAX_VALUE, Number.MAX_VALUE)
  return { figure, inputs }
}
