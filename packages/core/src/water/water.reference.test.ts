import { expect, test } from 'vitest'
import { expectRelative, referenceTable } from '../testing/referenceTable.js'
import { ammoniaPka, unionisedAmmoniaFraction } from './ammonia.js'
import { dilutedMgPerL } from './dilution.js'
import { oxygenSaturationMgPerL } from './oxygen.js'

test('un-ionised ammonia meets the table', () => {
  for (const row of referenceTable('ammonia')) {
    const fraction = unionisedAmmoniaFraction(row.number('ph'), row.number('t_c'))
    expectRelative(ammoniaPka(row.number('t_c')), row.number('pka'))
    expectRelative(fraction, row.number('nh3_fraction'))
    expectRelative(fraction * row.number('tan_mg_n_l'), row.number('nh3_n_mg_l'))
  }
})

test('oxygen saturation meets the table', () => {
  for (const row of referenceTable('oxygen')) expectRelative(oxygenSaturationMgPerL(row.number('t_c')), row.number('do_sat_mg_l'))
})

test('oxygen refuses a temperature outside the fit', () => expect(() => oxygenSaturationMgPerL(41)).toThrow(/temperatureC is 41/))

test('three halves leave an eighth of the excess over the source', () =>
  expect(dilutedMgPerL({ startMgPerL: 42, sourceMgPerL: 2, fraction: 0.5, changes: 3 })).toBe(7))
test('a change of nothing changes nothing', () =>
  expect(dilutedMgPerL({ startMgPerL: 42, sourceMgPerL: 2, fraction: 0, changes: 9 })).toBe(42))
