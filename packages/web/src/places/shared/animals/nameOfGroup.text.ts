import { animalsWords } from '@jovrin/contract'
import { nameOfAnimal, type AnimalSpecies } from '@jovrin/core'

/** The botanical habit for animals too: their scientific name; of those whose kind nobody said, what is known. */
export const nameOfSpecies = (species: AnimalSpecies): string =>
  nameOfAnimal(species) === '' ? (animalsWords.some[species.id] ?? species.word) : species.name
