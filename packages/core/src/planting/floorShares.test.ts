import { expect, test } from 'vitest'
import type { Bed, Plan } from '../plan/plan.js'
import { anyPlant, datum } from '../testing/anyPlant.js'
import { box } from '../testing/box.js'
import { potBed } from '../testing/potBed.js'
import { samplePlan } from '../testing/samplePlan.js'
import { bedsOf } from './bedsOf.js'
import { floorShares } from './floorShares.js'

const inner = { lengthCm: 100, widthCm: 40 }
const flora = [
  anyPlant({ doublingDays: datum(8, 8, 8) }, { id: 'fast' }),
  anyPlant({ doublingDays: datum(40, 40, 40) }, { id: 'slow' }),
  anyPlant({ form: 'floater', kind: 'floater' }, { id: 'floats' }),
]
const bed = (id: string, left: number, species: readonly string[]): Bed =>
  potBed(
    id,
    box(left, 0, left + 20, 20),
    species.map((one) => [one, 1] as const),
  )
const shares = (beds: readonly Bed[]) => {
  const plan: Plan = { ...samplePlan, hardscape: [], beds, flora }
  return floorShares(bedsOf(plan, inner), inner)
}

test('a tenth of the floor a bed, by hand; an empty bed is not planted; half of a mixed one is fast', () =>
  expect(shares([bed('a', 0, ['fast']), bed('b', 20, ['fast', 'slow']), bed('c', 40, []), bed('d', 60, ['floats'])])).toEqual({
    plantedFraction: 0.2,
    fastFraction: 0.75,
    floatingFraction: 0.1,
  }))
test('nothing planted has no fast share', () => expect(shares([]).fastFraction).toBeNull())
