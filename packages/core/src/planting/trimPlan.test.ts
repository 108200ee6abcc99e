import { describe, expect, test } from 'vitest'
import { anyPlant, datum } from '../testing/anyPlant.js'
import { PLANT_FORMS } from '../species/traits.js'
import { trimGrowth, trimOf } from './trimPlan.js'

const laid = (plant = anyPlant(), areaCm2 = 500, retail: 'pot' | 'cup' = 'pot') => ({
  plant,
  areaCm2,
  retail,
  cutCm: plant.cutBackCm.value,
})

describe('the trim of a patch', () => {
  const hedge = anyPlant({ form: 'stem', trimIntervalWeeks: datum(3), cutBackCm: datum(12), melt: { pot: 'none', cup: 'none' } })
  test('minutes by hand: 90 a square metre and week, a twentieth of it, bright light, every three weeks: 13.5', () =>
    expect(trimOf(laid(hedge), 70).minutesAVisit).toBeCloseTo(13.5, 9))
  test('weaker light: longer between cuts, no more work a week', () => {
    const [bright, dim] = [trimOf(laid(hedge), 70), trimOf(laid(hedge), 35)]
    expect(dim.everyWeeks).toBeCloseTo(2 * bright.everyWeeks, 9)
    expect(dim.minutesAVisit / dim.everyWeeks).toBeCloseTo(bright.minutesAVisit / bright.everyWeeks / 2, 9)
  })
  test('strong light does not shorten what the species asks for', () => expect(trimOf(laid(hedge), 300).everyWeeks).toBe(3))
  test('what melts is cut later', () => {
    const melts = anyPlant({ trimIntervalWeeks: datum(3), melt: { pot: 'full', cup: 'none' } })
    expect(trimOf(laid(melts), 70).firstWeek).toBeGreaterThan(3)
    expect(trimOf(laid(melts, 500, 'cup'), 70).firstWeek).toBe(3)
  })
  test('only hedges and lawns are cut to a height', () => {
    for (const form of PLANT_FORMS) {
      const { way, cutToCm } = trimOf(laid(anyPlant({ form })), 70)
      expect(cutToCm !== null).toBe(way === 'hedge' || way === 'lawn')
    }
  })
  test('growth keeps to its bounds', () => expect([0, 70, 1000].map(trimGrowth)).toEqual([0.35, 1, 1.3]))
})
