export { PARTNERS, type Partner } from './recipe/partners.js'
export { RECIPE_NUTRIENTS, saltRecipe, type Recipe, type RecipeNutrient, type SaltRecipeTask } from './recipe/saltRecipe.js'
export {
  blend,
  blendAndRemineralise,
  hardnessOfIons,
  ionsOfHardness,
  remineralise,
  type BlendTask,
  type HardTargets,
  type HardWater,
  type WaterItem,
} from './recipe/waterRecipe.js'
export { SALT_IDS, SALT_SPECIES, type SaltId, type SaltSpecies } from './salts.js'
export { cupboardOf, isUsual, plainSalt, usualCupboard } from './cupboard.js'
export { broughtByWater, dayDose, weekdayOf, type DayDose, type DayPortion } from './dayDose.js'
export { FEED_NUTRIENTS, NO_NUTRIENTS, NUTRIENT_DIMENSION, nutrientsBy, type FeedNutrient, type NutrientAmounts } from './nutrients.js'
export { contentOf, FEED_PARTNERS, isTrace, type FeedPartner, type ProductContent } from './products.js'
export { fullAmounts, FULL_SHARE, ownAmountField, schoolAmounts, shareOf } from './schoolAmounts.js'
export { feedRecipe, weekRecipe, type FeedRecipe, type RecipePortion } from './weekRecipe.js'
export { SCHOOL } from './schools.js'
export { chelateOf, CHELATE_UNTIL_PH } from './chelates.js'
export { CALM_MG_PER_L, overdose, type OverdoseAnswer, type OverdoseLevel } from './overdose.js'
export { clashOf, stockBottles, type StockBottle, type StockHazard, type WeighedSalt } from './stockBottles.js'
export {
  correctionOf,
  TESTED_NUTRIENTS,
  uptakeFromTests,
  WANTED_LEVELS,
  type Correction,
  type TestedNutrient,
  type Uptake,
  type UptakeEvent,
  type UptakeReason,
  type UptakeTest,
} from './uptake.js'
