import { lineOf } from '../numeric/outline.js'
import { ownAreasCm2 } from '../numeric/ownAreas.js'
import type { Ring } from '../numeric/ring.js'
import type { Bed, Piece, Plan } from '../plan/plan.js'
import type { PlantSpecies } from '../species/plantSpecies.js'
import { bought, retailOf, type Retail } from './portions.js'

export const RETAILS = ['pot', 'bunch', 'cup', 'loose'] as const
/** As what a plant comes into the house. */
export type RetailKind = (typeof RETAILS)[number]

/** A plant in a bed, counted. */
export interface LaidPlant extends Retail {
  readonly id: string
  readonly plant: PlantSpecies
  readonly areaCm2: number
  readonly spacingCm: number
  /** What the scissors leave. */
  readonly cutCm: number
  readonly retail: RetailKind
  readonly perRetail: number
  /** Dry, at planting. */
  readonly massG: number
}
export interface LaidBed {
  readonly bed: Bed
  readonly ring: Ring
  /** On the surface, or over it, instead of the ground. */
  readonly isFloating: boolean
  /** Its leaves are out of the water. */
  readonly isOut: boolean
  /** Within the glass, less stones and the beds that lie over it. */
  readonly areaCm2: number
  readonly plants: readonly LaidPlant[]
}

/** A cup's plants are tiny: together a quarter to a half of a pot's mass. Rule of thumb. */
export const CUP_MASS = 0.375

type Mapped = Pick<Plan, 'beds' | 'flora' | 'hardscape'>
interface Inner {
  readonly lengthCm: number
  readonly widthCm: number
}
interface Laid {
  readonly flora: Plan['flora']
  readonly hardscape: readonly Piece[]
  readonly inner: Inner
  readonly beds: readonly LaidBed[]
}
const laidOnce = new WeakMap<Plan['beds'], Laid>()

/** Every bed of the map with its ground and its plants. Reckoned once as long as nothing of it changes. */
export function bedsOf({ beds, flora, hardscape }: Mapped, inner: Inner): readonly LaidBed[] {
  if (beds.length === 0) return NONE
  const before = laidOnce.get(beds)
  if (
    before?.flora === flora &&
    before.hardscape === hardscape &&
    before.inner.lengthCm === inner.lengthCm &&
    before.inner.widthCm === inner.widthCm
  )
    return before.beds
  const laid = layBeds({ beds, flora, hardscape }, inner)
  laidOnce.set(beds, { flora, hardscape, inner, beds: laid })
  return laid
}
const NONE: readonly LaidBed[] = []

function layBeds({ beds, flora, hardscape }: Mapped, { lengthCm, widthCm }: Inner): LaidBed[] {
  const speciesOfId = new Map(flora.map((plant) => [plant.id, plant]))
  const known = beds.map((bed) => ({
    bed,
    ring: lineOf(bed.outline),
    plants: bed.plants.flatMap((planted) => {
      const plant = speciesOfId.get(planted.species)
      return plant === undefined ? [] : [{ planted, plant }]
    }),
  }))
  const isFloating = ({ bed, plants }: (typeof known)[number]): boolean =>
    bed.stands === 'air' || (plants.length > 0 && plants.every(({ plant }) => plant.kind === 'floater'))
  const rooted = known.filter((entry) => !isFloating(entry))
  const afloat = known.filter(isFloating)
  const stones = hardscape.flatMap(({ outline }) => (outline === null ? [] : [lineOf(outline)]))
  const areas = new Map([...areasOf(rooted, stones, lengthCm, widthCm), ...areasOf(afloat, [], lengthCm, widthCm)])
  return known.map((entry): LaidBed => {
    const { bed, ring, plants } = entry
    const areaCm2 = areas.get(bed.id) ?? 0
    const shares = plants.reduce((sum, { planted }) => sum + planted.share, 0)
    return {
      bed,
      ring,
      isFloating: isFloating(entry),
      isOut: bed.stands === 'air',
      areaCm2,
      plants: plants.map(({ planted, plant }) => laidPlant(bed, planted.id, plant, (areaCm2 * planted.share) / shares)),
    }
  })
}

/** Later rings lie over earlier ones, stones over all of them. */
function areasOf(
  beds: readonly { readonly bed: Bed; readonly ring: Ring }[],
  stones: readonly Ring[],
  lengthCm: number,
  widthCm: number,
): [string, number][] {
  const areas = ownAreasCm2(
    beds.map(({ ring }) => ring),
    stones,
    lengthCm,
    widthCm,
  )
  return beds.map(({ bed }, index) => [bed.id, areas[index] ?? 0])
}

/** `portions`: where they are not a matter of spacing alone. */
export function laidPlant(
  bed: Pick<Bed, 'start' | 'spacingCm' | 'cutCm'>,
  id: string,
  plant: PlantSpecies,
  areaCm2: number,
  portions?: number,
): LaidPlant {
  const spacingCm = bed.spacingCm ?? plant.spacingCm.value
  const retail = retailKind(bed, plant)
  const perRetail = Math.max(1, Math.round(perRetailOf(retail, plant)))
  const counted = portions === undefined ? retailOf(areaCm2, spacingCm, perRetail) : bought(portions, perRetail)
  const retailG = plant.startGPerPot.value * (retail === 'cup' ? CUP_MASS : 1)
  const cutCm = bed.cutCm ?? plant.cutBackCm.value
  return { id, plant, areaCm2, spacingCm, cutCm, retail, perRetail, ...counted, massG: (counted.portions * retailG) / perRetail }
}

function retailKind({ start }: Pick<Bed, 'start'>, { soldAs }: PlantSpecies): RetailKind {
  if (start === 'cup') return 'cup'
  if (soldAs.includes('pot-emersed') || soldAs.includes('pot-submersed')) return 'pot'
  return soldAs.includes('bunch') ? 'bunch' : soldAs.includes('cup') ? 'cup' : 'loose'
}
const perRetailOf = (retail: RetailKind, { portionsPerPot, portionsPerBunch, portionsPerCup }: PlantSpecies): number =>
  retail === 'cup' ? portionsPerCup.value : retail === 'bunch' ? portionsPerBunch.value : portionsPerPot.value

export interface CountedSpecies {
  readonly plant: PlantSpecies
  readonly retail: RetailKind
  readonly areaCm2: number
  readonly portions: number
  readonly perRetail: number
  readonly pots: number
  readonly spare: number
  readonly massG: number
}
/** What the whole map asks for, plant by plant: pots are counted over all beds and spots of a plant, so that spares of one go into another. */
export function countedSpecies(beds: readonly { readonly plants: readonly LaidPlant[] }[]): CountedSpecies[] {
  const all = new Map<string, CountedSpecies>()
  for (const { plants } of beds)
    for (const { plant, retail, areaCm2, portions, perRetail, massG } of plants) {
      const key = `${plant.id} ${retail}`
      const before = all.get(key) ?? { plant, retail, areaCm2: 0, portions: 0, perRetail, pots: 0, spare: 0, massG: 0 }
      all.set(key, { ...before, areaCm2: before.areaCm2 + areaCm2, portions: before.portions + portions, massG: before.massG + massG })
    }
  return [...all.values()].map((one) => {
    const pots = Math.ceil(one.portions / one.perRetail)
    return { ...one, pots, spare: pots * one.perRetail - one.portions }
  })
}
