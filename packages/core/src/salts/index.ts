export { PARTNERS, type Partner } from './partners.js'
export { RECIPE_NUTRIENTS, saltRecipe, type Recipe, type RecipeNutrient } from './saltRecipe.js'
export { blend, blendAndRemineralise, remineralise } from './waterRecipe.js'
export { SALT_IDS, SALT_SPECIES, type SaltId, type SaltSpecies } from './salts.js'
