import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { fromUnit, toUnit, UNIT_CHOICES, type Dimension } from '../quantity/units.js'
import { samplePlan } from '../testing/samplePlan.js'
import { expectRelative, referenceTable } from '../testing/referenceTable.js'
import { civilDate, clockOf, datePlusDays, daysBetween, minutesOf } from './clock.js'
import { applyEdits, diff, invert } from './edit.js'
import { uuidV7 } from './id.js'

describe('edits', () => {
  const changed = { ...samplePlan, temperatureC: 26, vessel: { ...samplePlan.vessel, lengthCm: 90 }, layers: [] }
  test('name the leaf that changed', () => expect(diff(samplePlan, { ...samplePlan, temperatureC: 26 })).toEqual([{ path: '/temperatureC', from: 24.5, to: 26 }]))
  test('lead there, and their inverse back', () => {
    const edits = diff(samplePlan, changed)
    expect(applyEdits(samplePlan, edits)).toEqual(changed)
    expect(applyEdits(changed, invert(edits))).toEqual(samplePlan)
  })
  test('join what others changed elsewhere, and refuse what they changed too', () => {
    const theirs = { ...samplePlan, roomCo2Ppm: 900 }
    expect(applyEdits(theirs, diff(samplePlan, changed))).toEqual({ ...changed, roomCo2Ppm: 900 })
    expect(applyEdits({ ...samplePlan, temperatureC: 20 }, diff(samplePlan, changed))).toBeNull()
  })
  test('keys with slashes and tildes survive', () => {
    const before = { 'a/b': { '~': 1 } }
    const after = { 'a/b': { '~': 2 }, c: null }
    expect(applyEdits(before, diff(before, after))).toEqual(after)
  })
})

test('clock and calendar', () => {
  expect([minutesOf('00:00'), minutesOf('23:59'), clockOf(1445), clockOf(-5)]).toEqual([0, 1439, '00:05', '23:55'])
  expect(() => minutesOf('24:00')).toThrow(/hours is 24/)
  expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2) // summer time begins between
  expect(datePlusDays('2026-12-31', 1)).toBe('2027-01-01')
  expect(civilDate(new Date('2026-11-24T23:30:00Z'), 'Europe/Berlin')).toBe('2026-11-25')
})

test('units: there and back is the same, for every unit', () =>
  fc.assert(
    fc.property(fc.constantFrom(...(Object.keys(UNIT_CHOICES) as Dimension[])), fc.double({ min: 0, max: 1000, noNaN: true }), (dimension, value) => {
      for (const unit of UNIT_CHOICES[dimension]) expect(fromUnit(dimension, toUnit(dimension, value, unit as never), unit as never)).toBeCloseTo(value, 8)
    }),
  ))

test('hardness and ion units meet the tables', () => {
  const factor = (table: string, from: string, to: string): number => referenceTable(table).find((row) => row.text('from') === from && row.text('to') === to)?.number('factor') ?? NaN
  expectRelative(toUnit('alkalinity', 1, '°dKH'), factor('salts_hardness_units', 'meq_l', 'dKH'))
  expectRelative(1 / toUnit('nitrate', 1, 'mg NO3/L'), factor('salts_conversions', 'NO3', 'N'))
  expectRelative(1 / toUnit('phosphate', 1, 'mg PO4/L'), factor('salts_conversions', 'PO4', 'P'))
  // The hardness table goes through CaO; through CaCO3's own molar mass the same figure is 17.848.
  expectRelative(toUnit('alkalinity', 0.35665246, 'mg/L CaCO3'), factor('salts_hardness_units', 'dKH', 'mg_l_CaCO3'), 1e-6)
})

test('ids are UUIDs of version 7, in order of time', () => {
  const chance = Uint8Array.from({ length: 16 }, (_, index) => index * 16 + 15)
  expect(uuidV7(1_700_000_000_000, chance)).toBe('018bcfe5-6800-7f7f-8f9f-afbfcfdfefff')
  expect(uuidV7(1_700_000_000_000, chance) < uuidV7(1_700_000_000_001, chance)).toBe(true)
  expect(() => uuidV7(0, new Uint8Array(4))).toThrow(/16 random bytes/)
})
