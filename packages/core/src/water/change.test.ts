import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { changeFractionOn, isChangeDay } from '../ecosystem/changeDays.js'
import { tankFigures } from '../ecosystem/tankFigures.js'
import { FIRST_WEEKS, UNKNOWN_SOURCE } from '../plan/planWater.js'
import { START_METHODS, type StartMethod } from '../plan/planStart.js'
import type { Plan } from '../plan/plan.js'
import { startProgramme } from '../startup/programme.js'
import { anyPlan } from '../testing/anyPlan.js'
import { samplePlan } from '../testing/samplePlan.js'
import { barrelCourse } from './barrelCourse.js'
import { changeCard, type ChangeCardTask } from './changeCard.js'
import { drainDepthCm, waterAboveL } from './drainMark.js'
import { firstFill } from './firstFill.js'
import { hardnessCreep } from './hardnessCreep.js'
import { stepwiseChange } from './stepwise.js'

const cold: Plan = {
  ...samplePlan,
  sources: [{ ...UNKNOWN_SOURCE, id: 'w', temperatureC: 10, alkalinityMeqPerL: 2, hardnessMmolPerL: 1.5, disinfectant: 'chlorine' }],
}
const cardOf = (plan: Plan, part: Partial<ChangeCardTask> = {}) => {
  const figures = tankFigures(plan)
  const task = { plan, tank: figures, waterL: figures.waterL, fraction: 0.5, tankC: 25, roomC: 20, hasAnimals: true, hasShrimps: false }
  return changeCard({ ...task, ...part })
}
const codes = (plan: Plan, part: Partial<ChangeCardTask> = {}): string[] => cardOf(plan, part).steps.map(({ code }) => code)

describe('the mark to drain to', () => {
  test('in a bare tank it is the share of the depth', () => {
    const bare = tankFigures({ ...samplePlan, layers: [], hardscape: [] })
    expect(drainDepthCm(bare, bare.waterL / 2)).toBeCloseTo(bare.inner.waterDepthCm / 2, 3)
  })
  test('of any tank: what stands above it is what is drained', () => {
    fc.assert(
      fc.property(anyPlan, fc.double({ min: 0.05, max: 0.95, noNaN: true }), (plan, share) => {
        const figures = tankFigures(plan)
        const litres = waterAboveL(figures, 0) * share
        const depthCm = drainDepthCm(figures, litres)
        if (litres > 1) expect(waterAboveL(figures, figures.inner.waterDepthCm - depthCm) / litres).toBeCloseTo(1, 2)
      }),
      { numRuns: 60, seed: 5 },
    )
  })
})

describe('a change card', () => {
  test('cold tap water is warmed to the tank by hot water, by hand: 12.5 of 50 K', () => {
    const plan = { ...cold, water: { ...cold.water, kit: { ...cold.water.kit, hotC: 50 } } }
    const { warming, litres } = cardOf(plan)
    expect(warming.hotL).toBeCloseTo((litres * 15) / 40, 6)
    expect(warming.mixC).toBeCloseTo(25, 6)
    expect(warming.shiftC).toBeCloseTo(0, 6)
  })
  test('all its waters together are the change', () => {
    fc.assert(
      fc.property(anyPlan, fc.double({ min: 0.05, max: 1, noNaN: true }), (plan, fraction) => {
        const { steps, litres } = cardOf(plan, { fraction, waterL: 180 })
        const taken = steps
          .filter(({ code }) => code.startsWith('take-'))
          .reduce((sum, { values }) => sum + (values['water']?.value ?? 0), 0)
        expect(Math.abs(taken - litres)).toBeLessThan(0.3)
        expect(steps[0]?.code).toBe('power-off')
        expect(steps.at(-1)?.code).toBe('power-on')
      }),
      { numRuns: 200, seed: 3 },
    )
  })
  test('conditioner is dosed for what came with chlorine, or for the whole tank before the hose runs', () => {
    const with_ = (part: Partial<Plan['water']['conditioner']>, share = 0.5): Plan => ({
      ...cold,
      logistics: { ...cold.logistics, purifiedFraction: share },
      water: { ...cold.water, conditioner: { ...cold.water.conditioner, labelMl: 5, labelL: 100, ...part } },
    })
    const premixed = cardOf(with_({}))
    expect(premixed.conditioning).toMatchObject({
      kind: 'dose',
      millilitres: expect.closeTo((premixed.litres * 0.5 * 5) / 100, 6) as unknown,
    })
    const hose = cardOf(with_({ place: 'tank' }))
    expect(hose.conditioning).toMatchObject({ litres: tankFigures(cold).waterL })
    const order = hose.steps.map(({ code }) => code)
    expect(order.indexOf('condition-tank')).toBeGreaterThan(order.indexOf('drain'))
    expect(order.indexOf('condition-tank')).toBeLessThan(order.indexOf('fill'))
    expect(codes(with_({ beforeAnimals: false }), { hasAnimals: false })).toContain('condition-later')
    expect(codes(with_({ beforeAnimals: false }))).toContain('condition-container')
    for (const disinfectant of ['chloramine', null] as const) {
      const other = with_({ beforeAnimals: false })
      const stays: Plan = { ...other, sources: [{ ...other.sources[0]!, disinfectant }] }
      expect(codes(stays, { hasAnimals: false })).toContain('condition-container')
    }
    expect(codes(with_({ labelMl: null }))).toContain('condition-container-label')
    expect(codes(with_({}, 1)).some((code) => code.startsWith('condition'))).toBe(false)
  })
  test('what cannot be told counts as chloramine, and a conditioner that binds chlorine alone is named', () => {
    const unknown: Plan = { ...cold, sources: [{ ...cold.sources[0]!, disinfectant: null }] }
    expect(codes(unknown)).toContain('ammonia-kit')
    expect(codes({ ...unknown, water: { ...cold.water, conditioner: { ...cold.water.conditioner, binds: 'chlorine' } } })).toContain(
      'condition-weak',
    )
    expect(codes(cold)).not.toContain('ammonia-kit')
  })
  test('water that nothing warms is too cold for animals: a smaller change, or a warm room', () => {
    const barrel: Plan = { ...cold, logistics: { ...cold.logistics, purifiedFraction: 1 } }
    const card = cardOf(barrel, { roomC: 12 })
    const step = card.steps.find(({ code }) => code === 'too-cold')
    expect(step?.values['most']?.value).toBeCloseTo(2 / 13, 1)
    expect(step!.values['most']!.value * 13).toBeLessThanOrEqual(2)
    expect(codes(barrel, { roomC: 12, hasAnimals: false })).toContain('cold-plants')
    expect(codes(barrel, { roomC: 24 })).toContain('check-temperature')
  })
  test('with the hose in the tank salts go in out of a jug, not into a barrel that is not there', () => {
    const soft: Plan = {
      ...cold,
      water: {
        ...cold.water,
        hardnessMmolPerL: 3,
        minerals: ['calcium-chloride-dihydrate', 'magnesium-sulfate-heptahydrate'],
        conditioner: { ...cold.water.conditioner, place: 'tank' },
      },
    }
    expect(codes(soft)).toContain('minerals-jug')
    expect(codes({ ...soft, logistics: { ...soft.logistics, purifiedFraction: 0.3 } })).toContain('minerals')
  })
  test('hot water is named to whoever keeps shrimps', () => {
    expect(codes(cold, { hasShrimps: true })).toContain('hot-copper')
    expect(codes(cold)).not.toContain('hot-copper')
  })
  test('timers run by the measured hose', () => {
    const plan = { ...cold, water: { ...cold.water, kit: { ...cold.water.kit, bucketL: 10, fillS: 60, drainS: 75 } } }
    const { litres, steps } = cardOf(plan)
    expect(steps.find(({ code }) => code === 'fill')?.seconds).toBeCloseTo(litres * 6, 6)
    expect(steps.find(({ code }) => code === 'drain')?.seconds).toBeCloseTo(litres * 7.5, 6)
    expect(cardOf(cold).steps.find(({ code }) => code === 'fill')?.seconds).toBeNull()
  })
})

describe('the first weeks', () => {
  const of = (firstWeeks: Plan['changes']['firstWeeks'], method: StartMethod = 'wet'): Plan => ({
    ...samplePlan,
    start: { method, endsOnDay: 10, dryLightHours: null },
    changes: { fraction: 0.5, everyDays: 7, firstWeeks },
  })
  const days = (plan: Plan): number[] => Array.from({ length: 36 }, (_, day) => day).filter((day) => isChangeDay(plan, day))
  test('each pattern has its days', () => {
    expect(days(of('same'))).toEqual([7, 14, 21, 28, 35])
    expect(days(of('daily'))).toEqual([1, 2, 3, 4, 5, 6, 8, 10, 12, 14, 17, 21, 24, 28, 35])
    expect(days(of('every-other'))).toEqual([2, 4, 6, 8, 10, 12, 14, 17, 21, 24, 28, 35])
    expect(days(of('twice'))).toEqual([3, 7, 10, 14, 17, 21, 24, 28, 35])
  })
  test('a dark start changes nine tenths on the day of planting, a dry one on the day after flooding; the pattern counts from there', () => {
    expect(days(of('same', 'dark'))).toEqual([10, 17, 24, 31])
    expect(changeFractionOn(of('same', 'dark'), 10)).toBe(0.9)
    expect(days(of('every-other', 'dry'))).toEqual([11, 12, 14, 16, 18, 20, 22, 24, 27, 31, 34])
    expect(changeFractionOn(of('every-other', 'dry'), 11)).toBe(0.9)
  })
  test('the programme tells the days that the calendar has', () => {
    for (const [pattern, method] of FIRST_WEEKS.flatMap((one) => START_METHODS.map((how) => [one, how] as const))) {
      const plan = of(pattern, method)
      const lane = startProgramme([{ fromDay: 0, plan }]).filter((step) => step.lane === 'change')
      for (let day = 1; day < 50; day++) {
        const step = lane.find(({ fromDay, toDay }) => day >= fromDay && day < toDay)
        if (method === 'dry' && day === 10) continue // the day of flooding has a lane of its own
        expect(step, `${pattern} ${method} ${day}`).toBeDefined()
        if (step!.code === 'change-none') expect(isChangeDay(plan, day)).toBe(false)
        if (step!.code === 'change-large') expect(changeFractionOn(plan, day)).toBe(0.9)
        if (step!.code === 'change-daily') expect(isChangeDay(plan, day)).toBe(true)
      }
    }
  })
})

describe('stepwise', () => {
  const from = { temperatureC: 24, hardnessMmolPerL: 1, alkalinityMeqPerL: 1 }
  const mostPerDay = { temperatureC: 2, hardnessMmolPerL: 0.2, alkalinityMeqPerL: 0.36 }
  test('no day moves more than it may, and it arrives', () => {
    fc.assert(
      fc.property(
        fc.record({
          temperatureC: fc.double({ min: 16, max: 30, noNaN: true }),
          hardnessMmolPerL: fc.double({ min: 0, max: 4, noNaN: true }),
          alkalinityMeqPerL: fc.double({ min: 0, max: 6, noNaN: true }),
        }),
        (to) => {
          const { steps, arrives } = stepwiseChange({ from, to, mostPerDay, mostFraction: 0.5 })
          let before = from
          for (const { after, fraction } of steps) {
            expect(fraction).toBeLessThanOrEqual(0.5)
            for (const quality of ['temperatureC', 'hardnessMmolPerL', 'alkalinityMeqPerL'] as const)
              expect(Math.abs(after[quality] - before[quality])).toBeLessThanOrEqual(mostPerDay[quality] + 1e-9)
            before = after
          }
          expect(arrives).toBe(true)
        },
      ),
      { numRuns: 200, seed: 9 },
    )
  })
  test('names what holds it down; nothing to do is nothing to do', () => {
    const { steps } = stepwiseChange({ from, to: { ...from, hardnessMmolPerL: 3 }, mostPerDay, mostFraction: 0.5 })
    expect(steps[0]).toMatchObject({ fraction: 0.1, heldBy: 'hardnessMmolPerL' })
    expect(stepwiseChange({ from, to: from, mostPerDay, mostFraction: 0.5 }).steps).toEqual([])
    expect(
      stepwiseChange({
        from,
        to: { ...from, hardnessMmolPerL: 15 },
        mostPerDay: { ...mostPerDay, hardnessMmolPerL: 0.01 },
        mostFraction: 0.5,
      }).arrives,
    ).toBe(false)
  })
})

describe('hardness that creeps', () => {
  const task = { waterL: 100, evaporationLPerDay: 1, topUpMmolPerL: 1.5, newMmolPerL: 1.5, startMmolPerL: 1.5, fraction: 0.5, everyDays: 7 }
  test('settles where a week’s rise is what a change takes away', () => {
    const { daily, settlesMmolPerL } = hardnessCreep(task, 365)
    // By hand: 7 · 1 L of 1.5 mmol/L in 100 L, over one half.
    expect(settlesMmolPerL).toBeCloseTo(1.5 + 0.105 / 0.5, 9)
    expect(Math.max(...daily)).toBeCloseTo(settlesMmolPerL!, 6)
  })
  test('soft top-up keeps it, no change lets it climb without end', () => {
    expect(hardnessCreep({ ...task, topUpMmolPerL: 0 }, 100).settlesMmolPerL).toBe(1.5)
    const never = hardnessCreep({ ...task, fraction: 0 }, 100)
    expect(never.settlesMmolPerL).toBeNull()
    expect(never.daily[100]).toBeCloseTo(1.5 + 1.5, 6)
  })
})

describe('one barrel for several tanks', () => {
  test('says on which day it runs short, and by how much', () => {
    const course = barrelCourse(
      {
        draws: [
          { day: 0, litres: 60 },
          { day: 1, litres: 30 },
          { day: 1, litres: 40 },
        ],
        barrelL: 80,
        unitLPerDay: 20,
      },
      7,
    )
    expect(course).toMatchObject({ shortOnDay: 1, shortL: 30 })
    expect(course.days[6]).toMatchObject({ drawnL: 0, leftL: 80 })
  })
  test('never holds more than it can, nor owes what was missing', () => {
    const { days, shortOnDay } = barrelCourse({ draws: [{ day: 3, litres: 50 }], barrelL: 60, unitLPerDay: 100, startL: 10 }, 5)
    expect(days.map(({ leftL }) => leftL)).toEqual([10, 60, 60, 10, 60])
    expect(shortOnDay).toBeNull()
  })
})

describe('the first fill', () => {
  const plan: Plan = {
    ...cold,
    water: { ...cold.water, kit: { ...cold.water.kit, bucketL: 10, fillS: 75, hotC: 60, boilerL: 15, boilerW: 2000 } },
  }
  const figures = tankFigures(plan)
  const fill = firstFill({ plan, tank: figures, waterL: figures.waterL, poreWaterL: figures.volumes.poreWaterL, wantedC: 24, roomC: 20 })
  test('its stages are all of the water, slowly at first', () => {
    expect(fill.stages.reduce((sum, { litres }) => sum + litres, 0)).toBeCloseTo(fill.litres, 1)
    expect(fill.stages.map(({ lPerMin }) => lPerMin)).toEqual([1, 1.5, 4, 8])
  })
  test('the boiler is filled as often as the hot litres ask, with pauses by its power', () => {
    expect(fill.boiler?.loads).toBe(Math.ceil(fill.warming.hotL / 15))
    // By hand: 15 L from 10 to 60 °C, 2 kW.
    expect(fill.boiler?.pauseMin).toBeCloseTo((15 * 50 * 1.163 * 60) / 2000, 6)
    expect(firstFill({ plan: cold, tank: figures, waterL: 50, poreWaterL: 0, wantedC: 24, roomC: 20 })).toMatchObject({
      boiler: null,
      minutes: null,
    })
  })
})
