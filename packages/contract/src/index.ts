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
  Reason,
  RecordedBy,
  RecordId,
  SeriesQuery,
  SettingChangeSchema,
  StoredPhoto,
} from './journal.js'
export { LEVER_RANGE, leversOf, LeversSchema } from './levers.js'
export { GasFitRequest, GasFitResponse } from './gasFit.js'
export { RecipeRequest, RecipeResponse } from './recipe.js'
export { LightFieldRequest, LightFieldResponse } from './lightField.js'
export {
  BACKUP_MOST_BYTES,
  NAME_MOST,
  NOTE_MOST,
  PICTURE_MOST_BYTES,
  PLANT_FILE_MOST_BYTES,
  PLANT_FILE_MOST_ROWS,
  REASON_MOST,
  READINGS_MOST_BYTES,
  READINGS_MOST_ROWS,
  SETTINGS_MOST,
  TANK_ALBUM_MOST_BYTES,
  TANK_FILE_MOST_BYTES,
  UNREADABLE_TOLD,
} from './limits.js'
export { openApi } from './openapi/document.js'
export { FILE_SCHEMA_NAMES, fileSchema, inputsJsonSchema } from './openapi/fileSchemas.js'
export { AbsenceSchema, PLAN_PARTS, PlanSchema } from './plan.js'
export { schemaAt } from './planPath.js'
export { ProductId, ProductSchema } from './product.js'
export { QuantitiesSchema, QuantitySchema } from './quantity.js'
export { Problem } from './problem.js'
export { sentenceOf } from './sentences.js'
export {
  PLANT_FILE_FORMAT,
  PLANT_NAME_MOST,
  PlantFile,
  PlantImport,
  PlantImportQuery,
  PlantImportReport,
  PlantRowSchema,
  PlantSpeciesSchema,
  SPECIES_GROUPS,
  SpeciesExportQuery,
  SpeciesId,
  SpeciesQuery,
} from './species/plantSchemas.js'
export { OUTCOMES, PlantNote } from './species/plantNote.js'
export {
  columnsOf,
  idOfName,
  PLANT_COLUMNS,
  readPlantRow,
  writePlantRow,
  type PlantRowFault,
  type ReadPlantRow,
} from './species/plantTable.js'
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
export { shoppingGroupWords, shoppingLineWords, sundryWords } from './text/en/budget.js'
export { feederWords, flagWords, growthWords, leadWords, strandTitleWords, supplyWords } from './text/en/ecosystem.js'
export { feedSignWords, labelWords, nutrientWords, saltWords, schoolWords, weekdayWords } from './text/en/feed.js'
export { choiceWords, fieldWords, partWords, questionWords, type FieldPath } from './text/en/field.js'
export {
  gasWords,
  diffuserWords,
  regulatorWords,
  gasAdviceWords,
  gasControlWords,
  gasDoubtWords,
  gasMomentWords,
  gasSourceWords,
  gasVerdictWords,
} from './text/en/gas.js'
export { groundKindWords, groundMethodWords, layingStepWords, zonePurposeWords } from './text/en/ground.js'
export { fixingWords, materialWords } from './text/en/hardscape.js'
export { trialWords, trialEffectWords } from './text/en/trial.js'
export {
  layoutWords,
  paceWords,
  supplyLevelWords,
  supplyLevelWhatWords,
  templateWords,
  viewSideWords,
  wishWords,
} from './text/en/intent.js'
export {
  animalStateWords,
  indicatorColourWords,
  momentWords,
  outletStateWords,
  plantCountWords,
  plantDeedWords,
  raisedWords,
  readingQuantityWords,
  recordKindWords,
  signWords,
} from './text/en/journal.js'
export { planSheetWords, supplySheetWords } from './text/en/plan.js'
export { doubtfulWords, standingAspectWords, standingWords, verdictWords } from './text/en/standing.js'
export {
  assumedWords,
  confidenceWords,
  growthClassWords,
  lightClassWords,
  nameStandingWords,
  NAMES_AS_OF,
  plantClassWords,
  plantFormWords,
  plantPlaceWords,
  plantRowFaultWords,
  sanityWords,
  shadeWords,
  traitWords,
} from './text/en/species.js'
export { densityWords, plantKindWords } from './text/en/planting.js'
export { dimensionWords, figureWords, numberWords } from './text/en/quantity.js'
export { refusalWords } from './text/en/refusal.js'
export { refusedWords } from './text/en/refused.js'
export { calendarFileWords, jobOrderWords, jobTaskWords, jobTitleWords } from './text/en/routine.js'
export { jobTask, portionText } from './text/jobTask.js'
export { findingWords, mendWords } from './text/en/safety.js'
export { rowFaultWords, sampleProductWords, startWords } from './text/en/server.js'
export { laneWords, startMethodWords, startupWords, preparationWords, programmeWords } from './text/en/startup.js'
export { apartWords } from './text/en/apart.js'
export { filterMediaWords, filterStateWords, floorWords, standRestWords, surfaceWords, topWords } from './text/en/tank.js'
export { cardTimerWords, cardWords, disinfectantWords, mineralWords, sourceKindWords } from './text/en/water.js'
export { workingTitleWords } from './text/en/workingTitle.js'
export { oneOfWords, sumTermWords, sumTitleWords } from './text/en/sum.js'
export { datesWords } from './text/en/dates.js'
export { draggingWords } from './text/en/dragging.js'
export { formWords } from './text/en/form.js'
export { answersWords } from './text/en/places/answers.js'
export { appWords, deviceWords, navWords, outboxWords, signInWords } from './text/en/places/app.js'
export { balanceWords } from './text/en/places/balance.js'
export { careWords } from './text/en/places/calendar.js'
export { describeWords } from './text/en/places/describe.js'
export { emergencyWords } from './text/en/places/emergency.js'
export { compareWords, groundWords } from './text/en/places/ground.js'
export { outlineWords } from './text/en/places/outline.js'
export { hardscapeWords } from './text/en/places/hardscape.js'
export { intentWords } from './text/en/places/intent.js'
export { glossaryWords, helpWords } from './text/en/glossary.js'
export { languageWords } from './text/en/places/language.js'
export { journalWords } from './text/en/places/journal.js'
export { feedSheetWords } from './text/en/places/feed.js'
export { waterSheetWords } from './text/en/places/water.js'
export { timerWords } from './text/en/places/timers.js'
export { gasSheetWords } from './text/en/places/gas.js'
export { gasKitWords } from './text/en/places/gasKit.js'
export { gasLevelWords } from './text/en/places/gasLevel.js'
export { lightWords } from './text/en/places/light.js'
export { kitWords } from './text/en/places/kit.js'
export { libraryWords } from './text/en/places/library.js'
export { speciesWords } from './text/en/places/species.js'
export { plantingWords } from './text/en/places/planting.js'
export { planWords } from './text/en/places/plan.js'
export { animalTraitWords, gateWords } from './text/en/animals.js'
export { animalsWords } from './text/en/places/animals.js'
export { AnimalSpeciesSchema } from './species/animalSchemas.js'
export { awayWords } from './text/en/places/away.js'
export { awayDangerWords } from './text/en/absence.js'
export { weatherWords } from './text/en/places/weather.js'
export { howItBeginsWords, startWeeksWords } from './text/en/places/start.js'
export { buildWords } from './text/en/places/programme.js'
export { settingsWords } from './text/en/places/settings.js'
export { shelfWords } from './text/en/places/shelf.js'
export { shoppingWords } from './text/en/places/shopping.js'
export { printingWords } from './text/en/places/printing.js'
export { todayWords } from './text/en/places/today.js'
export { vesselWords } from './text/en/places/vessel.js'
export { workingsWords } from './text/en/places/workings.js'
export { cutText } from './text/cut.js'
export { speak, translated, type Translated, type Translation } from './text/language.js'
export { counted, enumerated, formFor, listed, nameIn, type Forms } from './text/plural.js'
export { decimalsIn, moneyIn, significantIn } from './text/numbers.js'
export { inUnits, say, tell, unitTold, type Reader, type Sentence } from './text/tell.js'
export { Unreadable, UnreadableQuery } from './unreadable.js'
export { WorkId, WorkProgress } from './work.js'
export { inputsSchema, WorkedResponse } from './working.js'
