import { expect, test } from 'vitest'
import { Remembered } from './remembered.js'

test('a value is made anew only where what it is made of changed, and the longest unasked is forgotten', () => {
  const made: string[] = []
  const kept = new Remembered<string>(2)
  const ask = (id: string, madeOf: string): string =>
    kept.get(id, madeOf, () => {
      made.push(`${id}${madeOf}`)
      return `${id}${madeOf}`
    })
  expect([ask('a', '1'), ask('a', '1'), ask('a', '2'), ask('b', '1')]).toEqual(['a1', 'a1', 'a2', 'b1'])
  ask('a', '2')
  ask('c', '1')
  ask('a', '2')
  ask('b', '1')
  expect(made).toEqual(['a1', 'a2', 'b1', 'c1', 'b1'])
})
