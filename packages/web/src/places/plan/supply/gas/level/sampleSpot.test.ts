import { linearOf } from '@jovrin/core'
import { expect, test } from 'vitest'
import { sampleSpot } from './sampleSpot.js'

/** Left half of one grey, right half of another. */
const halves = (left: number, right: number, width = 200, height = 100): ImageData => {
  const data = new Uint8ClampedArray(width * height * 4)
  for (let place = 0; place < width * height; place++) data.fill(place % width < width / 2 ? left : right, place * 4, place * 4 + 4)
  return { data, width, height, colorSpace: 'srgb' }
}
test('a spot is the mean light around it, and nothing of the other half', () => {
  const picture = halves(200, 40)
  for (const light of sampleSpot(picture, { x: 0.2, y: 0.5 })) expect(light).toBeCloseTo(linearOf(200), 6)
  for (const light of sampleSpot(picture, { x: 0.9, y: 0.5 })) expect(light).toBeCloseTo(linearOf(40), 6)
})
test('corners have light too', () => {
  const picture = halves(200, 40)
  for (const x of [0, 1]) for (const y of [0, 1]) for (const light of sampleSpot(picture, { x, y })) expect(light).toBeGreaterThan(0)
})
