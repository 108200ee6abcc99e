import { expect, test } from 'vitest'
import { readNumber } from './typedNumber.js'

test.each([
  ['12', 12],
  ['12,5', 12.5],
  ['12.5', 12.5],
  [' 7 ', 7],
  ['-3', -3],
  ['−3', -3],
  ['.5', 0.5],
  ['5.', 5],
])('%s is %d', (text, value) => expect(readNumber(text)).toEqual({ value }))
test('nothing typed is "don’t know"', () => expect(readNumber('  ')).toEqual({ value: null }))
test.each(['1.000,5', '1,000.5', '1.2.3'])('%s has two marks and is refused', (text) => expect(readNumber(text)).toEqual({ error: 'both' }))
test.each(['abc', '1e5', '0x10', 'Infinity', 'NaN', '12 cm', '--1', ',', '1-2'])('%s is no number', (text) =>
  expect(readNumber(text)).toEqual({ error: 'none' }),
)
