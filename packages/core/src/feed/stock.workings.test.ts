import { describe, expect, test } from 'vitest'
import { work } from '../quantity/working.js'
import { expectRelative, referenceTable } from '../testing/referenceTable.js'
import { SALT_IDS, type SaltId } from '../salts/salts.js'
import { mostDissolvedG } from './solubility.js'
import { stockGramsWorking, stockStrengthWorking } from './stock.workings.js'

test('solubility meets the table, for every salt of ours that it knows', () => {
  let met = 0
  for (const row of referenceTable('salts_solubility')) {
    const salt = row.text('salt')
    if (!(SALT_IDS as readonly string[]).includes(salt)) continue
    met++
    expectRelative(
      (mostDissolvedG(salt as SaltId, 100) ?? NaN) / 0.8,
      row.number('g_salt_per_100g_added_water'),
      row.number('rel_tol_salt'),
      salt,
    )
  }
  expect(met).toBeGreaterThanOrEqual(5)
})

describe('a stock bottle', () => {
  const nitrate = { saltId: 'potassium-nitrate', species: 'NO3' }
  test('50 g of potassium nitrate in half a litre hold 61.3 mg of nitrate a millilitre', () =>
    expect(work(stockStrengthWorking, { ...nitrate, saltG: 50, bottleMl: 500 }).figure.value).toBeCloseTo(61.33, 2))
  test('10 mL raise 100 L by 5 mg/L: 40.8 g for half a litre; and back', () => {
    const grams = work(stockGramsWorking, { ...nitrate, addMgPerL: 5, litres: 100, doseMl: 10, bottleMl: 500 }).figure.value
    expect(grams).toBeCloseTo(40.764, 3)
    const strength = work(stockStrengthWorking, { ...nitrate, saltG: grams, bottleMl: 500 }).figure.value
    expect((strength * 10) / 100).toBeCloseTo(5, 9)
  })
  test('more than stays dissolved is refused with the most that does', () => {
    expect(() => work(stockStrengthWorking, { ...nitrate, saltG: 150, bottleMl: 500 })).toThrow(/126/)
    expect(() => work(stockGramsWorking, { ...nitrate, addMgPerL: 20, litres: 400, doseMl: 5, bottleMl: 500 })).toThrow(/126/)
    expect(() => work(stockStrengthWorking, { saltId: 'potassium-sulfate', species: 'NO3', saltG: 1 })).toThrow(/cannot all be true/)
  })
})
