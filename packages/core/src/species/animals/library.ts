import { animalSpecies } from './animalSpecies.js'
import { GRAZERS_AND_BOTTOM_FISH } from './rows/grazersAndBottomFish.js'
import { INVERTEBRATES } from './rows/invertebrates.js'
import { OTHER_FISH } from './rows/otherFish.js'
import { SHOALING_FISH } from './rows/shoalingFish.js'
import type { AnimalSpecies } from './traits.js'

/** Animals that growers of planted tanks meet, some of them as warnings. Names as of 2024; they move, and a search accepts the older ones. */
export const ANIMALS: readonly AnimalSpecies[] = [...INVERTEBRATES, ...GRAZERS_AND_BOTTOM_FISH, ...SHOALING_FISH, ...OTHER_FISH].map(
  animalSpecies,
)
