import { describe, expect, test } from 'vitest'
import type { Plan, TimelineEntry } from '../plan/plan.js'
import { entryAt } from '../plan/timelineAt.js'
import { samplePlan } from '../testing/samplePlan.js'
import { stocked } from '../testing/stocked.js'
import { animalsAllowedFromDay } from './animalsAllowed.js'
import { lightSettingOf, withLight } from './lightSteps.js'
import { programmed } from './programmed.js'

const target = { hours: 8, dimFraction: 0.8 }
const first: TimelineEntry = { fromDay: 0, plan: samplePlan }
const dated = (fromDay: number, light: { hours: number; dimFraction: number }): TimelineEntry => ({
  fromDay,
  plan: withLight(samplePlan, light),
})
const lightOn = (settings: readonly TimelineEntry[], today: number) => {
  const { timeline } = programmed(settings, { today, animalsAllowedFromDay: null })
  return (day: number) => lightSettingOf(entryAt(timeline, day)!.plan)
}

describe('the light of a young tank', () => {
  test('starts short and dim, and reaches its target by week seven, whether or not anybody kept the steps', () => {
    for (const today of [0, 10, 30, 55]) {
      const on = lightOn([first], today)
      expect(on(0)).toEqual({ hours: 6, dimFraction: 0.44 })
      expect(on(20).hours).toBe(6)
      expect(on(43)).toEqual(target)
      expect(on(90)).toEqual(target)
    }
  })
  test('a long target starts short as well, and a short one is not shortened', () => {
    const long = { fromDay: 0, plan: withLight(samplePlan, { hours: 12, dimFraction: 1 }) }
    expect(lightOn([long], 0)(3).hours).toBe(6)
    expect(lightOn([long], 0)(60).hours).toBe(12)
    const short = { fromDay: 0, plan: withLight(samplePlan, { hours: 5, dimFraction: 1 }) }
    expect(lightOn([short], 0)(3).hours).toBe(5)
  })
  test('steps that were kept by hand go on to rise; one that is late is not a cut', () => {
    const settings = [first, dated(1, { hours: 6, dimFraction: 0.44 })]
    expect(lightOn(settings, 16)(16)).toEqual({ hours: 6, dimFraction: 0.44 })
    expect(lightOn(settings, 16)(30).dimFraction).toBeCloseTo(0.72, 9)
    expect(lightOn(settings, 16)(90)).toEqual(target)
  })
  test('a step left out holds the light until the next; one put off waits for its day, one put off beyond the next is overtaken', () => {
    const powerOn = (day: number, toDay: number | null, today: number): number => {
      const facts = { today, animalsAllowedFromDay: null, lightPutOff: [{ day: 14, toDay }] }
      return lightSettingOf(entryAt(programmed([first], facts).timeline, day)!.plan).dimFraction
    }
    for (const today of [10, 16, 40]) {
      expect([13, 15, 20, 21].map((day) => powerOn(day, null, today))).toEqual([0.44, 0.44, 0.44, 0.64])
      expect([13, 15, 17, 18, 21].map((day) => powerOn(day, 18, today))).toEqual([0.44, 0.44, 0.44, 0.56, 0.64])
      expect([15, 20, 21, 26].map((day) => powerOn(day, 25, today))).toEqual([0.44, 0.44, 0.64, 0.64])
    }
    // The job stays where it was told of.
    const facts = { today: 16, animalsAllowedFromDay: null, lightPutOff: [{ day: 14, toDay: null }] }
    expect(programmed([first], facts).lightSteps.map(({ fromDay }) => fromDay)).toContain(14)
  })
  test('a deliberate cut is never undone', () => {
    const settings = [first, dated(20, { hours: 5, dimFraction: 0.3 })]
    const on = lightOn(settings, 25)
    for (const day of [20, 30, 50, 90]) expect(on(day)).toEqual({ hours: 5, dimFraction: 0.3 })
    expect(programmed(settings, { today: 25, animalsAllowedFromDay: null }).lightSteps.every(({ fromDay }) => fromDay <= 20)).toBe(true)
  })
  test('six hours are a step on day 1 and a cut on day 30; power goes its own way', () => {
    expect(lightOn([first, dated(1, { hours: 6, dimFraction: 0.8 })], 2)(45)).toEqual(target)
    expect(lightOn([first, dated(30, { hours: 6, dimFraction: 0.72 })], 31)(45)).toEqual({ hours: 6, dimFraction: 0.8 })
  })
  test('more light that was meant is meant', () => {
    const on = lightOn([first, dated(10, { hours: 7, dimFraction: 0.7 })], 12)
    expect(on(9).hours).toBe(6)
    expect(on(12)).toEqual({ hours: 7, dimFraction: 0.7 })
    expect(on(16)).toEqual({ hours: 7, dimFraction: 0.7 })
    expect(on(45)).toEqual(target)
  })
  test('a settled tank is left as it is', () => {
    const settings = [first, dated(200, { hours: 6, dimFraction: 0.5 })]
    const { timeline } = programmed(settings, { today: 300, animalsAllowedFromDay: null })
    expect(entryAt(timeline, 56)!.plan).toBe(samplePlan)
    expect(entryAt(timeline, 300)).toEqual(settings[1])
  })
  test('lamps keep their ratio, a second window its hours', () => {
    const plan: Plan = {
      ...samplePlan,
      lamps: [samplePlan.lamps[0]!, { ...samplePlan.lamps[0]!, id: 'l2', dimFraction: 0.4 }],
      lightWindows: [...samplePlan.lightWindows, { id: 't2', on: '22:00', hours: 1, rampMin: 0 }],
    }
    const dimmed = withLight(plan, { hours: 6, dimFraction: 0.4 })
    expect(dimmed.lamps.map(({ dimFraction }) => dimFraction)).toEqual([0.4, 0.2])
    expect(dimmed.lightWindows.map(({ hours }) => hours)).toEqual([5, 1])
  })
})

describe('the feed of a young tank', () => {
  const feedOn = (plan: Plan, day: number) =>
    entryAt(programmed([{ fromDay: 0, plan }], { today: 0, animalsAllowedFromDay: null }).timeline, day)!.feed
  test('no nitrogen and phosphorus at first on soil; a quarter of all on inert ground; all of it from week five', () => {
    expect(feedOn(samplePlan, 3)).toEqual({ nitrogenPhosphorus: 0, rest: 0.5 })
    const sand: Plan = { ...samplePlan, layers: [{ id: 'g', ground: 'sand', frontCm: 4, backCm: 7, product: null }] }
    expect(feedOn(sand, 3)).toEqual({ nitrogenPhosphorus: 0.25, rest: 0.25 })
    expect(feedOn(samplePlan, 40)).toBeUndefined()
  })
})

describe('animals', () => {
  test('tests allow them later on rich soil with a new filter than with a mature one', () => {
    const later = animalsAllowedFromDay({ ...samplePlan, flow: { ...samplePlan.flow, filter: 'new' } })
    const sooner = animalsAllowedFromDay({ ...samplePlan, flow: { ...samplePlan.flow, filter: 'mature' } })
    expect(later).toBeGreaterThan(sooner)
    expect(later).toBeGreaterThan(21)
    expect(later).toBeLessThan(60)
  })
  test('those to come wait; those that are there stay', () => {
    const plan: Plan = { ...samplePlan, animals: stocked({ grazersFromDay: 5, fishFromDay: 20 }) }
    const { timeline } = programmed([{ fromDay: 0, plan }], { today: 10, animalsAllowedFromDay: 40 })
    expect(timeline[0]!.plan.animals.groups.map(({ fromDay }) => fromDay)).toEqual([5, 40])
  })
  test('planned for weeks that turned out dry or dark, they wait for tests; never do they come with the flood', () => {
    for (const method of ['dark', 'dry'] as const) {
      const plan: Plan = {
        ...samplePlan,
        start: { method, endsOnDay: 45, dryLightHours: null },
        animals: stocked({ grazersFromDay: 35, fishFromDay: 50 }),
      }
      const fromDays = (today: number, allowed: number | null) => {
        const { timeline } = programmed([{ fromDay: 0, plan }], { today, animalsAllowedFromDay: allowed })
        return timeline.at(-1)!.plan.animals.groups.map((group) => group.fromDay)
      }
      expect(fromDays(40, 66)).toEqual([66, 66])
      expect(fromDays(60, 66)).toEqual([66, 50])
      expect(fromDays(200, null)).toEqual([73, 50])
    }
  })
})
