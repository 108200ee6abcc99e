import { tabGrid, tabRing } from '../ground/rootTabs.js'
import { centreOf, isInside, type Ring, type Spot } from '../numeric/ring.js'
import type { PlantSpecies } from '../species/plantSpecies.js'
import type { LaidBed } from './bedsOf.js'

/** How tabs lie for a plant: round each crown, at each crown, or on a grid under the whole patch. */
export type TabPattern = 'ring' | 'crown' | 'grid'
export interface TabsOfBed {
  readonly bedId: string
  readonly plant: PlantSpecies
  readonly pattern: TabPattern
  readonly spots: readonly Spot[]
}

/** Round a large crown 3 to 5, 4 to 6 cm out; under what covers the ground 10 to 15 cm apart where tabs are rich, 6 to 8 where they are lean. General practice. */
const RING_CM = 5
const GRID_CM = 12
const CROWNS: ReadonlySet<PlantSpecies['form']> = new Set(['rosette', 'bulb', 'runner-rosette'])
/** Crowns nearer than that share the tabs of a grid. Rule of thumb 6–8 cm. */
const CROWNS_APART_CM = 7
/** A crown that spreads so wide is large, and asks for so many tabs. */
const RINGS = [
  { fromCm: 40, tabs: 5 },
  { fromCm: 30, tabs: 4 },
  { fromCm: 20, tabs: 3 },
] as const

/** Tabs for all that feeds by its roots, patch by patch; none in the glass or under stones. */
export function tabsByPlant(
  beds: readonly LaidBed[],
  stones: readonly Ring[],
  inner: { readonly lengthCm: number; readonly widthCm: number },
): TabsOfBed[] {
  const isFree = ({ xCm, yCm }: Spot): boolean =>
    xCm > 0 && xCm < inner.lengthCm && yCm > 0 && yCm < inner.widthCm && !stones.some((stone) => isInside(stone, xCm, yCm))
  return beds.flatMap(({ bed, ring, isFloating, plants }) => {
    const hungry = plants.filter(({ plant }) => plant.feeding === 'root')
    const [first] = hungry
    if (isFloating || first === undefined) return []
    const { plant, spacingCm } = first
    const tabs = RINGS.find(({ fromCm }) => plant.spreadCm.value >= fromCm)?.tabs
    const isCrown = CROWNS.has(plant.form) && spacingCm >= CROWNS_APART_CM
    const pattern: TabPattern = !isCrown ? 'grid' : tabs === undefined ? 'crown' : 'ring'
    const crowns = pattern === 'grid' ? [] : orMiddle(tabGrid(ring, spacingCm), ring)
    const spots =
      pattern === 'grid'
        ? orMiddle(tabGrid(ring, GRID_CM), ring)
        : pattern === 'crown'
          ? crowns
          : crowns.flatMap((crown) => tabRing(crown, tabs ?? 1, RING_CM))
    return [{ bedId: bed.id, plant, pattern, spots: spots.filter(isFree) }]
  })
}
/** A patch too small for a grid has one in its middle. */
const orMiddle = (spots: readonly Spot[], ring: Ring): readonly Spot[] => (spots.length > 0 ? spots : [centreOf(ring)])
