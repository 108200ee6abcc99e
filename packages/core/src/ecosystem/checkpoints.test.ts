import fc from 'fast-check'
import { expect, test } from 'vitest'
import { tries } from '../testing/properties.js'
import { withValue } from '../plan/edit.js'
import { samplePlan } from '../testing/samplePlan.js'
import { checkpointed, type CheckpointStore } from './checkpoints.js'
import { compile } from './compile.js'
import { NO_DEEDS, type Deeds } from './deeds.js'
import { DAY, DAY_STRIDE } from './daySeries.js'
import { forecastMember } from './forecast.js'
import { DEFAULT_PARAMETERS } from './parameters.js'
import { simulate } from './simulate.js'

const timeline = [{ fromDay: 0, plan: samplePlan }]
const road = (today: number, deeds: Deeds = NO_DEEDS, along = timeline) => ({
  compiled: compile({ timeline: along, days: today, stepMin: 30, deeds }),
  timeline: along,
  deeds,
  today,
  parameters: DEFAULT_PARAMETERS,
  slot: '1/0',
})
const whole = ({ compiled, today }: ReturnType<typeof road>) =>
  simulate({ forcing: compiled.forcing, parameters: DEFAULT_PARAMETERS, startState: compiled.startState, days: today }).endState

test('in pieces or in one run, the tank is the same to the last bit', () =>
  expect(checkpointed(road(45), new Map())).toEqual(whole(road(45))))

test('a change of yesterday is reckoned from the last state before it, and gives what a whole run gives', () => {
  const store: CheckpointStore = new Map()
  checkpointed(road(60), store)
  const known = store.get('1/0')!.length
  const later = road(60, { acts: [{ kind: 'change', day: 57, minute: 600, fraction: 0.8, hasWiped: false }], omitted: [] })
  expect(checkpointed(later, store)).toEqual(whole(later))
  expect(store.get('1/0')!.length - known).toBe(1) // only the last stretch, from day 56 on
})

test('a change further back, of settings or deeds, is never answered from states that did not know it', () => {
  const store: CheckpointStore = new Map()
  checkpointed(road(60), store)
  for (const next of [
    road(60, { acts: [], omitted: [{ what: 'change', day: 5 }] }),
    road(60, NO_DEEDS, [...timeline, { fromDay: 20, plan: withValue(samplePlan, '/temperatureC', 27) }]),
    road(60, NO_DEEDS, [{ fromDay: 0, plan: withValue(samplePlan, '/lamps/l1/watts', 40) }]),
  ])
    expect(checkpointed(next, store)).toEqual(whole(next))
})

test('deeds move the water: a missed change keeps nitrate up, a dose of salt adds what its formula holds, a harvest takes what was weighed', () => {
  const days = 30
  const run = (deeds: Deeds) => {
    const { forcing, startState, figures } = compile({ timeline, days, stepMin: 30, deeds })
    const { rows, balanceError } = simulate({ forcing, parameters: DEFAULT_PARAMETERS, startState, days })
    expect(Math.max(...balanceError)).toBeLessThan(1e-9)
    return { at: (day: number, column: number) => rows[day * DAY_STRIDE + column]!, waterL: figures.waterL }
  }
  const plain = run(NO_DEEDS)
  const missed = run({ acts: [], omitted: [{ what: 'change', day: 28 }] })
  expect(missed.at(28, DAY.nitrate)).toBeGreaterThan(plain.at(28, DAY.nitrate) * 1.2)
  const dosed = run({ acts: [{ kind: 'dose', day: 29, minute: 1380, salt: 'potassium-sulfate', grams: 10 }], omitted: [] })
  expect(dosed.at(29, DAY.potassium) - plain.at(29, DAY.potassium)).toBeCloseTo((10 * 1000 * 0.44874) / plain.waterL, 0) // K is 44.87 % of K2SO4
  const harvested = run({ acts: [{ kind: 'trim', day: 29, minute: 60, wetG: 100, kinds: ['stems'] }], omitted: [] })
  expect(harvested.at(29, DAY.trimmedG + 1)).toBeCloseTo(8, 6) // 8 % of shaken-wet is dry
})

test('the forecast starts from the state that deeds led to', () => {
  const options = { timeline, today: 40, weeks: 1, seed: 5, levers: {} }
  const skipped = forecastMember(
    { ...options, deeds: { acts: [], omitted: [28, 35].map((day) => ({ what: 'change' as const, day })) } },
    0,
    new Map(),
  )
  const plain = forecastMember(options, 0, new Map())
  expect(skipped.planned.weeks).not.toEqual(plain.planned.weeks)
})

test('one store asked about many pasts answers each as a whole run would', () => {
  const store: CheckpointStore = new Map()
  const act = fc.record({
    kind: fc.constant('change' as const),
    day: fc.integer({ min: 0, max: 44 }),
    minute: fc.integer({ min: 0, max: 1439 }),
    fraction: fc.double({ min: 0, max: 0.9, noNaN: true }),
    hasWiped: fc.boolean(),
  })
  const omission = fc.record({
    what: fc.constantFrom('change' as const, 'trim' as const, 'dose' as const),
    day: fc.integer({ min: 0, max: 44 }),
  })
  fc.assert(
    fc.property(
      fc.array(act, { maxLength: 3 }),
      fc.array(omission, { maxLength: 3 }),
      fc.integer({ min: 1, max: 45 }),
      (acts, omitted, today) => {
        const one = road(today, { acts: acts.sort((a, b) => a.day - b.day || a.minute - b.minute), omitted })
        expect(checkpointed(one, store)).toEqual(whole(one))
      },
    ),
    { numRuns: tries(25), endOnFailure: true },
  )
})
