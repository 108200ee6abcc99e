import { expect, test } from 'vitest'
import { expectRelative, referenceTable } from '../testing/referenceTable.js'
import { alkalinityOfDkh, phFromCo2 } from '../water/carbonate.js'
import { waterDensityKgPerM3 } from '../water/density.js'
import { co2AirEquilibriumMgPerL, waterVapourAtm } from './airEquilibrium.js'
import { bubbleMassMg, bubblesPerSOfRate, gasRateMgPerH } from './bubble.js'
import { gasAfter, gasDayLimits } from './transfer.js'

test('air equilibrium meets the table', () => {
  for (const row of referenceTable('carbonate_air')) {
    const t = row.number('t_c')
    expectRelative(waterVapourAtm(t), row.number('pw_atm'))
    expectRelative(waterDensityKgPerM3(t), row.number('rho_kg_m3'))
    expectRelative(co2AirEquilibriumMgPerL(t, row.number('x_co2_ppm_dry')), row.number('co2_mg_l'))
  }
})

test('bubble mass meets the table', () => {
  for (const row of referenceTable('co2_bubble'))
    expectRelative(bubbleMassMg(row.number('diameter_mm'), row.number('t_c'), row.number('p_abs_kpa')), row.number('mg_per_bubble'))
})

test('one step of injection and decay meets the analytic table', () => {
  for (const row of referenceTable('gas_step')) {
    const exchange = { kPerH: row.number('k_per_h'), equilibriumMgPerL: row.number('ceq_mg_l') }
    const on = row.number('on_hours')
    let c = row.number('c0_mg_l')
    for (let left = row.number('t_h'), hour = 0; left > 0;) {
      const injecting = hour % 24 < on
      const span = Math.min(left, (injecting ? on : 24) - (hour % 24))
      c = gasAfter(c, { ...exchange, sourceMgPerLH: injecting ? row.number('s_mg_l_h') : 0 }, span)
      hour += span
      left -= span
    }
    expectRelative(c, row.number('c_mg_l'))
    const limits = gasDayLimits({ ...exchange, sourceMgPerLH: row.number('s_mg_l_h') }, on)
    expectRelative(limits.max, row.number('periodic_max_mg_l'))
    expectRelative(limits.min, row.number('periodic_min_mg_l'))
  }
})

test('two days of any timer window, also across midnight, meet the integrated table', () => {
  for (const row of referenceTable('gas_ode')) {
    const exchange = { kPerH: row.number('k_per_h'), equilibriumMgPerL: row.number('ceq_mg_l') }
    const on = row.number('on_h')
    const off = row.number('off_h')
    const isOn = (hour: number): boolean => (on === off ? false : on < off ? hour >= on && hour < off : hour >= on || hour < off)
    let c = row.number('c0_mg_l')
    const end = row.number('t_h')
    const switches = [0, on, off, 24, 24 + on, 24 + off, 48].filter((t) => t < end).sort((a, b) => a - b)
    switches.forEach((from, index) => {
      const to = switches[index + 1] ?? end
      c = gasAfter(c, { ...exchange, sourceMgPerLH: isOn(((from + to) / 2) % 24) ? row.number('s_mg_l_h') : 0 }, to - from)
    })
    expectRelative(c, row.number('co2_mg_l'), 2e-8)
    const sample = { alkalinityMeqPerL: alkalinityOfDkh(row.number('kh_dkh')), temperatureC: row.number('t_c') }
    expect(Math.abs(phFromCo2(row.number('co2_mg_l'), sample) - row.number('ph'))).toBeLessThan(2e-8)
  }
})

test('line pressure packs more gas into a bubble: 1 bar gauge doubles the rate', () => {
  const counter = { bubblesPerS: 2, bubbleMl: 0.07 }
  expect(gasRateMgPerH({ ...counter, linePressureBar: 1 })).toBeCloseTo(2 * gasRateMgPerH({ ...counter, linePressureBar: 0 }), 9)
  expect(gasRateMgPerH({ ...counter, linePressureBar: 0 })).toBeCloseTo(2 * 3600 * 0.07 * 1.81, -1) // 1.81 mg/mL at 1 bar, 20 °C
  expect(bubblesPerSOfRate(gasRateMgPerH({ ...counter, linePressureBar: 0.4 }), { bubbleMl: 0.07, linePressureBar: 0.4 })).toBeCloseTo(
    2,
    12,
  )
})
