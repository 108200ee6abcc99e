import { refusalWords, type PlantImportReport, type PlantNote } from '@jovrin/contract'
import { nameIndex, plantSpecies, searchNames, type NameIndex, type PlantRow, type PlantSpecies } from '@jovrin/core'
import type { Knex } from 'knex'
import type { Clock } from '../clock.js'
import { Refusal } from '../http/refusal.js'
import { tankRepository } from '../tank/tank.repository.js'
import { ancestryWith, readLibrary, type Library } from './library.js'
import { plantRepository } from './plant.repository.js'
import { plantNoteRepository } from './plantNote.repository.js'
import { readPlantDocument, readPlantTable, writePlantDocument, writePlantTable } from './plantFile.js'
import { judgeFile } from './judgeFile.js'

interface Known {
  readonly species: readonly PlantSpecies[]
  readonly byId: ReadonlyMap<string, PlantSpecies>
  readonly index: NameIndex
}

/** The library with the grower's own plants, and with what the grower says of the library's laid over them. */
export function speciesService(db: Knex, clock: Clock, folder: string) {
  let library: Library | null = null
  let known: Known | null = null
  const ours = (): Library => (library ??= readLibrary(folder))
  const own = (): Promise<PlantRow[]> => plantRepository(db).all()

  const all = async (): Promise<Known> => {
    if (known !== null) return known
    const rows = await own()
    return (known = knownOf(ours(), rows))
  }
  const one = async (id: string): Promise<PlantSpecies> => {
    const found = (await all()).byId.get(id)
    if (found === undefined) throw new Refusal(404, 'no_such_species', refusalWords.noSuchSpecies)
    return found
  }
  /** What a grower may take along: own rows whole, and of the library's plants what the library says. */
  const rowsFor = async (which: 'own' | 'all'): Promise<PlantRow[]> => {
    const rows = await own()
    return which === 'own' ? rows : [...ancestryWith(ours(), rows).rowOfId.values()]
  }

  return {
    list: async (search: string): Promise<PlantSpecies[]> => {
      const { index, byId } = await all()
      return searchNames(index, search).flatMap((id) => byId.get(id) ?? [])
    },
    one,
    put: async (row: PlantRow): Promise<PlantSpecies> => {
      const [judged] = judgeFile(ours(), await own(), [{ line: 1, name: row.name, read: { row } }])
      const [fault] = judged?.report.faults ?? []
      if (fault !== undefined) throw new Refusal(422, 'not_sane', fault.detail, { field: fault.column })
      await plantRepository(db).put(row, clock().toISOString())
      known = null
      return one(row.id)
    },
    remove: async (id: string): Promise<void> => {
      const rows = await own()
      const heir = rows.find(({ like }) => like === id)
      if (heir !== undefined && !ours().plants.some((row) => row.id === id))
        throw new Refusal(409, 'inherited', refusalWords.plantInherited(heir.name))
      if (!(await plantRepository(db).remove(id))) throw new Refusal(404, 'no_such_species', refusalWords.noSuchOwnPlant)
      known = null
    },
    /** Looks a file over row by row, and keeps what is sound unless it is a dry run. */
    bringIn: async (kind: 'csv' | 'json', text: string, isDryRun: boolean): Promise<PlantImportReport> => {
      const filed = kind === 'csv' ? readPlantTable(text, 'own') : readPlantDocument(text)
      const judged = judgeFile(ours(), await own(), filed)
      const kept = judged.filter(({ report }) => report.state === 'new' || report.state === 'changed')
      if (!isDryRun) {
        const at = clock().toISOString()
        await db.transaction(async (trx) => {
          for (const { row } of kept) if (row !== null) await plantRepository(trx).put(row, at)
        })
        known = null
      }
      const count = (state: PlantImportReport['rows'][number]['state']): number =>
        judged.filter(({ report }) => report.state === state).length
      return {
        rows: judged.map(({ report }) => report),
        added: count('new'),
        changed: count('changed'),
        same: count('same'),
        refused: count('refused'),
        isDryRun,
      }
    },
    table: async (which: 'own' | 'all'): Promise<string> => writePlantTable(await rowsFor(which)),
    document: async (which: 'own' | 'all'): Promise<string> => writePlantDocument(await rowsFor(which)),
    notes: async (id: string): Promise<PlantNote[]> => plantNoteRepository(db).ofPlant((await one(id)).id),
    putNote: async (note: PlantNote): Promise<PlantNote> => {
      await one(note.plantId)
      if (note.tankId !== null && (await tankRepository(db).any(note.tankId)) === null)
        throw new Refusal(404, 'no_such_tank', refusalWords.noSuchTank)
      await plantNoteRepository(db).put(note, clock().toISOString())
      return note
    },
    removeNote: async (plantId: string, id: string): Promise<void> => {
      if (!(await plantNoteRepository(db).remove(plantId, id))) throw new Refusal(404, 'no_such_note', refusalWords.noSuchPlantNote)
    },
  }
}
export type SpeciesService = ReturnType<typeof speciesService>

function knownOf(library: Library, own: readonly PlantRow[]): Known {
  const ancestry = ancestryWith(library, own)
  const ownOfId = new Map(own.map((row) => [row.id, row]))
  const species = [...ancestry.rowOfId.values()]
    .map((row) => plantSpecies(row, ancestry, ownOfId.get(row.id) ?? null))
    .sort((a, b) => a.name.localeCompare(b.name, 'en'))
  return { species, byId: new Map(species.map((one) => [one.id, one])), index: nameIndex(species) }
}
