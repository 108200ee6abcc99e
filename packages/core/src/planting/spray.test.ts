import { expect, test } from 'vitest'
import { sprayEveryMin } from './spray.js'

test('by hand: 7.5 minutes at 40 %, 9 at 50 %, 15 at 70 %', () =>
  expect([0.4, 0.5, 0.7].map(sprayEveryMin).map((minutes) => Math.round(minutes * 10) / 10)).toEqual([7.5, 9, 15]))
test('damper air never asks for more, and no air for a time that nobody keeps', () => {
  const minutes = Array.from({ length: 101 }, (_, percent) => sprayEveryMin(percent / 100))
  expect(minutes).toEqual([...minutes].sort((a, b) => a - b))
  expect([minutes[0]! >= 3, minutes.at(-1)]).toEqual([true, 20])
})
