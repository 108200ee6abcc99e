import { z } from 'zod'
import { JobRecordSchema, JournalRecordSchema, SettingChangeSchema } from '../journal.js'
import { PlanSchema } from '../plan.js'
import { BackupManifest, RowMappingSchema, TankFile } from '../tankFile.js'
import type { Json } from './components.js'

/** A schema that stands alone, with everything in it. */
const whole = (type: z.ZodType, io: 'input' | 'output' = 'output'): Json =>
  z.toJSONSchema(type, { io, unrepresentable: 'any', target: 'draft-2020-12' })

export const inputsJsonSchema = (type: z.ZodType): Json => whole(type, 'input')

/** Schemas of everything that goes out and in as a file. */
const FILES: Readonly<Record<string, () => Json>> = {
  'tank-file': () => whole(TankFile),
  plan: () => whole(PlanSchema),
  'journal-record': () => whole(JournalRecordSchema),
  'job-record': () => whole(JobRecordSchema),
  'setting-change': () => whole(SettingChangeSchema),
  'reading-mapping': () => whole(RowMappingSchema, 'input'),
  'backup-manifest': () => whole(BackupManifest),
}
export const FILE_SCHEMA_NAMES = Object.keys(FILES)
/** The schema of one of them; `null` where there is no such file. */
export const fileSchema = (name: string): Json | null => (Object.hasOwn(FILES, name) ? FILES[name]!() : null)
