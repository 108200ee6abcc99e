import { lineOf } from '../numeric/outline.js'
import { boundsOf } from '../numeric/ring.js'
import type { NewId } from '../plan/id.js'
import type { Bed, BedPlant, Plan, Vertex } from '../plan/plan.js'
import type { PlantSpecies } from '../species/plantSpecies.js'

type Floor = { readonly lengthCm: number; readonly widthCm: number }
interface Made {
  readonly plan: Plan
  readonly id: string
}
const round = (cm: number): number => Math.round(cm * 100) / 100

export const withBed = (plan: Plan, id: string, edit: (bed: Bed) => Bed): Plan => ({
  ...plan,
  beds: plan.beds.map((bed) => (bed.id === id ? edit(bed) : bed)),
})

/** A bed of a given outline, with nothing in it yet. */
export function bedOf(plan: Plan, outline: readonly Vertex[], newId: NewId): Made {
  const id = newId('b')
  return {
    id,
    plan: {
      ...plan,
      beds: [...plan.beds, { id, name: '', outline, plants: [], start: 'pot', spacingCm: null, stands: 'water', cutCm: null }],
    },
  }
}

/** A bed in the middle of the floor, ready to be drawn into shape. */
export function addBed(plan: Plan, { lengthCm: l, widthCm: w }: Floor, newId: NewId): Made {
  const shift = ((plan.beds.length * 0.17) % 0.5) - 0.25
  const corner = (x: number, y: number): Vertex => ({ xCm: round(l * (x + shift)), yCm: round(w * y), isRound: true })
  return bedOf(plan, [corner(0.38, 0.35), corner(0.62, 0.35), corner(0.62, 0.65), corner(0.38, 0.65)], newId)
}

/** Flora without plants that no bed and no spot holds, of the map or of one that is kept aside. */
export const weeded = (plan: Plan): Plan => {
  const used = new Set(
    [plan, ...plan.variants].flatMap(({ beds, spots }) => [
      ...beds.flatMap(({ plants }) => plants.map(({ species }) => species)),
      ...spots.flatMap(({ species }) => species ?? []),
    ]),
  )
  return plan.flora.every(({ id }) => used.has(id)) ? plan : { ...plan, flora: plan.flora.filter(({ id }) => used.has(id)) }
}

export const removeBed = (plan: Plan, id: string): Plan => weeded({ ...plan, beds: plan.beds.filter((bed) => bed.id !== id) })

export function duplicateBed(plan: Plan, id: string, floor: Floor, newId: NewId): Made | null {
  const bed = plan.beds.find((one) => one.id === id)
  if (bed === undefined) return null
  const { right } = boundsOf(lineOf(bed.outline))
  const dx = right + 6 <= floor.lengthCm ? 6 : -6
  const fresh = newId('b')
  const copy = {
    ...bed,
    id: fresh,
    outline: bed.outline.map((vertex) => ({ ...vertex, xCm: round(vertex.xCm + dx) })),
    plants: bed.plants.map((plant) => ({ ...plant, id: newId('p') })),
  }
  return { id: fresh, plan: { ...plan, beds: [...plan.beds, copy] } }
}

/** Turned over at the middle of the tank. */
export const mirrorOutline = (outline: readonly Vertex[], lengthCm: number): Vertex[] =>
  outline.map((vertex) => ({ ...vertex, xCm: round(lengthCm - vertex.xCm) }))

/** A copy on the other side: for symmetric layouts. */
export function mirrorBed(plan: Plan, id: string, { lengthCm }: Floor, newId: NewId): Made | null {
  const bed = plan.beds.find((one) => one.id === id)
  if (bed === undefined) return null
  const fresh = newId('b')
  const copy = {
    ...bed,
    id: fresh,
    outline: mirrorOutline(bed.outline, lengthCm),
    plants: bed.plants.map((plant) => ({ ...plant, id: newId('p') })),
  }
  return { id: fresh, plan: { ...plan, beds: [...plan.beds, copy] } }
}

/** The plan with a plant in its flora as the library knows it now. */
export const withFlora = (plan: Plan, plant: PlantSpecies): Plan => ({
  ...plan,
  flora: [...plan.flora.filter(({ id }) => id !== plant.id), plant],
})

/** One more plant in a bed: it takes an equal share of what is there. */
export function plantInBed(plan: Plan, bedId: string, plant: PlantSpecies, newId: NewId): Plan {
  const added: BedPlant = { id: newId('p'), species: plant.id, share: 1 }
  return withBed(withFlora(plan, plant), bedId, (bed) =>
    bed.plants.some(({ species }) => species === plant.id) ? bed : { ...bed, plants: [...bed.plants, added] },
  )
}
/** Another plant in the place of one. */
export const exchangePlant = (plan: Plan, bedId: string, plantId: string, plant: PlantSpecies): Plan =>
  weeded(
    withBed(withFlora(plan, plant), bedId, (bed) => ({
      ...bed,
      plants: bed.plants.map((one) => (one.id === plantId ? { ...one, species: plant.id } : one)),
    })),
  )
export const takeOutPlant = (plan: Plan, bedId: string, plantId: string): Plan =>
  weeded(withBed(plan, bedId, (bed) => ({ ...bed, plants: bed.plants.filter(({ id }) => id !== plantId) })))
