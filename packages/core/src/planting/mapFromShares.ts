import type { NewId } from '../plan/id.js'
import { PLANT_KINDS, type Bed, type Plan, type PlantKind, type Vertex } from '../plan/plan.js'
import type { PlantSpecies } from '../species/plantSpecies.js'
import { EASES } from '../species/traits.js'
import { standingOf, VERDICTS, type PlantSite } from '../species/standing.js'
import { weeded } from './bedEdits.js'
import { PLANT_KIND } from './kinds.js'
import type { Stand } from './standOf.js'

/** Plants that most growers begin a group with, by id; the first that stands best is taken. General practice. */
const COMMON: Readonly<Record<PlantKind, readonly string[]>> = {
  carpet: ['micranthemum-tweediei', 'eleocharis-pusilla', 'helanthium-tenellum', 'marsilea-hirsuta'],
  stems: ['rotala-rotundifolia', 'ludwigia-palustris', 'bacopa-caroliniana', 'rotala-rotundifolia-green-form'],
  rhizome: ['leptochilus-pteropus', 'anubias-barteri-var-nana'],
  rosette: ['cryptocoryne-wendtii', 'helanthium-bolivianum', 'cryptocoryne-beckettii'],
  moss: ['taxiphyllum-barbieri', 'vesicularia-montagnei'],
  floater: ['salvinia-natans', 'phyllanthus-fluitans', 'lemna-minor'],
}
/** So many different stems stand side by side, so that a rear strip is no hedge. */
const STEM_BEDS = 3
/** Between beds, so that groups stay apart. General practice. */
const GAP_CM = 1
const LEAST_CM = 3

/** Plants for each group that stand best where the group usually stands, the easiest first. */
export function usualPlants(kind: PlantKind, all: readonly PlantSpecies[], site: PlantSite): PlantSpecies[] {
  const common = COMMON[kind].flatMap((id) => all.find((plant) => plant.id === id) ?? [])
  const rank = (plant: PlantSpecies): number =>
    VERDICTS.indexOf(standingOf(plant, site).verdict) * 10 + EASES.indexOf(plant.ease[0] ?? 'demanding')
  return [...common].sort((a, b) => rank(a) - rank(b))
}

interface Floor {
  readonly lengthCm: number
  readonly widthCm: number
}
interface Strip {
  readonly kind: PlantKind
  readonly left: number
  readonly right: number
  readonly front: number
  readonly back: number
}

/** A map that says what the shares of a plan said: carpets in front, stems behind, what stands alone between; each group on as much floor as its share. `plantsOf`: plants for a group, best first; a group without any stays as it was. */
export function mapFromShares(
  plan: Plan,
  stand: Stand,
  floor: Floor,
  plantsOf: (kind: PlantKind) => readonly PlantSpecies[],
  newId: NewId,
): Plan {
  const flora = new Map<string, PlantSpecies>()
  const beds = stripsOf(stand, floor).flatMap((strip): Bed[] => {
    const plants = plantsOf(strip.kind)
    if (plants.length === 0) return []
    const parts = strip.kind === 'stems' && strip.right - strip.left > STEM_BEDS * 2 * LEAST_CM ? STEM_BEDS : 1
    return Array.from({ length: parts }, (_, part): Bed => {
      const plant = plants[part % plants.length]!
      flora.set(plant.id, plant)
      const wide = (strip.right - strip.left - GAP_CM * (parts - 1)) / parts
      const left = strip.left + part * (wide + GAP_CM)
      return {
        id: newId('b'),
        name: '',
        outline: rectangle({ ...strip, left, right: left + wide }),
        plants: [{ id: newId('p'), species: plant.id, share: 1 }],
        start: 'pot',
        spacingCm: null,
        stands: 'water',
        cutCm: null,
      }
    })
  })
  return weeded({ ...plan, beds, flora: [...flora.values(), ...plan.flora.filter(({ id }) => !flora.has(id))] })
}

/** Where each group stands: strips from front to back. */
function stripsOf(stand: Stand, { lengthCm, widthCm }: Floor): Strip[] {
  const share = (kind: PlantKind): number => stand[kind].footFraction
  const frontDeep = share('carpet') * widthCm
  const rearDeep = share('stems') * widthCm
  const strips: Strip[] = []
  if (frontDeep >= LEAST_CM) strips.push({ kind: 'carpet', left: 0, right: lengthCm, front: 0, back: frontDeep })
  if (rearDeep >= LEAST_CM) strips.push({ kind: 'stems', left: 0, right: lengthCm, front: widthCm - rearDeep, back: widthCm })
  const middle = {
    front: frontDeep >= LEAST_CM ? frontDeep + GAP_CM : GAP_CM,
    back: rearDeep >= LEAST_CM ? widthCm - rearDeep - GAP_CM : widthCm - GAP_CM,
  }
  const deep = middle.back - middle.front
  let left = GAP_CM
  for (const kind of PLANT_KINDS) {
    if (kind === 'carpet' || kind === 'stems' || PLANT_KIND[kind].isFloating || share(kind) === 0 || deep < LEAST_CM) continue
    const wide = Math.min((share(kind) * lengthCm * widthCm) / deep, lengthCm - GAP_CM - left)
    if (wide < LEAST_CM) continue
    strips.push({ kind, left, right: left + wide, ...middle })
    left += wide + GAP_CM
  }
  const floats = share('floater')
  if (floats > 0) {
    const side = Math.sqrt(floats)
    strips.push({ kind: 'floater', left: lengthCm * (1 - side), right: lengthCm, front: widthCm * (1 - side), back: widthCm })
  }
  return strips
}

const round = (cm: number): number => Math.round(cm * 100) / 100
function rectangle({ left, right, front, back }: Omit<Strip, 'kind'>): Vertex[] {
  const corner = (xCm: number, yCm: number): Vertex => ({ xCm: round(xCm), yCm: round(yCm), isRound: false })
  return [corner(left, front), corner(right, front), corner(right, back), corner(left, back)]
}
