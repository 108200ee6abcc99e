import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { tries } from '../testing/properties.js'
import { cylinderForecast, type Weighing } from './cylinder.js'
import { courseOf } from './fit/courseOf.js'
import { windowOf } from './fit/dailyWindows.js'
import { fitGasLog } from './fit/fitGasLog.js'
import type { GasLog } from './fit/gasLog.js'
import { readLog } from './fit/readLog.js'
import { gasDayCurve, gasLevels } from './gasDay.js'
import { timerWays } from './timer.js'

const windows = [{ id: 't', on: '12:00', hours: 8, rampMin: 30 }]
const line = { mgPerH: 2000, dissolvedShare: 0.6, beforeLightMin: 60, beforeDarkMin: 60 }
const water = { waterL: 200, kPerH: 0.35, equilibriumMgPerL: 0.8 }

describe('a timer', () => {
  test('both ways reach what is wanted at lights-on, and tell the peak that comes with it', () =>
    fc.assert(
      fc.property(fc.double({ min: 5, max: 25, noNaN: true }), fc.double({ min: 0.1, max: 1.2, noNaN: true }), (targetMgPerL, kPerH) => {
        for (const way of timerWays({ lines: [line], windows, water: { ...water, kPerH }, targetMgPerL })) {
          const then = { ...line, beforeLightMin: way.beforeLightMin, mgPerH: line.mgPerH * way.rateTimes }
          const levels = gasLevels([then], windows, { ...water, kPerH }, null)
          expect(levels.atLightsOn).toBeGreaterThanOrEqual(targetMgPerL - 1e-6)
          expect(levels.peak).toBeCloseTo(way.peak, 9)
          if (way.kind === 'more') expect(levels.atLightsOn).toBeCloseTo(targetMgPerL, 6)
        }
      }),
      { numRuns: tries(60) },
    ))
  test('what no lead reaches with this gas is reached by more of it, or by nothing', () => {
    expect(timerWays({ lines: [line], windows, water, targetMgPerL: 22 }).map(({ kind }) => kind)).toEqual(['more'])
    expect(timerWays({ lines: [line], windows, water, targetMgPerL: 500 })).toEqual([])
    expect(timerWays({ lines: [], windows, water, targetMgPerL: 20 })).toEqual([])
  })
  test('the curve of the day has the levels that are told', () => {
    const curve = gasDayCurve([line], windows, water, null)
    expect(Math.max(...curve)).toBeCloseTo(gasLevels([line], windows, water, null).peak, 9)
    expect(curve[72]).toBeCloseTo(gasLevels([line], windows, water, null).atLightsOn, 9)
  })
})

describe('runs of pH made by hand', () => {
  /** A log as the water would make it, with some noise. */
  const made = (drive: { readonly kPerH: number; readonly gas: number; readonly start: number }, change: Partial<GasLog> = {}): GasLog => {
    const log: GasLog = {
      readings: Array.from({ length: 73 }, (_, place) => ({ minute: place * 5, pH: 7 })),
      khDkh: 4,
      temperatureC: 25,
      roomCo2Ppm: 700,
      startMin: 17 * 60,
      gas: [windowOf('10:00-19:00')!],
      light: [],
      ...change,
    }
    const course = courseOf(log)
    const levels = course.levels({ kPerH: drive.kPerH, startMgPerL: drive.start, injectionMgPerLPerH: drive.gas, uptakeMgPerLPerH: 0 })
    return {
      ...log,
      readings: log.readings.map(({ minute }, place) => ({
        minute,
        pH: Math.round((course.phOf(levels[place]!) + 0.015 * Math.sin(place * 7.3)) * 100) / 100,
      })),
    }
  }
  test('over gas-off any pace is found again', () =>
    fc.assert(
      fc.property(fc.double({ min: 0.12, max: 1.5, noNaN: true }), fc.double({ min: 12, max: 40, noNaN: true }), (kPerH, start) => {
        const fit = fitGasLog(made({ kPerH, gas: kPerH * 30, start }))
        expect(fit.verdict).toBe('fit')
        expect(Math.abs(fit.kPerH!.value / kPerH - 1)).toBeLessThan(0.1)
        expect(fit.halfTimeH!.low).toBeLessThan(Math.LN2 / kPerH + 0.5)
      }),
      { numRuns: tries(25) },
    ))
  test('a probe that stops in the middle is found out', () => {
    const log = made({ kPerH: 0.4, gas: 12, start: 20 })
    const stuck = { ...log, readings: log.readings.map((one, place) => (place < 14 ? one : { ...one, pH: log.readings[14]!.pH })) }
    expect(fitGasLog(stuck)).toMatchObject({ verdict: 'cannot-tell', reasons: ['stuck'], kPerH: null })
  })
  test('readings that follow nothing are refused', () => {
    const log = made({ kPerH: 0.4, gas: 12, start: 20 })
    const wild = { ...log, readings: log.readings.map((one, place) => ({ ...one, pH: 6.6 + 0.5 * Math.sin(place / 5) })) }
    expect(fitGasLog(wild).verdict).toBe('cannot-tell')
  })
  test('a few readings are too few, and soft water is told to be doubtful', () => {
    const log = made({ kPerH: 0.4, gas: 12, start: 30 })
    expect(fitGasLog({ ...log, readings: log.readings.slice(0, 5) }).reasons).toEqual(['few'])
    expect(fitGasLog(made({ kPerH: 0.4, gas: 12, start: 30 }, { khDkh: 1.5 })).reasons).toContain('kh-doubtful')
  })
})

describe('a log as text', () => {
  test('clock times over midnight, decimal commas, a heading, remarks, and lines that are none', () => {
    const log = readLog('Zeit;pH\n23:50;6,62\n# lamp off\n00:10;6,71\n0:20;six\n00:30;6,8')
    expect(log).toEqual({
      readings: [
        { minute: 0, pH: 6.62 },
        { minute: 20, pH: 6.71 },
        { minute: 40, pH: 6.8 },
      ],
      startMin: 23 * 60 + 50,
      faults: [5],
    })
  })
  test('minutes and commas as in an exported file; a date before the time is passed over', () => {
    expect(readLog('0,7.94\n10,7.93').readings).toEqual([
      { minute: 0, pH: 7.94 },
      { minute: 10, pH: 7.93 },
    ])
    expect(readLog('2026-11-20 19:00 6.6\n2026-11-20 19:05 6.7').readings).toHaveLength(2)
    expect(readLog('0 7.9\n5 77').faults).toEqual([2])
  })
})

describe('a cylinder on the scale', () => {
  const DAY = 86_400_000
  const weighed = (...rows: readonly (readonly [day: number, kg: number])[]): Weighing[] =>
    rows.map(([day, kg]) => ({ atMs: day * DAY, kg }))
  test('three weighings: grams a day and the day to swap, by hand', () => {
    const forecast = cylinderForecast(weighed([0, 8], [10, 7.8], [20, 7.6]), { emptyKg: 6, fullKg: 2 })!
    expect(forecast.gPerDay.value).toBeCloseTo(20, 9)
    // 7.6 − 6 − 0.2 kg are 1400 g: seventy days after the last.
    expect(forecast.swap!.onMs / DAY).toBeCloseTo(90, 6)
    expect(forecast.swap!.earliestMs).toBeLessThan(forecast.swap!.onMs)
    expect(forecast.swap!.latestMs).toBeGreaterThan(forecast.swap!.onMs)
  })
  test('a swap begins anew, and one weighing after it says nothing yet', () => {
    expect(cylinderForecast(weighed([0, 8], [20, 6.3], [21, 8]), { emptyKg: 6, fullKg: 2 })).toBeNull()
    expect(cylinderForecast(weighed([0, 7], [20, 6.3], [21, 8], [31, 7.9]), { emptyKg: 6, fullKg: 2 })!.gPerDay.value).toBeCloseTo(10, 9)
  })
  test('without the empty mass there is no day; what does not get lighter is no forecast', () => {
    expect(cylinderForecast(weighed([0, 8], [10, 7.8]), { emptyKg: null, fullKg: 2 })!.swap).toBeNull()
    expect(cylinderForecast(weighed([0, 8], [10, 8]), { emptyKg: 6, fullKg: 2 })).toBeNull()
  })
  test('the range is wider the shorter it was weighed', () => {
    const wide = (days: number): number => {
      const { gPerDay } = cylinderForecast(weighed([0, 8], [days / 2, 8 - days * 0.01], [days, 8 - days * 0.02]), {
        emptyKg: 6,
        fullKg: 2,
      })!
      return gPerDay.high - gPerDay.low
    }
    expect(wide(4)).toBeGreaterThan(wide(14) * 2)
  })
})
