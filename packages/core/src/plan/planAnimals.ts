import { SOME_FISH, SOME_GRAZERS, type AnimalSpecies } from '../species/animals/index.js'

/** Animals of one species that came, or are to come, on one day. */
export interface AnimalGroup {
  readonly id: string
  /** Its id in the plan's fauna, or of animals whose kind nobody said. */
  readonly species: string
  /** `null`: nobody knows; some. 0: none any more. */
  readonly count: number | null
  /** Day of the tank's age on which they came or will come. */
  readonly fromDay: number
  /** Where they came from, in the grower's words. */
  readonly origin: string
}
export interface PlanAnimals {
  readonly groups: readonly AnimalGroup[]
  /** What all of them are fed, by the grower's own figure [dry g/day]; `null`: what they need by their number and size. */
  readonly foodGPerDay: number | null
}
/** The part of a plan that tells who lives in the tank. */
export interface Stocked {
  readonly animals: PlanAnimals
  /** Animals of the plan, as the library knew them when they were chosen: the plan stands on its own. */
  readonly fauna: readonly AnimalSpecies[]
}
export interface NamedGroup {
  readonly group: AnimalGroup
  readonly species: AnimalSpecies
}

/** Groups that hold animals, or may, each with its species. Fish of which nobody said a kind, and that are fed nothing, are none. */
export const animalGroups = ({ animals, fauna }: Stocked): NamedGroup[] =>
  animals.groups.flatMap((group) => {
    const species = [...fauna, SOME_GRAZERS, SOME_FISH].find(({ id }) => id === group.species)
    if (species === undefined || group.count === 0) return []
    return group.species === SOME_FISH.id && group.count === null && animals.foodGPerDay === 0 ? [] : [{ group, species }]
  })

/** Animals that copper kills: shrimps, crayfish, snails. */
export const copperKillsSome = (plan: Stocked): boolean => animalGroups(plan).some(({ species }) => species.copper === 'deadly')
/** Animals that graze, or that live without backbone: those that come first. */
export const isCleaner = ({ grazing, copper }: AnimalSpecies): boolean => grazing !== null || copper === 'deadly'

/** '' where nobody said a kind. */
export const nameOfAnimal = ({ id, name }: AnimalSpecies): string => (id === SOME_GRAZERS.id || id === SOME_FISH.id ? '' : name)
