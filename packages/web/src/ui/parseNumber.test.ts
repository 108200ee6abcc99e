import { expect, test } from 'vitest'
import { newId } from '../api/newId.js'
import { parseNumber } from './parseNumber.js'

test.each([['12', 12], ['12,5', 12.5], ['12.5', 12.5], [' 7 ', 7], ['-3', -3], ['−3', -3], ['.5', 0.5], ['5.', 5]])('%s is %d', (text, value) => expect(parseNumber(text)).toEqual({ value }))
test('nothing typed is "don’t know"', () => expect(parseNumber('  ')).toEqual({ value: null }))
test.each(['1.000,5', '1,000.5', '1.2.3'])('%s has two marks and is refused', (text) => expect(parseNumber(text)).toEqual({ error: 'both' }))
test.each(['abc', '1e5', '0x10', 'Infinity', 'NaN', '12 cm', '--1', ',', '1-2'])('%s is no number', (text) => expect(parseNumber(text)).toEqual({ error: 'none' }))
test('ids are UUIDs of version 7, in order of time', () => {
  expect(newId(1_700_000_000_000)).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/)
  expect(newId(1_700_000_000_000) < newId(1_700_000_000_001)).toBe(true)
})
