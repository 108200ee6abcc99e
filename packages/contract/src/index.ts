export { SessionReport, SignIn } from './access.js'
export { ForecastRequest, ForecastResponse } from './forecast.js'
export { JobList, JobParams, JobsQuery, ListedJobSchema, Round, RoundStop } from './job.js'
export {
  DeedsSchema,
  Instant,
  JobRecordSchema,
  JournalEntry,
  JournalPage,
  JournalQuery,
  JournalRecordSchema,
  KitSchema,
  ReadingSeries,
  RecordId,
  SeriesQuery,
  SettingChangeSchema,
  StoredPhoto,
} from './journal.js'
export { LEVER_RANGE, leversOf, LeversSchema } from './levers.js'
export { FILE_SCHEMAS, inputsJsonSchema, openApi } from './openapi.js'
export { PLAN_PARTS, PLAN_RANGE, PlanSchema, type PlanRange } from './plan.js'
export { ProductId, ProductSchema } from './product.js'
export { Problem } from './problem.js'
export { sentenceOf } from './sentences.js'
export { NewTank, PlanRevision, PutPlanQuery, TankEntry, SettingList, TankId, Timeline } from './tank.js'
export {
  BackupManifest,
  ImportQuery,
  RestoreReport,
  RowImportReport,
  RowMappingSchema,
  TANK_FILE_FORMAT,
  TankFile,
  TankFileHead,
  TankImportReport,
  type RowMappingChoice,
} from './tankFile.js'
export { en } from './text/en.js'
export { enPlan } from './text/en.plan.js'
export { enField } from './text/en.field.js'
export { enFinding, enMend } from './text/en.findings.js'
export { enAnswers, enCare, enProgramme, enSettings, enWorkings } from './text/en.seldom.js'
export { enRefusal } from './text/en.refusal.js'
export { enRowFault, enSampleProduct, enStart } from './text/en.server.js'
export { enWorkingTitle } from './text/en.workingTitle.js'
export { inputsSchema, WorkedResponse } from './working.js'
