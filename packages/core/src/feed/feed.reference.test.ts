import { expect, test } from 'vitest'
import { expectRelative, referenceTable } from '../testing/referenceTable.js'
import { accumulatedMgPerL } from './accumulation.js'
import { atomsOf, molarMass } from '../salts/chemicalFormula.js'
import { hardnessRise, saltDoseMgPerL, saltFraction, type SaltId, type SaltSpecies } from '../salts/salts.js'

test('mass fractions meet the table', () => {
  for (const row of referenceTable('salts_fractions')) {
    const salt = row.text('salt') as SaltId
    expectRelative(
      saltFraction(salt, row.text('species') as SaltSpecies) ?? NaN,
      row.number('mass_fraction'),
      1e-8,
      `${salt} ${row.text('species')}`,
    )
    expectRelative(molarMass(row.text('formula')), row.number('molar_mass_g_mol'))
  }
})

test('doses and hardness rises meet the tables', () => {
  for (const row of referenceTable('salts_doses'))
    expectRelative(
      saltDoseMgPerL(row.text('salt') as SaltId, row.text('species') as SaltSpecies, row.number('grams'), row.number('litres')) ?? NaN,
      row.number('mg_l'),
    )
  for (const row of referenceTable('salts_hardness')) {
    const rise = hardnessRise(row.text('salt') as SaltId, row.number('grams'), row.number('litres'))
    expectRelative(rise.dgh, row.number('dgh_rise'))
    expectRelative(rise.dkh, row.number('dkh_rise'))
  }
})

test('atoms of a hydrate: Mg(NO3)2.6H2O has 2 N, 12 O and 12 H', () =>
  expect(atomsOf('Mg(NO3)2.6H2O')).toEqual({ Mg: 1, N: 2, O: 12, H: 12 }))
test('an element outside the table is refused', () => expect(() => atomsOf('XeF2')).toThrow(/unknown element Xe/))
test('a salt without the species answers null', () => expect(saltFraction('potassium-sulfate', 'N')).toBeNull())
test('the nitrogen of a chelate is no dose', () => expect(saltFraction('iron-edta-sodium-anhydrous', 'N')).toBeNull())

test('accumulation meets the table at each point of the week', () => {
  for (const row of referenceTable('dosing')) {
    const options = {
      weeklyDoseMgPerL: row.number('dose_mg_l_week'),
      dosesPerWeek: row.number('n_doses'),
      changeFraction: row.number('wc_fraction'),
      uptakePerDay: row.number('uptake_per_day'),
      week: row.number('week'),
    }
    for (const at of ['after-first-dose', 'after-last-dose'] as const)
      expectRelative(accumulatedMgPerL({ ...options, at }), row.number(`c_${at.replaceAll('-', '_')}`))
    expectRelative(accumulatedMgPerL({ ...options, at: 'before-change' }), row.number('c_before_wc'))
    expectRelative(accumulatedMgPerL({ ...options, at: 'after-change' }), row.number('c_after_wc'))
  }
})

test('with a source and no dose, weekly halves settle on the source', () =>
  expect(
    accumulatedMgPerL({
      weeklyDoseMgPerL: 0,
      dosesPerWeek: 1,
      changeFraction: 0.5,
      uptakePerDay: 0,
      week: 60,
      at: 'before-change',
      sourceMgPerL: 8,
      startMgPerL: 40,
    }),
  ).toBeCloseTo(8, 9))
