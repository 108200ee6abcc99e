import { nameIndex, searchNames } from '../search.js'
import { ANIMALS } from './library.js'
import type { AnimalSpecies } from './traits.js'

const byId = new Map(ANIMALS.map((animal) => [animal.id, animal]))
// A plain word finds an animal as its family finds a plant.
const index = nameIndex(ANIMALS.map((animal) => ({ ...animal, family: animal.word })))

/** Animals of the library by name, older names and plain words included, best first; all of them for no search. */
export const animalsNamed = (search: string): AnimalSpecies[] => searchNames(index, search).flatMap((id) => byId.get(id) ?? [])
