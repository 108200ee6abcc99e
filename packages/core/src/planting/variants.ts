import type { NewId } from '../plan/id.js'
import type { Plan, PlantingVariant } from '../plan/plan.js'
import { weeded } from './bedEdits.js'

/** As many as lie side by side on a sheet. */
export const MOST_VARIANTS = 4

const isPlanted = ({ beds, spots }: Pick<Plan, 'beds' | 'spots'>): boolean => beds.length > 0 || spots.length > 0
const isSame = (a: Pick<Plan, 'beds' | 'spots'>, b: Pick<Plan, 'beds' | 'spots'>): boolean =>
  JSON.stringify([a.beds, a.spots]) === JSON.stringify([b.beds, b.spots])

/** The plan as it would be with a variant for its map. */
export const asVariant = (plan: Plan, { beds, spots }: Pick<PlantingVariant, 'beds' | 'spots'>): Plan => ({ ...plan, beds, spots })

/** The map as it is, kept beside the plan under a name. The plan itself where nothing is planted, or as many are kept as there may be. */
export function keepVariant(plan: Plan, name: string, newId: NewId): Plan {
  if (!isPlanted(plan) || plan.variants.length >= MOST_VARIANTS) return plan
  return { ...plan, variants: [...plan.variants, { id: newId('v'), name, beds: plan.beds, spots: plan.spots }] }
}

/** A variant becomes the map. What was the map is kept in its place under a name, unless it is kept already or nothing was planted. */
export function takeVariant(plan: Plan, id: string, nameOfBefore: string): Plan {
  const taken = plan.variants.find((one) => one.id === id)
  if (taken === undefined) return plan
  const others = plan.variants.filter((one) => one.id !== id)
  const isKept = !isPlanted(plan) || others.some((one) => isSame(one, plan))
  const variants = isKept
    ? others
    : plan.variants.map((one) => (one.id === id ? { ...one, name: nameOfBefore, beds: plan.beds, spots: plan.spots } : one))
  // A spot whose piece is gone since has nothing to sit on.
  const pieces = new Set(plan.hardscape.map((piece) => piece.id))
  return weeded({ ...asVariant(plan, { beds: taken.beds, spots: taken.spots.filter(({ piece }) => pieces.has(piece)) }), variants })
}

export const renameVariant = (plan: Plan, id: string, name: string): Plan => ({
  ...plan,
  variants: plan.variants.map((one) => (one.id === id ? { ...one, name } : one)),
})

export const removeVariant = (plan: Plan, id: string): Plan => weeded({ ...plan, variants: plan.variants.filter((one) => one.id !== id) })
