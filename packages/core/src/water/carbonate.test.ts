import fc from 'fast-check'
import { expect, test } from 'vitest'
import { expectRelative, referenceTable } from '../testing/referenceTable.js'
import { activityCoefficients, debyeHueckelSlope, waterPermittivity } from './activity.js'
import { carbonateConstants, co2FromPh, phFromCo2 } from './carbonate.js'

test('constants and activity coefficients meet the table', () => {
  for (const row of referenceTable('carbonate_constants')) {
    const t = row.number('t_c')
    const { k1, k2, kw, kHenry } = carbonateConstants(t)
    expect(-Math.log10(k1)).toBeCloseTo(row.number('pK1'), 7)
    expect(-Math.log10(k2)).toBeCloseTo(row.number('pK2'), 7)
    expect(-Math.log10(kw)).toBeCloseTo(row.number('pKw'), 7)
    expectRelative(kHenry, row.number('KH_mol_kg_atm'))
    expectRelative(waterPermittivity(t), row.number('eps_water'))
    expectRelative(debyeHueckelSlope(t), row.number('dh_A'))
    const { gamma1, gamma2 } = activityCoefficients(t, 0.005)
    expectRelative(gamma1, row.number('gamma1_I0005'))
    expectRelative(gamma2, row.number('gamma2_I0005'))
  }
})

test('CO2 from pH meets the table, with and without activity', () => {
  for (const row of referenceTable('carbonate_co2')) {
    const sample = { alkalinityMeqPerL: row.number('alk_meq_l'), temperatureC: row.number('t_c') }
    expectRelative(co2FromPh(row.number('ph'), sample) ?? NaN, row.number('co2_mg_l_I0'))
    expectRelative(co2FromPh(row.number('ph'), { ...sample, ionicStrengthMolPerKg: 0.005 }) ?? NaN, row.number('co2_mg_l_I0005'))
  }
})

test('pH from CO2 meets the table to 1e-8', () => {
  for (const row of referenceTable('carbonate_ph')) {
    const sample = { alkalinityMeqPerL: row.number('alk_meq_l'), temperatureC: row.number('t_c') }
    expect(Math.abs(phFromCo2(row.number('co2_mg_l'), sample) - row.number('ph_I0'))).toBeLessThan(1e-8)
    expect(Math.abs(phFromCo2(row.number('co2_mg_l'), { ...sample, ionicStrengthMolPerKg: 0.005 }) - row.number('ph_I0005'))).toBeLessThan(
      1e-8,
    )
  }
})

test('CO2 at pH 7, 1 meq/L, 25 °C: 44 009 · 1e-3 · 1e-7 / 10^-6.352 = 9.9 mg/L by hand', () =>
  expect(co2FromPh(7, { alkalinityMeqPerL: 1, temperatureC: 25 })).toBeCloseTo(9.9, 1))

test('readings that contradict each other give null, not a negative concentration', () =>
  expect(co2FromPh(9.9, { alkalinityMeqPerL: 0.01, temperatureC: 25 })).toBeNull())

test('a NaN reading is refused by name', () =>
  expect(() => co2FromPh(NaN, { alkalinityMeqPerL: 1, temperatureC: 25 })).toThrow(/pH is NaN/))

test('the two directions undo each other, and more gas is never less acid', () => {
  const sampleOf = fc.record({
    alkalinityMeqPerL: fc.double({ min: 0, max: 10, noNaN: true }),
    temperatureC: fc.double({ min: 0, max: 40, noNaN: true }),
  })
  fc.assert(
    fc.property(sampleOf, fc.double({ min: 0.1, max: 500, noNaN: true }), (sample, co2) => {
      const pH = phFromCo2(co2, sample)
      if (pH >= 4 && pH <= 10) expectRelative(co2FromPh(pH, sample) ?? NaN, co2, 1e-6)
      expect(phFromCo2(co2 * 2, sample)).toBeLessThan(pH)
    }),
  )
})
