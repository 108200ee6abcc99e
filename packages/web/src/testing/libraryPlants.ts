import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { readPlantRow } from '@jovrin/contract'
import { ancestryOf, plantSpecies, type PlantRow, type PlantSpecies } from '@jovrin/core'
import Papa from 'papaparse'

const FOLDER = join(import.meta.dirname, '../../../server/library')
const rowsOf = (name: string): PlantRow[] =>
  Papa.parse<Record<string, string>>(readFileSync(join(FOLDER, `${name}.csv`), 'utf8'), { header: true, skipEmptyLines: true }).data.map(
    (cells) => {
      const read = readPlantRow(cells)
      if ('faults' in read) throw new Error(`${name}: ${JSON.stringify(read.faults)}`)
      return read.row
    },
  )

let plants: readonly PlantSpecies[] | null = null
/** The plants of the library, as the server hands them out. */
export function libraryPlants(): readonly PlantSpecies[] {
  if (plants !== null) return plants
  const rows = rowsOf('plants')
  const ancestry = ancestryOf(rowsOf('forms'), rowsOf('genera'), rows)
  return (plants = rows.map((row) => plantSpecies(row, ancestry)))
}
export function libraryPlant(name: string): PlantSpecies {
  const found = libraryPlants().find((plant) => plant.name === name)
  if (found === undefined) throw new Error(`no ${name}`)
  return found
}
