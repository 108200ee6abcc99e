import { gasGPerDay } from '../gas/linesOf.js'
import type { Plan } from '../plan/plan.js'
import { tankFigures } from './tankFigures.js'

/** A tank on a cylinder, and what its valves take of it by its plan. */
export interface Sharer {
  readonly id: string
  readonly name: string
  readonly gPerDay: number
}

/** The tanks whose gas comes from the cylinder of one of them, the owner first. A line counts where it hangs. */
export function cylinderSharers(ownerId: string, tanks: readonly { readonly id: string; readonly plan: Plan }[]): Sharer[] {
  return tanks
    .flatMap(({ id, plan }): Sharer[] => {
      const here = new Set(
        plan.gasLines.filter(({ control, sharedWith }) => control !== 'none' && (sharedWith ?? id) === ownerId).map((line) => line.id),
      )
      if (here.size === 0) return []
      const taken = tankFigures(plan).gasLines.filter((line) => here.has(line.id))
      return [{ id, name: plan.name, gPerDay: gasGPerDay(plan, taken) }]
    })
    .sort((a, b) => Number(b.id === ownerId) - Number(a.id === ownerId))
}
