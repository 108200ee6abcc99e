import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { canonicalFrom, canonicalOfUnit, digitsOf, DIMENSIONS, shownIn, unitIn, unitsOfDimension } from './dimensions.js'
import { quantities } from './quantity.js'
import { METRIC_UNITS, UNIT_CHOICES, type ChosenDimension, type UnitPreferences } from './units.js'

const anyPreferences = fc.record(
  Object.fromEntries(
    (Object.keys(UNIT_CHOICES) as ChosenDimension[]).map((dimension) => [dimension, fc.constantFrom(...UNIT_CHOICES[dimension])]),
  ),
) as fc.Arbitrary<UnitPreferences> // one listed unit a dimension

const inches: UnitPreferences = { ...METRIC_UNITS, length: 'in', volume: 'US gal', mass: 'lb' }

describe('a value in the reader’s unit', () => {
  test('comes back as it was, whatever was chosen', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...DIMENSIONS),
        fc.double({ min: -1e4, max: 1e4, noNaN: true }),
        anyPreferences,
        (dimension, value, chosen) => {
          expect(canonicalFrom(dimension, shownIn(dimension, value, chosen), chosen)).toBeCloseTo(value, 6)
        },
      ),
    ))
  test('every dimension has a unit for every choice', () =>
    fc.assert(
      fc.property(fc.constantFrom(...DIMENSIONS), anyPreferences, (dimension, chosen) => {
        expect(unitsOfDimension(dimension)).toContain(unitIn(dimension, chosen))
      }),
    ))
  test.each([
    ['thickness', 25.4, 1, 'in'],
    ['slope', 1000, 12, 'in/ft'],
    ['area', 6.4516, 1, 'in²'],
    ['flow', 3.785411784, 1, 'US gal/h'],
    ['yield', 3.785411784, 1, 'US gal/day'],
    ['load', 4.88242763638305, 1, 'lb/ft²'],
  ] as const)('%s follows the reader: %f is %f %s', (dimension, canonical, shown, unit) => {
    expect(shownIn(dimension, canonical, inches)).toBeCloseTo(shown, 10)
    expect(unitIn(dimension, inches)).toBe(unit)
    expect(shownIn(dimension, canonical, METRIC_UNITS)).toBe(canonical)
  })
  test('a share is told in percent', () => expect(shownIn('fraction', 0.62, METRIC_UNITS)).toBeCloseTo(62, 12))
})

test('a unit of another dimension is refused', () => {
  expect(canonicalOfUnit('nitrate', 10, '°dKH')).toBeNull()
  expect(canonicalOfUnit('fraction', 10, 'mm')).toBeNull()
  expect(canonicalOfUnit('thickness', 1, 'in')).toBeCloseTo(25.4, 12)
})

test('numbers become quantities; money carries its currency, what is missing stays out', () => {
  expect(quantities({ depth: 'length', cost: 'money' }, { depth: 4, cost: 12 }, 'CHF')).toEqual({
    depth: { value: 4, dimension: 'length' },
    cost: { value: 12, dimension: 'money', currency: 'CHF' },
  })
  expect(quantities({ depth: 'length' }, {})).toEqual({})
})

test('a salt below a gram is told to two digits, a heap of trimmings to three', () => {
  expect([digitsOf('portion', 0.0386), digitsOf('portion', 94.2), digitsOf('ratio', 3)]).toEqual([2, 3, 2])
})
