import { trustOf } from '../datum.js'
import { animalSpecies } from './animalSpecies.js'
import type { AnimalSpecies } from './traits.js'

/** Animals whose kind nobody said, as wide as their groups. They need no copy in a plan. */
export const SOME_GRAZERS: AnimalSpecies = {
  ...animalSpecies({
    name: 'some grazers',
    word: 'grazing shrimps',
    kind: 'algae-shrimp',
    cm: [4, 4.5, 5],
    warm: [15, 20, 26, 29],
    pH: [6, 6.5, 7.8, 8.2],
    water: 'any',
  }),
  // What is fed is said as fish food; grazers live on the rest of it.
  foodMgPerDay: { value: 0, low: 0, high: 0, ...trustOf('C') },
}
export const SOME_FISH: AnimalSpecies = animalSpecies({
  name: 'some fish',
  word: 'fish',
  kind: 'small-shoaling-fish',
  leastCount: 1,
  leastL: 20,
  leastLengthCm: 30,
  cm: [2, 3.5, 6],
  warm: [15, 21, 26, 30],
  pH: [5.5, 6.2, 7.6, 8.2],
  water: 'any',
})
