import { ATTENTIONS, JOB_KINDS, type JobPortion, type ListedJob } from '@jovrin/core'
import { z } from 'zod'
import { GasSummary } from './condition.js'
import { CivilDate, TimeZone } from './dates.js'
import { JobRecordSchema } from './journal.js'
import { QuantitiesSchema } from './quantity.js'
import { SaltIdSchema } from './salt.js'
import { TankId } from './tank.js'

const JobPortionSchema: z.ZodType<JobPortion> = z.object({
  product: z.string(),
  name: z.string(),
  salt: SaltIdSchema.nullable(),
  unit: z.enum(['g', 'mL']),
  amount: z.number(),
  stock: z.object({ ml: z.number(), inG: z.number() }).nullable(),
  isGuess: z.boolean(),
})
export const ListedJobSchema: z.ZodType<ListedJob> = z.object({
  ruleId: z.string(),
  kind: z.enum(JOB_KINDS),
  dueOn: z.iso.date(),
  isTimer: z.boolean(),
  minutes: z.number(),
  values: QuantitiesSchema,
  portions: z.array(JobPortionSchema).optional(),
  state: z.enum(['due', 'assumed', 'done', 'skipped', 'moved']),
  on: z.iso.date(),
  record: JobRecordSchema.nullable(),
})

const MOST_DAYS = 400
export const JobsQuery = z
  .strictObject({ from: CivilDate, to: CivilDate })
  .refine(({ from, to }) => from <= to && (Date.parse(to) - Date.parse(from)) / 86_400_000 <= MOST_DAYS, {
    error: 'span_long',
    path: ['to'],
  })

/** One tank's calendar between two days. */
export const JobList = z.object({ today: z.iso.date(), minutesPerWeek: z.number(), jobs: z.array(ListedJobSchema) })
export type JobList = z.output<typeof JobList>

/** One stop of a round over all tanks. */
export const RoundStop = z.object({
  tankId: TankId,
  name: z.string(),
  today: z.iso.date(),
  /** By whose clock it is that day. */
  timeZone: TimeZone,
  attention: z.array(z.enum(ATTENTIONS)),
  gas: GasSummary,
  lastGlanceAt: z.iso.datetime().nullable(),
  minutesPerWeek: z.number(),
  due: z.array(ListedJobSchema),
  overdue: z.array(ListedJobSchema),
  settled: z.array(ListedJobSchema),
  assumed: z.array(ListedJobSchema),
})
export type RoundStop = z.output<typeof RoundStop>
/** Stops in the order to walk them: what presses first. */
export const Round = z.object({ stops: z.array(RoundStop) })
export type Round = z.output<typeof Round>

export const JobParams = z.object({ ruleId: z.string().regex(/^[a-z][a-z0-9:-]{0,60}$/), dueOn: CivilDate })
