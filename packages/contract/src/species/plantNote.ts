import { z } from 'zod'
import { CivilDate } from '../dates.js'
import { NOTE_MOST } from '../limits.js'
import { TankId } from '../tank.js'
import { SpeciesId } from './plantSchemas.js'

export const OUTCOMES = ['thrived', 'grew', 'dwindled', 'failed'] as const
/** How a plant did for a grower: in one tank, or anywhere. It outranks the library in that tank. */
export const PlantNote = z.strictObject({
  id: z.uuidv7(),
  plantId: SpeciesId,
  tankId: TankId.nullable(),
  notedOn: CivilDate,
  outcome: z.enum(OUTCOMES),
  text: z.string().trim().max(NOTE_MOST),
})
export type PlantNote = z.output<typeof PlantNote>
