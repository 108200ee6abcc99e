import { expect, test } from 'vitest'
import { PLANT_KINDS } from '../plan/plan.js'
import { PLANT_KIND } from './kinds.js'
import { heightCmAtAge } from './height.js'

test('every kind only grows, from about its planted height to its grown one', () => {
  for (const kind of PLANT_KINDS) {
    const heights = [0, 14, 30, 60, 120, 400].map((age) => heightCmAtAge(kind, age))
    expect([...heights].sort((a, b) => a - b)).toEqual(heights)
    expect(heights[0]).toBeLessThan(
      PLANT_KIND[kind].heightCm.planted + 0.06 * (PLANT_KIND[kind].heightCm.grown - PLANT_KIND[kind].heightCm.planted),
    )
    expect(heights.at(-1)).toBeCloseTo(PLANT_KIND[kind].heightCm.grown, 2)
  }
})
test('stems stand at the middle of their heights after 18 days, by hand (8 + 32)/2', () =>
  expect(heightCmAtAge('stems', 18)).toBeCloseTo(20, 9))
