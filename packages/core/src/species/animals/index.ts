export { animalSpecies, type AnimalRow } from './animalSpecies.js'
export { animalsNamed } from './find.js'
export { ALGAE_SHRIMP_TASTE } from './grazing.js'
export { ANIMALS } from './library.js'
export {
  ANIMAL_CONDITIONS,
  ANIMAL_KINDS,
  BREEDS,
  COPPER,
  COVERS,
  DIGS,
  EATS_PLANTS,
  EATS_SHRIMP,
  FLOWS,
  GAS_BEARING,
  JUMPS,
  ZONES,
  type AnimalCondition,
  type AnimalKind,
  type AnimalSpecies,
  type Bearing,
  type Grazing,
  type Zone,
} from './traits.js'
export { SOME_FISH, SOME_GRAZERS } from './unnamed.js'
