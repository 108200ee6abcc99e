import {
  ANIMAL_STATES,
  FEED_NUTRIENTS,
  INDICATOR_COLOURS,
  MOMENTS,
  OUTLET_STATES,
  PLANT_COUNTS,
  PLANT_DEEDS,
  PLANT_KINDS,
  QUALIFIERS,
  QUANTITY,
  RAISED,
  READING_QUANTITIES,
  RECORD_KINDS,
  SIGNS,
  type Act,
  type Deeds,
  type FeedNutrient,
  type JobRecord,
  type JournalRecord,
  type Kit,
  type SettingChange,
} from '@jovrin/core'
import { z } from 'zod'
import { SaltIdSchema } from './salt.js'
import { CivilDate, Instant } from './dates.js'
import { NAME_MOST, NOTE_MOST, REASON_MOST, SETTINGS_MOST } from './limits.js'
import { schemaAt } from './planPath.js'

export const RecordId = z.uuidv7()
/** Who logged it: a name given to a device. */
export const RecordedBy = z.string().trim().min(1).max(NAME_MOST).nullable()
const text = (max: number) => z.string().trim().min(1).max(max)
/** Why something was done, left out or changed. */
export const Reason = text(REASON_MOST)
const common = { id: RecordId, at: Instant, recordedBy: RecordedBy, note: text(NOTE_MOST).nullable() }

export const ReadingSchema = z
  .strictObject({
    ...common,
    kind: z.literal('reading'),
    quantity: z.enum(READING_QUANTITIES),
    value: z.number(),
    qualifier: z.enum(QUALIFIERS),
    enteredText: text(40),
    enteredUnit: z.string().trim().max(20),
    basis: text(20).nullable(),
    method: text(60).nullable(),
    moment: z.enum(MOMENTS).nullable(),
    eventId: RecordId.nullable(),
  })
  .refine(({ quantity, value }) => value >= QUANTITY[quantity].range[0] && value <= QUANTITY[quantity].range[1], {
    error: 'reading_range',
    path: ['value'],
  })

export const JournalRecordSchema: z.ZodType<JournalRecord> = z.discriminatedUnion('kind', [
  ReadingSchema,
  z.strictObject({
    ...common,
    kind: z.literal('glance'),
    isAllFine: z.boolean(),
    animals: z.enum(ANIMAL_STATES).nullable(),
    indicator: z.enum(INDICATOR_COLOURS).nullable(),
    outlet: z.enum(OUTLET_STATES).nullable(),
  }),
  z
    .strictObject({
      ...common,
      kind: z.literal('dose'),
      salt: SaltIdSchema.nullable(),
      grams: z.number().min(0).max(10_000).nullable(),
      millilitres: z.number().min(0).max(100_000).nullable(),
      bottle: text(60).nullable(),
    })
    .superRefine(({ salt, grams, millilitres }, context) => {
      if (grams === null && millilitres === null)
        context.addIssue({ code: 'custom', message: 'dose_empty', path: [salt === null ? 'millilitres' : 'grams'] })
    }),
  z.strictObject({ ...common, kind: z.literal('change'), fraction: z.number().min(0).max(1), hasWiped: z.boolean() }),
  z.strictObject({
    ...common,
    kind: z.literal('trim'),
    wetG: z.number().min(0).max(100_000).nullable(),
    kinds: z.array(z.enum(PLANT_KINDS)).max(PLANT_KINDS.length),
  }),
  z
    .strictObject({
      ...common,
      kind: z.literal('plants'),
      deed: z.enum(PLANT_DEEDS),
      species: text(80).nullable(),
      plant: text(120).nullable(),
      plantKind: z.enum(PLANT_KINDS),
      count: z.number().min(0.1).max(100_000),
      countedIn: z.enum(PLANT_COUNTS),
      portions: z.number().min(0).max(1e7).nullable(),
      dryG: z.number().min(0).max(100_000).nullable(),
      raised: z.enum(RAISED),
      bed: text(40).nullable(),
      toBed: text(40).nullable(),
      heldUntil: CivilDate.nullable(),
    })
    .superRefine(({ deed, bed, toBed, heldUntil }, context) => {
      const refuse = (message: string, field: string): void => context.addIssue({ code: 'custom', message, path: [field] })
      if (toBed !== null && deed !== 'moved') refuse('moved_only', 'toBed')
      if (deed === 'moved' && bed === toBed) refuse('moved_nowhere', 'toBed')
      if (heldUntil !== null && deed !== 'arrived') refuse('arrived_only', 'heldUntil')
    }),
  z.strictObject({ ...common, kind: z.literal('death'), animal: text(80), count: z.int().min(1).max(10_000) }),
  z.strictObject({
    ...common,
    kind: z.literal('purchase'),
    what: text(120),
    cost: z.number().min(0).max(1e7).nullable(),
    currency: z
      .string()
      .regex(/^[A-Z]{3}$/)
      .nullable(),
  }),
  z.strictObject({ ...common, note: text(NOTE_MOST), kind: z.literal('note') }),
  z.strictObject({
    ...common,
    kind: z.literal('sign'),
    sign: z.enum(SIGNS),
    where: text(80).nullable(),
    amount: z.union([z.literal(1), z.literal(2), z.literal(3)]),
  }),
  z.strictObject({
    ...common,
    kind: z.literal('photo'),
    sha256: z.string().regex(/^[0-9a-f]{64}$/),
    widthPx: z.int().min(1).max(20_000),
    heightPx: z.int().min(1).max(20_000),
    spot: text(40),
  }),
])

/** A record as it is kept. `version` rises with each change and is its ETag. */
export const JournalEntry = z.object({ record: JournalRecordSchema, version: z.int(), createdAt: z.iso.datetime(), isDeleted: z.boolean() })
export type JournalEntry = z.output<typeof JournalEntry>

export const JournalQuery = z.strictObject({
  from: Instant.optional(),
  to: Instant.optional(),
  /** Comma-separated. */
  kinds: z
    .string()
    .transform((list) => list.split(','))
    .pipe(z.array(z.enum(RECORD_KINDS)))
    .optional(),
  quantity: z.enum(READING_QUANTITIES).optional(),
  /** Text that the record must hold. */
  q: z.string().max(100).optional(),
  limit: z.coerce.number().int().min(1).max(500).default(100),
  /** `cursor` of the page before. */
  before: z.string().max(80).optional(),
})
export type JournalQuery = z.output<typeof JournalQuery>
export const JournalPage = z.object({ entries: z.array(JournalEntry), cursor: z.string().nullable() })
export type JournalPage = z.output<typeof JournalPage>

/** Checked at once, not one by one: a series may have a hundred thousand. */
const Numbers = z
  .custom<number[]>((list) => Array.isArray(list) && list.every((value) => Number.isFinite(value)))
  .meta({ type: 'array', items: { type: 'number' } })

/** Readings in columns, oldest first: small and quick for charts of many thousands. */
export const ReadingSeries = z.object({
  quantity: z.enum(READING_QUANTITIES),
  /** Milliseconds since 1970. */
  at: Numbers,
  value: Numbers,
  /** One character a reading. */
  qualifier: z.string(),
})
export type ReadingSeries = z.output<typeof ReadingSeries>
export const SeriesQuery = z.strictObject({ quantity: z.enum(READING_QUANTITIES) })

export const JobRecordSchema: z.ZodType<JobRecord> = z
  .strictObject({
    ruleId: z.string().regex(/^[a-z][a-z0-9:-]{0,60}$/),
    dueOn: CivilDate,
    state: z.enum(['done', 'skipped', 'moved']),
    movedTo: CivilDate.nullable(),
    reason: Reason.nullable(),
    at: Instant,
    recordedBy: RecordedBy,
  })
  .refine(({ state, movedTo }) => (state === 'moved') === (movedTo !== null), { error: 'moved_where', path: ['movedTo'] })

/** One field of the plan by date. The place must be one that a plan has, and both values what may stand there. */
export const SettingChangeSchema: z.ZodType<SettingChange> = z
  .strictObject({
    id: RecordId,
    effectiveOn: CivilDate,
    path: z.string().max(200),
    from: z.unknown(),
    to: z.unknown(),
    planRevision: z.int().min(1),
    why: Reason.nullable(),
  })
  .superRefine(({ path, from, to }, context) => {
    const schema = schemaAt(path)
    if (schema === null) return context.addIssue({ code: 'custom', message: 'no_such_field', path: ['path'] })
    for (const [key, value] of Object.entries({ from, to }))
      for (const issue of schema.safeParse(value).error?.issues ?? []) context.addIssue({ ...issue, path: [key, ...issue.path] })
  })

/** The whole past of one field, in the place of what was known of it: its first value, and each later one with its day. The last is the one that the plan holds. */
export const FieldPast = z
  .strictObject({
    path: z.string().max(200),
    first: z.unknown(),
    steps: z.array(z.strictObject({ effectiveOn: CivilDate, to: z.unknown(), why: Reason.nullable() })).max(1000),
    /** Ids of all changes of the field that were seen: somebody else's are not overwritten. */
    replaces: z.array(RecordId).max(SETTINGS_MOST),
  })
  .superRefine(({ path, first, steps }, context) => {
    const schema = schemaAt(path)
    if (schema === null) return context.addIssue({ code: 'custom', message: 'no_such_field', path: ['path'] })
    const look = (value: unknown, at: (string | number)[]): void => {
      for (const issue of schema.safeParse(value).error?.issues ?? []) context.addIssue({ ...issue, path: [...at, ...issue.path] })
    }
    look(first, ['first'])
    steps.forEach(({ to, effectiveOn }, index) => {
      look(to, ['steps', index, 'to'])
      if (index > 0 && effectiveOn <= (steps[index - 1]?.effectiveOn ?? ''))
        context.addIssue({ code: 'custom', message: 'steps_order', path: ['steps', index, 'effectiveOn'] })
    })
  })
export type FieldPast = z.output<typeof FieldPast>

const day = z.int()
const minute = z.int().min(0).max(1439)
const ActSchema: z.ZodType<Act> = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('change'), day, minute, fraction: z.number(), hasWiped: z.boolean() }),
  z.object({ kind: z.literal('dose'), day, minute, salt: SaltIdSchema, grams: z.number() }),
  z.object({
    kind: z.literal('pour'),
    day,
    minute,
    nutrientsMg: z.object(
      Object.fromEntries(FEED_NUTRIENTS.map((nutrient) => [nutrient, z.number()])) as Record<FeedNutrient, z.ZodNumber>,
    ), // one entry a nutrient
  }),
  z.object({ kind: z.literal('trim'), day, minute, wetG: z.number().nullable(), kinds: z.array(z.enum(PLANT_KINDS)) }),
  z.object({
    kind: z.literal('plant'),
    day,
    minute,
    plantKind: z.enum(PLANT_KINDS),
    dryG: z.number(),
    airShare: z.number(),
    isOnOwnGround: z.boolean(),
  }),
  z.object({ kind: z.literal('uproot'), day, minute, plantKind: z.enum(PLANT_KINDS), share: z.number() }),
])
export const DeedsSchema: z.ZodType<Deeds> = z.object({
  acts: z.array(ActSchema),
  omitted: z.array(z.object({ what: z.enum(['change', 'trim', 'dose']), day })),
})

export const KitSchema: z.ZodType<Kit> = z.strictObject({
  quantity: z.enum(READING_QUANTITIES),
  name: text(60).nullable(),
  unit: z.string().max(20),
  step: z.number().min(0).max(1000).nullable(),
  lowest: z.number().min(0).max(10_000).nullable(),
  expiresOn: CivilDate.nullable(),
})

/** What an upload of a picture gave: the file that is kept, and when it was taken where the camera said so. */
export const StoredPhoto = z.object({ sha256: z.string(), widthPx: z.int(), heightPx: z.int(), takenAt: z.iso.datetime().nullable() })
export type StoredPhoto = z.output<typeof StoredPhoto>
