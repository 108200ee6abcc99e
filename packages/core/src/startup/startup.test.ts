import { describe, expect, test } from 'vitest'
import type { Plan } from '../plan/plan.js'
import { samplePlan } from '../testing/samplePlan.js'
import { stocked } from '../testing/stocked.js'
import { withLight } from './lightSteps.js'
import { stepsOn, startProgramme } from './programme.js'
import { programmed } from './programmed.js'
import { PROGRAMME_DAYS } from './programmeDays.js'

const stepsOf = (plan: Plan) => startProgramme(programmed([{ fromDay: 0, plan }], { today: 0, animalsAllowedFromDay: null }).timeline)
const codesOn = (day: number, plan = samplePlan) => stepsOn(stepsOf(plan), day).map(({ code }) => code)

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
  test('gas is turned down before animals come', () =>
    expect(codesOn(samplePlan.animals.groups[0]!.fromDay - 3)).toContain('gas-turn-down'))
  test('nobody is told to use more gas than animals bear on a day on which they are in', () => {
    for (const [grazersFromDay, fishFromDay] of [
      [0, 0],
      [3, 40],
      [28, 42],
      [90, 90],
    ] as const) {
      const plan = { ...samplePlan, animals: stocked({ grazersFromDay, fishFromDay }) }
      for (let day = grazersFromDay; day < PROGRAMME_DAYS; day++) expect(codesOn(day, plan)).not.toContain('gas-before-animals')
    }
  })
  test('lanes of changes, light and feed have no gap and no overlap', () => {
    for (const lane of ['change', 'light', 'feed', 'gas'] as const) {
      const steps = stepsOf(samplePlan).filter((step) => step.lane === lane)
      steps.slice(1).forEach((step, index) => expect(step.fromDay, lane).toBe(steps[index]!.toDay))
      expect(steps.at(-1)!.toDay, lane).toBe(PROGRAMME_DAYS)
    }
  })
})

test('a light setting sets hours and power, and a ramp never takes more than half of the hours', () => {
  const plan = withLight(
    { ...samplePlan, lightWindows: [{ id: 't1', on: '12:00', hours: 8, rampMin: 200 }] },
    { hours: 6, dimFraction: 1.2 },
  )
  expect(plan.lightWindows).toEqual([{ id: 't1', on: '12:00', hours: 6, rampMin: 180 }])
  expect(plan.lamps[0]!.dimFraction).toBe(1)
  expect(withLight({ ...samplePlan, lightWindows: [] }, { hours: 6, dimFraction: 0.5 }).lightWindows).toEqual([])
})
