import { lineOf, outlineFault } from '../../numeric/outline.js'
import { splitByLine } from '../../numeric/reshape.js'
import { boundsOf, centreOf } from '../../numeric/ring.js'
import { ringOutline } from '../../ground/zoneEdits.js'
import type { NewId } from '../../plan/id.js'
import type { Bed, Plan } from '../../plan/plan.js'
import type { LaidBed } from '../bedsOf.js'

/** Cut of the front, middle and rear step against that of the whole. Rule of thumb. */
const CUT_TIMES = [0.65, 1, 1.4] as const
const LEAST_CUT_CM = 1

/** One group as three steps from front to back, each cut higher than the one before it. `null` where it is too shallow to be split, or has nothing in it. */
export function risingSteps(plan: Plan, { bed, plants }: Pick<LaidBed, 'bed' | 'plants'>, newId: NewId): Plan | null {
  const [first] = plants
  const ring = lineOf(bed.outline)
  const { left, right, front, back } = boundsOf(ring)
  const stepCm = (back - front) / CUT_TIMES.length
  if (first === undefined) return null
  const lines = CUT_TIMES.slice(1).map((_, index) => front + stepCm * (index + 1))
  const parts = lines
    .reduce((cut, yCm) => cut.flatMap((part) => splitByLine(part, { xCm: left - 1, yCm }, { xCm: right + 1, yCm })), [[...ring]])
    .map((part) => ({ outline: ringOutline(part), step: Math.floor((centreOf(part).yCm - front) / stepCm) }))
    .filter(({ outline }) => outlineFault(outline) === null)
    .sort((a, b) => a.step - b.step)
  if (parts.length < 2) return null
  const cutCm = plants.reduce((sum, planted) => sum + planted.cutCm, 0) / plants.length
  const steps = parts.map(({ outline, step }, index): Bed => ({
    ...bed,
    id: index === 0 ? bed.id : newId('b'),
    outline,
    plants: index === 0 ? bed.plants : bed.plants.map((plant) => ({ ...plant, id: newId('p') })),
    cutCm: Math.max(LEAST_CUT_CM, Math.round(2 * cutCm * (CUT_TIMES[step] ?? 1)) / 2),
  }))
  return { ...plan, beds: plan.beds.flatMap((one) => (one.id === bed.id ? steps : [one])) }
}
