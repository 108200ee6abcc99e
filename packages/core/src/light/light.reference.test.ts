import { expect, test } from 'vitest'
import { expectRelative, referenceTable } from '../testing/referenceTable.js'
import { transmittance } from './attenuation.js'
import { dailyLightMolPerM2, type DayShape } from './dailyLight.js'
import { linePpfd, panelPpfd, pointPpfd } from './lineSource.js'

test('point, line and panel sources meet the tables', () => {
  for (const row of referenceTable('light_point'))
    expectRelative(
      pointPpfd(row.number('flux_umol_s'), row.number('x_m'), row.number('y_m'), row.number('h_m')),
      row.number('ppfd_umol_m2_s'),
    )
  for (const row of referenceTable('light_line'))
    expectRelative(
      linePpfd(row.number('flux_umol_s'), row.number('length_m'), row.number('x_m'), row.number('y_m'), row.number('h_m')),
      row.number('ppfd_umol_m2_s'),
    )
  for (const row of referenceTable('light_panel'))
    expectRelative(
      panelPpfd(
        row.number('flux_umol_s'),
        row.number('length_x_m'),
        row.number('length_y_m'),
        row.number('x_m'),
        row.number('y_m'),
        row.number('h_m'),
      ),
      row.number('ppfd_umol_m2_s'),
      1e-6,
    )
})

test('attenuation meets the table', () => {
  for (const row of referenceTable('light_beer_lambert')) {
    expectRelative(transmittance(row.number('k_per_m'), row.number('depth_m')), row.number('transmittance'))
    expectRelative(
      row.number('ppfd0_umol_m2_s') * transmittance(row.number('k_per_m'), row.number('depth_m')),
      row.number('ppfd_umol_m2_s'),
    )
  }
})

test('daily light meets the table', () => {
  for (const row of referenceTable('light_dli')) {
    const shape = row.text('shape').replace('_', '-') as DayShape
    const day = { shape, peakPpfd: row.number('peak_umol_m2_s'), photoperiodH: row.number('photoperiod_h'), rampH: row.number('ramp_h') }
    expectRelative(dailyLightMolPerM2(day), row.number('dli_mol_m2_d'))
  }
})

test('ramps longer than half the day are refused', () =>
  expect(() => dailyLightMolPerM2({ shape: 'trapezoid', peakPpfd: 50, photoperiodH: 2, rampH: 1.5 })).toThrow(/rampH is 1.5/))
