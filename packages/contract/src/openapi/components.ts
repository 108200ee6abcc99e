import { z } from 'zod'
import { TankCondition } from '../condition.js'
import { ForecastRequest, ForecastResponse } from '../forecast.js'
import { JobList, ListedJobSchema, Round } from '../job.js'
import {
  FieldPast,
  JobRecordSchema,
  JournalEntry,
  JournalPage,
  JournalRecordSchema,
  KitSchema,
  ReadingSeries,
  SettingChangeSchema,
  StoredPhoto,
} from '../journal.js'
import { LeversSchema } from '../levers.js'
import { PlanSchema } from '../plan.js'
import { Problem } from '../problem.js'
import { ProductSchema } from '../product.js'
import { PlantImportReport, PlantRowSchema, PlantSpeciesSchema } from '../species/plantSchemas.js'
import { SaltIdSchema } from '../salt.js'
import { PlantNote } from '../species/plantNote.js'
import { ArchivedTank, NewTank, PlanRevision, TankEntry, Timeline } from '../tank.js'
import { RestoreReport, RowImportReport, RowMappingSchema, TankFile, TankImportReport } from '../tankFile.js'
import { Unreadable } from '../unreadable.js'
import { WorkedResponse } from '../working.js'

export type Json = Record<string, unknown>

/** Schemas that have a name of their own; each stands once in the description, and is pointed at. */
const NAMED: Readonly<Record<string, z.ZodType>> = {
  ArchivedTank,
  FieldPast,
  ForecastRequest,
  ForecastResponse,
  Job: ListedJobSchema,
  JobList,
  JobRecord: JobRecordSchema,
  JournalEntry,
  JournalPage,
  JournalRecord: JournalRecordSchema,
  Kit: KitSchema,
  Levers: LeversSchema,
  NewTank,
  Plan: PlanSchema,
  PlantImportReport,
  PlantNote,
  PlantRow: PlantRowSchema,
  PlantSpecies: PlantSpeciesSchema,
  PlanRevision,
  Problem,
  Product: ProductSchema,
  ReadingMapping: RowMappingSchema,
  ReadingSeries,
  RestoreReport,
  Round,
  RowImportReport,
  SaltId: SaltIdSchema,
  SettingChange: SettingChangeSchema,
  StoredPhoto,
  Tank: TankEntry,
  TankCondition,
  TankFile,
  TankImportReport,
  Timeline,
  Unreadable,
  WorkedFigure: WorkedResponse,
}
const names = z.registry<{ id: string }>()
for (const [id, type] of Object.entries(NAMED)) names.add(type, { id })

/** Only ever sent, so that they need no second name. */
const SENT_ONLY: readonly string[] = ['FieldPast', 'ForecastRequest', 'NewTank', 'ReadingMapping']

type Io = 'input' | 'output'
/** What was pointed at so far, by the name under which it stands. */
const components = new Map<string, Json>()
const isSame = (a: Json, b: Json): boolean => JSON.stringify(a) === JSON.stringify(b)

/** A schema as the description writes it: a pointer where it has a name. What is sent may leave out more than what comes back, and then has a name of its own. */
export function schemaOf(type: z.ZodType, io: Io = 'output'): Json {
  const {
    $schema: _draft,
    $defs = {},
    ...made
  } = z.toJSONSchema(type, {
    io,
    unrepresentable: 'any',
    target: 'draft-2020-12',
    metadata: names,
  }) as Json & { $defs?: Record<string, Json> }
  const outputs = io === 'output' ? $defs : defsOf(type)
  const nameOf = (id: string): string =>
    io === 'input' && !SENT_ONLY.includes(id) && !isSame($defs[id] ?? {}, outputs[id] ?? {}) ? `${id}Input` : id
  const pointing = (value: unknown): unknown => {
    if (Array.isArray(value)) return value.map(pointing)
    if (typeof value !== 'object' || value === null) return value
    return Object.fromEntries(
      Object.entries(value).map(([key, part]) =>
        key === '$ref' && typeof part === 'string'
          ? [key, `#/components/schemas/${nameOf(part.replace('#/$defs/', ''))}`]
          : [key, pointing(part)],
      ),
    )
  }
  for (const [id, definition] of Object.entries($defs)) components.set(nameOf(id), pointing(definition) as Json)
  return pointing(made) as Json
}
const defsOf = (type: z.ZodType): Record<string, Json> =>
  (
    z.toJSONSchema(type, { io: 'output', unrepresentable: 'any', target: 'draft-2020-12', metadata: names }) as {
      $defs?: Record<string, Json>
    }
  ).$defs ?? {}

/** Everything that is pointed at, in the order of names. */
export const namedSchemas = (): Record<string, Json> => Object.fromEntries([...components].sort(([a], [b]) => a.localeCompare(b)))
