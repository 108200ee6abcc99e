import { describe, expect, test } from 'vitest'
import { tankFigures } from '../../ecosystem/tankFigures.js'
import type { Plan } from '../../plan/plan.js'
import { samplePlan } from '../../testing/samplePlan.js'
import { keeping } from '../../testing/stocked.js'
import { heatWave, type HeatForecast } from './heatWave.js'
import { powerCut } from './powerCut.js'

const open: Plan = { ...samplePlan, vessel: { ...samplePlan.vessel, top: 'open' } }
const hot = (plan: Plan, forecast: Partial<HeatForecast> = {}) =>
  heatWave(plan, tankFigures(plan), { highC: 34, nightC: 26, humidityFraction: 0.5, ...forecast })

describe('a heat wave', () => {
  test('water follows the mean of day and night, less what evaporates, and swings less than the room', () => {
    const { asIs } = hot(open)
    expect(asIs.meanC).toBeGreaterThan(25)
    expect(asIs.meanC).toBeLessThan(32)
    expect(asIs.highestC - asIs.meanC).toBeGreaterThan(0.1)
    expect(asIs.highestC - asIs.meanC).toBeLessThan(4 / 2)
  })
  test('a fan brings two to four degrees in common air, less in damp air, and takes its water: a few per cent of the tank a day', () => {
    const common = hot(open)
    const cooled = common.dimmed.meanC - common.blown.meanC
    expect(cooled).toBeGreaterThan(1.5)
    expect(cooled).toBeLessThan(5)
    const share = common.blown.lostL / tankFigures(open).waterL
    expect(share).toBeGreaterThan(0.015)
    expect(share).toBeLessThan(0.07)
    const damp = hot(open, { humidityFraction: 0.9 })
    expect(damp.dimmed.meanC - damp.blown.meanC).toBeLessThan(cooled)
  })
  test('lamps a third lower never warm, a cover keeps the heat, a cooler holds it', () => {
    expect(hot(open).dimmed.meanC).toBeLessThan(hot(open).asIs.meanC)
    expect(hot({ ...open, vessel: { ...open.vessel, top: 'covered' } }).asIs.meanC).toBeGreaterThan(hot(open).asIs.meanC)
    const cooled = hot({ ...open, climate: { heaterW: null, coolerW: 200 } })
    expect(cooled.asIs.highestC).toBe(24.5)
  })
  test('warm water holds less oxygen, and the most delicate are named first', () => {
    const found = hot({
      ...open,
      ...keeping(['symphysodon-aequifasciatus', 6, 0], ['tanichthys-albonubes', 10, 0], ['paracheirodon-innesi', 10, 0]),
    })
    expect(found.saturationHotMgPerL).toBeLessThan(found.saturationNowMgPerL)
    expect(found.sufferers.filter(({ kind }) => kind === 'animal').map(({ name }) => name)).toEqual([
      'Tanichthys albonubes',
      'Paracheirodon innesi',
    ])
  })
  test('animals stand before plants, however delicate those are', () => {
    const kinds = hot({ ...open, ...keeping(['paracheirodon-innesi', 10, 0]) }, { highC: 45, nightC: 40 }).sufferers.map(({ kind }) => kind)
    expect(kinds).toContain('animal')
    expect(kinds).toEqual([...kinds].sort())
  })
  test('a mild day changes nothing that a heater holds', () => {
    const mild = hot(open, { highC: 22, nightC: 18 })
    expect(mild.asIs.meanC).toBe(24.5)
    expect(mild.sufferers).toEqual([])
  })
})

describe('a power cut', () => {
  const cut = (plan: Plan, hours = 4) => powerCut(tankFigures(plan), { hours, ageDays: 100, roomC: 18 })
  test('more fish leave fewer hours', () => {
    const few = cut({ ...samplePlan, ...keeping(['paracheirodon-innesi', 10, 0]) }).hoursToTrouble
    const many = cut({ ...samplePlan, ...keeping(['paracheirodon-innesi', 300, 0]) }).hoursToTrouble
    expect(many!.value).toBeLessThan(few?.value ?? Infinity)
    expect(many!.low).toBeLessThanOrEqual(many!.value)
    expect(many!.value).toBeLessThanOrEqual(many!.high)
  })
  test('a grown tank breathes more than a planted one', () => {
    const at = (ageDays: number) => powerCut(tankFigures(samplePlan), { hours: 4, ageDays, roomC: 18 }).hoursToTrouble
    expect(at(60)!.low).toBeLessThan(at(0)?.low ?? Infinity)
  })
  test('water cools towards the room, a large tank slowly', () => {
    const hours = [0, 4, 12, 48].map((h) => cut(samplePlan, h).temperatureAfterC)
    expect(hours[0]).toBeCloseTo(24.5, 6)
    expect([...hours].sort((a, b) => b - a)).toEqual(hours)
    expect(hours[1]).toBeGreaterThan(21)
    expect(hours[3]).toBeGreaterThan(14)
    const small = { ...samplePlan, vessel: { ...samplePlan.vessel, lengthCm: 30, widthCm: 30, heightCm: 30 }, hardscape: [] }
    expect(cut(small, 12).temperatureAfterC).toBeLessThan(hours[2]!)
  })
  test('a canister that stood two hours is rinsed first', () => {
    expect(cut(samplePlan, 1).mustRinse).toBe(false)
    expect(cut(samplePlan, 3).mustRinse).toBe(true)
  })
})
