import { describe, expect, test } from 'vitest'
import { anyPlant, datum } from '../testing/anyPlant.js'
import { heightAfterCm, leastSupply, spacingToClose, spreadAfterCm, weeksToClose } from './rise.js'

const stem = anyPlant({ matureHeightCm: datum(40), plantingHeightCm: datum(8), riseStrongCmPerWeek: datum(8), riseWeakCmPerWeek: datum(2) })

describe('height over the weeks', () => {
  test('begins as planted, ends as grown, and never falls', () => {
    const heights = [0, 1, 2, 4, 8, 12, 52].map((weeks) => heightAfterCm(stem, { weeks, supply: 1 }))
    expect(heights[0]).toBeCloseTo(8, 9)
    expect(heights.at(-1)).toBeCloseTo(40, 3)
    expect([...heights].sort((a, b) => a - b)).toEqual(heights)
  })
  test('at half its height it rises as fast as its species does in strong light', () => {
    const at = (weeks: number): number => heightAfterCm(stem, { weeks, supply: 1, fromCm: 20 })
    expect((at(0.01) - at(0)) / 0.01).toBeCloseTo(8, 1)
  })
  test('by hand: r = 4·8/40 = 0.8; after 2 weeks 40/(1 + 4·e^−1.6) = 22.1 cm', () =>
    expect(heightAfterCm(stem, { weeks: 2, supply: 1 })).toBeCloseTo(40 / (1 + 4 * Math.exp(-1.6)), 9))
  test('less supply is slower, but never slower than in weak light', () => {
    expect(leastSupply(stem)).toBeCloseTo(0.25, 12)
    expect(heightAfterCm(stem, { weeks: 3, supply: 0.5 })).toBeLessThan(heightAfterCm(stem, { weeks: 3, supply: 1 }))
    expect(heightAfterCm(stem, { weeks: 3, supply: 0 })).toBeCloseTo(heightAfterCm(stem, { weeks: 3, supply: 0.25 }), 12)
  })
  test('what melts stands still until new leaves have come; from a cup it may not', () => {
    const crypt = anyPlant({ melt: { pot: 'full', cup: 'slight' }, newLeavesPotWeeks: datum(4) })
    expect(heightAfterCm(crypt, { weeks: 4, supply: 1, start: 'pot' })).toBeCloseTo(crypt.plantingHeightCm.value, 9)
    expect(heightAfterCm(crypt, { weeks: 4, supply: 1, start: 'cup' })).toBeGreaterThan(crypt.plantingHeightCm.value * 1.5)
  })
  test('never above the water', () => {
    expect(heightAfterCm(stem, { weeks: 30, supply: 1, mostCm: 25 })).toBeLessThanOrEqual(25)
    expect(heightAfterCm(stem, { weeks: 30, supply: 1, mostCm: 5 })).toBe(5)
  })
})

describe('closing', () => {
  const creeper = anyPlant({ closingStartCm: datum(0.5), closingCmPerWeek: datum(0.26), closingLagWeeks: datum(1.5) })
  test('a round-leaved creeper in good supply: about 2 cm close in 4 weeks, 4 cm in 8', () => {
    expect(spacingToClose(creeper, 4, 1)).toBeCloseTo(1.732 * (0.5 + 0.26 * 2.5), 2)
    expect(spacingToClose(creeper, 8, 1)).toBeCloseTo(3.8, 1)
  })
  test('weeks and spacing are inverse', () => {
    for (const weeks of [2, 5, 9]) expect(weeksToClose(creeper, spacingToClose(creeper, weeks, 0.7), 0.7)).toBeCloseTo(weeks, 9)
  })
  test('portions that touch are closed at once; what does not spread never closes', () => {
    expect(weeksToClose(creeper, 0.5, 1)).toBe(0)
    expect(weeksToClose(anyPlant({ closingCmPerWeek: datum(0, 0, 0) }), 5, 1)).toBeNull()
    expect(spreadAfterCm(creeper, 1, 1)).toBe(0.5)
  })
})
