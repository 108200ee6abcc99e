import { quantities, type Dimensions, type NumbersOf, type Quantities } from '../quantity/quantity.js'
import type { Edit } from './edit.js'

export const PLAN_SHEETS = [
  'intent',
  'vessel',
  'ground',
  'hardscape',
  'planting',
  'animals',
  'supply',
  'kit',
  'shopping',
  'programme',
] as const
/** The sheet of the plan on which a thing is drawn and changed. */
export type PlanSheet = (typeof PLAN_SHEETS)[number]
export const SUPPLY_SHEETS = ['light', 'gas', 'feed', 'water'] as const
/** The same for what a tank is supplied with. */
export type SupplySheet = (typeof SUPPLY_SHEETS)[number]
export type Sheet = PlanSheet | SupplySheet

export type Severity = 'stop' | 'warn' | 'note'

/** A finding as it is defined where it is raised. Its code, the values of its sentence and their dimensions are told to the compiler, so that contract's catalogue can neither miss it nor misspell a value. */
export interface FindingDefinition<Code extends string = string, Values extends Dimensions = Dimensions, Names extends string = string> {
  readonly code: Code
  /** `stop`: the plan contradicts itself. `warn`: likely trouble. `note`: worth knowing. */
  readonly severity: Severity
  readonly sheet: Sheet
  readonly values: Values
  /** Names in the plan that the sentence needs; '' where the grower gave none. */
  readonly names: readonly Names[]
  /** A remark on arrangement or building that has nothing to say any more once plants grow. */
  readonly restsOncePlanted: boolean
}

interface FindingRow {
  readonly severity: Severity
  /** Where it is another than that of the rows around it. */
  readonly sheet?: Sheet
  readonly values: Dimensions
  readonly names?: readonly string[]
  readonly restsOncePlanted?: true
}
type NamesIn<Row extends FindingRow> = Row['names'] extends readonly (infer Name extends string)[] ? Name : never
export type FindingsIn<Rows extends Readonly<Record<string, FindingRow>>> = {
  readonly [Code in keyof Rows & string]: FindingDefinition<Code, Rows[Code]['values'], NamesIn<Rows[Code]>>
}

/** The findings that one check can raise, a row each. */
export function findingsOf<const Rows extends Readonly<Record<string, FindingRow>>>(sheet: Sheet, rows: Rows): FindingsIn<Rows> {
  const defined = Object.entries(rows).map(([code, row]): [string, FindingDefinition] => [
    code,
    { sheet, names: [], restsOncePlanted: false, ...row, code },
  ])
  return Object.fromEntries(defined) as unknown as FindingsIn<Rows> // the same rows, each with its own code
}

/** What a one-click change is called: the smallest one that takes a finding away. */
export interface MendDefinition<Code extends string = string, Values extends Dimensions = Dimensions> {
  readonly code: Code
  readonly values: Values
}
export interface Mend {
  readonly code: string
  readonly values: Quantities
  readonly edits: readonly Edit[]
}
export const mendWith = <Values extends Dimensions>(
  { code, values }: MendDefinition<string, Values>,
  numbers: NumbersOf<Values>,
  edits: readonly Edit[],
): Mend => ({ code, values: quantities(values, numbers), edits })

/** Something about a described tank that its grower should know. Codes and quantities; the sentence is in contract's catalogue. */
export interface Finding {
  readonly code: string
  readonly severity: Severity
  readonly sheet: Sheet
  readonly restsOncePlanted: boolean
  /** The zone, piece or other element that it is about. */
  readonly id?: string
  readonly values: Quantities
  readonly names: Readonly<Record<string, string>>
  readonly mend?: Mend
}

interface Raised<Names extends string> {
  readonly id?: string | null
  readonly names?: Readonly<Record<Names, string>>
  readonly mend?: Mend | null
  /** Where it is worse or lighter than usual. */
  readonly severity?: Severity
  readonly currency?: string
}

/** One finding, raised with its numbers in canonical units. */
export function raise<Values extends Dimensions, Names extends string>(
  definition: FindingDefinition<string, Values, Names>,
  numbers: NumbersOf<Values>,
  { id = null, names, mend = null, severity = definition.severity, currency }: Raised<Names> = {},
): Finding {
  const { code, sheet, restsOncePlanted, values } = definition
  return {
    code,
    severity,
    sheet,
    restsOncePlanted,
    values: quantities(values, numbers, currency),
    names: names ?? {},
    ...(id === null ? {} : { id }),
    ...(mend === null ? {} : { mend }),
  }
}

/** What a finding is known by from one day to the next. */
export const findingKey = ({ code, id }: Pick<Finding, 'code' | 'id'>): string => (id === undefined ? code : `${code}:${id}`)

const RANK = { stop: 0, warn: 1, note: 2 } as const
/** Most serious first; of equals, in the order in which they were found. */
export const bySeverity = (findings: readonly Finding[]): Finding[] => [...findings].sort((a, b) => RANK[a.severity] - RANK[b.severity])
