import { expect, test } from 'vitest'
import { samplePlan } from '../testing/samplePlan.js'
import { measuredGas, withMeasuredGas } from './measuredGas.js'
import { compile } from './compile.js'
import { tankFigures } from './tankFigures.js'

const of = (value: number) => ({ value, low: value, high: value })
const figures = tankFigures(samplePlan)

test('a measured loss is the loss of the plan from then on, whatever the surface let one expect, and nothing of it is drawn', () => {
  const measured = measuredGas({ kPerH: of(0.8), injectionMgPerLPerH: null }, figures)!
  const plan = withMeasuredGas(samplePlan, measured)
  expect(tankFigures(plan).co2PerH).toBeCloseTo(0.8, 2)
  // Measured once more it says the same.
  expect(measuredGas({ kPerH: of(0.8), injectionMgPerLPerH: null }, tankFigures(plan))!.lossTimes).toBeCloseTo(measured.lossTimes, 6)
  const drawn = [1, 2, 3, 4].map(
    (member) =>
      compile({ timeline: [{ fromDay: 0, plan: { ...plan, temperatureC: 24 } }], days: 1, stepMin: 60, draw: { seed: 1, member } }).figures
        .co2PerH,
  )
  expect(Math.max(...drawn) / Math.min(...drawn)).toBeLessThan(1.02)
  expect(tankFigures({ ...plan, flow: { ...plan.flow, surface: 'strong' } }).co2PerH).toBeGreaterThan(0.8)
})
test('what dissolves is a share of the bubbles, and one that cannot be is told and left out', () => {
  const half = (figures.gasMgPerH * 0.5) / figures.waterL
  const measured = measuredGas({ kPerH: of(0.4), injectionMgPerLPerH: of(half) }, figures)!
  expect(measured.dissolved).toBeCloseTo(0.5, 9)
  expect(withMeasuredGas(samplePlan, measured).gasLines[0]!.dissolvedFraction).toBe(0.5)
  const odd = measuredGas({ kPerH: of(0.4), injectionMgPerLPerH: of(half * 3) }, figures)!
  expect(odd.dissolved).toBeGreaterThan(1)
  expect(withMeasuredGas(samplePlan, odd).gasLines[0]!.dissolvedFraction).toBeNull()
  expect(measuredGas({ kPerH: null, injectionMgPerLPerH: null }, figures)).toBeNull()
})
