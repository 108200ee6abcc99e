import { z } from 'zod'
import { CivilDate } from './dates.js'
import { DeedsSchema, Reason, SettingChangeSchema } from './journal.js'
import { EditSchema, PlanSchema } from './plan.js'

export const TankId = z.uuid()
/** The id is made by the client, so that a repeated request is the same tank; without one the server makes it. */
export const NewTank = z.strictObject({ id: z.uuidv7().optional(), plan: PlanSchema })
export type NewTank = z.output<typeof NewTank>

export const TankEntry = z.object({
  id: TankId,
  revision: z.int(),
  createdAt: z.iso.datetime(),
  changedAt: z.iso.datetime(),
  plan: PlanSchema,
})
export type TankEntry = z.output<typeof TankEntry>

/** A tank that stands on the shelf no more; everything of it is kept. */
export const ArchivedTank = z.object({
  id: TankId,
  name: z.string(),
  startedOn: z.iso.date(),
  archivedAt: z.iso.datetime(),
  records: z.int(),
})
export type ArchivedTank = z.output<typeof ArchivedTank>

export const PlanRevision = z.object({ revision: z.int(), plan: PlanSchema, canUndo: z.boolean(), canRedo: z.boolean() })
export type PlanRevision = z.output<typeof PlanRevision>

/** What was in force since when, from the tank's first day; and what the journal adds to the plan or takes from it. Each later day is told by what changed on it: whole plans would be the same fields over and over. */
export const Timeline = z.object({
  today: z.iso.date(),
  startedOn: z.iso.date(),
  plan: PlanSchema,
  changes: z.array(z.object({ from: z.iso.date(), edits: z.array(EditSchema) })),
  deeds: DeedsSchema,
  /** Day of the tank's age from which tests can allow animals, by the model; `null` in a tank without any, or long past its start. */
  animalsAllowedFromDay: z.int().nullable(),
  /** Steps of the light in the first weeks that were left out or put off. */
  lightPutOff: z.array(z.object({ day: z.int(), toDay: z.int().nullable() })),
})
export type Timeline = z.output<typeof Timeline>

/** `effectiveOn` dates a change of settings; without it the change corrects the description. */
export const PutPlanQuery = z.strictObject({ effectiveOn: CivilDate.optional(), why: Reason.optional() })

export const SettingList = z.array(SettingChangeSchema)
