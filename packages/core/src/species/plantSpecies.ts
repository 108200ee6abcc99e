import { asAssumed, ASSUMED, type Confidence, type Datum, type DatumSource } from './datum.js'
import { growthOf, lightClassOf, runnerClassOf, type GrowthClass, type LightClass, type RunnerClass } from './scales.js'
import {
  PLANT_TRAITS,
  RANGE_TRAITS,
  type LightNeed,
  type NameStanding,
  type PlantRow,
  type PlantTrait,
  type PlantTraits,
  type SaidTraits,
} from './traits.js'

/** Where a trait comes from that the plant's own row does not tell. */
export const ASSUMED_FROM = ['species', 'genus', 'form'] as const
export type AssumedFrom = (typeof ASSUMED_FROM)[number]

/** A plant with every trait answered. */
export interface PlantSpecies extends PlantTraits {
  readonly id: string
  readonly group: 'plant'
  readonly name: string
  readonly olderNames: readonly string[]
  readonly family: string
  readonly nameStanding: NameStanding
  /** Of its classes; each figure says its own. */
  readonly confidence: Confidence
  readonly source: DatumSource
  /** What the grower says: all of a plant of one's own, some of one that the library knows, nothing of the others. */
  readonly ownTraits: readonly PlantTrait[]
  readonly isOwn: boolean
  readonly growth: readonly GrowthClass[]
  readonly lightClass: readonly LightClass[]
  readonly runner: RunnerClass
  /** What was taken from elsewhere, and from where. */
  readonly assumed: Readonly<Partial<Record<PlantTrait, AssumedFrom>>>
}

/** Looks up what rows inherit from. Keys: row id, genus name, form. */
export interface Ancestry {
  readonly rowOfId: ReadonlyMap<string, PlantRow>
  readonly genusOfName: ReadonlyMap<string, PlantRow>
  readonly rowOfForm: ReadonlyMap<string, PlantRow>
}
export const ancestryOf = (forms: readonly PlantRow[], genera: readonly PlantRow[], plants: readonly PlantRow[]): Ancestry => ({
  rowOfId: new Map(plants.map((row) => [row.id, row])),
  genusOfName: new Map(genera.map((row) => [row.name, row])),
  rowOfForm: new Map(forms.flatMap((row) => (row.traits.form === undefined ? [] : [[row.traits.form, row] as const]))),
})

/** A row that leaves a trait open to the last: its form is unknown, or the table of forms has a gap. */
export class UnansweredTraitError extends Error {
  override readonly name = 'UnansweredTraitError'
  constructor(
    readonly id: string,
    readonly trait: PlantTrait,
  ) {
    super(`${id}: nothing says ${trait}`)
  }
}

/** The library's row with what the grower says of the same plant laid over it: an update of the library changes only what the grower left alone. Its name, and what its other traits rest on, stay the library's. */
export const overlaid = (row: PlantRow | undefined, own: PlantRow): PlantRow =>
  row === undefined ? own : { ...row, olderNames: own.olderNames, traits: { ...row.traits, ...own.traits } }

const GENUS = /^[A-Z][a-z-]+/
/** A chain of forms of forms is short; longer ones go in a circle. */
const MOST_STEPS = 4

/** Answers every trait of a row: what it says itself, else the plant of which it is a form, else its genus, else its form of growth. What comes from genus or form is an estimate with a wider range. Throws UnansweredTraitError where all of them are silent. `own`: the grower's row, where it is one or has a part in it. */
export function plantSpecies(row: PlantRow, ancestry: Ancestry, own: PlantRow | null = null): PlantSpecies {
  const { id, name, olderNames, family, nameStanding, confidence, source } = row
  const kin = kinOf(row, ancestry)
  const genus = ancestry.genusOfName.get(GENUS.exec(name)?.[0] ?? '')
  const form = [...kin, ...(genus === undefined ? [] : [genus])].map(({ traits }) => traits.form).find((one) => one !== undefined)
  const general = form === undefined ? undefined : ancestry.rowOfForm.get(form)
  const assumed: Partial<Record<PlantTrait, AssumedFrom>> = {}
  const said: Partial<Record<PlantTrait, unknown>> = {}
  for (const trait of PLANT_TRAITS) {
    const teller = kin.find(({ traits }) => traits[trait] !== undefined)
    if (teller !== undefined) {
      said[trait] = teller.traits[trait]
      if (teller !== row) assumed[trait] = 'species'
      continue
    }
    const from = genus?.traits[trait] !== undefined ? 'genus' : 'form'
    const more = from === 'genus' ? genus?.traits : general?.traits
    if (more?.[trait] === undefined) throw new UnansweredTraitError(id, trait)
    said[trait] = assumedTrait(trait, more)
    assumed[trait] = from
  }
  const traits = said as unknown as PlantTraits // every trait was set above
  return {
    id,
    group: 'plant',
    name,
    olderNames,
    family,
    nameStanding,
    confidence,
    source,
    isOwn: own !== null,
    ownTraits: own === null ? [] : PLANT_TRAITS.filter((trait) => own.traits[trait] !== undefined),
    ...traits,
    growth: growthOf(traits.doublingDays),
    lightClass: lightClassOf(traits.light),
    runner: runnerClassOf(traits.runnerCm),
    assumed,
  }
}

/** The row, and what it is a form of. */
function kinOf(row: PlantRow, { rowOfId }: Ancestry): PlantRow[] {
  const kin = [row]
  for (let next = row.like; next !== null && kin.length < MOST_STEPS;) {
    const parent = rowOfId.get(next)
    if (parent === undefined || kin.includes(parent)) break
    kin.push(parent)
    next = parent.like
  }
  return kin
}

const isRange = (trait: PlantTrait): boolean => trait in RANGE_TRAITS
/** Temperature is not made wider: a range beyond what is known could cost the plant, or the animals that share it. */
function assumedTrait(trait: PlantTrait, traits: SaidTraits): unknown {
  const value = traits[trait]
  if (isRange(trait)) return asAssumed(value as Datum) // the table of ranges says so
  if (trait === 'light') {
    const { min, good, goodLow, goodHigh } = value as LightNeed // as its name says
    const wide = asAssumed({ value: good, low: goodLow, high: goodHigh, ...ASSUMED })
    return { min: Math.min(min, wide.low), good, goodLow: wide.low, goodHigh: wide.high, ...ASSUMED }
  }
  if (trait === 'temperatureC') return { ...(value as object), ...ASSUMED }
  return value
}
