import { columnsOf, PLANT_COLUMNS, writePlantRow } from '@jovrin/contract'
import { PLANT_TRAITS, type PlantRow, type PlantSpecies, type SaidTraits } from '@jovrin/core'

/** A plant of one's own of which nothing is said yet. */
export const newPlantRow = (): PlantRow => ({
  id: '',
  name: '',
  olderNames: [],
  family: '',
  like: null,
  nameStanding: 'settled',
  confidence: 'C',
  source: 'own',
  traits: {},
})

/** A species as a row: what the grower says, or everything that is said. */
export function rowOfSpecies(plant: PlantSpecies, said: 'own' | 'all'): PlantRow {
  const { id, name, olderNames, family, nameStanding, confidence } = plant
  const kept = said === 'all' ? PLANT_TRAITS : plant.ownTraits
  return {
    id,
    name,
    olderNames,
    family,
    like: null,
    nameStanding,
    confidence,
    source: 'own',
    traits: Object.fromEntries(kept.map((trait) => [trait, plant[trait]])) as SaidTraits, // each trait under its own name
  }
}

/** A form of a plant that begins as the plant itself does. */
export const copyOfSpecies = (plant: PlantSpecies): PlantRow => ({
  ...newPlantRow(),
  name: `${plant.name.split(',')[0] ?? plant.name}, `,
  family: plant.family,
  like: plant.id,
})

/** Texts of a row's cells, by column; empty where it says nothing. */
export const cellsOf = (row: PlantRow): Readonly<Record<string, string>> => {
  const written = writePlantRow(row)
  return Object.fromEntries(PLANT_COLUMNS.map((column) => [column, written[column] ?? '']))
}
/** What the cells of each trait would say if the row does not. */
export function hintsOf(base: PlantSpecies | null): Readonly<Record<string, string>> {
  if (base === null) return {}
  const written = writePlantRow(rowOfSpecies(base, 'all'))
  return Object.fromEntries(PLANT_TRAITS.flatMap(columnsOf).map((column) => [column, written[column] ?? '']))
}
