import type { Lamp, Plan } from '../plan/plan.js'
import { UNKNOWN_LAMP } from '../plan/unplanned.js'

/** A lamp hangs so high at most, as a drawing lets one drag it [cm]. */
const HIGHEST_CM = 120
const GRID_CM = 0.5
const toGrid = (cm: number): number => Math.round(cm / GRID_CM) * GRID_CM

type Lamps = Pick<Plan, 'lamps'>
export const changeLamp = <Lit extends Lamps>(plan: Lit, id: string, change: Partial<Omit<Lamp, 'id'>>): Lit => ({
  ...plan,
  lamps: plan.lamps.map((lamp) => (lamp.id === id ? { ...lamp, ...change } : lamp)),
})

/** Its middle to another place over the floor; it may hang beyond the glass, but not out of reach. */
export const moveLamp = <Lit extends Lamps>(
  plan: Lit,
  id: string,
  { xCm, yCm }: { readonly xCm: number; readonly yCm: number },
  inner: { readonly lengthCm: number; readonly widthCm: number },
): Lit => {
  const held = (at: number, size: number): number => toGrid(Math.min(Math.max(at, -size / 2), size * 1.5))
  return changeLamp(plan, id, { xCm: held(xCm, inner.lengthCm), yCm: held(yCm, inner.widthCm) })
}

export const raiseLamp = <Lit extends Lamps>(plan: Lit, id: string, aboveWaterCm: number): Lit =>
  changeLamp(plan, id, { aboveWaterCm: toGrid(Math.min(Math.max(aboveWaterCm, 0), HIGHEST_CM)) })

/** One more of the same beside it, or one of which nothing is known. */
export const addLamp = <Lit extends Lamps>(plan: Lit, id: string, like?: Lamp): Lit => ({
  ...plan,
  lamps: [...plan.lamps, { ...(like ?? UNKNOWN_LAMP), id }],
})
export const removeLamp = <Lit extends Lamps>(plan: Lit, id: string): Lit => ({
  ...plan,
  lamps: plan.lamps.filter((lamp) => lamp.id !== id),
})
