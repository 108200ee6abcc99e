export { cupboardOf, usualCupboard } from './cupboard.js'
export { dayDose, fullWeek } from './dayDose.js'
export { FEED_NUTRIENTS, NO_NUTRIENTS, NUTRIENT_DIMENSION, nutrientsBy, type FeedNutrient, type NutrientAmounts } from './nutrients.js'
export { contentOf, FEED_PARTNERS, isTrace, type ProductContent } from './products.js'
export { fullAmounts, ownAmountField, schoolAmounts, shareOf } from './schoolAmounts.js'
export { feedRecipe, weekRecipe, type FeedRecipe } from './weekRecipe.js'
export { SCHOOL } from './schools.js'
export { overdose, type OverdoseAnswer, type OverdoseLevel } from './overdose.js'
export { stockBottles, type StockBottle, type StockHazard, type WeighedSalt } from './stockBottles.js'
export {
  correctionOf,
  TESTED_NUTRIENTS,
  uptakeFromTests,
  wantedLevel,
  type Correction,
  type TestedNutrient,
  type Uptake,
  type UptakeEvent,
  type UptakeReason,
  type UptakeTest,
} from './uptake.js'
export { newWaterMgPerL, weeklyChange } from './weeklyChange.js'
