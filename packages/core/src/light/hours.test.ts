import { describe, expect, test } from 'vitest'
import { lightStepsTo } from '../startup/lightSteps.js'
import { hoursForSameLight } from './equalLight.js'
import { lightLevelOf } from './classes.js'
import { sunByMonth } from './sunByMonth.js'

const day = (hours: number, rampMin = 0) => [{ id: 't', on: '12:00', hours, rampMin }]

describe('equal daily light', () => {
  test('half the power asks for twice the hours, ramps kept', () => {
    expect(hoursForSameLight(day(5), 0.5)).toEqual({ hours: 10, isTooLong: false })
    // 5 h with half-hour ramps are 4.5 h at full; twice that, and half an hour for the ramps.
    expect(hoursForSameLight(day(5, 30), 0.5).hours).toBeCloseTo(9.5, 9)
    expect(hoursForSameLight(day(8), 0.5).isTooLong).toBe(true)
    expect(hoursForSameLight([], 0.5)).toEqual({ hours: 0, isTooLong: false })
  })
})

describe('starts', () => {
  test.each(['ramp', 'moderate', 'very-dim'] as const)('%s ends at what is wanted and never gives more', (start) => {
    const steps = lightStepsTo({ hours: 8, dimFraction: 0.8 }, start)
    expect(steps.at(-1)).toMatchObject({ hours: 8, dimFraction: 0.8 })
    for (const { hours, dimFraction } of steps) {
      expect(hours).toBeLessThanOrEqual(8)
      expect(dimFraction).toBeLessThanOrEqual(0.8)
    }
  })
  test('the first day of the three', () => {
    const first = (start: 'ramp' | 'moderate' | 'very-dim') => lightStepsTo({ hours: 8, dimFraction: 1 }, start)[0]!
    expect(first('moderate').hours * first('moderate').dimFraction).toBeGreaterThan(first('ramp').hours * first('ramp').dimFraction)
    expect(first('very-dim').dimFraction).toBeLessThan(first('ramp').dimFraction / 2)
  })
})

describe('sun through a window', () => {
  test('a south window at 50° north has the sun all the winter day and less in summer, when it stands high', () => {
    const south = sunByMonth({ latitudeDeg: 50, facingDeg: 180 })
    expect(south[11]!).toBeGreaterThan(4)
    expect(south[11]!).toBeLessThan(8)
    expect(south[2]!).toBeGreaterThan(south[11]!)
  })
  test('a north window has hardly any; east and west have their halves', () => {
    const at = (facingDeg: number): readonly number[] => sunByMonth({ latitudeDeg: 50, facingDeg })
    expect(at(0)[0]).toBe(0)
    expect(at(0)[2]).toBeLessThan(0.5)
    for (let month = 0; month < 12; month++) expect(at(90)[month]!).toBeCloseTo(at(270)[month]!, 6)
  })
  test('the south of the world has it the other way round', () => {
    const north = sunByMonth({ latitudeDeg: 50, facingDeg: 180 })
    const south = sunByMonth({ latitudeDeg: -50, facingDeg: 0 })
    expect(Math.abs(south[5]! - north[11]!)).toBeLessThan(0.5)
  })
  test('nonsense is refused', () => expect(() => sunByMonth({ latitudeDeg: 120, facingDeg: 0 })).toThrow(/latitudeDeg is 120/))
})

test('levels of light begin where they say', () => {
  expect([5, 15, 39.9, 40, 80, 150, 900].map(lightLevelOf)).toEqual(['dim', 'low', 'low', 'medium', 'high', 'very-high', 'very-high'])
})
