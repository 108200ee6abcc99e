import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { fromUnit, toUnit, UNIT_CHOICES, type ChosenDimension } from '../quantity/units.js'
import { samplePlan } from '../testing/samplePlan.js'
import { expectRelative, referenceTable } from '../testing/referenceTable.js'
import { civilDate, clockOf, datePlusDays, daysBetween, instantOf, minuteOfDay, minutesOf, wallClock } from './clock.js'
import { datedPlans } from './datedPlans.js'
import { applyEdits, diff, invert, valueAt, withValue } from './edit.js'
import type { SettingChange } from './journal.js'
import { uuidV7 } from './id.js'
import { holdsTogether } from './rules.js'

describe('edits', () => {
  const changed = { ...samplePlan, temperatureC: 26, vessel: { ...samplePlan.vessel, lengthCm: 90 }, layers: [] }
  test('name the leaf that changed', () =>
    expect(diff(samplePlan, { ...samplePlan, temperatureC: 26 })).toEqual([{ path: '/temperatureC', from: 24.5, to: 26 }]))
  test('lead there, and their inverse back', () => {
    const edits = diff(samplePlan, changed)
    expect(applyEdits(samplePlan, edits)).toEqual(changed)
    expect(applyEdits(changed, invert(edits))).toEqual(samplePlan)
  })
  test('join what others changed elsewhere, and refuse what they changed too', () => {
    const theirs = { ...samplePlan, roomCo2Ppm: 900 }
    expect(applyEdits(theirs, diff(samplePlan, changed))).toEqual({ ...changed, roomCo2Ppm: 900 })
    expect(applyEdits({ ...samplePlan, temperatureC: 20 }, diff(samplePlan, changed))).toBeNull()
  })
  test('name one item of a list by its id, so that two people may change two lamps', () => {
    const [lamp] = samplePlan.lamps
    const two = {
      ...samplePlan,
      lamps: [
        { ...lamp!, id: 'a' },
        { ...lamp!, id: 'b' },
      ],
    }
    const first = diff(two, { ...two, lamps: [{ ...lamp!, id: 'a', watts: 10 }, two.lamps[1]!] })
    const second = diff(two, { ...two, lamps: [two.lamps[0]!, { ...lamp!, id: 'b', dimFraction: 0.5 }] })
    expect(first).toEqual([{ path: '/lamps/a/watts', from: 72, to: 10 }])
    expect(applyEdits(applyEdits(two, first), second)).toEqual({
      ...two,
      lamps: [
        { ...lamp!, id: 'a', watts: 10 },
        { ...lamp!, id: 'b', dimFraction: 0.5 },
      ],
    })
    expect(diff(two, { ...two, lamps: [two.lamps[1]!, two.lamps[0]!] })).toHaveLength(1) // another order is another list
    expect(applyEdits({ ...two, lamps: [] }, first)).toBeNull()
  })
  test('a value is found and replaced by path; a path to nowhere changes nothing', () => {
    expect(valueAt(samplePlan, '/lamps/l1/watts')).toBe(72)
    expect(valueAt(withValue(samplePlan, '/lamps/l1/watts', 30), '/lamps/l1/watts')).toBe(30)
    expect(withValue(samplePlan, '/lamps/nobody/watts', 30)).toEqual(samplePlan)
  })
  test('items without ids are addressed by their place', () => {
    const july = withValue(samplePlan, '/room/monthlyC/6', 27)
    expect(july.room.monthlyC[6]).toBe(27)
    expect(withValue(samplePlan, '/lamps/0/watts', 30)).toEqual(samplePlan) // lamps have ids
  })
  test('what lies beside the path stays the same object', () => {
    const after = withValue(samplePlan, '/lamps/l1/watts', 30)
    expect(after.lamps).not.toBe(samplePlan.lamps)
    expect(after.vessel).toBe(samplePlan.vessel)
  })
  test('only what a document holds itself is found or changed', () => {
    expect(valueAt(samplePlan, '/__proto__/polluted')).toBeUndefined()
    withValue(samplePlan, '/__proto__/polluted', true)
    withValue(samplePlan, '/vessel/constructor/prototype/polluted', true)
    expect(({} as Record<string, unknown>)['polluted']).toBeUndefined()
    expect(applyEdits(samplePlan, [{ path: '/__proto__/polluted', from: undefined, to: true }])).toBeNull()
  })
  test('keys with slashes and tildes survive', () => {
    const before = { 'a/b': { '~': 1 } }
    const after = { 'a/b': { '~': 2 }, c: null }
    expect(applyEdits(before, diff(before, after))).toEqual(after)
  })
})

test('clock and calendar', () => {
  expect([minutesOf('00:00'), minutesOf('23:59'), clockOf(1445), clockOf(-5)]).toEqual([0, 1439, '00:05', '23:55'])
  expect(() => minutesOf('24:00')).toThrow(/hours is 24/)
  expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2) // summer time begins between
  expect(datePlusDays('2026-12-31', 1)).toBe('2027-01-01')
  expect(civilDate(new Date('2026-11-24T23:30:00Z'), 'Europe/Berlin')).toBe('2026-11-25')
})

test('units: there and back is the same, for every unit', () =>
  fc.assert(
    fc.property(
      fc.constantFrom(...(Object.keys(UNIT_CHOICES) as ChosenDimension[])),
      fc.double({ min: 0, max: 1000, noNaN: true }),
      (dimension, value) => {
        for (const unit of UNIT_CHOICES[dimension]) expect(fromUnit(dimension, toUnit(dimension, value, unit), unit)).toBeCloseTo(value, 8)
      },
    ),
  ))

test('hardness and ion units meet the tables', () => {
  const factor = (table: string, from: string, to: string): number =>
    referenceTable(table)
      .find((row) => row.text('from') === from && row.text('to') === to)
      ?.number('factor') ?? NaN
  expectRelative(toUnit('alkalinity', 1, '°dKH'), factor('salts_hardness_units', 'meq_l', 'dKH'))
  expectRelative(1 / toUnit('nitrate', 1, 'mg NO3/L'), factor('salts_conversions', 'NO3', 'N'))
  expectRelative(1 / toUnit('phosphate', 1, 'mg PO4/L'), factor('salts_conversions', 'PO4', 'P'))
  // The hardness table goes through CaO; through CaCO3's own molar mass the same figure is 17.848.
  expectRelative(toUnit('alkalinity', 0.35665246, 'mg/L CaCO3'), factor('salts_hardness_units', 'dKH', 'mg_l_CaCO3'), 1e-6)
})

test('ids are UUIDs of version 7, in order of time', () => {
  const chance = Uint8Array.from({ length: 16 }, (_, index) => index * 16 + 15)
  expect(uuidV7(1_700_000_000_000, chance)).toBe('018bcfe5-6800-7f7f-8f9f-afbfcfdfefff')
  expect(uuidV7(1_700_000_000_000, chance) < uuidV7(1_700_000_000_001, chance)).toBe(true)
  expect(() => uuidV7(0, new Uint8Array(4))).toThrow(/16 random bytes/)
})

describe('plans by date', () => {
  const hours = (value: number, at: number) => ({ path: '/lightWindows/t1/hours', from: at, to: value })
  const change = (edit: { path: string; from: unknown; to: unknown }, effectiveOn: string, planRevision: number): SettingChange => ({
    id: `c${planRevision}`,
    effectiveOn,
    planRevision,
    why: null,
    ...edit,
  })
  const told = (newest: typeof samplePlan, changes: SettingChange[]) =>
    datedPlans(newest, changes).map(({ from, plan }) => [from, valueAt(plan, '/lightWindows/t1/hours'), plan.temperatureC])
  const newest = withValue(withValue(samplePlan, '/lightWindows/t1/hours', 6), '/temperatureC', 22)

  test('without changes the newest plan holds from the start', () =>
    expect(datedPlans(samplePlan, [])).toEqual([{ from: '2026-09-01', plan: samplePlan }]))
  test('each day has what was in force then, and other fields as corrected last', () =>
    expect(told(newest, [change(hours(7, 8), '2026-10-01', 2), change(hours(6, 7), '2026-10-20', 3)])).toEqual([
      ['2026-09-01', 8, 22],
      ['2026-10-01', 7, 22],
      ['2026-10-20', 6, 22],
    ]))
  test('two fields changed on their own days keep their own days, in whatever order they were entered', () => {
    const changes = [change(hours(6, 8), '2026-10-20', 2), change({ path: '/temperatureC', from: 24.5, to: 22 }, '2026-10-01', 3)]
    expect(told(newest, changes)).toEqual([
      ['2026-09-01', 8, 24.5],
      ['2026-10-01', 8, 22],
      ['2026-10-20', 6, 22],
    ])
    expect(told(newest, changes.toReversed())).toEqual(told(newest, changes))
  })
  test('a later change of the same field from an earlier day replaces what came after that day', () =>
    expect(told(newest, [change(hours(7, 8), '2026-10-20', 2), change(hours(6, 7), '2026-10-01', 3)])).toEqual([
      ['2026-09-01', 8, 22],
      ['2026-10-01', 6, 22],
    ]))
  test('a correction after a dated change holds from that change on, not before it', () =>
    expect(told(withValue(newest, '/lightWindows/t1/hours', 6.5), [change(hours(6, 8), '2026-10-01', 2)])).toEqual([
      ['2026-09-01', 8, 22],
      ['2026-10-01', 6.5, 22],
    ]))
  test('a change from the first day or before it is no change', () =>
    expect(told(newest, [change(hours(6, 8), '2026-09-01', 2)])).toEqual([['2026-09-01', 6, 22]]))
  test('whatever the order of entry: each day has, field by field, the change that was made last among those in force', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            field: fc.constantFrom('/temperatureC', '/roomCo2Ppm', '/lightWindows/t1/hours', '/lamps/l1/watts'),
            day: fc.integer({ min: 1, max: 60 }),
            value: fc.integer({ min: 1, max: 12 }),
          }),
          { maxLength: 14 },
        ),
        (acts) => {
          let plan = samplePlan
          const changes = acts.map(({ field, day, value }, index): SettingChange => {
            const from = valueAt(plan, field)
            plan = withValue(plan, field, value)
            return {
              id: `c${index}`,
              effectiveOn: datePlusDays(samplePlan.startedOn, day),
              path: field,
              from,
              to: value,
              planRevision: index + 2,
              why: null,
            }
          })
          const dated = datedPlans(plan, changes)
          for (const { from, plan: then } of dated)
            for (const field of ['/temperatureC', '/roomCo2Ppm', '/lightWindows/t1/hours', '/lamps/l1/watts']) {
              const last = changes.filter(({ path, effectiveOn }) => path === field && effectiveOn <= from).at(-1)
              expect(valueAt(then, field)).toBe(last === undefined ? valueAt(samplePlan, field) : last.to)
            }
          expect(dated.at(-1)!.plan).toEqual(plan)
          expect(dated.map(({ from }) => from)).toEqual([...new Set(dated.map(({ from }) => from))].sort())
        },
      ),
    ))
  /** The same by the definition: every day made from the newest plan, field by field. */
  const byDefinition = (plan: typeof samplePlan, changes: readonly SettingChange[]) => {
    const fields = new Map<string, { first: unknown; segments: { on: string; value: unknown }[] }>()
    for (const { path, from, to, effectiveOn } of changes) {
      if (effectiveOn <= plan.startedOn) continue
      const field = fields.get(path) ?? { first: from, segments: [] }
      fields.set(path, { ...field, segments: [...field.segments.filter(({ on }) => on < effectiveOn), { on: effectiveOn, value: to }] })
    }
    for (const [path, { segments }] of fields) {
      const value = valueAt(plan, path)
      const last = segments.at(-1)
      if (last && value !== undefined) segments.splice(-1, 1, { on: last.on, value })
    }
    const days = [...new Set([plan.startedOn, ...[...fields.values()].flatMap(({ segments }) => segments.map(({ on }) => on))])].sort()
    return days.map((day) => ({
      from: day,
      plan: [...fields]
        .sort(([a], [b]) => a.length - b.length)
        .reduce(
          (made, [path, { first, segments }]) =>
            withValue(made, path, (segments.findLast(({ on }) => on <= day) ?? { value: first }).value),
          plan,
        ),
    }))
  }
  test('whole lists and their items, in any order: as by the definition', () => {
    const lamp = samplePlan.lamps[0]!
    const lampsOf = (ids: readonly string[]) => ids.map((id, index) => ({ ...lamp, id, watts: 20 + index }))
    const act = fc.oneof(
      fc.record({
        path: fc.constantFrom('/lamps/a/watts', '/lamps/b/watts', '/lamps/b/dimFraction', '/temperatureC'),
        value: fc.integer({ min: 1, max: 9 }),
      }),
      fc.record({ path: fc.constant('/lamps'), value: fc.subarray(['a', 'b', 'c']).map(lampsOf) }),
    )
    fc.assert(
      fc.property(fc.array(fc.record({ act, first: act, day: fc.integer({ min: 0, max: 30 }) }), { maxLength: 16 }), (acts) => {
        const plan = { ...samplePlan, lamps: lampsOf(['a', 'b']) }
        const changes = acts.map(({ act: { path, value }, first, day }, index) => ({
          ...change(
            { path, from: first.path === path ? first.value : (valueAt(plan, path) ?? 1), to: value },
            datePlusDays(plan.startedOn, day),
            index + 2,
          ),
        }))
        expect(datedPlans(plan, changes)).toEqual(byDefinition(plan, changes))
      }),
    )
  })
  test('what must hold between answers holds on every day: a ramp that was corrected fits into the hours of before', () => {
    const window = samplePlan.lightWindows[0]!
    const plan = { ...samplePlan, lightWindows: [{ ...window, hours: 8, rampMin: 120 }] }
    const dated = datedPlans(plan, [change({ path: `/lightWindows/${window.id}/hours`, from: 2, to: 8 }, '2026-10-01', 2)])
    expect(dated.map(({ plan: then }) => [then.lightWindows[0]?.hours, then.lightWindows[0]?.rampMin])).toEqual([
      [2, 60],
      [8, 120],
    ])
    expect(dated.every(({ plan: then }) => holdsTogether(then))).toBe(true)
  })
  test('twenty thousand settings are put together in the time of one run over them', () => {
    const days = 20_000
    const settings = Array.from({ length: days }, (_, index) =>
      change(
        { path: index % 2 === 0 ? '/temperatureC' : '/lightWindows/t1/hours', from: 20, to: 5 + (index % 7) },
        datePlusDays(samplePlan.startedOn, index + 1),
        index + 2,
      ),
    )
    let looks = 0
    const watched = settings.map((setting) =>
      Object.defineProperty({ ...setting }, 'effectiveOn', { get: () => (looks++, setting.effectiveOn) }),
    )
    expect(datedPlans(samplePlan, watched)).toHaveLength(days + 1)
    expect(looks).toBeLessThan(10 * days) // each setting is looked at a few times, however many there are
  })
  test('a whole list may change on a day, and its items on others', () => {
    const two = {
      ...samplePlan,
      lamps: [
        { ...samplePlan.lamps[0]!, dimFraction: 0.5 },
        { ...samplePlan.lamps[0]!, id: 'l2' },
      ],
    }
    const plans = datedPlans(two, [
      change({ path: '/lamps/l1/dimFraction', from: 0.8, to: 0.5 }, '2026-10-01', 2),
      change({ path: '/lamps', from: [{ ...samplePlan.lamps[0]!, dimFraction: 0.5 }], to: two.lamps }, '2026-11-01', 3),
    ])
    expect(plans.map(({ plan }) => plan.lamps.map(({ dimFraction }) => dimFraction))).toEqual([[0.8], [0.5], [0.5, 0.8]])
  })
})

describe('wall clocks', () => {
  test('an instant by the tank’s clock, summer and winter', () => {
    expect(wallClock('2026-07-01T22:30:00Z', 'Europe/Berlin')).toEqual({ date: '2026-07-02', minute: 30 })
    expect(wallClock('2026-12-01T22:30:00.250Z', 'Europe/Berlin')).toEqual({ date: '2026-12-01', minute: 23 * 60 + 30 })
  })
  test('there and back, for any minute of a year, in zones with and without clock changes', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('Europe/Berlin', 'America/St_Johns', 'Asia/Kolkata', 'UTC', 'Pacific/Auckland'),
        fc.integer({ min: 0, max: 525_599 }),
        (zone, minutes) => {
          const instant = new Date(Date.UTC(2026, 0, 1) + minutes * 60_000)
          const back = instantOf(civilDate(instant, zone), minuteOfDay(instant, zone), zone)
          // In the hour that the clocks repeat, the first of the two is meant.
          expect([0, 3_600_000]).toContain(instant.getTime() - back.getTime())
        },
      ),
    ))
  test('an hour that the clocks skip is told by the hour after it', () =>
    expect(instantOf('2026-03-29', 150, 'Europe/Berlin').toISOString()).toBe('2026-03-29T01:30:00.000Z'))
})
