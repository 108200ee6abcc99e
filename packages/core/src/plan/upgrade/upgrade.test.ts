import { expect, test } from 'vitest'
import { tankFigures } from '../../ecosystem/tankFigures.js'
import { samplePlanV1 } from '../../testing/samplePlan.js'
import { livestockOn } from '../../livestock/animalsOf.js'
import { animalsFromDay } from '../../livestock/presence.js'
import { valueAt } from '../edit.js'
import type { Plan } from '../plan.js'
import type { PlanV9 } from './planV9.js'
import { upgradePlan } from './upgradePlan.js'
import { upgradeSetting } from './upgradeSetting.js'

const today = upgradePlan(samplePlanV1) as Plan

test('a plan of the first version still says what it said', () => {
  const plan = upgradePlan(structuredClone(samplePlanV1)) as Plan
  expect(plan.schemaVersion).toBe(11)
  expect(plan).toMatchObject({ ...samplePlanV1, schemaVersion: 11, sources: today.sources, changes: today.changes, animals: today.animals })
  const figures = tankFigures(plan)
  // By hand: 108 · 48 · 42 less 108 · 48 · 6, less 14/2.65 and 3/1.0.
  expect(figures.volumes.openWaterL).toBeCloseTo((108 * 48 * 42 - 108 * 48 * 6) / 1000 - 14 / 2.65 - 3, 6)
})
test('today’s plans, newer ones and what is no plan come back as they are', () => {
  expect(upgradePlan(today)).toBe(today)
  for (const other of [
    null,
    'plan',
    7,
    { schemaVersion: 11 },
    { schemaVersion: 9, animals: null },
    { schemaVersion: 8, changes: null },
    { schemaVersion: 1 },
    { schemaVersion: 2 },
    { schemaVersion: 2, room: {}, gasLines: 'none' },
    { schemaVersion: 4, lamps: 'none' },
    { schemaVersion: 5, gasLines: 'none' },
    { schemaVersion: 6, tabProduct: 'none' },
    { schemaVersion: 7, sources: [], changes: null },
    { schemaVersion: 4, lamps: [], gasLines: [], flow: {}, room: 7 },
    { schemaVersion: 1, vessel: {}, sources: [], layers: 'none', hardscape: [] },
  ])
    expect(upgradePlan(other)).toBe(other)
})

test('a plan of the second version asks nothing new of its lines that it did not know', () => {
  const { windowFacingDeg: _facing, latitudeDeg: _latitude, ...roomV4 } = today.room
  const { volumeM3: _volume, ...room } = roomV4
  const linesV5 = today.gasLines.map(({ regulator: _stages, workingBar: _bar, sharedWith: _shared, ...line }) => line)
  const {
    start: _start,
    feed: _feed,
    water: _water,
    changes: changesToday,
    sources: sourcesToday,
    animals: _animals,
    fauna: _fauna,
    ...rest
  } = today
  const { animals } = samplePlanV1
  const changes = { fraction: changesToday.fraction, everyDays: changesToday.everyDays, firstWeeksMore: true }
  const sources = sourcesToday.map(({ id, alkalinityMeqPerL, hardnessMmolPerL, nitrateMgNPerL, phosphateMgPPerL }) => ({
    ...{ id, alkalinityMeqPerL, hardnessMmolPerL, nitrateMgNPerL, phosphateMgPPerL },
    ...{ pH: null, calciumMgPerL: null, magnesiumMgPerL: null, silicaMgSiPerL: null, disinfectant: null },
  }))
  const unfed = { ...rest, changes, sources, animals }
  expect(upgradePlan({ ...unfed, feed: today.feed, schemaVersion: 7 })).toEqual(today)
  expect(upgradePlan({ ...unfed, schemaVersion: 6 })).toEqual(today)
  expect(upgradePlan({ ...unfed, gasLines: linesV5, schemaVersion: 5 })).toEqual(today)
  const linesV4 = linesV5.map(({ dissolvedFraction: _dissolved, emptyKg: _empty, ...line }) => line)
  const gasLines = linesV4.map(({ diffuser: _diffuser, peakMgPerL: _peak, cylinderKg: _kg, ...line }) => line)
  const { lossTimes: _loss, ...flow } = today.flow
  const { beds, spots, variants, flora, light: _light, ...before } = unfed
  const lamps = today.lamps.map(({ id, fluxUmolPerS, watts, lengthCm, aboveWaterCm, dimFraction }) => ({
    ...{ id, fluxUmolPerS, watts, lengthCm, aboveWaterCm, dimFraction },
  }))
  expect(upgradePlan({ ...before, lamps, flow, schemaVersion: 2, room, gasLines })).toEqual(today)
  expect(upgradePlan({ ...before, lamps, flow, gasLines: linesV4, room: roomV4, schemaVersion: 3 })).toEqual(today)
  expect(upgradePlan({ ...before, lamps, flow, gasLines: linesV4, room: roomV4, beds, spots, variants, flora, schemaVersion: 4 })).toEqual(
    today,
  )
})

test('a dated change of a whole list of the first version says today what it said then', () => {
  const change = { id: 'x', effectiveOn: '2026-10-01', planRevision: 2, why: null }
  const layer = { id: 'g1', ground: 'sand', frontCm: 2, backCm: 3 }
  expect(upgradeSetting({ ...change, path: '/layers', from: [], to: [layer] })).toEqual({
    ...change,
    path: '/layers',
    from: [],
    to: [{ ...layer, product: null }],
  })
  const tab = { name: 'x', pack: 10, price: null, renewDays: 90 }
  expect(upgradeSetting({ ...change, path: '/tabProduct', from: null, to: tab })).toEqual({
    ...change,
    path: '/tabProduct',
    from: null,
    to: { ...tab, nitrogenMg: null, phosphorusMg: null, potassiumMg: null, ironMg: null },
  })
  const product = { name: 'x', bagL: 9, bulkKgPerL: null, porosity: null, price: null }
  const kept = { ...change, path: '/layers', from: [{ ...layer, product }], to: 'nonsense' }
  expect(upgradeSetting(kept)).toEqual(kept)
  expect(upgradeSetting({ ...change, path: '/changes/firstWeeksMore', from: true, to: false })).toEqual({
    ...change,
    path: '/changes/firstWeeks',
    from: 'daily',
    to: 'same',
  })
  const sources = [{ id: 'a', alkalinityMeqPerL: 1 }, { id: 'b' }]
  expect(upgradeSetting({ ...change, path: '/sources', from: [], to: sources }).to).toMatchObject([
    { id: 'a', alkalinityMeqPerL: 1, part: 1, kind: 'mains' },
    { id: 'b', part: 0 },
  ])
  const other = { ...change, path: '/toString', from: [layer], to: [layer] }
  expect(upgradeSetting(other)).toBe(other)
})

test('the one large change of version 8 was the end of a dark start', () => {
  const { start: _start, fauna: _fauna, ...rest } = today
  const { animals } = samplePlanV1
  const changes = { ...today.changes, firstWeeks: 'one-large', largeOnDay: 25 }
  expect(upgradePlan({ ...rest, animals, changes, schemaVersion: 8 })).toEqual({
    ...today,
    start: { method: 'dark', endsOnDay: 25, dryLightHours: null },
    changes: { ...today.changes, firstWeeks: 'same' },
  })
  const change = { id: 'x', effectiveOn: '2026-10-01', planRevision: 2, why: null }
  expect(upgradeSetting({ ...change, path: '/changes/largeOnDay', from: null, to: 30 })).toMatchObject({ path: '/start/endsOnDay', to: 30 })
  expect(upgradeSetting({ ...change, path: '/changes/firstWeeks', from: 'one-large', to: 'daily' })).toMatchObject({ from: 'same' })
})

test('the food and the shrimps of version 9 are unnamed groups that come to the same, also in dated changes', () => {
  const { fauna: _fauna, ...rest } = today
  const of = (animals: PlanV9['animals']): Plan => upgradePlan({ ...rest, animals, schemaVersion: 9 }) as Plan
  const some = of({ foodGPerDay: 0.4, grazers: 10, grazersFromDay: 28, fishFromDay: 42 })
  expect(some).toEqual(today)
  expect(tankFigures(some)).toMatchObject({ foodGPerDay: 0.4, grazers: 10 })
  expect([27, 28, 42].map((day) => livestockOn(tankFigures(some), day))).toMatchObject([
    { foodGPerDay: 0, grazers: 0 },
    { foodGPerDay: 0, grazers: 10 },
    { foodGPerDay: 0.4, grazers: 10 },
  ])
  const none = of({ foodGPerDay: 0, grazers: 0, grazersFromDay: 28, fishFromDay: 42 })
  expect([animalsFromDay(none), tankFigures(none).foodGPerDay, tankFigures(none).grazers]).toEqual([null, 0, 0])
  const unknown = of({ foodGPerDay: null, grazers: null, grazersFromDay: 28, fishFromDay: 42 })
  const { waterL, foodGPerDay, grazers } = tankFigures(unknown)
  expect([foodGPerDay / waterL, grazers / waterL]).toEqual([expect.closeTo(0.002, 9), expect.closeTo(0.05, 9)])
  const change = { id: 'x', effectiveOn: '2026-10-01', planRevision: 2, why: null }
  const dated = upgradeSetting({ ...change, path: '/animals/grazers', from: null, to: 6 })
  expect(valueAt(some, dated.path)).toBe(10)
  expect(dated).toMatchObject({ from: null, to: 6 })
  for (const path of ['/animals/grazersFromDay', '/animals/fishFromDay'])
    expect(typeof valueAt(some, upgradeSetting({ ...change, path, from: 1, to: 2 }).path)).toBe('number')
})

test('nobody of version 10 was ever away', () => {
  const { absences: _absences, ...rest } = today
  expect(upgradePlan({ ...rest, schemaVersion: 10 })).toEqual(today)
})
