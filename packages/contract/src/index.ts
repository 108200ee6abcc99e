export { SessionReport, SignIn } from './access.js'
export { CivilDate, FIRST_DATE, Instant, LAST_DATE, TimeZone } from './dates.js'
export { ForecastRequest, ForecastResponse } from './forecast.js'
export { GasSummary, gasSummaryOf, TankCondition } from './condition.js'
export { JobList, JobParams, JobsQuery, ListedJobSchema, Round, RoundStop } from './job.js'
export {
  DeedsSchema,
  FieldPast,
  JobRecordSchema,
  JournalEntry,
  JournalPage,
  JournalQuery,
  JournalRecordSchema,
  KitSchema,
  ReadingSchema,
  ReadingSeries,
  RecordedBy,
  RecordId,
  SeriesQuery,
  SettingChangeSchema,
  StoredPhoto,
} from './journal.js'
export { LEVER_RANGE, leversOf, LeversSchema } from './levers.js'
export {
  BACKUP_MOST_BYTES,
  NAME_MOST,
  NOTE_MOST,
  PICTURE_MOST_BYTES,
  READINGS_MOST_BYTES,
  READINGS_MOST_ROWS,
  SETTINGS_MOST,
  TANK_FILE_MOST_BYTES,
  UNREADABLE_TOLD,
} from './limits.js'
export { FILE_SCHEMA_NAMES, fileSchema, inputsJsonSchema, openApi } from './openapi.js'
export { PLAN_PARTS, PlanSchema } from './plan.js'
export { schemaAt } from './planPath.js'
export { ProductId, ProductSchema } from './product.js'
export { QuantitiesSchema, QuantitySchema } from './quantity.js'
export { Problem } from './problem.js'
export { sentenceOf } from './sentences.js'
export { ArchivedTank, NewTank, PlanRevision, PutPlanQuery, TankEntry, SettingList, TankId, Timeline } from './tank.js'
export {
  BackupManifest,
  type FiledRevision,
  ImportQuery,
  RestoreQuery,
  RestoreReport,
  RowImportQuery,
  RowImportReport,
  RowMappingSchema,
  TANK_FILE_FORMAT,
  TankFile,
  TankFileHead,
  TankImportReport,
  type RowMappingChoice,
} from './tankFile.js'
export { enShoppingGroup, enShoppingLine, enSundry } from './text/en/budget.js'
export { enFedBy, enFeeder, enGrowth, enLead, enStrandTitle, enSupply } from './text/en/ecosystem.js'
export { enSalt, enSchool } from './text/en/feed.js'
export { enChoice, enField, enPart, enQuestion, type FieldPath } from './text/en/field.js'
export { enByPlan, enDiffuser, enGasAdvice, enGasControl, enGasDoubt, enGasMoment, enGasSource, enGasVerdict } from './text/en/gas.js'
export { enGroundKind, enGroundMethod, enLayingStep, enZonePurpose } from './text/en/ground.js'
export { enFixing, enMaterial } from './text/en/hardscape.js'
export { enTrial, enTrialEffect } from './text/en/trial.js'
export { enLayout, enPace, enSupplyLevel, enSupplyLevelWhat, enViewSide, enWish } from './text/en/intent.js'
export { enAnimalState, enIndicatorColour, enMoment, enOutletState, enReadingQuantity, enRecordKind, enSign } from './text/en/journal.js'
export { enPlanSheet } from './text/en/plan.js'
export { enDensity, enPlantKind } from './text/en/planting.js'
export { enDimension, enFigure, enNumber } from './text/en/quantity.js'
export { enRefusal } from './text/en/refusal.js'
export { enRefused } from './text/en/refused.js'
export { enCalendarFile, enJobOrder, enJobTask, enJobTitle } from './text/en/routine.js'
export { enFinding, enMend } from './text/en/safety.js'
export { enRowFault, enSampleProduct, enStart } from './text/en/server.js'
export { enLane, enNotNormal, enPreparation, enProgramme } from './text/en/startup.js'
export { enApart } from './text/en/apart.js'
export { enFilterMedia, enFilterState, enFloor, enStandRest, enSurface, enTop } from './text/en/tank.js'
export { enDisinfectant } from './text/en/water.js'
export { enWorkingTitle } from './text/en/workingTitle.js'
export { enOneOf, enSumTerm, enSumTitle } from './text/en/sum.js'
export { enDates } from './text/en/dates.js'
export { enAnswers } from './text/en/places/answers.js'
export { enApp, enDevice, enNav, enOutbox, enSignIn } from './text/en/places/app.js'
export { enBalance } from './text/en/places/balance.js'
export { enCare } from './text/en/places/calendar.js'
export { enDescribe } from './text/en/places/describe.js'
export { enEmergency } from './text/en/places/emergency.js'
export { enCompare, enGround } from './text/en/places/ground.js'
export { enOutline } from './text/en/places/outline.js'
export { enHardscape } from './text/en/places/hardscape.js'
export { enIntent } from './text/en/places/intent.js'
export { enJournal } from './text/en/places/journal.js'
export { enKit } from './text/en/places/kit.js'
export { enLibrary } from './text/en/places/library.js'
export { enPlan } from './text/en/places/plan.js'
export { enBuild } from './text/en/places/programme.js'
export { enSettings } from './text/en/places/settings.js'
export { enShelf } from './text/en/places/shelf.js'
export { enShopping } from './text/en/places/shopping.js'
export { enToday } from './text/en/places/today.js'
export { enVessel } from './text/en/places/vessel.js'
export { enWorkings } from './text/en/places/workings.js'
export { cutText } from './text/cut.js'
export { counted, formFor, listed, nameIn, type Forms } from './text/plural.js'
export { decimalsIn, moneyIn, significantIn } from './text/numbers.js'
export { inUnits, say, tell, type Reader, type Sentence } from './text/tell.js'
export { Unreadable, UnreadableQuery } from './unreadable.js'
export { WorkId, WorkProgress } from './work.js'
export { inputsSchema, WorkedResponse } from './working.js'
