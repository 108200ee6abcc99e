import { edgeRuns, groundLaidAt } from '../../ground/edgeRuns.js'
import { groundHeightCm, type GroundPlan } from '../../ground/groundPlan.js'
import type { NewId } from '../../plan/id.js'
import type { Barrier, Plan } from '../../plan/plan.js'
import type { LaidBed } from '../bedsOf.js'

/** Runners turn back at a wall that rises so far above the ground. Rule of thumb 1–2 cm. */
const ABOVE_GROUND_CM = 1.5

/** A wall in the ground round a bed, except along the glass: what sends runners stays within. The plan as it is where nothing is open. */
export function bordered(
  plan: Plan,
  { ring }: Pick<LaidBed, 'ring'>,
  ground: GroundPlan,
  floor: { readonly lengthCm: number; readonly widthCm: number },
  newId: NewId,
): Plan {
  const runs = edgeRuns(ring, floor, groundLaidAt(plan))
  const within = (cm: number, most: number): number => Math.round(100 * Math.min(most, Math.max(0, cm))) / 100
  const barriers = runs.map((run): Barrier => {
    const line = run.map(({ xCm, yCm }) => ({ xCm: within(xCm, floor.lengthCm), yCm: within(yCm, floor.widthCm) }))
    const highestCm = Math.max(...line.map(({ xCm, yCm }) => groundHeightCm(ground, xCm, yCm)))
    return { id: newId('wall'), line, heightCm: Math.round(10 * (highestCm + ABOVE_GROUND_CM)) / 10 }
  })
  return barriers.length === 0 ? plan : { ...plan, barriers: [...plan.barriers, ...barriers] }
}
