import { DATE_ORDERS, DECIMAL_MARKS, READING_QUANTITIES, type ColumnUse } from '@jovrin/core'
import { z } from 'zod'
import { JobRecordSchema, JournalRecordSchema, SettingChangeSchema } from './journal.js'
import { LeversSchema } from './levers.js'
import { PlanSchema } from './plan.js'
import { TankId } from './tank.js'

export const TANK_FILE_FORMAT = 1

/** One tank with all that is known of it, as a file. Photos are named by hash; their pictures travel in a backup. */
export const TankFile = z.strictObject({
  format: z.literal('jovrin-tank'),
  formatVersion: z.literal(TANK_FILE_FORMAT),
  writtenAt: z.iso.datetime(),
  writtenBy: z.string().max(40),
  tank: z.strictObject({ id: TankId, createdAt: z.iso.datetime() }),
  revisions: z
    .array(
      z.strictObject({
        revision: z.int().min(1),
        createdAt: z.iso.datetime(),
        effectiveOn: z.iso.date().nullable(),
        plan: PlanSchema,
        act: z.enum(['edit', 'undo', 'redo']),
        ofRevision: z.int().min(1).nullable(),
      }),
    )
    .min(1)
    .max(20_000)
    .refine((list) => list.every((entry, index) => entry.revision === index + 1), { error: 'revisions_order' }),
  settings: z.array(SettingChangeSchema).max(50_000),
  levers: LeversSchema,
  journal: z
    .array(JournalRecordSchema)
    .max(500_000)
    .refine((list) => new Set(list.map(({ id }) => id)).size === list.length, { error: 'duplicate_id' }),
  jobs: z
    .array(JobRecordSchema)
    .max(200_000)
    .refine((list) => new Set(list.map(({ ruleId, dueOn }) => `${ruleId} ${dueOn}`)).size === list.length, { error: 'duplicate_id' }),
})
export type TankFile = z.output<typeof TankFile>
/** Looked at before anything else, so that a newer file is named as such. */
export const TankFileHead = z.looseObject({ format: z.literal('jovrin-tank'), formatVersion: z.number() })

export const ImportQuery = z.strictObject({
  dryRun: z.enum(['true', 'false']).default('false'),
  as: z.enum(['same', 'copy']).default('same'),
})
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
  ...(['ignore', 'at', 'date', 'time', 'quantity', 'value', 'unit', 'note', 'id'] as const).map((use) =>
    z.strictObject({ use: z.literal(use) }),
  ),
  z.strictObject({ use: z.literal('reading'), quantity: z.enum(READING_QUANTITIES), unit: z.string().max(20) }),
] as never) // one literal each
export const RowMappingSchema = z.strictObject({
  columns: z.array(ColumnUseSchema).min(1).max(60),
  decimalMark: z.enum(DECIMAL_MARKS),
  dateOrder: z.enum(DATE_ORDERS),
  timeZone: z.string().max(64),
  delimiter: z.enum([',', ';', '\t', '|']),
  hasHeader: z.boolean(),
})
export type RowMappingChoice = z.output<typeof RowMappingSchema>
/** Rows read, refused and already here; nothing is kept unless every row is good. */
export const RowImportReport = z.object({
  isKept: z.boolean(),
  rows: z.int(),
  accepted: z.int(),
  alreadyHere: z.int(),
  refused: z.array(z.object({ line: z.int(), detail: z.string() })),
  refusedInAll: z.int(),
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
