import { readFileSync } from 'node:fs'
import { describe, expect, test } from 'vitest'
import { minutesOf } from '../../plan/clock.js'
import { referenceTable } from '../../testing/referenceTable.js'
import { windowOf, type DailyWindow } from './dailyWindows.js'
import { MEQ_PER_DKH } from '../../quantity/physicalConstants.js'
import { co2FromPh } from '../../water/carbonate.js'
import { fitGasLog, fittedLevels } from './fitGasLog.js'
import type { GasLog } from './gasLog.js'

/** A log of the reference with the windows of its head. */
function logOf(id: string): GasLog {
  const text = readFileSync(new URL(`../../../reference/gas-fit/${id}.csv`, import.meta.url), 'utf8')
  const head = (key: string): string => new RegExp(`^# ${key}: (.*)$`, 'm').exec(text)?.[1]?.trim() ?? ''
  const windows = (key: string): DailyWindow[] => {
    const told = head(key)
    if (told === 'off' || told === '') return []
    return (told === 'always' ? '00:00-24:00' : told).split(' ').map((one) => windowOf(one)!)
  }
  return {
    readings: referenceTable(`gas-fit/${id}`).map((row) => ({ minute: row.number('minute'), pH: row.number('ph') })),
    khDkh: Number(head('kh_dkh')),
    temperatureC: Number(head('temperature_c')),
    roomCo2Ppm: Number(head('room_co2_ppm')),
    startMin: minutesOf(head('start_clock')),
    gas: windows('gas_on'),
    light: windows('light'),
  }
}

const truth = referenceTable('gas-fit/truth')
describe('logs with a known loss', () => {
  expect(truth).toHaveLength(10)
  test.each(truth.map((row) => [row.text('id'), row] as const))('%s', (id, row) => {
    const fit = fitGasLog(logOf(id))
    expect(fit.verdict).toBe(row.text('answer'))
    if (row.text('answer') === 'cannot-tell') {
      expect(fit.reasons).toEqual([row.text('reason')])
      expect(fit.kPerH).toBeNull()
      return
    }
    const near = (found: number, column: string, tolerance: string): void => {
      if (row.text(tolerance) === '') return
      expect(Math.abs(found / row.number(column) - 1), `${column}: ${found}`).toBeLessThanOrEqual(row.number(tolerance))
    }
    const k = fit.kPerH!
    near(k.value, 'k_per_h', 'tol_k')
    near(fit.halfTimeH!.value, 'half_time_h', 'tol_k')
    // The range of the reference’s own fit.
    expect(k.low).toBeLessThan(row.number('fit_k_hi90'))
    expect(k.high).toBeGreaterThan(row.number('fit_k_lo90'))
    const wide = (k.high - k.low) / (row.number('fit_k_hi90') - row.number('fit_k_lo90'))
    expect(wide).toBeGreaterThan(0.5)
    expect(wide).toBeLessThan(3)
    if (row.text('injection_mg_l_h') !== '') near(fit.injectionMgPerLPerH!.value, 'injection_mg_l_h', 'tol_injection')
    else expect(fit.injectionMgPerLPerH).toBeNull()
    if (row.text('plateau_dark_mg_l') !== '') near(fit.plateauMgPerL!.value, 'plateau_dark_mg_l', 'tol_plateau')
    if (row.text('uptake_mg_l_h') !== '') {
      near(fit.uptakeMgPerLPerH!.value, 'uptake_mg_l_h', 'tol_uptake')
      near(fit.plateauInLightMgPerL!.value, 'plateau_light_mg_l', 'tol_plateau')
    } else expect(fit.uptakeMgPerLPerH).toBeNull()
  })
})

test('the fit lies over what was measured', () => {
  const log = logOf('day-1')
  const levels = fittedLevels(log, fitGasLog(log))!
  const measured = log.readings.map(({ pH }) =>
    co2FromPh(pH, { alkalinityMeqPerL: log.khDkh * MEQ_PER_DKH, temperatureC: log.temperatureC })!,
  )
  expect(levels).toHaveLength(measured.length)
  const off = measured.map((one, place) => Math.abs(levels[place]! / one - 1)).sort((a, b) => a - b)
  expect(off[Math.floor(off.length * 0.9)]!).toBeLessThan(0.1)
  expect(fittedLevels({ ...log, khDkh: 0.5 }, fitGasLog({ ...log, khDkh: 0.5 }))).toBeNull()
})
