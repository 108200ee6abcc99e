import { CLASSES_TRAITS, LIGHT_CLASSES, nameIndex, PLANT_KINDS, searchNames, type NameIndex, type PlantSpecies } from '@jovrin/core'

/** Filters that stand in the address, each with what it may be. */
export const FILTERS = {
  kind: PLANT_KINDS,
  place: CLASSES_TRAITS.places,
  light: LIGHT_CLASSES,
  gas: CLASSES_TRAITS.carbon,
  ease: CLASSES_TRAITS.ease,
} as const
export type FilterName = keyof typeof FILTERS
export const FILTER_NAMES = Object.keys(FILTERS) as FilterName[] // the keys of the record above
export type PlantFilter = Readonly<Partial<Record<FilterName, string>>> & { readonly isOwn: boolean }

export function filterOf(search: URLSearchParams): PlantFilter {
  const said = FILTER_NAMES.flatMap((name) => {
    const value = (FILTERS[name] as readonly string[]).find((one) => one === search.get(name))
    return value === undefined ? [] : [[name, value] as const]
  })
  return { ...Object.fromEntries(said), isOwn: search.get('own') === '1' }
}

/** Filters are mild: between two neighbouring classes a plant passes for both. */
const passes = (plant: PlantSpecies, { kind, place, light, gas, ease, isOwn }: PlantFilter): boolean =>
  (kind === undefined || plant.kind === kind) &&
  (place === undefined || plant.places.some((one) => one === place)) &&
  (light === undefined || plant.lightClass.some((one) => one === light)) &&
  (gas === undefined || plant.carbon.some((one) => one === gas)) &&
  (ease === undefined || plant.ease.some((one) => one === ease)) &&
  (!isOwn || plant.isOwn)

export interface PlantList {
  readonly plants: readonly PlantSpecies[]
  readonly index: NameIndex
  readonly byId: ReadonlyMap<string, PlantSpecies>
}
export const plantList = (plants: readonly PlantSpecies[]): PlantList => ({
  plants,
  index: nameIndex(plants),
  byId: new Map(plants.map((plant) => [plant.id, plant])),
})

/** What a text and filters leave, best name first. */
export const foundPlants = ({ index, byId }: PlantList, text: string, filter: PlantFilter): PlantSpecies[] =>
  searchNames(index, text).flatMap((id) => {
    const plant = byId.get(id)
    return plant !== undefined && passes(plant, filter) ? [plant] : []
  })
