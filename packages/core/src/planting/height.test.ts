import { expect, test } from 'vitest'
import { PLANT_KINDS } from '../plan/plan.js'
import { HEIGHT_CM } from './density.js'
import { heightCmAtAge } from './height.js'

test('every kind only grows, from about its planted height to its grown one', () => {
  for (const kind of PLANT_KINDS) {
    const heights = [0, 14, 30, 60, 120, 400].map((age) => heightCmAtAge(kind, age))
    expect([...heights].sort((a, b) => a - b)).toEqual(heights)
    expect(heights[0]).toBeLessThan(HEIGHT_CM[kind].planted + 0.06 * (HEIGHT_CM[kind].grown - HEIGHT_CM[kind].planted))
    expect(heights.at(-1)).toBeCloseTo(HEIGHT_CM[kind].grown, 2)
  }
})
test('stems stand at the middle of their heights after 18 days, by hand (8 + 32)/2', () =>
  expect(heightCmAtAge('stems', 18)).toBeCloseTo(20, 9))
