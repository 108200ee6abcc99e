import { describe, expect, test } from 'vitest'
import { eventOfAct } from '../ecosystem/deeds.js'
import { commonAnswers } from '../plan/answers.js'
import { UNKNOWN_PRODUCT } from '../plan/planFeed.js'
import { tapOf } from '../water/tapOf.js'
import type { JournalEvent } from '../plan/journal.js'
import { samplePlan } from '../testing/samplePlan.js'
import { deedsOf } from './deedsOf.js'
import { hindcastBand, hindcastMember, MODELLED_QUANTITIES } from './hindcast.js'

const timeline = [{ fromDay: 0, plan: samplePlan }]
const at = (date: string, time = '18:00:00') => `${date}T${time}Z`
const base = { id: 'x', recordedBy: null, note: null }
const told = (events: JournalEvent[], jobs: Parameters<typeof deedsOf>[0]['jobs'] = []) =>
  deedsOf({ timeline, startedOn: '2026-09-01', timeZone: 'Europe/Berlin', events, jobs })
const job = { ruleId: 'change', dueOn: '2026-10-06', reason: null, at: at('2026-10-06'), recordedBy: null, movedTo: null }

test('a bottle that was poured counts where the cupboard has one of its name, else it stays out', () => {
  const stored = { ...UNKNOWN_PRODUCT, id: 'b', name: 'Evening bottle', form: 'bottle' as const, labelUnit: 'mg-per-ml' as const }
  const bottle = { ...stored, label: [{ id: 'l', species: 'Fe' as const, value: 2 }] }
  const poured = (name: string) =>
    deedsOf({
      timeline: [{ fromDay: 0, plan: { ...samplePlan, feed: { ...samplePlan.feed, cupboard: [bottle] } } }],
      startedOn: '2026-09-01',
      timeZone: 'Europe/Berlin',
      events: [
        {
          id: 'x',
          at: '2026-09-10T10:00:00.000Z',
          recordedBy: null,
          note: null,
          kind: 'dose',
          salt: null,
          grams: null,
          millilitres: 5,
          bottle: name,
        },
      ],
      jobs: [],
    }).acts
  expect(poured(' evening Bottle')).toMatchObject([{ kind: 'pour', day: 9, nutrientsMg: { iron: 10, potassium: 0 } }])
  expect(poured('another')).toEqual([])
  expect(eventOfAct(poured('Evening bottle')[0]!, 100, tapOf(samplePlan, commonAnswers())).event).toMatchObject({
    kind: 'dose',
    mgPerL: { iron: 0.1 },
  })
})

describe('deeds from the journal', () => {
  test('a change on a scheduled day takes that one’s place; on another day it comes on top', () => {
    expect(told([{ ...base, kind: 'change', at: at('2026-10-06'), fraction: 0.4, hasWiped: true }])).toEqual({
      acts: [{ kind: 'change', day: 35, minute: 1200, fraction: 0.4, hasWiped: true }],
      omitted: [{ what: 'change', day: 35 }],
    })
    expect(told([{ ...base, kind: 'change', at: at('2026-10-08'), fraction: 0.4, hasWiped: false }]).omitted).toEqual([])
  })
  test('a trim stands for the nearest weekly one; of one kind only, it comes on top', () => {
    expect(told([{ ...base, kind: 'trim', at: at('2026-10-05'), wetG: 60, kinds: [] }]).omitted).toEqual([{ what: 'trim', day: 35 }])
    expect(told([{ ...base, kind: 'trim', at: at('2026-10-05'), wetG: 60, kinds: ['moss'] }]).omitted).toEqual([])
  })
  test('a skipped job is left out, a moved one takes place on its new day, a done one is as planned', () => {
    expect(told([], [{ ...job, state: 'skipped' }])).toEqual({ acts: [], omitted: [{ what: 'change', day: 35 }] })
    expect(told([], [{ ...job, state: 'moved', movedTo: '2026-10-08' }]).acts).toEqual([
      { kind: 'change', day: 37, minute: 540, fraction: 0.5, hasWiped: true },
    ])
    expect(told([], [{ ...job, state: 'done' }])).toEqual({ acts: [], omitted: [] })
  })
  test('bottles of unknown content, readings’ neighbours, and what was before the tank are left out', () =>
    expect(
      told([
        { ...base, kind: 'dose', at: at('2026-10-01'), salt: null, grams: null, millilitres: 5, bottle: 'green one' },
        { ...base, kind: 'note', at: at('2026-10-01'), note: 'hi' },
        { ...base, kind: 'change', at: at('2026-08-01'), fraction: 1, hasWiped: false },
      ]),
    ).toEqual({ acts: [], omitted: [] }))
})

describe('hindcast', () => {
  const members = [1, 2, 3, 4, 5].map((member) => hindcastMember({ timeline, deeds: { acts: [], omitted: [] }, days: 20, seed: 9 }, member))
  test('gives a band a day for each modelled quantity, low below middle below high', () => {
    for (const quantity of MODELLED_QUANTITIES) {
      const { low, median, high } = hindcastBand(members, quantity)
      expect(low).toHaveLength(20)
      for (let day = 0; day < 20; day++) expect(low[day]! <= median[day]! && median[day]! <= high[day]!, quantity).toBe(true)
    }
  })
  test('pH spans the gas day: lower with gas than at night', () => {
    const { low, high } = hindcastBand(members, 'pH')
    expect(high[15]! - low[15]!).toBeGreaterThan(0.3)
  })
  test('depends on seed and member only', () =>
    expect(hindcastMember({ timeline, deeds: { acts: [], omitted: [] }, days: 20, seed: 9 }, 3)).toEqual(members[2]))
})
