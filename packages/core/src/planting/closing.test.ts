import { describe, expect, test } from 'vitest'
import type { Bed, Plan } from '../plan/plan.js'
import { anyPlant, datum } from '../testing/anyPlant.js'
import { box } from '../testing/box.js'
import { potBed } from '../testing/potBed.js'
import { samplePlan } from '../testing/samplePlan.js'
import { bedsOf, countedSpecies } from './bedsOf.js'
import { meanWeeksToClose, withSpacingTimes } from './closing.js'
import { weeksToClose } from './rise.js'

const inner = { lengthCm: 100, widthCm: 40 }
const near = anyPlant({ spacingCm: datum(2) }, { id: 'near' })
const far = anyPlant({ spacingCm: datum(6) }, { id: 'far' })
const bed = (id: string, left: number, species: Parameters<typeof potBed>[2]): Bed => potBed(id, box(left, 0, left + 20, 20), species)
const plan: Plan = {
  ...samplePlan,
  hardscape: [],
  flora: [near, far],
  beds: [
    bed('b1', 0, 'near'),
    bed('b2', 40, [
      ['near', 3],
      ['far', 1],
    ]),
    bed('b3', 70, []),
  ],
}
const beds = bedsOf(plan, inner)

describe('fewer pots, more weeks', () => {
  test('spacing by hand: 2 cm × 1.5, and of a mixed patch (3·2 + 1·6) / 4 × 1.5; an empty patch keeps none', () =>
    expect(withSpacingTimes(plan, beds, 1.5).beds.map(({ spacingCm }) => spacingCm)).toEqual([3, 4.5, null]))
  test('twice as far apart is a quarter of the portions, and later closed', () => {
    const wide = bedsOf(withSpacingTimes(plan, beds, 2), inner)
    const portions = (laid: typeof beds): number => countedSpecies(laid.slice(0, 1)).reduce((sum, one) => sum + one.portions, 0)
    expect(portions(wide) / portions(beds)).toBeCloseTo(0.25, 1)
    expect(meanWeeksToClose(wide, () => 1)).toBeGreaterThan(meanWeeksToClose(beds, () => 1)!)
  })
  test('weeks are weighed by area; what never closes is left out', () => {
    expect(meanWeeksToClose(beds.slice(0, 1), () => 1)).toBeCloseTo(weeksToClose(near, 2, 1)!, 9)
    expect(meanWeeksToClose([], () => 1)).toBeNull()
  })
  test('never nearer or farther than a plan may say', () => {
    expect(withSpacingTimes(plan, beds, 0.001).beds[0]?.spacingCm).toBe(0.3)
    expect(withSpacingTimes(plan, beds, 1000).beds[0]?.spacingCm).toBe(80)
  })
})
