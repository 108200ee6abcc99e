import { existsSync } from 'node:fs'
import { join } from 'node:path'
import {
  fitTemplate,
  plantSiteOf,
  plantSpecies,
  tankFigures,
  type Bed,
  type LayoutKind,
  type Plan,
  type PlantPlace,
  type PlantSpot,
  type PlantSpecies,
  type Vertex,
} from '@jovrin/core'
import { ancestryWith, readLibrary } from '../../packages/server/src/species/library.js'
import { outline } from './layouts.js'
import type { DemoPlants } from './life.js'

/** A patch of a demo's planting map. */
export interface MapPatch {
  readonly outline: readonly Vertex[]
  /** Ids of the library, with their shares. */
  readonly plants: readonly (readonly [species: string, share: number])[]
  readonly start?: Bed['start']
  readonly spacingCm?: number
  readonly stands?: Bed['stands']
  readonly cutCm?: number
}

/** Plants on a piece of wood or stone. */
export type MapSpot = Omit<PlantSpot, 'id' | 'species' | 'start' | 'fixing'> & {
  readonly species: string
  readonly fixing?: PlantSpot['fixing']
  readonly start?: PlantSpot['start']
}

/** Beside the source, or beside the bundle that tests make of it. */
const FOLDER = [join(import.meta.dirname, '../../packages/server/library'), join(import.meta.dirname, '../library')].find((folder) =>
  existsSync(folder),
)

let known: ReadonlyMap<string, PlantSpecies> | null = null
function library(): ReadonlyMap<string, PlantSpecies> {
  if (known !== null) return known
  if (FOLDER === undefined) throw new Error('the library of species is not where it should be')
  const tables = readLibrary(FOLDER)
  const ancestry = ancestryWith(tables, [])
  return (known = new Map(tables.plants.map((row) => [row.id, plantSpecies(row, ancestry)])))
}

/** A plan with its map, and the plants of the map as the library knows them. */
export function withMap(plan: Plan, patches: readonly MapPatch[], spots: readonly MapSpot[] = []): Plan {
  const ids = [...new Set([...patches.flatMap(({ plants }) => plants.map(([species]) => species)), ...spots.map(({ species }) => species)])]
  const flora = ids.map((id) => {
    const plant = library().get(id)
    if (plant === undefined) throw new Error(`the library knows no ${id}`)
    return plant
  })
  const beds = patches.map((patch, index): Bed => ({
    id: `b${index + 1}`,
    name: '',
    outline: patch.outline,
    plants: patch.plants.map(([species, share], at) => ({ id: `b${index + 1}p${at + 1}`, species, share })),
    start: patch.start ?? 'pot',
    spacingCm: patch.spacingCm ?? null,
    stands: patch.stands ?? 'water',
    cutCm: patch.cutCm ?? null,
  }))
  return { ...plan, beds, spots: spots.map((spot, index) => ({ id: `m${index + 1}`, start: 'pot', fixing: 'glue', ...spot })), flora }
}

/** A plan with the composition of a layout for its map. Ids are counted, so that links into the demo keep working. */
export function withLayout(plan: Plan, kind: LayoutKind): Plan {
  const figures = tankFigures(plan)
  let count = 0
  const garden = { all: [...library().values()], siteOf: (place: PlantPlace) => plantSiteOf(plan, figures, place) }
  return fitTemplate(plan, kind, figures, garden, (stem) => `${stem}${++count}`)
}

/** Two banks along a river of sand: carpets in front, a red group where the eye comes to rest, stems behind. */
export const RIVER_MAP: readonly MapPatch[] = [
  {
    outline: outline([0, 0], [39.5, 0], [40, 9, 1], [40, 18.5], [31, 18.5], [25.5, 21], [25.5, 13], [13, 11, 1], [0, 16]),
    plants: [['micranthemum-tweediei', 1]],
  },
  {
    outline: outline([0, 18], [12, 13.6, 1], [15, 22, 1], [21.5, 23], [20.8, 28.6], [12, 26.8, 1], [0, 25.8]),
    plants: [['cryptocoryne-x-willisii', 1]],
  },
  {
    outline: outline([0, 27.5], [12, 28.5, 1], [21.6, 31], [26.2, 36], [24.2, 48], [0, 48]),
    plants: [['rotala-rotundifolia-green-form', 1]],
    spacingCm: 3.5,
  },
  {
    outline: outline([26, 48], [28, 38.5], [40, 38.5], [54, 37.5], [59, 37], [64, 48]),
    plants: [
      ['rotala-rotundifolia-orange-form', 0.6],
      ['rotala-rotundifolia', 0.4],
    ],
    spacingCm: 3.5,
  },
  {
    outline: outline([66.5, 48], [61.5, 36.5], [67, 32], [71, 30, 1], [75, 36], [79, 41.5], [79.8, 48]),
    plants: [['ludwigia-palustris-deep-red-form', 1]],
  },
  {
    outline: outline([81.5, 42], [92, 41.5, 1], [101, 38], [108, 34], [108, 48], [81.5, 48]),
    plants: [['bacopa-caroliniana', 1]],
    spacingCm: 3.5,
  },
  {
    outline: outline([86.5, 24.8], [97, 22.9, 1], [108, 22.9], [108, 32], [99, 35.6, 1], [94, 34.5], [81, 32.5]),
    plants: [['cryptocoryne-wendtii', 1]],
  },
  {
    outline: outline([65, 0], [108, 0], [108, 21], [97, 21, 1], [87, 23], [85, 19], [77, 17, 1], [70, 21], [68, 24], [66, 20], [66, 12]),
    plants: [['eleocharis-pusilla', 1]],
    start: 'cup',
  },
]

/** Ferns and moss soften both branches; dwarf rhizomes sit at the foot of the main stone, where flow reaches them. */
export const RIVER_SPOTS: readonly MapSpot[] = [
  { piece: 'branch', alongFraction: 0.42, upFraction: 0.62, widthCm: 7, heightCm: 4, species: 'anubias-barteri-var-nana', laying: 'clump' },
  {
    piece: 'branch',
    alongFraction: 0.72,
    upFraction: 0.8,
    widthCm: 12,
    heightCm: 3,
    species: 'taxiphyllum-barbieri',
    laying: 'chopped',
    start: 'cup',
  },
  {
    piece: 'twig',
    alongFraction: 0.45,
    upFraction: 0.6,
    widthCm: 8,
    heightCm: 5,
    species: 'leptochilus-pteropus',
    laying: 'clump',
    fixing: 'tie',
  },
  { piece: 'stones', alongFraction: 0.78, upFraction: 0.32, widthCm: 6, heightCm: 4, species: 'bucephalandra-motleyana', laying: 'clump' },
]

/** What its keepers changed since: one patch thinned by melt, the red group made denser with plants that waited apart first, tops put back. */
export const RIVER_PLANTS_SINCE: readonly DemoPlants[] = [
  {
    day: 24,
    deed: 'failed',
    species: 'cryptocoryne-x-willisii',
    count: 4,
    countedIn: 'portion',
    raised: 'under-water',
    bed: 'b2',
    note: 'melted to the crown; taken out',
  },
  {
    day: 31,
    deed: 'arrived',
    species: 'ludwigia-palustris-deep-red-form',
    count: 2,
    countedIn: 'pot',
    raised: 'in-air',
    bed: null,
    heldDays: 21,
    note: 'in a lit bucket of their own, half the water changed twice a week',
  },
  {
    day: 52,
    deed: 'added',
    species: 'ludwigia-palustris-deep-red-form',
    count: 2,
    countedIn: 'pot',
    raised: 'under-water',
    bed: 'b5',
    note: null,
  },
  {
    day: 60,
    deed: 'arrived',
    species: 'bucephalandra-motleyana',
    count: 2,
    countedIn: 'pot',
    raised: 'in-air',
    bed: null,
    heldDays: 21,
    note: 'from a swap; in a lit tub of their own, half its water changed twice a week: three weeks, for the shrimps’ sake',
  },
  {
    day: 57,
    deed: 'replanted',
    species: 'rotala-rotundifolia-orange-form',
    count: 12,
    countedIn: 'portion',
    raised: 'under-water',
    bed: 'b4',
    note: 'tops of the trim, in the gaps at the glass',
  },
]
