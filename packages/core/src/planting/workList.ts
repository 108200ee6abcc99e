import { copperKillsSome } from '../plan/planAnimals.js'
import type { Plan } from '../plan/plan.js'
import type { PlantSpecies } from '../species/plantSpecies.js'
import type { Melt, PlantPlace } from '../species/traits.js'
import type { LaidBed, LaidPlant, RetailKind } from './bedsOf.js'
import { placeOfBed } from './placeOfBed.js'
import { newLeavesWeeks } from './rise.js'

/** What is done with a plant on the planting day, in this order. */
export const HANDLINGS = [
  'pick-wool',
  'rinse-gel',
  'unbind',
  'halve-stems',
  'strip-air-leaves',
  'split',
  'hold-for-shrimps',
  'tweeze',
  'rhizome-on-top',
  'fasten',
  'lay-down',
  'float',
] as const
export type Handling = (typeof HANDLINGS)[number]

/** Work with one plant, as it comes into the house. */
export interface PlantWork {
  readonly plant: PlantSpecies
  readonly retail: RetailKind
  readonly handlings: readonly Handling[]
  readonly melt: Melt
  /** When new leaves stand at the latest; later than that, something is wrong. */
  readonly newLeavesByWeek: number
}

/** Shrimps and their like are wished for, planned, or not ruled out: farm-grown plants must not meet them. */
export const mayMeetShrimps = (plan: Pick<Plan, 'intent' | 'animals' | 'fauna'>): boolean =>
  plan.intent.wishes.includes('shrimps') || copperKillsSome(plan)

/** Plants that go in together; those out of the water keep the leaves that grew in air. */
interface WorkedBed {
  readonly plants: readonly LaidPlant[]
  readonly isOut?: boolean
}

/** Plants of the map, and of wood and stone, with what is done to each. General practice. A plant that stands in the water and out of it is told as in the water. */
export function plantWork(plan: Pick<Plan, 'intent' | 'animals' | 'fauna'>, beds: readonly WorkedBed[]): PlantWork[] {
  const hasShrimps = mayMeetShrimps(plan)
  const all = new Map<string, PlantWork>()
  for (const { plants, isOut = false } of [...beds].sort((a, b) => Number(b.isOut ?? false) - Number(a.isOut ?? false)))
    for (const { plant, retail } of plants) {
      const start = retail === 'cup' ? 'cup' : 'pot'
      all.set(`${plant.id} ${retail}`, {
        plant,
        retail,
        handlings: handlingsOf(plant, retail, hasShrimps).filter((handling) => !isOut || handling !== 'strip-air-leaves'),
        melt: isOut ? 'none' : plant.melt[start],
        newLeavesByWeek: newLeavesWeeks(plant, start).high,
      })
    }
  return [...all.values()]
}

function handlingsOf(plant: PlantSpecies, retail: RetailKind, hasShrimps: boolean): Handling[] {
  const isFarmGrown = retail !== 'cup'
  const isCut = plant.form === 'stem' && plant.resprouts !== 'no' && isFarmGrown
  const cameInAir = isFarmGrown && plant.soldAs.includes('pot-emersed')
  const applies: Readonly<Record<Handling, boolean>> = {
    'pick-wool': retail === 'pot',
    'rinse-gel': retail === 'cup',
    unbind: retail === 'bunch',
    'halve-stems': isCut,
    'strip-air-leaves': cameInAir && plant.form === 'rhizome',
    split: SPLIT_FORMS.has(plant.form),
    'hold-for-shrimps': hasShrimps && isFarmGrown,
    tweeze: fixedBy(plant) === 'tweeze',
    'rhizome-on-top': fixedBy(plant) !== 'float' && plant.buriedRots,
    fasten: fixedBy(plant) === 'fasten',
    'lay-down': fixedBy(plant) === 'lay-down',
    float: fixedBy(plant) === 'float',
  }
  return HANDLINGS.filter((handling) => applies[handling])
}
const SPLIT_FORMS: ReadonlySet<PlantSpecies['form']> = new Set(['carpet', 'grass-runner', 'moss', 'liverwort', 'runner-rosette'])
/** Without roots that hold in the ground. */
const FASTENED_FORMS: ReadonlySet<PlantSpecies['form']> = new Set(['rhizome', 'moss', 'liverwort'])

function fixedBy({ kind, form, attaches, buriedRots }: PlantSpecies): 'tweeze' | 'fasten' | 'lay-down' | 'float' {
  if (kind === 'floater') return 'float'
  if (form === 'alga-ball') return 'lay-down'
  return attaches === 'must' || buriedRots || FASTENED_FORMS.has(form) ? 'fasten' : 'tweeze'
}

/** In which order patches are planted: each is used, none is proven better. */
export const PLANTING_ORDERS = ['front-first', 'back-first', 'wood-first', 'out-first'] as const
export type PlantingOrder = (typeof PLANTING_ORDERS)[number]

const RANK: Readonly<Record<PlantingOrder, readonly PlantPlace[]>> = {
  'front-first': ['front', 'mid', 'hardscape', 'back', 'surface'],
  'back-first': ['back', 'hardscape', 'mid', 'front', 'surface'],
  'wood-first': ['hardscape', 'front', 'mid', 'back', 'surface'],
  'out-first': ['front', 'hardscape', 'mid', 'back', 'surface'],
}
/** Patches with plants in the order of planting; what floats comes last, when the water is in, and what grows out of the water after the ground is planted, unless it goes first. Patches alike keep from left to right. */
export function plantingOrder(beds: readonly LaidBed[], order: PlantingOrder, widthCm: number): LaidBed[] {
  const rank = (bed: LaidBed): number =>
    bed.isOut ? (order === 'out-first' ? -1 : RANK[order].length - 1.5) : RANK[order].indexOf(workPlace(bed, widthCm))
  const left = ({ ring }: LaidBed): number => Math.min(...ring.map(({ xCm }) => xCm))
  return beds.filter(({ plants }) => plants.length > 0).sort((a, b) => rank(a) - rank(b) || left(a) - left(b))
}
/** Where hands go: plants that must be fastened go with wood and stone. */
const workPlace = (bed: LaidBed, widthCm: number): PlantPlace =>
  !bed.isFloating && bed.plants.every(({ plant }) => fixedBy(plant) === 'fasten') ? 'hardscape' : placeOfBed(bed, widthCm)
