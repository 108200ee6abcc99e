import { DATE_ORDERS, DECIMAL_MARKS, MOMENTS, PLAIN_USES, READING_QUANTITIES, type ColumnUse } from '@jovrin/core'
import { z } from 'zod'
import { CivilDate, Instant, TimeZone } from './dates.js'
import { JobRecordSchema, JournalRecordSchema, SettingChangeSchema } from './journal.js'
import { LeversSchema } from './levers.js'
import { SETTINGS_MOST } from './limits.js'
import { EditSchema, PlanSchema } from './plan.js'
import { PlantNote } from './species/plantNote.js'
import { TankId } from './tank.js'
import { WorkId } from './work.js'

export const TANK_FILE_FORMAT = 4

/** A revision as a file holds it: the whole plan, or what changed in it since the revision before. */
const FiledRevision = z
  .strictObject({
    revision: z.int().min(1),
    createdAt: Instant,
    effectiveOn: CivilDate.nullable(),
    plan: PlanSchema.optional(),
    edits: z.array(EditSchema).max(20_000).optional(),
    act: z.enum(['edit', 'undo', 'redo']),
    ofRevision: z.int().min(1).nullable(),
  })
  .refine(({ plan, edits }) => (plan === undefined) !== (edits === undefined), { error: 'plan_or_edits', path: ['plan'] })
export type FiledRevision = z.output<typeof FiledRevision>
const distinct = (list: readonly string[]): boolean => new Set(list).size === list.length

/** One tank with all that is known of it, as a file. Photos are named by hash; their pictures travel in a backup. */
export const TankFile = z.strictObject({
  format: z.literal('jovrin-tank'),
  formatVersion: z.int().min(1).max(TANK_FILE_FORMAT),
  writtenAt: Instant,
  writtenBy: z.string().max(40),
  tank: z.strictObject({ id: TankId, createdAt: Instant }),
  revisions: z
    .array(FiledRevision)
    .min(1)
    .max(200_000)
    .refine((list) => list.every((entry, index) => entry.revision === index + 1), { error: 'revisions_order' }),
  settings: z
    .array(SettingChangeSchema)
    .max(SETTINGS_MOST)
    .refine((list) => distinct(list.map(({ id }) => id)), { error: 'duplicate_id' }),
  levers: LeversSchema,
  journal: z
    .array(JournalRecordSchema)
    .max(500_000)
    .refine((list) => distinct(list.map(({ id }) => id)), { error: 'duplicate_id' }),
  jobs: z
    .array(JobRecordSchema)
    .max(200_000)
    .refine((list) => distinct(list.map(({ ruleId, dueOn }) => `${ruleId} ${dueOn}`)), { error: 'duplicate_id' }),
  /** How plants did in this tank. Older files hold none. */
  plantNotes: z
    .array(PlantNote.omit({ tankId: true }))
    .max(20_000)
    .refine((list) => distinct(list.map(({ id }) => id)), { error: 'duplicate_id' })
    .default([]),
})
export type TankFile = z.output<typeof TankFile>
/** Looked at before anything else, so that a newer file is named as such. */
export const TankFileHead = z.looseObject({ format: z.literal('jovrin-tank'), formatVersion: z.number() })

const dryRun = z.enum(['true', 'false']).default('false')
export const ImportQuery = z.strictObject({ dryRun, as: z.enum(['same', 'copy']).default('same'), work: WorkId.optional() })
export const RowImportQuery = z.strictObject({
  dryRun,
  mapping: z.string().max(10_000),
  /** What becomes of a file with bad rows: nothing of it is kept, or all but those. */
  badRows: z.enum(['stop', 'skip']).default('stop'),
  recordedBy: z.string().max(1000).optional(),
  work: WorkId.optional(),
})
export const RestoreQuery = z.strictObject({ work: WorkId.optional() })
/** What an import of a tank did, or would do. */
export const TankImportReport = z.object({
  tankId: TankId,
  name: z.string(),
  isKept: z.boolean(),
  revisions: z.int(),
  records: z.int(),
  jobs: z.int(),
  photosMissing: z.int(),
})
export type TankImportReport = z.output<typeof TankImportReport>

const ColumnUseSchema: z.ZodType<ColumnUse> = z.discriminatedUnion('use', [
  ...PLAIN_USES.map((use) => z.strictObject({ use: z.literal(use) })),
  z.strictObject({
    use: z.literal('reading'),
    quantity: z.enum(READING_QUANTITIES),
    unit: z.string().max(20),
    moment: z.enum(MOMENTS).nullable().default(null),
  }),
] as never) // one literal each
export const RowMappingSchema = z.strictObject({
  columns: z.array(ColumnUseSchema).min(1).max(60),
  decimalMark: z.enum(DECIMAL_MARKS),
  dateOrder: z.enum(DATE_ORDERS),
  timeZone: TimeZone,
  bareUnits: z.partialRecord(z.enum(READING_QUANTITIES), z.string().max(20)).default({}),
  delimiter: z.enum([',', ';', '\t', '|']),
  hasHeader: z.boolean(),
})
export type RowMappingChoice = z.output<typeof RowMappingSchema>
/** What a file says of one quantity in one unit, values canonical: what a person looks over before it is kept. */
const ImportedColumn = z.object({
  quantity: z.enum(READING_QUANTITIES),
  unit: z.string(),
  count: z.int(),
  least: z.number(),
  middle: z.number(),
  most: z.number(),
  /** Readings outside what is usual of most tanks. */
  unlikely: z.int(),
})
/** Rows read, refused and already here; nothing is kept unless every row is good, or bad ones are to be left out. */
export const RowImportReport = z.object({
  isKept: z.boolean(),
  rows: z.int(),
  accepted: z.int(),
  alreadyHere: z.int(),
  refused: z.array(z.object({ line: z.int(), detail: z.string() })),
  refusedInAll: z.int(),
  inFuture: z.int(),
  columns: z.array(ImportedColumn),
  preview: z.array(
    z.object({ line: z.int(), at: z.string(), quantity: z.enum(READING_QUANTITIES), value: z.number(), qualifier: z.string() }),
  ),
})
export type RowImportReport = z.output<typeof RowImportReport>

export const RestoreReport = z.object({ tanks: z.int(), records: z.int(), photos: z.int(), keptOld: z.string() })
export type RestoreReport = z.output<typeof RestoreReport>
export const BackupManifest = z.strictObject({
  format: z.literal('jovrin-backup'),
  formatVersion: z.literal(1),
  writtenAt: z.iso.datetime(),
  version: z.string().max(40),
  migrations: z.array(z.string().max(80)).max(1000),
  files: z.record(z.string().max(200), z.strictObject({ sha256: z.string().regex(/^[0-9a-f]{64}$/), bytes: z.int().min(0) })),
})
export type BackupManifest = z.output<typeof BackupManifest>
