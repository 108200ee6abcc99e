import { expect, test } from 'vitest'
import { BUBBLE_WAYS, dissolvedOfBubble } from './risingBubble.js'

const WATER = { temperatureC: 24, co2MgPerL: 20 }
const share = (diameterMm: number, riseCm: number, way: keyof typeof BUBBLE_WAYS = 'value'): number =>
  dissolvedOfBubble(diameterMm, riseCm, WATER, BUBBLE_WAYS[way])

test('small bubbles from deep down dissolve most', () => {
  for (const riseCm of [15, 25, 40])
    for (const d of [0.5, 0.8, 1.2, 2, 3]) expect(share(d, riseCm)).toBeGreaterThanOrEqual(share(d * 1.3, riseCm))
  for (const d of [0.8, 1.2, 2, 3]) expect(share(d, 40)).toBeGreaterThan(share(d, 20))
  for (const d of [0.8, 1.2, 2]) {
    expect(share(d, 30, 'low')).toBeLessThan(share(d, 30))
    expect(share(d, 30, 'high')).toBeGreaterThan(share(d, 30))
  }
})
test('bubbles of a stone or disc come to the share that is usual in the tank', () => {
  // One to two millimetres over 35 to 45 cm: a third to two thirds.
  for (const d of [1, 1.5, 2])
    for (const riseCm of [35, 45]) {
      expect(share(d, riseCm)).toBeGreaterThan(0.2)
      expect(share(d, riseCm)).toBeLessThan(0.8)
    }
})
test('some air always reaches the surface, and none comes out of nothing', () => {
  expect(share(0.2, 60)).toBe(0.95)
  expect(dissolvedOfBubble(4, 5, { temperatureC: 20, co2MgPerL: 500 })).toBeGreaterThan(0)
})
test('outside its range it says so', () => {
  expect(() => share(9, 40)).toThrow(/diameterMm is 9/)
  expect(() => share(1, 0)).toThrow(/riseCm is 0/)
})
test('does not hang on its step: halving depth twice over adds up smoothly', () => {
  const at = [20, 20.5, 21].map((riseCm) => share(1.5, riseCm))
  expect(at[1]! - at[0]!).toBeCloseTo(at[2]! - at[1]!, 2)
})
