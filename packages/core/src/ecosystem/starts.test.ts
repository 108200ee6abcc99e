import { describe, expect, test } from 'vitest'
import type { Plan } from '../plan/plan.js'
import type { StartMethod } from '../plan/planStart.js'
import { programmed } from '../startup/programmed.js'
import { samplePlan } from '../testing/samplePlan.js'
import { stocked } from '../testing/stocked.js'
import { compile } from './compile.js'
import { DAY, DAY_STRIDE } from './daySeries.js'
import { simulate } from './simulate.js'
import { CARPET } from './state.js'

const END = 35
const startedBy = (method: StartMethod, change: Partial<Plan> = {}): Plan => ({
  ...samplePlan,
  start: { method, endsOnDay: END, dryLightHours: 10 },
  animals: stocked({ grazers: 0, foodGPerDay: 0 }),
  ...change,
})
const DAYS = 120
const lived = (plan: Plan) => {
  const { timeline } = programmed([{ fromDay: 0, plan }], { today: 0, animalsAllowedFromDay: null })
  const { forcing, startState, parameters } = compile({ timeline, days: DAYS, stepMin: 30 })
  const run = simulate({ forcing, startState, parameters, days: DAYS })
  const on = (column: number, day: number): number => run.rows[day * DAY_STRIDE + column]!
  const most = (column: number, from: number, to: number): number =>
    Math.max(...Array.from({ length: to - from }, (_, at) => on(column, from + at)))
  return { run, on, most, carpet: (day: number) => on(DAY.biomassG + CARPET, day) }
}
const withTap = (alkalinityMeqPerL: number): Partial<Plan> => ({
  sources: [{ ...samplePlan.sources[0]!, alkalinityMeqPerL }],
})
const GRAVEL: Partial<Plan> = { layers: [{ id: 'g', ground: 'gravel', frontCm: 4, backCm: 8, product: null }] }

test('carbon, nitrogen and phosphorus balance through every start', () => {
  for (const method of ['wet', 'dark', 'dry'] as const)
    for (const error of lived(startedBy(method)).run.balanceError) expect(error, method).toBeLessThan(1e-9)
})

describe('a dry start', () => {
  const wet = lived(startedBy('wet'))
  const dry = lived(startedBy('dry'))
  test('a carpet on rich soil half as heavy again at least by the flood; on poor gravel, without mist feed, less', () => {
    const grown = dry.carpet(END - 1) / dry.carpet(0)
    expect(grown).toBeGreaterThan(1.5)
    expect(grown).toBeLessThan(6)
    const poor = lived(startedBy('dry', GRAVEL))
    expect(poor.carpet(END - 1) / poor.carpet(0)).toBeLessThan(0.8 * grown)
  })
  test('no water, no change of algae while dry', () => {
    for (const column of [DAY.ammonium, DAY.nitrate, DAY.alkalinity, DAY.co2Max]) expect(dry.most(column, 0, END), `${column}`).toBe(0)
    expect(dry.on(DAY.algaeG, END - 1)).toBe(dry.on(DAY.algaeG, 0))
  })
  test('moist soil nitrifies: less ammonia after the flood than a wet start has, and some of it all the same', () => {
    const after = dry.most(DAY.ammonium, END, DAYS)
    expect(after).toBeGreaterThan(0.25)
    expect(after).toBeLessThan(0.7 * wet.most(DAY.ammonium, 0, END))
  })
  test('air-grown leaves melt under water, less than new pots do, and water-grown ones follow', () => {
    const trough = Math.min(...Array.from({ length: 40 }, (_, day) => dry.carpet(END + day)))
    const kept = trough / dry.carpet(END)
    expect(kept).toBeGreaterThan(0.35)
    expect(kept).toBeLessThan(0.95)
    expect(dry.carpet(DAYS - 1)).toBeGreaterThan(1.5 * trough)
  })
  test('the flooded ground gets less light than the dry one', () => {
    const peak = (day: number): number => {
      const plan = startedBy('dry')
      const { forcing } = compile({ timeline: [{ fromDay: 0, plan }], days: DAYS, stepMin: 60 })
      return forcing.spans.findLast(({ fromDay }) => fromDay <= day)!.conditions.ppfd
    }
    expect(peak(END)).toBeLessThan(peak(END - 1))
    expect(peak(END)).toBeGreaterThan(0.5 * peak(END - 1))
  })
})

describe('a dark start', () => {
  const dark = lived(startedBy('dark'))
  test('no plants and no light before planting; then what the map says, in changed water', () => {
    expect(dark.carpet(END - 1)).toBe(0)
    expect(dark.on(DAY.lightH, END - 1)).toBe(0)
    expect(dark.carpet(END)).toBeGreaterThan(1)
    expect(dark.on(DAY.ammonium, END)).toBeLessThan(0.3 * dark.on(DAY.ammonium, END - 1))
  })
  test('the cycle runs in the dark: bacteria grow a hundredfold in the five weeks; in cold water far fewer', () => {
    const grown = (tank: ReturnType<typeof lived>): number => tank.on(DAY.ammoniaOxidisers, END - 1) / tank.on(DAY.ammoniaOxidisers, 0)
    const cold = lived(startedBy('dark', { temperatureC: 16 }))
    expect(grown(dark)).toBeGreaterThan(100)
    expect(grown(cold)).toBeLessThan(0.3 * grown(dark))
  })
  test('where nothing holds the pH, the cycle stands still once the alkalinity is used up', () => {
    const fedAmmonium = (alkalinityMeqPerL: number): number => {
      const plan = startedBy('dark', { ...withTap(alkalinityMeqPerL), ...GRAVEL, flow: { ...samplePlan.flow, filter: 'mature' } })
      const { forcing, startState, parameters } = compile({ timeline: [{ fromDay: 0, plan }], days: END, stepMin: 60 })
      const mgPerL = { ammoniumN: 6, nitrateN: 0, phosphateP: 0, potassium: 0, iron: 0, calcium: 0, magnesium: 0 }
      const fed = { ...forcing, events: [{ atMin: 1440, event: { kind: 'dose' as const, mgPerL } }] }
      const { rows } = simulate({ forcing: fed, startState, parameters, days: END })
      return rows[20 * DAY_STRIDE + DAY.ammonium]! + rows[20 * DAY_STRIDE + DAY.nitrite]!
    }
    expect(fedAmmonium(1.4)).toBeLessThan(0.1)
    expect(fedAmmonium(0.36)).toBeGreaterThan(1)
  })
})
