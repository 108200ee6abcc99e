import {
  CLASS_TRAITS,
  CLASSES_TRAITS,
  CONFIDENCES,
  FLAG_TRAITS,
  MELTS,
  NAME_STANDINGS,
  PLANT_TRAITS,
  RANGE_TRAITS,
  SHADES,
  type ClassesTrait,
  type ClassTrait,
  type DatumSource,
  type FlagTrait,
  type PlantRow,
  type PlantTrait,
  type RangeTrait,
  type SaidTraits,
} from '@jovrin/core'
import {
  readClasses,
  readFlag,
  readLight,
  readRange,
  readTemperature,
  writeClasses,
  writeFlag,
  writeRange,
  writeTemperature,
  type Cell,
  type CellFault,
  type RowTrust,
} from './plantCells.js'
import { PlantRowSchema } from './plantSchemas.js'

/** Columns of a trait that is written in two of them. */
const PARTS = {
  colour: ['colourWeak', 'colourStrong'],
  melt: ['meltPot', 'meltCup'],
  light: ['lightMinPpfd', 'lightGoodPpfd'],
} as const
const hasParts = (trait: PlantTrait): trait is keyof typeof PARTS => trait in PARTS
export const columnsOf = (trait: PlantTrait): readonly string[] => (hasParts(trait) ? PARTS[trait] : [trait])

const NAME_COLUMNS = ['id', 'name', 'olderNames', 'family', 'like', 'nameStanding', 'confidence'] as const
/** Every column of a table of plants, in order. */
export const PLANT_COLUMNS: readonly string[] = [...NAME_COLUMNS, ...PLANT_TRAITS.flatMap(columnsOf)]

export type RowFault = CellFault | 'unknown-column' | 'no-name' | 'bad-id'
/** What keeps a row out: where, what stands there, and why. */
export interface PlantRowFault {
  readonly column: string
  readonly text: string
  readonly fault: RowFault
  /** What may stand there, where that is a list. */
  readonly allowed?: readonly string[]
}
export type ReadPlantRow = { readonly row: PlantRow } | { readonly faults: readonly PlantRowFault[] }

/** Small letters, figures and hyphens of a name. */
export const idOfName = (name: string): string =>
  name
    .replace(/×/g, 'x')
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 80)

/** Reads one row of a table of plants, by its column names. Empty cells say nothing. Every fault of the row is told. `source`: the grower's own where the file is. */
export function readPlantRow(cells: Readonly<Record<string, string>>, source: DatumSource | null = null): ReadPlantRow {
  const faults: PlantRowFault[] = []
  const text = (column: string): string => (cells[column] ?? '').trim()
  const fail = (column: string, fault: RowFault, allowed?: readonly string[]): void =>
    void faults.push({ column, text: text(column), fault, ...(allowed === undefined ? {} : { allowed }) })
  for (const [column, cell] of Object.entries(cells))
    if (cell.trim() !== '' && !PLANT_COLUMNS.includes(column)) fail(column, 'unknown-column')
  const name = text('name').replace(/\s+/g, ' ')
  if (name === '') fail('name', 'no-name')
  const id = text('id') === '' ? idOfName(name) : text('id')
  if (!/^[a-z0-9][a-z0-9-]{0,79}$/.test(id) && name !== '') fail('id', 'bad-id')
  const confidence = oneOf(text('confidence').toUpperCase(), CONFIDENCES, 'C')
  if (confidence === null) fail('confidence', 'not-a-class', CONFIDENCES)
  const nameStanding = oneOf(text('nameStanding'), NAME_STANDINGS, 'settled')
  if (nameStanding === null) fail('nameStanding', 'not-a-class', NAME_STANDINGS)
  const trust: RowTrust = { confidence: confidence ?? 'C', source }
  const traits: Partial<Record<PlantTrait, unknown>> = {}
  for (const trait of PLANT_TRAITS) {
    const columns = columnsOf(trait)
    const said = columns.filter((column) => text(column) !== '')
    if (said.length === 0) continue
    const missing = columns.find((column) => text(column) === '')
    if (missing !== undefined) {
      fail(missing, 'empty')
      continue
    }
    for (const { column, cell, allowed } of readTrait(trait, text, trust)) {
      if ('fault' in cell) fail(column, cell.fault, allowed)
      else traits[trait] = cell.value
    }
  }
  if (faults.length > 0) return { faults }
  const made = PlantRowSchema.safeParse({
    id,
    name,
    olderNames: text('olderNames')
      .split(';')
      .map((one) => one.trim())
      .filter((one) => one !== ''),
    family: text('family'),
    like: text('like') === '' ? null : text('like'),
    nameStanding,
    confidence: trust.confidence,
    source: source ?? sourceOf(trust.confidence),
    traits,
  })
  if (made.success) return { row: made.data }
  return {
    faults: made.error.issues.map(({ path }) => {
      const [at, trait] = path.map(String)
      const column = at === 'traits' ? (columnsOf(trait as PlantTrait)[0] ?? '') : (at ?? '') // a trait of the schema
      return { column, text: text(column), fault: 'out-of-range' as const }
    }),
  }
}

const sourceOf = (confidence: RowTrust['confidence']): DatumSource =>
  confidence === 'A' ? 'monograph' : confidence === 'B' ? 'culture' : 'estimate'
const oneOf = <Class extends string>(text: string, classes: readonly Class[], standard: Class): Class | null =>
  text === '' ? standard : (classes.find((one) => one === text) ?? null)

interface ReadCell {
  readonly column: string
  readonly cell: Cell<unknown>
  readonly allowed?: readonly string[]
}
const isRange = (trait: PlantTrait): trait is RangeTrait => trait in RANGE_TRAITS
const isClass = (trait: PlantTrait): trait is ClassTrait => trait in CLASS_TRAITS
const isClasses = (trait: PlantTrait): trait is ClassesTrait => trait in CLASSES_TRAITS
const isFlag = (trait: PlantTrait): trait is FlagTrait => FLAG_TRAITS.some((flag) => flag === trait)

function readOneClass(text: string, classes: readonly string[]): Cell<string> {
  const cell = readClasses(text, classes)
  if ('fault' in cell) return cell
  const [only, ...more] = cell.value
  return only === undefined || more.length > 0 ? { fault: 'not-a-class' } : { value: only }
}

/** The cell or cells of one trait. Of a trait in two columns both must be sound. */
function readTrait(trait: PlantTrait, text: (column: string) => string, trust: RowTrust): ReadCell[] {
  if (isRange(trait)) return [{ column: trait, cell: readRange(text(trait), RANGE_TRAITS[trait], trust) }]
  if (isClass(trait)) return [{ column: trait, cell: readOneClass(text(trait), CLASS_TRAITS[trait]), allowed: CLASS_TRAITS[trait] }]
  if (isClasses(trait))
    return [{ column: trait, cell: readClasses<string>(text(trait), CLASSES_TRAITS[trait]), allowed: CLASSES_TRAITS[trait] }]
  if (isFlag(trait)) return [{ column: trait, cell: readFlag(text(trait)) }]
  switch (trait) {
    case 'temperatureC':
      return [{ column: trait, cell: readTemperature(text(trait), trust) }]
    case 'light': {
      const [min, good] = PARTS.light
      return [{ column: good, cell: readLight(text(min), text(good), trust) }]
    }
    case 'colour': {
      const [weak, strong] = PARTS.colour
      return both(
        weak,
        strong,
        (column) => readClasses(text(column), SHADES),
        SHADES,
        (a, b) => ({ weak: a, strong: b }),
      )
    }
    case 'melt': {
      const [pot, cup] = PARTS.melt
      return both(
        pot,
        cup,
        (column) => readOneClass(text(column), MELTS),
        MELTS,
        (a, b) => ({ pot: a, cup: b }),
      )
    }
  }
}

function both<Part>(
  first: string,
  second: string,
  read: (column: string) => Cell<Part>,
  allowed: readonly string[],
  join: (a: Part, b: Part) => unknown,
): ReadCell[] {
  const [a, b] = [read(first), read(second)]
  if ('fault' in a) return [{ column: first, cell: a, allowed }]
  return [{ column: second, cell: 'fault' in b ? b : { value: join(a.value, b.value) }, allowed }]
}

/** A row as it stands in a table, by column names. What it does not say is left empty. */
export function writePlantRow({ traits, ...row }: PlantRow): Record<string, string> {
  const cells: Record<string, string> = {
    id: row.id,
    name: row.name,
    olderNames: row.olderNames.join('; '),
    family: row.family,
    like: row.like ?? '',
    nameStanding: row.nameStanding,
    confidence: row.confidence,
  }
  for (const trait of PLANT_TRAITS) if (traits[trait] !== undefined) Object.assign(cells, writeTrait(trait, traits, row.confidence))
  return cells
}

function writeTrait(trait: PlantTrait, traits: SaidTraits, row: PlantRow['confidence']): Record<string, string> {
  const { light, colour, melt, temperatureC } = traits
  if (trait === 'light') return light === undefined ? {} : writeLight(light, row)
  if (trait === 'colour')
    return colour === undefined ? {} : { colourWeak: writeClasses(colour.weak), colourStrong: writeClasses(colour.strong) }
  if (trait === 'melt') return melt === undefined ? {} : { meltPot: melt.pot, meltCup: melt.cup }
  if (trait === 'temperatureC') return temperatureC === undefined ? {} : { temperatureC: writeTemperature(temperatureC) }
  if (isFlag(trait)) return { [trait]: writeFlag(traits[trait] === true) }
  if (isClass(trait)) return { [trait]: traits[trait] ?? '' }
  if (isClasses(trait)) return { [trait]: writeClasses(traits[trait] ?? []) }
  const range = traits[trait]
  return range === undefined ? {} : { [trait]: writeRange(range, row) }
}
const writeLight = ({ min, good, goodLow, goodHigh, ...trust }: NonNullable<SaidTraits['light']>, row: PlantRow['confidence']) => ({
  lightMinPpfd: String(Number(min.toPrecision(6))),
  lightGoodPpfd: writeRange({ value: good, low: goodLow, high: goodHigh, ...trust }, row),
})
