import { plantRowFaultWords, sanityWords, type PlantImportReport } from '@jovrin/contract'
import { overlaid, PLANT_TRAITS, plantSpecies, sanityFaults, UnansweredTraitError, type PlantRow, type PlantTrait } from '@jovrin/core'
import { ancestryWith, type Library } from './library.js'
import type { FiledPlant } from './plantFile.js'

type RowReport = PlantImportReport['rows'][number]
export interface JudgedRow {
  readonly report: RowReport
  /** As it is to be kept; `null` where it is refused or changes nothing. */
  readonly row: PlantRow | null
}

/** Judges the rows of a file against the library, the grower's own plants and each other. Of a plant that the library knows only what differs is kept. */
export function judgeFile(library: Library, own: readonly PlantRow[], filed: readonly FiledPlant[]): JudgedRow[] {
  const ownOfId = new Map(own.map((row) => [row.id, row]))
  const libraryOfId = new Map(library.plants.map((row) => [row.id, row]))
  const given = filed.flatMap(({ read }) => ('row' in read ? [read.row] : []))
  const ancestry = ancestryWith(library, [...own.filter(({ id }) => !given.some((row) => row.id === id)), ...given])
  const lineOfId = new Map<string, number>()
  return filed.map(({ line, name, read }): JudgedRow => {
    const refused = (faults: RowReport['faults'], id: string | null): JudgedRow => ({
      report: { line, id, name, state: 'refused', faults, doubts: [] },
      row: null,
    })
    if ('faults' in read)
      return refused(
        read.faults.map(({ column, text, fault, allowed }) => ({ column, detail: plantRowFaultWords(fault, text, allowed) })),
        null,
      )
    const { row } = read
    const earlier = lineOfId.get(row.id)
    if (earlier !== undefined) return refused([{ column: 'id', detail: sanityWords.twice(String(earlier)) }], row.id)
    lineOfId.set(row.id, line)
    if (row.like !== null && !ancestry.rowOfId.has(row.like))
      return refused([{ column: 'like', detail: sanityWords.noParent(row.like) }], row.id)
    const base = libraryOfId.get(row.id)
    try {
      const faults = sanityFaults(plantSpecies(overlaid(base, row), ancestry, row))
      const told = (weight: 'stop' | 'doubt'): RowReport['faults'] =>
        faults.filter((fault) => fault.weight === weight).map(({ code, trait }) => ({ column: trait, detail: sanityWords.fault[code] }))
      if (told('stop').length > 0) return refused(told('stop'), row.id)
      const kept = base === undefined ? row : differing(row, base)
      const before = ownOfId.get(row.id)
      const state =
        before !== undefined
          ? sameRow(before, kept)
            ? 'same'
            : 'changed'
          : base !== undefined
            ? Object.keys(kept.traits).length === 0 && sameNames(kept, base)
              ? 'same'
              : 'changed'
            : 'new'
      return { report: { line, id: row.id, name, state, faults: [], doubts: told('doubt') }, row: state === 'same' ? null : kept }
    } catch (error) {
      if (!(error instanceof UnansweredTraitError)) throw error
      return refused([{ column: error.trait, detail: sanityWords.unanswered }], row.id)
    }
  })
}

/** What a trait says, whoever says it and however sure. */
const content = (value: unknown): string =>
  JSON.stringify(value, (key, part: unknown) => (key === 'source' || key === 'confidence' ? undefined : part))

function differing(row: PlantRow, base: PlantRow): PlantRow {
  const traits: Partial<Record<PlantTrait, unknown>> = {}
  for (const trait of PLANT_TRAITS)
    if (row.traits[trait] !== undefined && content(row.traits[trait]) !== content(base.traits[trait])) traits[trait] = row.traits[trait]
  return { ...row, traits: traits as PlantRow['traits'] } // a part of the row's own traits
}
const sameNames = (a: PlantRow, b: PlantRow): boolean =>
  a.name === b.name && a.family === b.family && a.like === b.like && a.olderNames.join(';') === b.olderNames.join(';')
const sameRow = (a: PlantRow, b: PlantRow): boolean => sameNames(a, b) && content(a.traits) === content(b.traits)
