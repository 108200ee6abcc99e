import { MATERIAL } from '../hardscape/materials.js'
import type { PlacedPiece } from '../hardscape/piece.js'
import type { WeighedPiece } from '../hardscape/piecesOf.js'
import { areNearer, keptApart } from '../numeric/gap.js'
import { lineOf, outlineFault } from '../numeric/outline.js'
import { thinned } from '../numeric/reshape.js'
import { areaCm2, boundsOf, doBoundsMeet, type Ring } from '../numeric/ring.js'
import { partsWithout } from '../numeric/without.js'
import type { NewId } from '../plan/id.js'
import type { Bed, LayoutKind, Plan, PlantSpot, Vertex } from '../plan/plan.js'
import type { PlantSpecies } from '../species/plantSpecies.js'
import type { PlantSite } from '../species/standing.js'
import type { PlantPlace } from '../species/traits.js'
import { weeded } from './bedEdits.js'
import { Cast } from './cast.js'
import { bedGapCm } from './shape/apart.js'
import { LAYOUT_TEMPLATES, ROLE_PLANTS, type TemplateBed } from './templates.js'

/** What sits on wood and at the foot of stones, the commonest first. General practice. */
const FERNS = ['leptochilus-pteropus', 'anubias-barteri-var-nana', 'bolbitis-heudelotii']
const MOSSES = ['taxiphyllum-barbieri', 'vesicularia-montagnei']
const ON_STONE = ['bucephalandra-motleyana', 'anubias-barteri-var-nana']
const MOST_SPOTS = 6
/** Smaller scraps of a group are left out: what a hand plants, and in a small tank a fiftieth of its floor. */
const leastCm2 = ({ lengthCm, widthCm }: Floor['inner']): number => Math.min(25, (lengthCm * widthCm) / 50)
/** A cut edge keeps to its line so closely. */
const LINE_CM = 0.3

interface Floor {
  readonly inner: { readonly lengthCm: number; readonly widthCm: number }
  readonly pieces: readonly WeighedPiece[]
}
/** The library, and the places of this tank as its plants meet them. */
export interface Garden {
  readonly all: readonly PlantSpecies[]
  readonly siteOf: (place: PlantPlace) => PlantSite
}

/** The plan with the composition of a layout instead of its map: groups scaled to the floor and cut to where plants may stand, with plants that stand best there, and plants on the wood and stone that has its place. What floats stays. */
export function fitTemplate(plan: Plan, kind: LayoutKind, { inner, pieces }: Floor, garden: Garden, newId: NewId): Plan {
  const { isRound, beds: groups } = LAYOUT_TEMPLATES[kind]
  const cast = new Cast(garden.all, garden.siteOf)
  const bare = plan.zones.filter(({ purpose }) => purpose !== 'planted').map(({ outline }) => lineOf(outline))
  const beds: Bed[] = []
  for (const group of groups) {
    const { place, plants } = ROLE_PLANTS[group.role]
    const plant = cast.next(plants, place)
    if (plant === undefined) continue
    const others = beds.filter((other) => other.plants[0]?.species !== plant.id).map(({ outline }) => lineOf(outline))
    for (const outline of outlinesOf(group, isRound, inner, bare).flatMap((one) => apartFrom(one, others, inner)))
      beds.push({
        id: newId('b'),
        name: '',
        outline,
        plants: [{ id: newId('p'), species: plant.id, share: 1 }],
        start: 'pot',
        spacingCm: null,
        stands: 'water',
        cutCm: null,
      })
  }
  const afloat = plan.beds.filter(
    ({ plants }) => plants.length > 0 && plants.every(({ species }) => plan.flora.find(({ id }) => id === species)?.kind === 'floater'),
  )
  const spots = spotsOn(pieces, cast, newId)
  const taken = new Set(cast.taken.map(({ id }) => id))
  const flora = [...cast.taken, ...plan.flora.filter(({ id }) => !taken.has(id))]
  return weeded({ ...plan, beds: [...beds, ...afloat], spots, flora })
}

/** A group on this floor, less what is no ground for plants; cut in two it is two patches. */
function outlinesOf(
  { corners: points }: TemplateBed,
  isRound: boolean,
  { lengthCm, widthCm }: Floor['inner'],
  bare: readonly Ring[],
): Vertex[][] {
  const whole = points.map(([x, y]): Vertex => ({
    xCm: rounded(x * lengthCm),
    yCm: rounded(y * widthCm),
    isRound: isRound && !isAtGlass(x, y),
  }))
  const ring = lineOf(whole)
  const inTheWay = bare.filter((zone) => doBoundsMeet(boundsOf(zone), boundsOf(ring)))
  if (inTheWay.length === 0) return areaCm2(ring) < leastCm2({ lengthCm, widthCm }) ? [] : [whole]
  return drawn(partsWithout(ring, inTheWay), leastCm2({ lengthCm, widthCm }))
}
/** A group that keeps its distance from those before it; scraps of it are left out. */
function apartFrom(outline: readonly Vertex[], others: readonly Ring[], inner: Floor['inner']): (readonly Vertex[])[] {
  const gapCm = bedGapCm(inner)
  const ring = lineOf(outline)
  const near = others.filter((other) => areNearer(ring, other, gapCm))
  return near.length === 0 ? [outline] : drawn(keptApart(ring, near, gapCm), leastCm2(inner))
}
/** Parts as outlines, without scraps. */
const drawn = (parts: readonly Ring[], least: number): Vertex[][] =>
  parts
    .map((part) => corners(thinned(part, LINE_CM)))
    .filter((outline) => outline.length > 2 && outlineFault(outline) === null && areaCm2(outline) >= least)
const corners = (ring: Ring): Vertex[] => ring.map(({ xCm, yCm }) => ({ xCm: rounded(xCm), yCm: rounded(yCm), isRound: false }))
const isAtGlass = (x: number, y: number): boolean => x === 0 || x === 1 || y === 0 || y === 1
const rounded = (cm: number): number => Math.round(cm * 10) / 10

/** A fern and some moss for each piece of wood, a dwarf rhizome at the foot of the largest stone. */
function spotsOn(pieces: readonly WeighedPiece[], cast: Cast, newId: NewId): PlantSpot[] {
  const placed = pieces.flatMap(({ placed: one }) => (one === null ? [] : [one]))
  const woods = placed.filter(({ piece }) => MATERIAL[piece.material].isWood)
  const [stone] = placed
    .filter(({ piece }) => !MATERIAL[piece.material].isWood)
    .sort((a, b) => b.footCm2 * b.heightCm - a.footCm2 * a.heightCm)
  const spot = (
    on: PlacedPiece,
    plant: PlantSpecies | undefined,
    at: Pick<PlantSpot, 'alongFraction' | 'upFraction' | 'laying'>,
  ): PlantSpot[] => {
    if (plant === undefined) return []
    const wide = on.bounds.right - on.bounds.left
    const size = { widthCm: rounded(Math.max(2, Math.min(10, wide * 0.2))), heightCm: rounded(Math.max(2, Math.min(5, on.heightCm * 0.3))) }
    const isCup = !plant.soldAs.some((sold) => sold.startsWith('pot')) && plant.soldAs.includes('cup')
    return [{ id: newId('m'), piece: on.piece.id, species: plant.id, fixing: 'glue', start: isCup ? 'cup' : 'pot', ...at, ...size }]
  }
  return [
    ...woods.flatMap((wood) => [
      ...spot(wood, cast.next(FERNS, 'hardscape'), { alongFraction: 0.35, upFraction: 0.6, laying: 'clump' }),
      ...spot(wood, cast.next(MOSSES, 'hardscape'), { alongFraction: 0.7, upFraction: 0.75, laying: 'chopped' }),
    ]),
    ...(stone === undefined
      ? []
      : spot(stone, cast.next(ON_STONE, 'hardscape'), { alongFraction: 0.75, upFraction: 0.5, laying: 'clump' })),
  ].slice(0, MOST_SPOTS)
}
