import { unitsOfDimension, type Dimension } from './dimensions.js'
import type { Dimensions, Quantity } from './quantity.js'
import type { WorkedFigure } from './working.js'

/** Where a value comes from: given by the grower, read off a tank, taken because nobody gave it, worked out from other values, or run by the model. */
export type Provenance = 'typed' | 'measured' | 'assumed' | 'reckoned' | 'model'

/** A word of the catalogue: its list, and its key in it; 'own' is a name that the grower gave. */
export type Word = readonly [
  list: 'own' | 'ground' | 'material' | 'top' | 'media' | 'job' | 'running' | 'lamp' | 'gasLine' | 'lightWindow' | 'source',
  key: string,
]

/** A value that is put into a sum. `word`: the answer that the value stands for, where that is a word. */
export interface Given {
  readonly value: number
  readonly from: Provenance
  readonly word?: Word
}
/** Typed where the plan has an answer, else assumed. */
export const answered = (value: number, answer: unknown, word?: Word): Given => ({
  value,
  from: answer === null || answer === undefined ? 'assumed' : 'typed',
  ...(word === undefined ? {} : { word }),
})
export const reckoned = (value: number): Given => ({ value, from: 'reckoned' })
export const assumed = (value: number): Given => ({ value, from: 'assumed' })

/** How a figure of a plan comes about, written once: `formula` names its terms; Σ(…) runs over rows of `each`. Terms that the formula does not name are told beside it. */
export interface Sum<Id extends string = string, Terms extends Dimensions = Dimensions, Each extends Dimensions = Dimensions> {
  readonly id: Id
  readonly dimension: Dimension
  readonly formula: string
  /** Author and year; a rule of thumb says so and gives its range. */
  readonly source: string
  readonly terms: Terms
  readonly each: Each
  /** Significant digits with which values are put in; more where close values are subtracted. */
  readonly digits?: number
}
type Nothing = Readonly<Record<never, never>>
export const defineSum = <const Id extends string, const Terms extends Dimensions = Nothing, const Each extends Dimensions = Nothing>(
  sum: Omit<Sum<Id, Terms, Each>, 'terms' | 'each'> & { readonly terms?: Terms; readonly each?: Each },
): Sum<Id, Terms, Each> => ({ ...sum, terms: sum.terms ?? ({} as Terms), each: sum.each ?? ({} as Each) }) // left out there are none

type GivenFor<D extends Dimensions> = { readonly [Name in keyof D]: Given }
/** One of the things that are added up, with its name. */
export type Row<Each extends Dimensions = Dimensions> = GivenFor<Each> & { readonly of?: Word | undefined }

export interface OpenedTerm {
  readonly name: string
  /** The row that it belongs to. */
  readonly of: Word | null
  /** The only value of its row. */
  readonly isAlone: boolean
  readonly quantity: Quantity
  readonly from: Provenance
  readonly word: Word | null
}
/** A sum with a tank's own values: everything needed to reckon it again. */
export interface OpenedSum {
  readonly id: string
  /** Of which of several things it is. */
  readonly of: Word | null
  /** The formula's text, and the names of terms in it. */
  readonly formula: readonly (string | { readonly term: string })[]
  /** The same with the values put in. */
  readonly worked: readonly (string | number)[]
  readonly digits: number
  /** In which the sum comes out. */
  readonly unit: string
  readonly result: Quantity
  /** `null` when exact for its inputs. */
  readonly range: readonly [low: Quantity, high: Quantity] | null
  readonly terms: readonly OpenedTerm[]
  readonly source: string
}

const DIGITS = 4

/** Puts a tank's own values into a sum. `figure` is what the product shows; the sum as written must come out at it. `currency` (ISO 4217) of its money; `of`: of which of several things it is. */
export function openSum<Terms extends Dimensions, Each extends Dimensions>(
  { id, dimension, formula, source, terms, each, digits = DIGITS }: Sum<string, Terms, Each>,
  figure: WorkedFigure | number,
  given: GivenFor<Terms>,
  rows: readonly Row<Each>[] = [],
  { currency, of = null }: { readonly currency?: string; readonly of?: Word | null } = {},
): OpenedSum {
  const { value, low, high } = typeof figure === 'number' ? { value: figure, low: null, high: null } : figure
  const money = (its: Dimension, number: number): Quantity => ({
    value: number,
    dimension: its,
    ...(its === 'money' ? { currency } : {}),
  })
  const valuesOf = (dimensions: Dimensions, all: Readonly<Record<string, Given | Word | undefined>>): Map<string, number> =>
    new Map(Object.keys(dimensions).map((name) => [name, (all[name] as Given).value])) // typed by the signature
  const openedOf = (dimensions: Dimensions, all: Readonly<Record<string, Given | Word | undefined>>, of: Word | null): OpenedTerm[] =>
    Object.entries(dimensions).map(([name, itsDimension]) => {
      const one = all[name] as Given // typed by the signature
      const isAlone = of !== null && Object.keys(dimensions).length === 1
      return { name, of, isAlone, quantity: money(itsDimension, one.value), from: one.from, word: one.word ?? null }
    })
  const own = valuesOf(terms, given)
  return {
    id,
    of,
    formula: namesIn(formula, new Set([...Object.keys(terms), ...Object.keys(each)])),
    worked: withRows(
      formula,
      own,
      rows.map((row) => valuesOf(each, row)),
    ),
    digits,
    unit: dimension === 'money' ? (currency ?? '') : dimension === 'fraction' ? '' : (unitsOfDimension(dimension)[0] ?? ''),
    result: money(dimension, value),
    range: low === null || high === null ? null : [money(dimension, low), money(dimension, high)],
    terms: [...openedOf(terms, given, null), ...rows.flatMap((row) => openedOf(each, row, row.of ?? null))],
    source,
  }
}

const NAME = /[A-Za-z][A-Za-z0-9]*/g

/** Splits a formula at the names that it knows. */
function split<Part>(formula: string, partOf: (name: string) => Part | null): (string | Part)[] {
  const parts: (string | Part)[] = []
  let from = 0
  for (const { 0: name, index } of formula.matchAll(NAME)) {
    const part = partOf(name)
    if (part === null) continue
    if (index > from) parts.push(formula.slice(from, index))
    parts.push(part)
    from = index + name.length
  }
  if (from < formula.length) parts.push(formula.slice(from))
  return parts
}
const namesIn = (formula: string, names: ReadonlySet<string>): OpenedSum['formula'] =>
  split(formula, (name) => (names.has(name) ? { term: name } : null))
const valuesIn = (formula: string, values: ReadonlyMap<string, number>): (string | number)[] =>
  split(formula, (name) => values.get(name) ?? null)

/** Values put in, the Σ of the formula written out row by row. */
function withRows(formula: string, values: ReadonlyMap<string, number>, rows: readonly ReadonlyMap<string, number>[]): (string | number)[] {
  const start = formula.indexOf('Σ(')
  if (start < 0) return valuesIn(formula, values)
  const end = closing(formula, start + 1)
  const inner = formula.slice(start + 2, end)
  const added = rows.flatMap((row, index): (string | number)[] => [
    ...(index === 0 ? [] : [' + ']),
    ...valuesIn(inner, new Map([...values, ...row])),
  ])
  const all = added.length === 0 ? [0] : added
  if (start === 0 && end === formula.length - 1) return all
  return [
    ...valuesIn(formula.slice(0, start), values),
    ...(rows.length > 1 || (rows.length === 1 && / [+−] /.test(inner)) ? ['(', ...all, ')'] : all),
    ...withRows(formula.slice(end + 1), values, rows),
  ]
}

function closing(formula: string, open: number): number {
  let depth = 0
  for (let at = open; at < formula.length; at++) {
    if (formula[at] === '(') depth++
    else if (formula[at] === ')' && --depth === 0) return at
  }
  throw new SyntaxError(`no closing bracket in ${formula}`)
}
