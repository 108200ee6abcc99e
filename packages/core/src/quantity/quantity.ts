import type { Dimension } from './dimensions.js'

/** A number that is told to somebody: canonical value and what it is a number of. Whoever tells it chooses the unit. */
export interface Quantity {
  readonly value: number
  readonly dimension: Dimension
  /** ISO 4217, of money only. */
  readonly currency?: string | undefined
}

/** The named values of something that is told, each with its dimension. */
export type Dimensions = Readonly<Record<string, Dimension>>
export type NumbersOf<D extends Dimensions> = { readonly [Name in keyof D]: number }
/** The same values as the texts that a sentence is made of. */
export type TextsOf<D extends Dimensions> = { readonly [Name in keyof D]: string }
export type Quantities = Readonly<Record<string, Quantity>>

/** Canonical numbers with their dimensions; values that were left out stay out. */
export function quantities(dimensions: Dimensions, numbers: Readonly<Record<string, number | undefined>>, currency?: string): Quantities {
  const told: Record<string, Quantity> = {}
  for (const [name, dimension] of Object.entries(dimensions)) {
    const value = numbers[name]
    if (value === undefined) continue
    told[name] = dimension === 'money' && currency !== undefined ? { value, dimension, currency } : { value, dimension }
  }
  return told
}
