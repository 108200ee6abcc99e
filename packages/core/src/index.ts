// The only door of the package, sorted by folder.
export { SALT_IDS, SALT_SPECIES, type SaltId, type SaltSpecies } from './feed/salts.js'
export { dailySalts, type SaltDose } from './feed/schoolDoses.js'
export { SCHOOL } from './feed/schools.js'
export { GROUND, type GroundProperties } from './ground/kinds.js'
export { bagsOf } from './ground/layer.js'
export { GROUND_METHODS, METHOD, methodLayers, type GroundMethod, type MethodFacts } from './ground/compare.js'
export { cutGround, type CutSpan } from './ground/cut.js'
export { groundHeightCm, layerTopsCm, surfaceCm, zoneAt, type GroundPlan, type LaidLayer, type LaidZone } from './ground/groundPlan.js'
export { groundNeeds, layingOrder, type GroundNeed, type LayingStep } from './ground/layering.js'
export { SAMPLE_PRODUCTS, type Product } from './ground/products.js'
export { tabCost, tabGrid, tabRing } from './ground/rootTabs.js'
export { compositionOf, GOLDEN, SIZE_STEP, type Composition } from './hardscape/composition.js'
export { FIXING_TIME, MATERIAL } from './hardscape/materials.js'
export { buoyancyOf, glassPressureKPa, pieceMassKg, plainProfile, type PlacedPiece } from './hardscape/piece.js'
export { dailyLightMolPerM2 } from './light/dailyLight.js'
export { lightDayTable, openDayTable } from './light/dayTable.js'
export {
  lineOf,
  MOST_CORNERS,
  mendOutline,
  outlineFault,
  type MendedOutline,
  type OutlineFault,
  type OutlineMend,
} from './numeric/outline.js'
export { randomOf, type Random } from './numeric/random.js'
export { clipToFloor, splitByLine, thinned } from './numeric/reshape.js'
export {
  areaCm2,
  boundsOf,
  centreOf,
  distanceCm,
  doBoundsMeet,
  isInside,
  isSimple,
  signedAreaCm2,
  type Bounds,
  type Ring,
  type Spot,
} from './numeric/ring.js'
export { quantileOfSorted } from './numeric/statistics.js'
export {
  civilDate,
  clockOf,
  DAY_MIN,
  datePlusDays,
  daysBetween,
  instantOf,
  instantOfIso,
  isCivilDate,
  minutesOf,
  timeOfDayMin,
  wallClock,
} from './plan/clock.js'
export { entryAt, planAt } from './plan/timelineAt.js'
export { datedPlans } from './plan/datedPlans.js'
export { usedSettings, type UsedSetting } from './plan/usedSettings.js'
export { applyEdits, diff, invert, keysOf, valueAt, withValue, type Edit } from './plan/edit.js'
export {
  CHOICE_FIELDS,
  fieldPathOf,
  isNumberPath,
  longestRampMin,
  NUMBER_FIELDS,
  numberField,
  type Assumption,
  type ChoiceField,
  type ChoicePath,
  type Described,
  type FlagPath,
  type NumberField,
  type NumberPath,
  type ValueAt,
} from './plan/fields.js'
export { uuidV7, type NewId } from './plan/id.js'
export { holdsTogether, PLAN_RULES, type PlanRule } from './plan/rules.js'
export {
  ANIMAL_STATES,
  INDICATOR_COLOURS,
  MOMENTS,
  OUTLET_STATES,
  PLANT_COUNTS,
  PLANT_DEEDS,
  QUALIFIERS,
  RAISED,
  READING_QUANTITIES,
  RECORD_KINDS,
  SIGNS,
  type AnimalState,
  type IndicatorColour,
  type JobRecord,
  type JournalEvent,
  type JournalRecord,
  type Moment,
  type OutletState,
  type PlantCount,
  type PlantDeed,
  type PlantsChanged,
  type Qualifier,
  type Raised,
  type Reading,
  type ReadingQuantity,
  type RecordKind,
  type SettingChange,
  type Sign,
} from './plan/journal.js'
export {
  bySeverity,
  findingKey,
  mendWith,
  PLAN_SHEETS,
  raise,
  type Finding,
  type FindingDefinition,
  type Mend,
  type PlanSheet,
} from './plan/finding.js'
export {
  DENSITIES,
  DIFFUSERS,
  DISINFECTANTS,
  FEEDING_SCHOOLS,
  FILTER_MEDIA,
  FILTER_STATES,
  FIXINGS,
  FLOORS,
  GAS_CONTROLS,
  GROUND_KINDS,
  HARDSCAPE_MATERIALS,
  LAYOUT_KINDS,
  PACES,
  PLAN_SCHEMA_VERSION,
  PLANT_KINDS,
  STAND_RESTS,
  SURFACES,
  TAB_KINDS,
  TOPS,
  VIEW_SIDES,
  WISHES,
  ZONE_PURPOSES,
  type Barrier,
  type Bed,
  type PlantingVariant,
  type PlantSpot,
  type BedPlant,
  type Density,
  type Diffuser,
  type Extra,
  type FeedShare,
  type LayoutKind,
  type Pace,
  type FeedingSchool,
  type Filter,
  type FilterState,
  type Fixing,
  type GasControl,
  type GroundKind,
  type GroundLayer,
  type GroundProduct,
  type GroundZone,
  type HardscapeMaterial,
  type HeightPoint,
  type Outlet,
  type Piece,
  type Top,
  type StandRest,
  type Floor,
  type Disinfectant,
  type FilterMedia,
  type GasLine,
  type Lamp,
  type LightWindow,
  type Patch,
  type Plan,
  type PlanIntent,
  type PlantKind,
  type Price,
  type ProfilePoint,
  type RootTab,
  type Surface,
  type TabProduct,
  type TimelineEntry,
  type Vertex,
  type ViewSide,
  type WaterSource,
  type Wish,
  type ZonePurpose,
} from './plan/plan.js'
export { newPlan } from './plan/newPlan.js'
export { UNKNOWN_SOURCE, UNPLACED, UNPLANNED, UNKNOWN_LAMP, UNTUNED_LINE } from './plan/unplanned.js'
export { upgradePlan } from './plan/upgrade/upgradePlan.js'
export { upgradeSetting } from './plan/upgrade/upgradeSetting.js'
export {
  classesOf,
  CONFIDENCES,
  DATUM_SOURCES,
  SOURCE_OF,
  trustOf,
  type Confidence,
  type Datum,
  type DatumSource,
  type Trust,
} from './species/datum.js'
export {
  ancestryOf,
  ASSUMED_FROM,
  overlaid,
  plantSpecies,
  UnansweredTraitError,
  type Ancestry,
  type AssumedFrom,
  type PlantSpecies,
} from './species/plantSpecies.js'
export { sameJob, type SameJob } from './species/sameJob.js'
export {
  STANDING_ASPECTS,
  STANDING_REMARKS,
  standingOf,
  VERDICTS,
  type PlantSite,
  type Standing,
  type StandingAspect,
  type StandingCode,
  type StandingRemark,
  type Verdict,
} from './species/standing.js'
export { plantSiteOf } from './safety/plantSite.js'
export { SANITY_CODES, sanityFaults, type SanityCode, type SanityFault } from './species/sanity.js'
export { GROWTHS, LIGHT_CLASSES, RUNNER_CLASSES, type GrowthClass, type LightClass, type RunnerClass } from './species/scales.js'
export { foundByOlderName, nameIndex, plainName, searchNames, type NameIndex } from './species/search.js'
export {
  CLASS_TRAITS,
  CLASSES_TRAITS,
  FLAG_TRAITS,
  MELTS,
  NAME_STANDINGS,
  PLANT_FORMS,
  PLANT_PLACES,
  PLANT_TRAITS,
  RANGE_TRAITS,
  SHADES,
  type ClassesTrait,
  type ClassTrait,
  type Colouring,
  type Ease,
  type FlagTrait,
  type LeafOutline,
  type LegalStanding,
  type LightNeed,
  type Melt,
  type MeltOfStart,
  type NameStanding,
  type PlantForm,
  type PlantPlace,
  type PlantRow,
  type PlantTrait,
  type PlantTraits,
  type RangeTrait,
  type SaidTraits,
  type Shade,
  type TemperatureNeed,
} from './species/traits.js'
export { placeOfSpot, sharesOnPiece, spotsOf, type LaidSpot, type SpotPlace } from './planting/spotsOf.js'
export { addSpot, plantOnSpot, removeSpot, withSpot } from './planting/spotEdits.js'
export { heightCmAtAge } from './planting/height.js'
export { addBed, bedOf, duplicateBed, exchangePlant, mirrorBed, plantInBed, removeBed, takeOutPlant, withBed } from './planting/bedEdits.js'
export { bedsOf, countedSpecies, type CountedSpecies, type LaidBed, type LaidPlant, type RetailKind } from './planting/bedsOf.js'
export { mapFromShares, usualPlants } from './planting/mapFromShares.js'
export { supplyAt } from './planting/bedSupply.js'
export {
  mayMeetShrimps,
  HANDLINGS,
  PLANTING_ORDERS,
  plantWork,
  plantingOrder,
  type Handling,
  type PlantWork,
  type PlantingOrder,
} from './planting/workList.js'
export { meanWeeksToClose, withSpacingTimes } from './planting/closing.js'
export { fitTemplate, type Garden } from './planting/fitTemplate.js'
export { LAYOUT_TEMPLATES, ROLE_PLANTS } from './planting/templates.js'
export { TRIM_WAYS, trimOf, type TrimOfPlant, type TrimWay } from './planting/trimPlan.js'
export { tabsByPlant, type TabPattern, type TabsOfBed } from './planting/tabsByPlant.js'
export { asVariant, keepVariant, MOST_VARIANTS, removeVariant, renameVariant, takeVariant } from './planting/variants.js'
export { sprayEveryMin } from './planting/spray.js'
export { floorShares, type FloorShares } from './planting/floorShares.js'
export { countedPlants, type CountedPlants } from './planting/countedPlants.js'
export { mappedKinds, plannedShare } from './planting/standOf.js'
export { FROM_COUCH, LOOKS, type Eye, type Look } from './planting/sight/look.js'
export { seenOf, type Hider, type SeenBed } from './planting/sight/seenOf.js'
export { boxOf, heldPlants, type BoxedPlants } from './planting/stock/boxOf.js'
export { equalTrays, type TrayRow } from './planting/stock/equalTrays.js'
export { offersOf, type Offer } from './planting/stock/offersOf.js'
export { takeOrBuy, type PlacedOffer, type TakeOrBuy } from './planting/stock/takeOrBuy.js'
export { closedShare, heightInBedCm } from './planting/heightInBed.js'
export { placeOfBed } from './planting/placeOfBed.js'
export { doTouch, movedApart } from './planting/shape/apart.js'
export { bedAt } from './planting/shape/bedAt.js'
export { bordered } from './planting/shape/bordered.js'
export { brushCm, painted } from './planting/shape/painted.js'
export { risingSteps } from './planting/shape/risingSteps.js'
export { keepSymmetric, twinOf } from './planting/shape/symmetry.js'
export { keptAreaCm2, portionsRaw, retailOf, type Retail } from './planting/portions.js'
export { heightAfterCm, leastSupply, spacingToClose, spreadAfterCm, weeksToClose, type PlantStart } from './planting/rise.js'
export { OutOfRangeError, requireWithin } from './quantity/outOfRange.js'
export {
  canonicalFrom,
  canonicalOfUnit,
  digitsOf,
  DIMENSIONS,
  shownIn,
  toldInUnit,
  unitIn,
  unitsOfDimension,
  type Dimension,
} from './quantity/dimensions.js'
export { readNumber, type TypedNumber } from './quantity/typedNumber.js'
export { quantities, type Dimensions, type Quantities, type Quantity, type TextsOf } from './quantity/quantity.js'
export { fromUnit, METRIC_UNITS, toUnit, UNIT_CHOICES, type ChosenDimension, type UnitOf, type UnitPreferences } from './quantity/units.js'
export {
  ContradictionError,
  work,
  type FieldDescriptor,
  type WorkedFigure,
  type Working,
  type WorkingInputs,
  type WorkingRow,
} from './quantity/working.js'
export type { OpenedSum, OpenedTerm, Provenance, Word } from './quantity/sum.js'
export { type DeadArea, deadCells, isStirred, jetHalfWidthCm } from './tank/filterFlow.js'
export { levelOf, TILT_FINE_MM_PER_M, TWIST_LIMIT_MM, type Corners, type Level } from './tank/level.js'
export { floorRemark, type FloorRemark, type Masses } from './tank/load.js'
export { USUAL_SAFETY } from './tank/pane.js'
export { co2AirEquilibriumMgPerL } from './gas/airEquilibrium.js'
export { alkalinityOfDkh, dkhOfAlkalinity, phFromCo2 } from './water/carbonate.js'
export { Answers, commonAnswers, type Draw } from './plan/answers.js'
export { dimOf, effectiveHoursOf, lightHoursOf, lightsOnMin, type AnsweredLamp } from './light/lampsOf.js'
export { gasHoursOf, hasGas, type AnsweredLine } from './gas/linesOf.js'
export { gasFactsOf, type GasFacts } from './judge/gas/facts.js'
export {
  GAS_DOUBTS,
  GAS_MOMENTS,
  GAS_SOURCES,
  type GasDoubt,
  type GasEvidence,
  type GasMoment,
  type GasSource,
  type TakenInputs,
} from './judge/gas/evidence.js'
export { GAS_EVIDENCE_MS } from './judge/gas/gather.js'
export { GAS_ANIMALS, type GasAnimals } from './gas/grade.js'
export {
  GAS_ADVICE,
  GAS_SEVERITIES,
  GAS_VERDICTS,
  judgeGas,
  type GasAdvice,
  type GasJudgement,
  type GasSeverity,
  type GasSupply,
  type GasVerdict,
} from './judge/gas/judgeGas.js'
export {
  bestTrials,
  TRIAL_MEMBERS,
  TRIAL_WEEKS,
  TRIALS,
  trialsOf,
  type MemberTrials,
  type Trial,
  type TrialCode,
  type TrialEffect,
} from './judge/tryFirst.js'
export { areAnimalsSeen } from './judge/gas/suffering.js'
export { openGasRate } from './gas/gas.sums.js'
export { LEAK_ALARM, LEAK_HARMFUL } from './gas/leak.js'
export { openLeak } from './gas/leak.sums.js'
export { PLANT_GROUPS, PLANT_KIND, type PlantGroup, type PlantKindFacts } from './planting/kinds.js'
export { type WeighedPiece } from './hardscape/piecesOf.js'
export { type Stand } from './planting/standOf.js'
export { filterOf, USUAL_SURFACE, type AnsweredFilter } from './tank/flowOf.js'
export {
  AMPLE,
  bandOf,
  changeBand,
  changeShares,
  leadOf,
  algaeFedBy,
  growthOf,
  typicalDay,
  WIPE_MOST_DAYS,
  limitsByKind,
  ratioBand,
  type Arm,
  type Band,
  type Growth,
  type Hold,
  type KindLimit,
  type Lead,
  type LeadWord,
} from './ecosystem/balance.js'
export { CARE_MIN, compile, type Compiled, type CompileOptions } from './ecosystem/compile.js'
export { DAY, DAY_STRIDE } from './ecosystem/daySeries.js'
export { NO_DEEDS, type Act, type Deeds } from './ecosystem/deeds.js'
export { drawParameters } from './ecosystem/drawParameters.js'
export { type CheckpointStore } from './ecosystem/checkpoints.js'
export { flagsOf, isOfGas, type Flag } from './ecosystem/flags.js'
export { gasAnimalsAt, hasAnimalsAt } from './livestock/presence.js'
export {
  forecastMember,
  leveredTimeline,
  stateToday,
  type ArmResult,
  type ForecastOptions,
  type MemberResult,
  type MemberCache,
} from './ecosystem/forecast.js'
export { applyLevers, isAtRest, type Levers } from './ecosystem/levers.js'
export { DEFAULT_PARAMETERS } from './ecosystem/parameters.js'
export { PUBLIC_SERIES, publicForecast, type PublicForecast, type PublicForecastOptions } from './ecosystem/publicForecast.js'
export { MODEL_VERSION, simulate, type DayCurve, type Run } from './ecosystem/simulate.js'
export { ALGAE_GUILDS, STATE_SIZE, type AlgaeGuild, type Feeder } from './ecosystem/state.js'
export { warmUp } from './ecosystem/warmUp.js'
export { tankFigures, type TankFigures } from './ecosystem/tankFigures.js'
export { STRANDS, SUPPLIES, WEEK_STRIDE, weekColumn, type Strand, type Supply, type WeekColumn } from './ecosystem/weekSummary.js'
export {
  backwardCalendar,
  firstFillL,
  laterPlanting,
  LONG_DAY_H,
  OFTEN_FORGOTTEN,
  plantingWork,
  waterLogistics,
  type Forgotten,
  type Preparation,
  type WaterLogistics,
} from './startup/backward.js'
export { PREPARATIONS, type PreparationCode } from './startup/preparations.js'
export { animalsAllowedFromDay } from './startup/animalsAllowed.js'
export { OUTLOOK_ASPECTS, outlookAspects, standOutlook, type OutlookAspect, type OutlookOfWeek } from './startup/standOutlook.js'
export { startDensity, type StartDensity } from './startup/startDensity.js'
export { withLight, type LightSetting, type LightStep, type StepPutOff } from './startup/lightSteps.js'
export { programmed, type ProgrammedLife } from './startup/programmed.js'
export { PROGRAMME_DAYS } from './startup/programmeDays.js'
export { PROGRAMME_STEPS, stepsOn, wetStartProgramme, type ProgrammeCode, type ProgrammeStep } from './startup/programme.js'
export {
  judgeNitrogen,
  NITROGEN_DANGERS,
  nitrogenClearAt,
  READINESS,
  UNIONISED_HARM,
  UNIONISED_TROUBLE,
  type NitrogenDanger,
  type NitrogenFacts,
  type NitrogenJudgement,
  type Readiness,
} from './judge/judgeNitrogen.js'
export { attentionOf, ATTENTIONS, type Attention } from './judge/attention.js'
export { workMinutes } from './routine/minutes.js'
export { type DoseKey } from './routine/careRules.js'
export { isPreparation, JOB_KINDS, type JobKind, type JobValues } from './routine/jobKinds.js'
export { jobsBetween, minutesPerWeek, type Job, type Schedule } from './routine/jobs.js'
export { listJobs, openToday, type JobState, type ListedJob } from './routine/listJobs.js'
export { preparationJobs } from './routine/preparationJobs.js'
export { bareUnit, guessColumn, readingColumn } from './journal/guessColumn.js'
export { againstForecast, type Fit, type FitSide } from './judge/againstForecast.js'
export { lightPutOffOf } from './journal/lightPutOff.js'
export { deedsOf } from './journal/deedsOf.js'
export { canonicalOf, enteredValue, readTyped, unitsOf, type EntryFault } from './journal/entry.js'
export {
  hindcastBand,
  hindcastMember,
  isModelled,
  MODELLED_QUANTITIES,
  type HindcastBand,
  type HindcastOptions,
  type MemberHindcast,
  type ModelledQuantity,
} from './journal/hindcast.js'
export {
  DATE_ORDERS,
  DECIMAL_MARKS,
  guarded,
  lineEndsIn,
  PLAIN_USES,
  readRow,
  unguarded,
  type ColumnUse,
  type ImportedReading,
  type RefusedRow,
  type RowFault,
  type RowMapping,
} from './journal/importRows.js'
export { CO2_OF_COLOUR, USUAL_KITS, type Kit } from './journal/kits.js'
export { QUANTITY, type QuantityFacts } from './journal/quantities.js'
export { compareGrounds, withMethod, type GroundComparison } from './budget/compareGrounds.js'
export { gasBySurface, type SurfaceGas } from './budget/gasBySurface.js'
export { neededHeaterW, usualHeaterW } from './tank/climateLoad.js'
export { evaporationOf, openEvaporation, openFill, openGross, openPane } from './tank/vessel.sums.js'
export { openDeadShare, openRealFlow, openReach, openTurnover } from './tank/flow.sums.js'
export { openCooler, openHeater } from './tank/heat.sums.js'
export { monthlyCost, runningParts, USUAL_RATE, type Rate, type RunningPart } from './budget/running.js'
export {
  columnTotals,
  priceOf,
  shoppingList,
  SHOPPING_GROUPS,
  SHOPPING_LINES,
  USUAL_SPLIT,
  type ColumnTotal,
  type ShoppingGroup,
  type ShoppingItem,
  type ShoppingLine,
} from './budget/shopping.js'
export { openSurfaceGas } from './budget/gasBySurface.sums.js'
export { openMonth, openRunningPart } from './budget/running.sums.js'
export {
  LEVEL,
  levelCosts,
  proposedLevel,
  type Proposal,
  type UnmetReason,
  SUPPLY_LEVELS,
  upkeepHours,
  withSupplyLevel,
  type LevelCost,
  type SupplyLevel,
} from './intent/supplyLevel.js'
export { fromTemplate, templateFacts, TEMPLATES, type Template } from './intent/templates.js'
export { openUpkeep } from './intent/upkeep.sums.js'
export { FINDINGS, type FindingCode } from './findings.js'
export { MENDS, type MendCode } from './safety/mends.js'
export { checkTank } from './safety/checkTank.js'
export { TOOL_GAP_CM } from './safety/checkHardscape.js'
export { outletFlowsLPerH, outletReaches } from './safety/checkKit.js'
export { checkPlan } from './safety/checkPlan.js'
export { cornersOf, filledKg } from './safety/filled.js'
export { openWeights } from './safety/filled.sums.js'
export { WORKINGS } from './workings.js'
export { SUMS, type SumId, type SumTerm } from './sums.js'
export {
  addPath,
  addZone,
  duplicateZone,
  mergeZones,
  removeZone,
  reorderZone,
  ringOutline,
  splitZone,
  withEdgeBarrier,
  withEdgeLength,
  withZone,
  zoneOf,
  type MergeFault,
  type PathShape,
} from './ground/zoneEdits.js'
export { withTabs } from './ground/tabEdits.js'
export { openGroundVolume, openNeed, openPoreWater } from './ground/ground.sums.js'
export {
  addPiece,
  duplicatePiece,
  mirrored,
  placeUnplaced,
  removePiece,
  reorderPiece,
  scaled,
  turned,
  withDrawnProfile,
  withOutline,
  withPiece,
} from './hardscape/pieceEdits.js'
export { openAllWater, openDisplaced, openOpenWater } from './hardscape/water.sums.js'
export { openComposition, type CompositionRow } from './hardscape/composition.sums.js'
export { edgeMinutes, moveEdge, SNAP_MIN, type DayEdge } from './light/dayEdits.js'
export { openDailyLight, openFloorLight } from './light/light.sums.js'
