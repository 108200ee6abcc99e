import { describe, expect, test } from 'vitest'
import { distanceCm, isInside } from '../numeric/ring.js'
import type { Plan } from '../plan/plan.js'
import type { PlantTraits } from '../species/traits.js'
import { anyPlant, datum } from '../testing/anyPlant.js'
import { box } from '../testing/box.js'
import { potBed } from '../testing/potBed.js'
import { samplePlan } from '../testing/samplePlan.js'
import { bedsOf } from './bedsOf.js'
import { tabsByPlant } from './tabsByPlant.js'

const inner = { lengthCm: 100, widthCm: 40 }
const tabs = (traits: Partial<PlantTraits>, wide = 40, stones: Parameters<typeof tabsByPlant>[1] = []) => {
  const plant = anyPlant({ feeding: 'root', ...traits }, { id: 'p' })
  const bed = potBed('b1', box(0, 0, wide, 40), 'p')
  const plan: Plan = { ...samplePlan, hardscape: [], beds: [bed], flora: [plant] }
  return tabsByPlant(bedsOf(plan, inner), stones, inner)
}

describe('root tabs by plant', () => {
  test('a large crown has a ring of three, four or five, by its spread', () => {
    for (const [spread, count] of [
      [22, 3],
      [33, 4],
      [50, 5],
    ] as const) {
      const [one] = tabs({ form: 'rosette', spreadCm: datum(spread), spacingCm: datum(30) }, 20)
      expect(one?.pattern).toBe('ring')
      expect(one!.spots.length % count).toBe(0)
    }
  })
  test('a small crown has one of its own, what covers the ground a grid of 12 cm', () => {
    expect(tabs({ form: 'runner-rosette', spreadCm: datum(12), spacingCm: datum(9) })[0]?.pattern).toBe('crown')
    expect(tabs({ form: 'runner-rosette', spreadCm: datum(6), spacingCm: datum(3) })[0]?.pattern).toBe('grid')
    const [lawn] = tabs({ form: 'grass-runner', kind: 'carpet' })
    expect(lawn?.pattern).toBe('grid')
    expect(distanceCm(lawn!.spots[0]!, lawn!.spots[1]!)).toBeCloseTo(12, 6)
  })
  test('none for what feeds by its leaves too', () => {
    expect(tabs({ feeding: 'both' })).toEqual([])
    expect(tabs({ feeding: 'column' })).toEqual([])
  })
  test('none in the glass, none under a stone; a patch too small for a grid has one', () => {
    const stone = [
      [0, 0],
      [20, 0],
      [20, 40],
      [0, 40],
    ].map(([xCm = 0, yCm = 0]) => ({ xCm, yCm }))
    for (const { xCm, yCm } of tabs({ form: 'rosette', spreadCm: datum(50), spacingCm: datum(15) }, 40, [stone])[0]!.spots) {
      expect(xCm > 0 && xCm < inner.lengthCm && yCm > 0 && yCm < inner.widthCm).toBe(true)
      expect(isInside(stone, xCm, yCm)).toBe(false)
    }
    expect(tabs({ form: 'grass-runner' }, 3)[0]?.spots).toHaveLength(1)
  })
})
