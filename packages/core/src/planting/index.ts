export { placeOfSpot, sharesOnPiece, spotsOf, type LaidSpot, type SpotPlace } from './spotsOf.js'
export { addSpot, plantOnSpot, removeSpot, withSpot } from './spotEdits.js'
export { heightCmAtAge } from './height.js'
export { addBed, bedOf, duplicateBed, exchangePlant, mirrorBed, plantInBed, removeBed, takeOutPlant, withBed } from './bedEdits.js'
export { bedsOf, countedSpecies, type CountedSpecies, type LaidBed, type LaidPlant, type RetailKind } from './bedsOf.js'
export { mapFromShares, usualPlants } from './mapFromShares.js'
export { supplyAt } from './bedSupply.js'
export {
  mayMeetShrimps,
  HANDLINGS,
  PLANTING_ORDERS,
  plantWork,
  plantingOrder,
  type Handling,
  type PlantWork,
  type PlantingOrder,
} from './workList.js'
export { meanWeeksToClose, withSpacingTimes } from './closing.js'
export { fitTemplate, type Garden } from './fitTemplate.js'
export { LAYOUT_TEMPLATES, ROLE_PLANTS } from './templates.js'
export { TRIM_WAYS, trimOf, type TrimOfPlant, type TrimWay } from './trimPlan.js'
export { tabsByPlant, type TabPattern, type TabsOfBed } from './tabsByPlant.js'
export { asVariant, keepVariant, MOST_VARIANTS, removeVariant, renameVariant, takeVariant } from './variants.js'
export { sprayEveryMin } from './spray.js'
export { floorShares, type FloorShares } from './floorShares.js'
export { countedPlants, type CountedPlants } from './countedPlants.js'
export { mappedKinds, plannedShare } from './standOf.js'
export { FROM_COUCH, LOOKS, type Eye, type Look } from './sight/look.js'
export { seenOf, type Hider, type SeenBed } from './sight/seenOf.js'
export { boxOf, heldPlants, type BoxedPlants } from './stock/boxOf.js'
export { equalTrays, type TrayRow } from './stock/equalTrays.js'
export { offersOf, type Offer } from './stock/offersOf.js'
export { takeOrBuy, type PlacedOffer, type TakeOrBuy } from './stock/takeOrBuy.js'
export { closedShare, heightInBedCm } from './heightInBed.js'
export { placeOfBed } from './placeOfBed.js'
export { doTouch, movedApart } from './shape/apart.js'
export { bedAt } from './shape/bedAt.js'
export { bordered } from './shape/bordered.js'
export { brushCm, painted } from './shape/painted.js'
export { risingSteps } from './shape/risingSteps.js'
export { keepSymmetric, twinOf } from './shape/symmetry.js'
export { keptAreaCm2, portionsRaw, retailOf, type Retail } from './portions.js'
export { heightAfterCm, leastSupply, spacingToClose, spreadAfterCm, weeksToClose, type PlantStart } from './rise.js'
export { PLANT_GROUPS, PLANT_KIND, type PlantGroup, type PlantKindFacts } from './kinds.js'
export { type Stand } from './standOf.js'
export { lightMap, lightOfTops, PLANTS_PASS, type MapOptions, type MappedTank } from './light/lightMap.js'
export { lightOfBed, type BedLight } from './light/lightOfBeds.js'
