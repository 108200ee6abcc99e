import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { ancestryOf, overlaid, type Ancestry, type PlantRow } from '@jovrin/core'
import { readPlantTable } from './plantFile.js'

/** What the library knows of itself: its plants, and what genera and forms of growth have in common. */
export interface Library {
  readonly forms: readonly PlantRow[]
  readonly genera: readonly PlantRow[]
  readonly plants: readonly PlantRow[]
}

/** Reads the library's own tables, by the same reader that takes a grower's. A bad row of ours is a fault of the product, so it throws. */
export function readLibrary(folder: string): Library {
  const table = (name: string): PlantRow[] =>
    readPlantTable(readFileSync(join(folder, `${name}.csv`), 'utf8')).map(({ line, read }) => {
      if ('faults' in read) throw new Error(`${name}.csv, line ${line}: ${JSON.stringify(read.faults)}`)
      return read.row
    })
  return { forms: table('forms'), genera: table('genera'), plants: table('plants') }
}

/** Where plants inherit from: the library as the grower sees it, and the grower's own plants. */
export function ancestryWith({ forms, genera, plants }: Library, own: readonly PlantRow[]): Ancestry {
  const ownOfId = new Map(own.map((row) => [row.id, row]))
  const theirs = new Set(plants.map(({ id }) => id))
  const shared = plants.map((row) => {
    const mine = ownOfId.get(row.id)
    return mine === undefined ? row : overlaid(row, mine)
  })
  return ancestryOf(forms, genera, [...shared, ...own.filter(({ id }) => !theirs.has(id))])
}
