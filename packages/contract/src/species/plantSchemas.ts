import {
  ASSUMED_FROM,
  CLASS_TRAITS,
  CLASSES_TRAITS,
  CONFIDENCES,
  DATUM_SOURCES,
  FLAG_TRAITS,
  GROWTHS,
  LIGHT_CLASSES,
  MELTS,
  NAME_STANDINGS,
  PLANT_TRAITS,
  RANGE_TRAITS,
  RUNNER_CLASSES,
  SHADES,
  type PlantRow,
  type PlantSpecies,
  type PlantTrait,
  type RangeTrait,
} from '@jovrin/core'
import { z } from 'zod'
import { PLANT_FILE_MOST_BYTES, PLANT_FILE_MOST_ROWS } from '../limits.js'

/** Letters and figures of the botanical name, joined by hyphens. */
export const SpeciesId = z.string().regex(/^[a-z0-9][a-z0-9-]{0,79}$/)
export const PLANT_NAME_MOST = 80
const Name = z.string().trim().min(1).max(PLANT_NAME_MOST)

const TRUST = { confidence: z.enum(CONFIDENCES), source: z.enum(DATUM_SOURCES) }
/** A figure between its low and its high end. */
function datum(trait: RangeTrait) {
  const { least, most } = RANGE_TRAITS[trait]
  // What is assumed may reach beyond what a row may say: the range of the general was made wider.
  return z
    .strictObject({
      value: z.number().min(least).max(most),
      low: z.number().min(0),
      high: z.number().max(most * 1.5),
      ...TRUST,
    })
    .refine(({ value, low, high }) => low <= value && value <= high, { message: 'range_turned' })
}
const classOf = (classes: readonly string[]) => z.enum(classes as [string, ...string[]]) // each list has at least one
const classesOf = (classes: readonly string[]) => z.array(classOf(classes)).max(classes.length)
const Celsius = z.number().min(-5).max(45)
const Ppfd = z.number().min(0).max(1000)

/** How each trait is written down. */
const TRAIT_SHAPE = {
  ...Object.fromEntries((Object.keys(RANGE_TRAITS) as RangeTrait[]).map((trait) => [trait, datum(trait)])),
  ...Object.fromEntries(Object.entries(CLASS_TRAITS).map(([trait, classes]) => [trait, classOf(classes)])),
  ...Object.fromEntries(Object.entries(CLASSES_TRAITS).map(([trait, classes]) => [trait, classesOf(classes)])),
  ...Object.fromEntries(FLAG_TRAITS.map((trait) => [trait, z.boolean()])),
  colour: z.strictObject({ weak: classesOf(SHADES).min(1), strong: classesOf(SHADES).min(1) }),
  melt: z.strictObject({ pot: z.enum(MELTS), cup: z.enum(MELTS) }),
  light: z.strictObject({ min: Ppfd, good: Ppfd, goodLow: Ppfd, goodHigh: Ppfd, ...TRUST }),
  temperatureC: z.strictObject({ min: Celsius, goodLow: Celsius, goodHigh: Celsius, max: Celsius, ...TRUST }),
} as unknown as Record<PlantTrait, z.ZodType> // made from the tables of core, complete by their types
export const traitSchema = (trait: PlantTrait): z.ZodType => TRAIT_SHAPE[trait]

const NAMED = {
  id: SpeciesId,
  name: Name,
  olderNames: z.array(Name).max(30),
  family: z.string().trim().max(PLANT_NAME_MOST),
  nameStanding: z.enum(NAME_STANDINGS),
  ...TRUST,
}
/** One row of a file of plants, or a plant of one's own: what it leaves out it takes from its genus or form. */
export const PlantRowSchema = z.strictObject({
  ...NAMED,
  like: SpeciesId.nullable(),
  traits: z.strictObject(TRAIT_SHAPE).partial(),
}) as unknown as z.ZodType<PlantRow> // the traits' shapes are made from core's tables

/** A plant as the API hands it out, every trait answered. */
export const PlantSpeciesSchema = z.strictObject({
  ...NAMED,
  group: z.literal('plant'),
  isOwn: z.boolean(),
  ownTraits: z.array(z.enum(PLANT_TRAITS as [PlantTrait, ...PlantTrait[]])),
  ...TRAIT_SHAPE,
  growth: z.array(z.enum(GROWTHS as ['fast'])),
  lightClass: z.array(z.enum(LIGHT_CLASSES as ['low'])),
  runner: z.enum(RUNNER_CLASSES as ['none']),
  assumed: z.partialRecord(z.enum(PLANT_TRAITS as [PlantTrait, ...PlantTrait[]]), z.enum(ASSUMED_FROM)),
}) as unknown as z.ZodType<PlantSpecies> // likewise

export const SPECIES_GROUPS = ['plant', 'animal'] as const
export const SpeciesQuery = z.strictObject({
  group: z.enum(SPECIES_GROUPS).optional(),
  search: z.string().max(PLANT_NAME_MOST).default(''),
})

export const PLANT_FILE_FORMAT = 'jovrin-plants'
/** Plants as a document: the same rows as in a table. */
export const PlantFile = z.strictObject({
  format: z.literal(PLANT_FILE_FORMAT),
  version: z.literal(1),
  plants: z.array(PlantRowSchema).max(PLANT_FILE_MOST_ROWS),
})
export const PlantImport = z.strictObject({ kind: z.enum(['csv', 'json']), text: z.string().max(PLANT_FILE_MOST_BYTES) })
export const PlantImportQuery = z.strictObject({ dryRun: z.enum(['true', 'false']).default('false') })
export const SpeciesExportQuery = z.strictObject({ which: z.enum(['own', 'all']).default('all') })

const RowRemark = z.object({ column: z.string(), detail: z.string() })
/** What became of a file of plants, or would become of it. */
export const PlantImportReport = z.object({
  rows: z.array(
    z.object({
      line: z.int(),
      id: z.string().nullable(),
      name: z.string(),
      state: z.enum(['new', 'changed', 'same', 'refused']),
      faults: z.array(RowRemark),
      doubts: z.array(RowRemark),
    }),
  ),
  added: z.int(),
  changed: z.int(),
  same: z.int(),
  refused: z.int(),
  isDryRun: z.boolean(),
})
export type PlantImportReport = z.output<typeof PlantImportReport>
