import { animalsWords, animalTraitWords } from '@jovrin/contract'
import type { AnimalSpecies } from '@jovrin/core'
import { significant, type Units } from '../../../ui/units.js'

/** What one has to know before one takes an animal home, in the order of the craft. */
export function animalFacts(animal: AnimalSpecies, units: Units): string[] {
  const { facts } = animalsWords
  const { goodLow, goodHigh } = animal.temperatureC
  return [
    facts.size(units.show('length', animal.adultCm.high, 2)),
    facts.warmth(significant(units.to('temperature', goodLow), 2), units.show('temperature', goodHigh, 2)),
    animalsWords.zone[animal.zone],
    ...(animal.isAlone || animal.leastCount === 1 ? [] : [facts.least(significant(animal.leastCount))]),
    facts.litres(units.show('volume', animal.leastL, 2)),
    ...animalTraits(animal),
  ].filter((fact) => fact !== '')
}

/** What it does and wants, as far as it is worth a word. */
export const animalTraits = (animal: AnimalSpecies): string[] =>
  (['gas', 'flow', 'jumps', 'digs', 'eatsPlants', 'eatsShrimp', 'cover', 'legal'] as const)
    .map((trait) => (animalTraitWords[trait] as Readonly<Record<string, string>>)[animal[trait]] ?? '')
    .filter((fact) => fact !== '')
