import { describe, expect, test } from 'vitest'
import { samplePlan } from '../testing/samplePlan.js'
import { PROGRAMME_DAYS, stepsOn, wetStartProgramme, withLightStep } from './programme.js'

const timeline = [{ fromDay: 0, plan: samplePlan }]
const codesOn = (day: number, plan = samplePlan) => stepsOn(wetStartProgramme(plan, timeline), day).map(({ code }) => code)

describe('the first weeks', () => {
  test('on rich soil nitrogen waits; on inert ground feeding starts at a quarter', () => {
    expect(codesOn(3)).toContain('feed-no-nitrogen')
    const sand = { ...samplePlan, layers: [{ id: 'g1', ground: 'sand' as const, frontCm: 4, backCm: 7, product: null }] }
    expect(codesOn(3, sand)).toContain('feed-quarter')
    expect(codesOn(30, sand)).toContain('feed-full')
  })
  test('brown film is normal in week three, not in week seven', () => {
    expect(codesOn(16)).toContain('normal-brown-film')
    expect(codesOn(45)).not.toContain('normal-brown-film')
  })
  test('gas is turned down before animals come', () => expect(codesOn(samplePlan.animals.grazersFromDay - 3)).toContain('gas-turn-down'))
  test('lanes of changes, light and feed have no gap and no overlap', () => {
    for (const lane of ['change', 'light', 'feed', 'gas'] as const) {
      const steps = wetStartProgramme(samplePlan, timeline).filter((step) => step.lane === lane)
      steps.slice(1).forEach((step, index) => expect(step.fromDay, lane).toBe(steps[index]!.toDay))
      expect(steps.at(-1)!.toDay, lane).toBe(PROGRAMME_DAYS)
    }
  })
})

test('a light step sets hours and power, and a ramp never takes more than half of the hours', () => {
  const plan = withLightStep(
    { ...samplePlan, lightWindows: [{ id: 't1', on: '12:00', hours: 8, rampMin: 200 }] },
    { hours: 6, dimFraction: 1.2 },
  )
  expect(plan.lightWindows).toEqual([{ id: 't1', on: '12:00', hours: 6, rampMin: 180 }])
  expect(plan.lamps[0]!.dimFraction).toBe(1)
  expect(withLightStep({ ...samplePlan, lightWindows: [] }, { hours: 6, dimFraction: 0.5 }).lightWindows).toEqual([])
})
