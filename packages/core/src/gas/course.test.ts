import { describe, expect, test } from 'vitest'
import { expectRelative, referenceTable } from '../testing/referenceTable.js'
import { work } from '../quantity/working.js'
import { cylinderPressureWorking, indicatorColourWorking, stepResponseWorking } from './course.workings.js'

const value = (working: Parameters<typeof work>[0], inputs: Parameters<typeof work>[1]): number => work(working, inputs).figure.value

test('pressure of a cylinder meets the table', () => {
  for (const row of referenceTable('co2_vapour_pressure')) {
    const tC = row.number('t_c')
    if (tC < -56.5 || tC > 30.9) continue
    expectRelative(value(cylinderPressureWorking, { tC, readAs: 'gauge' }), row.number('p_bar_gauge'), 1e-6)
    expectRelative(value(cylinderPressureWorking, { tC, readAs: 'absolute' }), row.number('p_bar_abs'), 1e-6)
  }
  expect(() => value(cylinderPressureWorking, { tC: 40, readAs: 'gauge' })).toThrow(/tC is 40/)
})
test('the response to gas that comes and goes meets the table', () => {
  for (const row of referenceTable('gas_step'))
    expectRelative(
      value(stepResponseWorking, {
        kPerH: row.number('k_per_h'),
        ceqMgPerL: row.number('ceq_mg_l'),
        c0MgPerL: row.number('c0_mg_l'),
        sMgPerLH: row.number('s_mg_l_h'),
        onHours: row.number('on_hours'),
        tH: row.number('t_h'),
      }),
      row.number('c_mg_l'),
    )
})
describe('an indicator', () => {
  const blue = (co2MgPerL: number, referenceKhDkh = 4): number =>
    value(indicatorColourWorking, { co2MgPerL, referenceKhDkh, temperatureC: 25 })
  test('at 4 dKH is blue without gas, green to yellow at 30 mg/L, and yellow above', () => {
    expect(blue(3)).toBeGreaterThan(0.75)
    expect(blue(30)).toBeGreaterThan(0.15)
    expect(blue(30)).toBeLessThan(0.4)
    expect(blue(90)).toBeLessThan(0.12)
  })
  test('with more KH in its liquid turns at more CO2', () => expect(blue(30, 8)).toBeGreaterThan(blue(30, 4)))
})
