import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { READING_QUANTITIES } from '../plan/journal.js'
import { canonicalOfUnit } from '../quantity/dimensions.js'
import { enteredValue, readTyped, unitsOf } from './entry.js'
import { CO2_OF_COLOUR, colourAt, colourOfCo2, USUAL_KITS } from './kits.js'
import { QUANTITY } from './quantities.js'

const kitOf = (quantity: string) => USUAL_KITS.find((kit) => kit.quantity === quantity) ?? null

describe('what was typed', () => {
  test.each([
    ['7', 7, '='],
    ['6,8', 6.8, '='],
    [' <0.05 ', 0.05, '<'],
    ['> 100', 100, '>'],
    ['−1', -1, '='],
  ] as const)('%s', (text, shown, qualifier) => expect(readTyped(text)).toEqual({ shown, qualifier }))
  test.each(['', 'seven', '1e3', '..', '<', '7 mg'])('%s is no number', (text) => expect(readTyped(text)).toHaveProperty('fault'))
  test('two marks are named as such', () => expect(readTyped('1.000,5')).toEqual({ fault: 'both-marks' }))
})

describe('an entry', () => {
  test('10 mg NO3/L is stored as 10 · 14.007/62.004 = 2.259 mg N/L, with its basis', () => {
    const entry = enteredValue('nitrate', 10, '=', 'mg NO3/L', null)
    expect(entry).toMatchObject({ qualifier: '=', basis: 'NO3' })
    expect((entry as { value: number }).value).toBeCloseTo(2.259, 3)
  })
  test('0.5 mg NH4/L is 0.5 · 14.007/18.039 = 0.388 mg N/L', () =>
    expect((enteredValue('ammonia', 0.5, '=', 'mg NH4/L', null) as { value: number }).value).toBeCloseTo(0.38824, 4))
  test('zero of a kit is below its lowest readable value, never nothing', () => {
    const entry = enteredValue('nitrite', 0, '=', 'mg NO2/L', kitOf('nitrite'))
    expect(entry).toMatchObject({ qualifier: '<' })
    expect((entry as { value: number }).value).toBeCloseTo((0.025 * 14.007) / 46.005, 6)
  })
  test('the lowest readable value itself is a value', () =>
    expect(enteredValue('alkalinity', 0.5, '=', '°dKH', kitOf('alkalinity'))).toMatchObject({ qualifier: '=' }))
  test('zero without a kit is zero', () =>
    expect(enteredValue('nitrite', 0, '=', 'mg NO2/L', null)).toMatchObject({ value: 0, qualifier: '=' }))
  test('nonsense and foreign units are refused by kind', () => {
    expect(enteredValue('pH', 70, '=', '', null)).toEqual({ fault: 'out-of-range' })
    expect(enteredValue('pH', NaN, '=', '', null)).toEqual({ fault: 'out-of-range' })
    expect(enteredValue('nitrate', 5, '=', '°dKH', null)).toEqual({ fault: 'unknown-unit' })
  })
  test('percent of light is kept as a fraction', () =>
    expect(enteredValue('lightPower', 62, '=', '%', null)).toMatchObject({ value: 0.62 }))
  test('every quantity takes the middle of its range in each of its units', () =>
    fc.assert(
      fc.property(fc.constantFrom(...READING_QUANTITIES), fc.double({ min: 0, max: 1, noNaN: true }), (quantity, share) => {
        const { range, dimension } = QUANTITY[quantity]
        const canonical = range[0] + share * (range[1] - range[0])
        for (const unit of unitsOf(quantity)) {
          const oneUnit = canonicalOfUnit(dimension, 1, unit) ?? NaN
          const zero = canonicalOfUnit(dimension, 0, unit) ?? NaN
          const entry = enteredValue(quantity, (canonical - zero) / (oneUnit - zero), '=', unit, null)
          expect((entry as { value: number }).value).toBeCloseTo(canonical, 6)
        }
      }),
    ))
})

test('a kit names a unit that its quantity has, and each quantity’s usual span lies within its range', () => {
  for (const kit of USUAL_KITS) expect(unitsOf(kit.quantity)).toContain(kit.unit)
  for (const { range, usual } of Object.values(QUANTITY))
    expect(usual[0] >= range[0] && usual[1] <= range[1] && usual[0] < usual[1]).toBe(true)
  expect([colourAt(1), colourAt(3.2), colourAt(9)]).toEqual(['blue', 'green', null])
  for (const [colour, [, middle]] of Object.entries(CO2_OF_COLOUR)) expect(colourOfCo2(middle)).toBe(colour)
  expect(colourOfCo2(500)).toBe('yellow')
})
