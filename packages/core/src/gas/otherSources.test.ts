import { describe, expect, test } from 'vitest'
import { assemblyOf, type AssemblyStep } from './assembly.js'
import { tankFigures } from '../ecosystem/tankFigures.js'
import { samplePlan } from '../testing/samplePlan.js'
import { bubbleMlOfCaught, withBubbleTimes } from './bubbleSize.js'
import { bottleDays, bottleG, remixDay, unstoppedMgPerL } from './fermentation.js'
import { gasAims } from './stages.js'
import { surgedPeakMgPerL, surgeTimes } from './surge.js'

const BOTTLE = { sugarG: 200, waterMl: 1000, yeastG: 0.5 }
const sum = (values: readonly number[]): number => values.reduce((all, value) => all + value, 0)

describe('a fermentation bottle', () => {
  test('gives half of its sugar as gas at most, and no more than it holds', () => {
    expect(bottleG(BOTTLE, 1)).toBeCloseTo(102.86, 1)
    expect(sum(bottleDays(BOTTLE, { days: 400 }))).toBeCloseTo(bottleG(BOTTLE), 1)
    expect(bottleG({ ...BOTTLE, sugarG: 400 })).toBe(bottleG(BOTTLE))
  })
  test('rises for a day or three, then fades over weeks', () => {
    const days = bottleDays(BOTTLE)
    const top = days.indexOf(Math.max(...days))
    expect(top).toBeGreaterThanOrEqual(1)
    expect(top).toBeLessThanOrEqual(4)
    for (let day = top + 1; day < days.length; day++) expect(days[day]!).toBeLessThan(days[day - 1]!)
    expect(remixDay(days)).toBeGreaterThan(14)
    expect(remixDay(days)).toBeLessThan(35)
  })
  test('with more yeast, or warmer, gives more and is through sooner', () => {
    const usual = bottleDays(BOTTLE)
    for (const other of [bottleDays({ ...BOTTLE, yeastG: 2 }), bottleDays(BOTTLE, { roomC: 28 })]) {
      expect(Math.max(...other)).toBeGreaterThan(Math.max(...usual))
      expect(remixDay(other)).toBeLessThan(remixDay(usual))
    }
  })
  test('comes to where loss meets gain: by hand 2.4 g a day, half dissolved, in 50 L that lose 0.5 an hour', () =>
    expect(unstoppedMgPerL(2.4, 0.5, { waterL: 50, kPerH: 0.5, equilibriumMgPerL: 1 })).toBeCloseTo(1 + (100 * 0.5) / 25, 12))
  test('outside its range it says so', () => expect(() => bottleDays({ ...BOTTLE, yeastG: 0 })).toThrow(/yeastG is 0/))
})

describe('the end of a cylinder', () => {
  test('surges behind one stage, hardly behind two', () => {
    expect(surgeTimes('single', 2).value).toBeGreaterThan(1.1)
    expect(surgeTimes('single', 2).high).toBeLessThan(2)
    expect(surgeTimes('dual', 2).high).toBeLessThan(1.03)
  })
  test('lifts the day’s peak over the air’s level alone: by hand 1 + 29 · 1.5', () =>
    expect(surgedPeakMgPerL(30, 1, 1.5)).toBeCloseTo(44.5, 12))
  test('matters less at a higher working pressure', () => expect(surgeTimes('single', 3).value).toBeLessThan(surgeTimes('single', 1).value))
})

describe('aims by stage', () => {
  const around = { areSensitive: false, airMgPerL: 1, endLightShare: 0.5 }
  test('with animals never over 30, with sensitive ones never over 25, and 15 on the first day', () => {
    for (const stage of ['animals', 'grown-in'] as const)
      for (const { high } of gasAims(stage, around)) expect(high).toBeLessThanOrEqual(30)
    for (const { high } of gasAims('sensitive', around)) expect(high).toBeLessThanOrEqual(25)
    for (const { high } of gasAims('grown-in', { ...around, areSensitive: true })) expect(high).toBeLessThanOrEqual(25)
    expect(gasAims('animals', around)[0]!.high).toBe(15)
  })
  test('after a dry start it comes down step by step to what animals bear', () => {
    const steps = gasAims('flooded', around)
    expect(steps[0]).toMatchObject({ low: 40, high: 60 })
    expect(steps.at(-1)).toMatchObject({ low: 20, high: 30, fromDay: 21 })
    steps.slice(1).forEach(({ high }, place) => expect(high).toBeLessThan(steps[place]!.high))
  })
  test('without gas, light and gas end together', () => {
    const steps = gasAims('without', around)
    expect(steps).toHaveLength(3)
    expect(steps.at(-1)).toMatchObject({ low: 1, high: 1, lightShare: 0.5, fromDay: 14 })
    steps.slice(1).forEach((step, place) => {
      expect(step.high).toBeLessThan(steps[place]!.high)
      expect(step.lightShare).toBeLessThan(steps[place]!.lightShare)
    })
  })
})

describe('putting the kit together', () => {
  const kit = { control: 'timer', diffuser: null, sharedWith: null } as const
  test('shuts before it opens, and looks for leaks before gas meets water', () => {
    const steps = assemblyOf(kit)
    const before = (a: AssemblyStep, b: AssemblyStep): void => expect(steps.indexOf(a)).toBeLessThan(steps.indexOf(b))
    before('cylinder', 'regulator')
    before('shut', 'open')
    before('seal', 'open')
    before('open', 'leak-cylinder')
    before('leak-cylinder', 'needle')
    before('check-valve', 'needle')
  })
  test('has one diffuser, and a controller only where there is one', () => {
    for (const diffuser of ['in-tank', 'in-line', 'reactor'] as const) {
      const steps = assemblyOf({ ...kit, diffuser })
      expect(steps.filter((step) => ['in-tank', 'in-line', 'reactor'].includes(step))).toEqual([diffuser])
      expect(steps).not.toContain('controller')
    }
    expect(assemblyOf({ ...kit, control: 'controller' })).toEqual(expect.arrayContaining(['controller', 'timer']))
  })
  test('on another tank’s cylinder leaves that one shut', () => {
    const steps = assemblyOf({ ...kit, sharedWith: '01920000-0000-7000-8000-000000000001' })
    expect(steps).not.toContain('open')
    expect(steps).toContain('leak-line')
  })
})

describe('the size of a bubble', () => {
  test('caught behind the diffuser, where the air presses alone: by hand 40 bubbles, 4 mL, at 1 bar in the line', () =>
    expect(bubbleMlOfCaught(4, 40, 1)).toBeCloseTo(0.05, 12))
  test('by the scale: gas follows it, and lines that are tuned by level stay', () => {
    const counted = { ...samplePlan, gasLines: samplePlan.gasLines.map((line) => ({ ...line, bubblesPerS: 2, bubbleMl: 0.06 })) }
    const before = tankFigures(counted)
    const then = withBubbleTimes(counted, before.gasLines, 1.25)
    expect(tankFigures(then).gasMgPerH / before.gasMgPerH).toBeCloseTo(1.25, 2)
    const tuned = { ...counted, gasLines: counted.gasLines.map((line) => ({ ...line, bubblesPerS: null })) }
    expect(withBubbleTimes(tuned, tankFigures(tuned).gasLines, 1.25)).toEqual(tuned)
  })
})
