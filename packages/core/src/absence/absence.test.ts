import { describe, expect, test } from 'vitest'
import { changeFractionOn } from '../ecosystem/changeDays.js'
import { isGlassDay, isTrimDay } from '../ecosystem/handsOnDays.js'
import { tankFigures } from '../ecosystem/tankFigures.js'
import { cylinderForecast } from '../gas/cylinder.js'
import { datePlusDays, daysBetween } from '../plan/clock.js'
import { absenceOn, foodShareOn, type Absence } from '../plan/planAbsence.js'
import type { Plan, TimelineEntry } from '../plan/plan.js'
import { entryAt } from '../plan/timelineAt.js'
import { jobsBetween } from '../routine/jobs.js'
import { lightSettingOf } from '../startup/lightSteps.js'
import { away, TEN_DAYS } from '../testing/away.js'
import { samplePlan } from '../testing/samplePlan.js'
import { keeping } from '../testing/stocked.js'
import { awayAhead, awayMember } from './awayAhead.js'
import { awayDangers, type AwayDangerCode } from './awayDangers.js'
import { openAwayFall, openAwayStock } from './away.sums.js'
import { awayDoses, awayGas, longestFastDays, SPARE, visitDays } from './awayStocks.js'
import { awayWater } from './awayWater.js'
import { proposedAbsence } from './proposedAbsence.js'
import { plannedLife } from './withAbsences.js'

/** 10 h at full, so that there is something to lower. */
const bright: Plan = {
  ...samplePlan,
  lightWindows: [{ id: 't1', on: '11:00', hours: 10, rampMin: 30 }],
  lamps: samplePlan.lamps.map((lamp) => ({ ...lamp, dimFraction: 1 })),
}
const dayOf = (date: string): number => daysBetween(samplePlan.startedOn, date)
const LEAVE = dayOf(TEN_DAYS.leaveOn)
const BACK = dayOf(TEN_DAYS.backOn)
const lifeOf = (plan: Plan, today = 60): readonly TimelineEntry[] =>
  plannedLife([{ fromDay: 0, plan }], { today, animalsAllowedFromDay: null }).timeline
const lightOn = (timeline: readonly TimelineEntry[], day: number) => lightSettingOf(entryAt(timeline, day)!.plan)

describe('the days of an absence', () => {
  test('lowered, cleaned, left still, away, back, rising, and then a day like any other', () => {
    const stages = [LEAVE - 15, LEAVE - 14, LEAVE - 5, LEAVE - 4, LEAVE - 3, LEAVE, BACK - 1, BACK, BACK + 1, BACK + 10, BACK + 11].map(
      (day) => absenceOn(away(samplePlan), day)?.stage,
    )
    expect(stages).toEqual([undefined, 'lowered', 'clean', 'still', 'still', 'away', 'away', 'back', 'rising', 'rising', undefined])
  })
  test('where two meet, being away goes before getting ready', () => {
    const soon: Absence = {
      ...TEN_DAYS,
      id: 'w2',
      leaveOn: '2026-12-20',
      backOn: '2026-12-27',
      lowerFrom: '2026-12-06',
      cleanOn: '2026-12-16',
    }
    const both = { ...samplePlan, absences: [soon, TEN_DAYS] }
    expect(absenceOn(both, dayOf('2026-12-10'))).toMatchObject({ stage: 'away', absence: { id: 'w1' } })
    expect(absenceOn(both, dayOf('2026-12-15'))).toMatchObject({ stage: 'back', absence: { id: 'w1' } })
    expect(absenceOn(both, dayOf('2026-12-16'))).toMatchObject({ stage: 'clean', absence: { id: 'w2' } })
  })
  test('light: six hours and seventy per cent from two weeks before, back in three steps over ten days', () => {
    const timeline = lifeOf(away(bright))
    const at = (day: number) => lightOn(timeline, day)
    expect(at(LEAVE - 15)).toEqual({ hours: 10, dimFraction: 1 })
    expect(at(LEAVE - 14)).toEqual({ hours: 6, dimFraction: 0.7 })
    expect(at(BACK + 2)).toEqual({ hours: 6, dimFraction: 0.7 })
    // Quarter hours and whole per cent, as timers and dimmers are set.
    expect(at(BACK + 3).hours).toBe(7.25)
    expect(at(BACK + 3).dimFraction).toBeCloseTo(0.8, 6)
    expect(at(BACK + 7).dimFraction).toBeCloseTo(0.9, 6)
    expect(at(BACK + 10)).toEqual({ hours: 10, dimFraction: 1 })
  })
  test('short light is never made longer, and without lowering nothing is touched', () => {
    const short = away({ ...bright, lightWindows: [{ id: 't1', on: '11:00', hours: 5, rampMin: 0 }] })
    expect(lightOn(lifeOf(short), LEAVE)).toEqual({ hours: 5, dimFraction: 0.7 })
    expect(lightOn(lifeOf(away(bright, { lowerFrom: null })), LEAVE)).toEqual({ hours: 10, dimFraction: 1 })
  })
  test('feed goes with the light, and stops where no pump gives it', () => {
    const share = (change: Partial<Absence>, day: number) => entryAt(lifeOf(away(bright, change)), day)?.feed?.nitrogenPhosphorus ?? 1
    expect(share({}, LEAVE - 7)).toBeCloseTo(0.6 * 0.7, 6)
    expect(share({}, LEAVE)).toBe(0)
    expect(share({ isDosed: true }, LEAVE)).toBeCloseTo(0.6 * 0.7, 6)
    expect(share({}, BACK + 10)).toBe(1)
  })
  test('no water is changed while away; the clean-up and the return stand for it, and a missed change is made up', () => {
    const plan = away(samplePlan)
    const fractions = (of: Plan, from: number, to: number) =>
      Array.from({ length: to - from }, (_, at) => from + at).filter((day) => changeFractionOn(of, day) > 0)
    expect(fractions(plan, LEAVE - 5, BACK + 1)).toEqual([LEAVE - 5, BACK])
    expect([LEAVE - 5, LEAVE, BACK].map((day) => [isGlassDay(plan, day), isTrimDay(plan, day)])).toEqual([
      [true, true],
      [false, false],
      [true, false],
    ])
    // A long weekend without a clean-up: only what fell into it is made up on the return.
    const usual = fractions(samplePlan, 80, 90)[0]!
    const over = away(samplePlan, {
      leaveOn: datePlusDays(samplePlan.startedOn, usual - 1),
      backOn: datePlusDays(samplePlan.startedOn, usual + 2),
      lowerFrom: null,
      cleanOn: null,
    })
    expect(fractions(over, usual - 2, usual + 4)).toEqual([usual + 2])
    const beside = away(samplePlan, {
      leaveOn: datePlusDays(samplePlan.startedOn, usual + 1),
      backOn: datePlusDays(samplePlan.startedOn, usual + 4),
      lowerFrom: null,
      cleanOn: null,
    })
    expect(fractions(beside, usual, usual + 7)).toEqual([usual])
  })
  test('food: none, a mean of the visits, or half by a feeder; only while away', () => {
    const share = (change: Partial<Absence>, day = LEAVE) => foodShareOn(away(samplePlan, change), day)
    expect([share({}), share({ food: 'visits', visitEveryDays: 3 }), share({ food: 'visits' }), share({ food: 'feeder' })]).toEqual([
      0,
      1 / 3,
      0,
      0.5,
    ])
    expect([share({}, LEAVE - 1), share({}, BACK)]).toEqual([1, 1])
  })
})

describe('its jobs', () => {
  const jobs = (plan: Plan, from: string, to: string) =>
    jobsBetween({ timeline: lifeOf(plan), startedOn: plan.startedOn }, from, to).map(({ kind, dueOn }) => `${dueOn} ${kind}`)
  test('stocks, light, clean-up, last look; visits only while away; first look on the return', () => {
    const told = jobs(away(bright, { visitEveryDays: 3, food: 'visits' }), '2026-11-20', '2026-12-26')
    expect(told.filter((job) => job.includes('away-'))).toEqual([
      '2026-11-21 away-light',
      '2026-11-28 away-stock',
      '2026-12-04 away-check',
      '2026-12-08 away-visit',
      '2026-12-11 away-visit',
      '2026-12-14 away-visit',
      '2026-12-15 away-back',
      '2026-12-18 away-light',
      '2026-12-22 away-light',
      '2026-12-25 away-light',
    ])
    const on = (date: string) => told.filter((job) => job.startsWith(date)).map((job) => job.slice(11))
    expect(on('2026-11-30')).toEqual(expect.arrayContaining(['change', 'trim', 'glass', 'filter']))
    expect(on('2026-12-15')).toEqual(expect.arrayContaining(['change', 'glass', 'away-back']))
    // Nobody who is away is asked for anything else.
    expect(told.filter((job) => job >= '2026-12-05' && job < '2026-12-15' && !job.includes('away-'))).toEqual([])
  })
  test('a young tank is told one light a day: the absence’s own while it holds the light lower', () => {
    const young = { ...away(bright), startedOn: '2026-11-08' }
    const life = plannedLife([{ fromDay: 0, plan: young }], { today: 5, animalsAllowedFromDay: null })
    const told = jobsBetween({ ...life, startedOn: young.startedOn }, '2026-11-08', '2026-12-31').filter(
      ({ kind }) => kind.endsWith('light') || kind === 'light-step',
    )
    expect(told.some(({ kind, dueOn }) => kind === 'light-step' && dueOn >= TEN_DAYS.lowerFrom! && dueOn < '2026-12-25')).toBe(false)
    for (const { dueOn, values } of told) {
      const { hours } = lightOn(life.timeline, daysBetween(young.startedOn, dueOn))
      expect([dueOn, values['light']?.value]).toEqual([dueOn, expect.closeTo(hours, 6)])
    }
  })
  test('what a pump gives goes on, told as a timer’s', () => {
    const told = jobs(away(bright, { isDosed: true }), '2026-12-05', '2026-12-14')
    expect(new Set(told.map((job) => job.slice(11)))).toEqual(new Set(['dose']))
  })
  test('care that would fall into the absence is done once, before it', () => {
    const kinds = ['diffuser', 'counter', 'filter'] as const
    const count = (plan: Plan, kind: string) => jobs(plan, '2026-11-20', '2026-12-31').filter((job) => job.endsWith(` ${kind}`)).length
    for (const kind of kinds) expect([kind, count(away(bright), kind) >= Math.max(1, count(bright, kind) - 1)]).toEqual([kind, true])
    for (const plan of [away(bright), away(bright, { cleanOn: null })]) {
      const still = jobs(plan, '2026-12-05', '2026-12-14')
      expect(still.filter((job) => kinds.some((kind) => job.endsWith(kind)))).toEqual([])
    }
  })
})

describe('what is proposed', () => {
  const propose = (leaveOn: string, backOn: string, today = '2026-11-01') => proposedAbsence(samplePlan, 'w', { leaveOn, backOn, today })
  test('two weeks lower, cleaned on a usual day of change near the fifth before, fed by who looks in after a week', () => {
    const ten = propose('2026-12-05', '2026-12-15')
    expect(ten).toMatchObject({ lowerFrom: '2026-11-21', visitEveryDays: 3, food: 'visits' })
    const clean = daysBetween(ten.cleanOn!, ten.leaveOn)
    expect(clean).toBeGreaterThanOrEqual(3)
    expect(clean).toBeLessThanOrEqual(7)
    expect(changeFractionOn(samplePlan, dayOf(ten.cleanOn!))).toBeGreaterThan(0)
  })
  test('a long weekend asks for nothing; within a week they fast', () => {
    expect(propose('2026-12-05', '2026-12-08')).toMatchObject({ lowerFrom: null, cleanOn: null, visitEveryDays: null, food: 'none' })
    expect(propose('2026-12-05', '2026-12-12')).toMatchObject({ food: 'none', visitEveryDays: null })
  })
  test('told late it begins today; told on the day of leaving there is nothing left to prepare', () => {
    expect(propose('2026-12-05', '2026-12-15', '2026-12-03')).toMatchObject({ lowerFrom: '2026-12-03', cleanOn: '2026-12-03' })
    expect(propose('2026-12-05', '2026-12-15', '2026-12-05')).toMatchObject({ lowerFrom: null, cleanOn: null })
  })
})

describe('water, stocks and food', () => {
  const water = (change: Partial<Absence> = {}, plan: Plan = samplePlan) => awayWater(plan, tankFigures(plan), { ...TEN_DAYS, ...change })
  test('by hand: litres are millimetres times the surface times the days', () => {
    const { mmPerDay, litres, fallCm } = water()
    const { surfaceM2 } = tankFigures(samplePlan)
    expect(litres.value).toBeCloseTo(mmPerDay.value * surfaceM2 * 10, 9)
    expect(fallCm.value).toBeCloseTo(mmPerDay.value, 9)
    expect(fallCm.high / fallCm.value).toBeCloseTo(1.6, 9)
    expect(openAwayFall(water()).result.value).toBeCloseTo(fallCm.value, 9)
  })
  test('who looks in fills up, a store covers its days, a cover keeps the water', () => {
    const open = { ...samplePlan, vessel: { ...samplePlan.vessel, top: 'open' as const } }
    const covered = { ...samplePlan, vessel: { ...samplePlan.vessel, top: 'covered' as const } }
    expect(water({ mayFallCm: 1 }, open).is).toBe('short')
    expect(water({ mayFallCm: 1, visitEveryDays: 2 }, open).fallCm.value).toBeCloseTo(water({}, open).fallCm.value / 5, 9)
    expect(water({ mayFallCm: 1, topUpL: 500 }, open)).toMatchObject({ is: 'enough', aloneDays: 0 })
    const little = water({ topUpL: 1 }, open)
    expect(little.storeDays!.low).toBeLessThan(little.storeDays!.value)
    expect(little.aloneDays).toBeGreaterThan(5)
    expect(water({}, covered).fallCm.value).toBeLessThan(water({}, open).fallCm.value / 4)
  })
  test('what the pump gives, and half as much again to have at hand; nothing where nothing is dosed', () => {
    const plan = away(bright, { isDosed: true })
    const doses = awayDoses(lifeOf(plan), plan.absences[0]!, 100)
    const full = awayDoses(lifeOf(away(bright, { isDosed: true, lowerFrom: null })), plan.absences[0]!, 100)
    expect(doses.length).toBeGreaterThan(1)
    for (const [at, { dosed }] of doses.entries()) expect(dosed / full[at]!.dosed).toBeCloseTo(0.42, 6)
    expect(openAwayStock(doses[0]!).result.value).toBeCloseTo(SPARE * doses[0]!.dosed, 9)
    expect(awayDoses(lifeOf(away(bright)), TEN_DAYS, 100)).toEqual([])
  })
  test('gas by the scale, at the cautious end: to the return and half as long again, to the return, or not', () => {
    // 10 g a day; so much above the tenth at which to swap.
    const forecast = (leftKg: number) =>
      cylinderForecast(
        [0, 10, 20, 30].map((day) => ({ atMs: Date.parse('2026-11-04T00:00:00Z') + day * 86_400_000, kg: 6.2 + leftKg + 0.3 - day / 100 })),
        { emptyKg: 6, fullKg: 2 },
      )
    expect(awayGas(forecast(1), TEN_DAYS)).toBe('lasts')
    expect(awayGas(forecast(0.16), TEN_DAYS)).toBe('close')
    expect(awayGas(forecast(0.05), TEN_DAYS)).toBe('short')
    expect(awayGas(null, TEN_DAYS)).toBe('unknown')
  })
  test('the longest time without food, and the days of visits', () => {
    expect(longestFastDays(TEN_DAYS)).toBe(10)
    const visited: Absence = { ...TEN_DAYS, food: 'visits', visitEveryDays: 3 }
    expect(longestFastDays(visited)).toBe(3)
    expect(visitDays(visited)).toEqual([3, 6, 9])
    expect(visitDays({ ...visited, visitEveryDays: 5 })).toEqual([5])
    expect(visitDays(TEN_DAYS)).toEqual([])
  })
})

describe('what may go wrong', () => {
  const stocked: Plan = { ...samplePlan, ...keeping(['paracheirodon-innesi', 12, 40]) }
  const codes = (plan: Plan, change: Partial<Absence> = {}): AwayDangerCode[] =>
    awayDangers(plan, tankFigures(plan), { ...TEN_DAYS, visitEveryDays: 3, food: 'visits', isDosed: true, ...change }).map(
      ({ code }) => code,
    )
  test('a prepared absence of a grown tank, looked after, has none', () => expect(codes(stocked)).toEqual([]))
  test.each<[AwayDangerCode, Plan, Partial<Absence>]>([
    ['young', { ...stocked, startedOn: '2026-11-10' }, {}],
    ['dry-start', { ...samplePlan, startedOn: '2026-11-20', start: { method: 'dry', endsOnDay: 40, dryLightHours: 10 } }, {}],
    ['dark', { ...samplePlan, startedOn: '2026-11-20', start: { method: 'dark', endsOnDay: 40, dryLightHours: null } }, {}],
    ['water-falls', { ...stocked, vessel: { ...stocked.vessel, top: 'open' } }, { visitEveryDays: null, mayFallCm: 0.5 }],
    ['fast', stocked, { food: 'none', visitEveryDays: null }],
    ['arrivals', { ...samplePlan, ...keeping(['paracheirodon-innesi', 12, LEAVE + 2]) }, {}],
    ['warm', { ...stocked, temperatureC: 29 }, {}],
    ['long', stocked, { backOn: '2026-12-30' }],
    ['unprepared', stocked, { lowerFrom: null }],
    ['no-doses', stocked, { isDosed: false, backOn: '2026-12-17' }],
  ])('%s is named', (code, plan, change) => expect(codes(plan, change)).toContain(code))
  test('who eats nothing but what grows there is not said to starve; arrivals after the return are none of its', () => {
    expect(codes(samplePlan, { food: 'none', visitEveryDays: null })).not.toContain('young')
    expect(codes({ ...samplePlan, ...keeping(['paracheirodon-innesi', 12, BACK + 8]) })).not.toContain('arrivals')
  })
})

test('ten days away from a bright, grown tank: prepared it comes back with less algae than as it is, and no hungrier', () => {
  const plan = { ...bright, ...keeping(['paracheirodon-innesi', 12, 40]) }
  const task = {
    settings: [{ fromDay: 0, plan }],
    facts: { today: 80, animalsAllowedFromDay: null },
    deeds: { acts: [], omitted: [] },
    absence: TEN_DAYS,
    seed: 1,
  }
  const { prepared, 'as-is': asIs } = awayAhead([0, 1, 2, 3, 4, 5].map((member) => awayMember(task, member)))
  expect(prepared.algaeTimes.median).toBeLessThan(asIs.algaeTimes.median)
  // Plants that grow less take up less: told, and bearable.
  expect(prepared.ammoniumMostMgNPerL.median).toBeLessThan(0.25)
  expect(prepared.ammoniumMostMgNPerL.high).toBeLessThan(0.5)
  expect(prepared.oxygenLeastMgPerL.low).toBeGreaterThan(5)
  expect(prepared.plantTimes.median).toBeGreaterThan(0.9)
  expect(prepared.plantTimes.median).toBeLessThan(asIs.plantTimes.median)
  expect(prepared.nitrateLeastMgNPerL.median).toBeGreaterThanOrEqual(asIs.nitrateLeastMgNPerL.median)
})
