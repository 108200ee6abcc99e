import {
  ANIMAL_KINDS,
  ANIMAL_CONDITIONS,
  BREEDS,
  CONFIDENCES,
  COPPER,
  COVERS,
  DATUM_SOURCES,
  DIGS,
  EATS_PLANTS,
  EATS_SHRIMP,
  FLOWS,
  GAS_BEARING,
  JUMPS,
  LEGAL_STANDINGS,
  ZONES,
  type AnimalSpecies,
} from '@jovrin/core'
import { z } from 'zod'
import { PLANT_NAME_MOST, SpeciesId } from './plantSchemas.js'

const TRUST = { confidence: z.enum(CONFIDENCES), source: z.enum(DATUM_SOURCES) }
const Name = z.string().trim().min(1).max(PLANT_NAME_MOST)
const datum = (most: number) =>
  z
    .strictObject({ value: z.number().min(0).max(most), low: z.number().min(0), high: z.number().max(most), ...TRUST })
    .refine(({ value, low, high }) => low <= value && value <= high, { message: 'range_turned' })
const bearing = (least: number, most: number) => {
  const bound = z.number().min(least).max(most)
  return z
    .strictObject({ min: bound, goodLow: bound, goodHigh: bound, max: bound, ...TRUST })
    .refine(({ min, goodLow, goodHigh, max }) => min <= goodLow && goodLow <= goodHigh && goodHigh <= max, { message: 'range_turned' })
}
const Taste = z.number().min(0).max(1)

/** An animal as the API hands it out, and as a plan keeps it: every trait answered. */
export const AnimalSpeciesSchema: z.ZodType<AnimalSpecies> = z.strictObject({
  id: SpeciesId,
  group: z.literal('animal'),
  name: Name,
  olderNames: z.array(Name).max(30),
  word: Name,
  kind: z.enum(ANIMAL_KINDS),
  adultCm: datum(200),
  temperatureC: bearing(-5, 45),
  pH: bearing(3, 11),
  hardnessMmolPerL: bearing(0, 20),
  alkalinityMeqPerL: bearing(0, 20),
  leastCount: z.int().min(1).max(100),
  hasRivals: z.boolean(),
  isAlone: z.boolean(),
  leastL: z.number().min(0).max(100_000),
  leastLengthCm: z.number().min(0).max(2000),
  zone: z.enum(ZONES),
  jumps: z.enum(JUMPS),
  digs: z.enum(DIGS),
  eatsPlants: z.enum(EATS_PLANTS),
  eatsShrimp: z.enum(EATS_SHRIMP),
  eatsSnails: z.boolean(),
  nipsFins: z.boolean(),
  hasLongFins: z.boolean(),
  gas: z.enum(GAS_BEARING),
  cover: z.enum(COVERS),
  flow: z.enum(FLOWS),
  breeds: z.enum(BREEDS),
  copper: z.enum(COPPER),
  earliestWeek: z.number().min(0).max(104),
  needs: z.array(z.enum(ANIMAL_CONDITIONS)).max(ANIMAL_CONDITIONS.length),
  foodMgPerDay: datum(100_000),
  grazing: z.strictObject({ units: datum(100), taste: z.tuple([Taste, Taste, Taste, Taste, Taste]) }).nullable(),
  lifespanYears: datum(200),
  legal: z.enum(LEGAL_STANDINGS),
  ...TRUST,
})
