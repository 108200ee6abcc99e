import {
  answersWords,
  gasWords,
  gasAdviceWords,
  gasMomentWords,
  gasVerdictWords,
  journalWords,
  startupWords,
  todayWords,
  weatherWords,
  type TankEntry,
} from '@jovrin/contract'
import { gasFactsOf, judgeGas, judgeNitrogen, tankFigures, type Plan, type Reading } from '@jovrin/core'
import { cleanup, configure, screen, within } from '@testing-library/react'
import { hand, typeAndLeave } from '../../testing/hand.js'
import { afterEach, beforeEach, describe, expect, test } from 'vitest'
import { barePlan } from '../../testing/builtPlan.js'
import { renderPage } from '../../testing/renderPage.js'
import { WeatherAnswer } from './WeatherAnswer.js'
import { AnimalsAnswer } from './AnimalsAnswer.js'
import { AnswersPlace } from './AnswersPlace.js'
import { DoseAnswer } from './DoseAnswer.js'
import { GasAnswer } from './GasAnswer.js'
import { LightAnswer } from './LightAnswer.js'
import { NormalAnswer } from './NormalAnswer.js'
import { SuppliesAnswer } from './SuppliesAnswer.js'
import { shrimps } from '../../testing/animals.js'

configure({ defaultHidden: true }) // whether something is hidden is reckoned from styles, element by element
beforeEach(() => localStorage.clear())
afterEach(cleanup)
const TANK = '01920000-0000-7000-8000-0000000000aa'
const plan = {
  ...barePlan,
  name: 'River',
  startedOn: '2026-09-01',
  gasLines: [
    {
      id: 'c1',
      control: 'timer' as const,
      diffuser: null,
      dissolvedFraction: null,
      peakMgPerL: null,
      cylinderKg: null,
      emptyKg: null,
      regulator: null,
      workingBar: null,
      sharedWith: null,
      bubblesPerS: 2,
      bubbleMl: null,
      linePressureBar: null,
      beforeLightMin: 90,
      beforeDarkMin: 60,
      limitMgPerL: null,
    },
  ],
  lightWindows: [{ id: 't1', on: '12:00', hours: 8, rampMin: 30 }],
  animals: shrimps(10, 28),
}
const tank = { id: TANK, revision: 1, plan } as unknown as TankEntry
let ids = 0
const reading = (quantity: Reading['quantity'], value: number, part: Partial<Reading> = {}): Reading => ({
  id: `01920000-0000-7000-8000-${String(ids++).padStart(12, '0')}`,
  at: '2026-11-24T11:00:00.000Z',
  recordedBy: null,
  note: null,
  kind: 'reading',
  quantity,
  value,
  qualifier: '=',
  enteredText: String(value),
  enteredUnit: '',
  basis: null,
  method: null,
  moment: null,
  eventId: null,
  ...part,
})
const known = (readings: readonly Reading[], today = '2026-11-24', settings: readonly object[] = []) =>
  [
    [
      ['tanks', TANK, 'journal', 'latest'],
      { entries: readings.map((record) => ({ record, version: 1, createdAt: record.at, isDeleted: false })), cursor: null },
    ],
    [['tanks', TANK, 'plan'], { revision: 1, plan, canUndo: false, canRedo: false }],
    [
      ['tanks', TANK, 'timeline'],
      {
        today,
        startedOn: plan.startedOn,
        plan,
        changes: [],
        deeds: { acts: [], omitted: [] },
        animalsAllowedFromDay: null,
        lightPutOff: [],
      },
    ],
    [['tanks', TANK, 'settings'], settings],
    [['tanks'], [tank]],
  ] as const
/** As the server judges it on the evening of 24 November. */
const conditionOf = (readings: readonly Reading[], now = Date.parse('2026-11-24T18:30:00.000Z')) =>
  [
    ['tanks', TANK, 'condition'],
    {
      gas: judgeGas(
        readings,
        gasFactsOf(plan, tankFigures(plan), { ageDays: 84, areSeen: false, changedOn: null, nitrogen: 'unknown' }),
        now,
      ),
      nitrogen: judgeNitrogen(readings, { ageDays: 84, hasGas: true, temperatureC: 24.5, roomCo2Ppm: 600 }, now),
    },
  ] as const
const status = (): string => screen.getAllByRole('status')[0]!.textContent

describe('is the gas enough and safe', () => {
  const day = (on: number, lights: number, off: number): Reading[] => [
    reading('pH', on, { moment: 'gas-on', at: '2026-11-24T09:30:00.000Z' }),
    reading('pH', lights, { moment: 'lights-on', at: '2026-11-24T11:00:00.000Z' }),
    reading('pH', off, { moment: 'gas-off', at: '2026-11-24T18:00:00.000Z' }),
    reading('alkalinity', 4 * (20 / 56.077)),
    reading('temperature', 24.5),
  ]
  const show = (readings: readonly Reading[]): void =>
    void renderPage(<GasAnswer tank={tank} />, { known: [...known(readings), conditionOf(readings)] })

  test('three moments of a day, each with its range, and figures that open', async () => {
    show(day(7.5, 6.8, 6.7))
    const rows = (['before-gas', 'lights-on', 'peak'] as const).map((moment) => screen.getByText(gasMomentWords[moment]).closest('tr')!)
    expect(rows.every((row) => /mg\/L \(/.test(row.textContent))).toBe(true)
    await hand.click(within(rows[1]!).getByRole('button'))
    expect(within(screen.getByRole('dialog')).getAllByText('measured').length).toBe(3)
  })
  test('far too much is an alarm while animals live there, with what to do; too little is not', () => {
    show(day(7.5, 6.3, 5.9))
    expect(status()).toBe(gasVerdictWords.dangerous)
    expect(screen.getByText(gasAdviceWords['shut-now'])).toBeTruthy()
    cleanup()
    show(day(7.6, 7.5, 7.4))
    expect(status()).toBe(gasVerdictWords.short)
  })
  test('nothing measured is said to be so, with the times of the gas by the plan', () => {
    show([])
    expect(status()).toContain(gasWords.byPlan)
    expect(screen.getByText(answersWords.gasTimes('10:30', '19:00'))).toBeTruthy()
  })
  test('readings go into the sums below, so that nobody types them again', () => {
    show(day(7.5, 6.8, 6.65))
    expect([...document.querySelectorAll('input')].map(({ value }) => value)).toEqual(expect.arrayContaining(['6.65', '4', '24.5']))
  })
})

describe('may animals go in', () => {
  const now = Date.now()
  const test_ = (quantity: 'ammonia' | 'nitrite', value: number, daysAgo: number, part: Partial<Reading> = {}) =>
    reading(quantity, value, { at: new Date(now - daysAgo * 86_400_000).toISOString(), qualifier: value === 0 ? '<' : '=', ...part })
  const show = (readings: readonly Reading[]): string => {
    renderPage(<AnimalsAnswer tank={tank} />, { known: [...known(readings), conditionOf(readings, now)] })
    const told = status()
    cleanup()
    return told
  }
  test('two tests at zero, a day apart, of both; one alone is not enough', () => {
    const twice = [test_('ammonia', 0, 2), test_('ammonia', 0, 0.5), test_('nitrite', 0, 2), test_('nitrite', 0, 0.5)]
    const once = [test_('ammonia', 0, 0.5), test_('nitrite', 0, 0.5)]
    expect(show(twice)).not.toBe(show(once))
    expect(show([...twice, test_('ammonia', 1.2, 0.1)])).not.toBe(show(twice))
  })
  test('two tests at zero are no yes before plants and water are together', () => {
    const twice = [test_('ammonia', 0, 2), test_('ammonia', 0, 0.5), test_('nitrite', 0, 2), test_('nitrite', 0, 0.5)]
    for (const method of ['dark', 'dry'] as const) {
      const begun = { ...plan, start: { method, endsOnDay: 200, dryLightHours: null } }
      const timeline = { plan: begun, today: '2026-11-24', startedOn: plan.startedOn, changes: [], animalsAllowedFromDay: null }
      renderPage(<AnimalsAnswer tank={tank} />, {
        known: [
          ...known(twice),
          conditionOf(twice, now),
          [['tanks', TANK, 'timeline'], { ...timeline, deeds: { acts: [], omitted: [] }, lightPutOff: [] }],
        ],
      })
      expect(status()).toBe(answersWords.beforePlanted[method])
      cleanup()
    }
  })
  test('nothing measured is never a yes', () =>
    expect(show([])).not.toBe(show([test_('ammonia', 0, 2), test_('ammonia', 0, 0.5), test_('nitrite', 0, 2), test_('nitrite', 0, 0.5)])))
  test('the same ammonia is worse the higher the pH', () => {
    const danger = (pH: number): string => {
      const tested = [
        test_('ammonia', 2, 0.1),
        reading('pH', pH, { at: new Date(now - 8_000_000).toISOString() }),
        reading('temperature', 26, { at: new Date(now - 8_000_000).toISOString() }),
      ]
      renderPage(<AnimalsAnswer tank={tank} />, { known: [...known(tested), conditionOf(tested, now)] })
      const told = screen.getAllByText(answersWords.unionised).flatMap((cell) => cell.closest('tr') ?? [])[0]!.textContent
      cleanup()
      return told
    }
    const mgNPerL = (pH: number): number => Number.parseFloat(danger(pH).replace(answersWords.unionised, ''))
    expect(mgNPerL(8.2)).toBeGreaterThan(10 * mgNPerL(6.8))
  })
})

describe('this week', () => {
  test('light: the step of this week is marked, and after eight weeks that it is done', () => {
    renderPage(<LightAnswer tank={tank} />, { known: known([], '2026-09-18') })
    expect(screen.getAllByText(journalWords.now)).toHaveLength(1)
    cleanup()
    renderPage(<LightAnswer tank={tank} />, { known: known([], '2026-12-24') })
    expect(screen.getByText(answersWords.lightDone)).toBeTruthy()
  })
  test('what is normal in week two, what never is, and what changed before', () => {
    renderPage(<NormalAnswer tank={tank} />, {
      known: known([], '2026-09-10', [
        {
          id: 's1',
          tankId: TANK,
          effectiveOn: '2026-09-08',
          path: '/lightWindows/t1/hours',
          from: 6,
          to: 8,
          planRevision: 2,
          why: 'impatient',
        },
      ]),
    })
    expect(status()).toMatch(/2/)
    expect(screen.getByText(startupWords.notNormal)).toBeTruthy()
    expect(screen.getByText('impatient')).toBeTruthy()
  })
})

describe('how much of this', () => {
  test('what the plan doses today, in grams, and where it is planned; nothing in a pause', () => {
    renderPage(<DoseAnswer tank={tank} />, { known: known([]) })
    expect(screen.getByText(/, today: .*potassium nitrate/)).toBeTruthy()
    expect(screen.getByRole('link', { name: answersWords.dosePlace }).getAttribute('href')).toContain('/supply/feed')
    cleanup()
    const resting = { ...plan, feed: { ...plan.feed, pauses: [{ id: 'p', from: '2026-11-20', to: '2026-11-30' }] } }
    const told = known([]).map(([key, data]) => [key, key[2] === 'timeline' ? { ...(data as object), plan: resting } : data] as const)
    renderPage(<DoseAnswer tank={tank} />, { known: told })
    expect(screen.getByText(new RegExp(`today: ${answersWords.doseNone}`))).toBeTruthy()
  })
})

describe('what runs out', () => {
  const show = (its: Partial<Plan> = {}): void =>
    void renderPage(<SuppliesAnswer tank={{ ...tank, plan: { ...plan, ...its } }} />, {
      known: [[['tanks', TANK, 'journal', 'readings', 'cylinderMass'], { at: [], value: [] }]],
    })
  test('what is left says to which day it lasts and when to order; it outlives a reload', async () => {
    show()
    const row = screen.getByRole('row', { name: /^potassium nitrate/ })
    await typeAndLeave(within(row).getByRole('textbox'), '50')
    expect(row.textContent).toMatch(/to .*; order by /)
    const days = Number.parseFloat(/([\d.]+) days/.exec(row.textContent)![1]!)
    const perWeek = Number.parseFloat(/([\d.]+) g/.exec(within(row).getAllByRole('cell')[1]!.textContent)![1]!)
    expect((days * perWeek) / 7).toBeGreaterThan(45)
    expect((days * perWeek) / 7).toBeLessThan(55)
    cleanup()
    show()
    expect(within(screen.getByRole('row', { name: /^potassium nitrate/ })).getByRole<HTMLInputElement>('textbox').value).toBe('50')
  })
  test('a tank without gas and doses is asked for neither; purified water is told where it is used', () => {
    show({ gasLines: [], feeding: 'none' })
    expect(screen.queryByRole('region', { name: answersWords.supplyParts.gas })).toBeNull()
    expect(screen.queryByRole('table')).toBeNull()
    expect(screen.getByText(new RegExp(answersWords.supplyNoPurified))).toBeTruthy()
    cleanup()
    show({ water: { ...plan.water }, logistics: { ...plan.logistics, purifiedFraction: 0.5, barrelL: 60 } })
    expect(screen.getByRole('region', { name: answersWords.supplyParts.water }).textContent).toMatch(
      /take [\d.]+ L of purified water a week/,
    )
    expect(screen.getByRole('region', { name: answersWords.supplyParts.water }).textContent).toMatch(/lasts [\d.]+ days/)
  })
})

describe('heat, and a power cut', () => {
  const show = (): void => void renderPage(<WeatherAnswer tank={tank} />, { known: known([]) })
  test('a hot day: the water with and without a fan, what to do, litres to top up', async () => {
    show()
    expect(screen.getByText(weatherWords.fill)).toBeTruthy()
    await typeAndLeave(screen.getByLabelText(/^Hottest/), '34')
    const rows = within(screen.getByRole('table')).getAllByRole('row').slice(1)
    const means = rows.map((row) => Number.parseFloat(within(row).getAllByRole('cell')[1]!.textContent))
    expect(means).toHaveLength(3)
    expect(means[0]!).toBeGreaterThanOrEqual(means[1]!)
    expect(means[1]!).toBeGreaterThan(means[2]!)
    expect(screen.getByText(/^Top up [\d.]+ L a day/)).toBeTruthy()
  })
  test('what cannot be is refused at the field, and kept there', async () => {
    show()
    const field = screen.getByLabelText(/^Hottest/)
    await typeAndLeave(field, '80')
    expect(field.getAttribute('aria-invalid')).toBe('true')
    expect((field as HTMLInputElement).value).toBe('80')
    expect(screen.getByText(weatherWords.fill)).toBeTruthy()
  })
  test('a power cut: gas by hand, and what a canister asks that stood for hours', async () => {
    show()
    expect(screen.getByText(weatherWords.shut)).toBeTruthy()
    await typeAndLeave(screen.getByLabelText(/^Out for/), '5')
    expect(screen.getByText(weatherWords.rinse)).toBeTruthy()
    expect(screen.queryByText(weatherWords.noRinse)).toBeNull()
    expect(screen.getByText(/Planned here: light 12:00–20:00, gas 10:30–19:00/)).toBeTruthy()
  })
})

describe('the list', () => {
  const show = (at: string, tanks: readonly TankEntry[]): void =>
    void renderPage(<AnswersPlace />, { at, route: '/answers/:question?', known: [[['tanks'], tanks], ...known([]).slice(0, 3)] })
  test('sums need no tank; what needs one says so', () => {
    show('/answers/dose', [])
    expect(document.querySelectorAll('input').length).toBeGreaterThan(3)
    cleanup()
    show('/answers/gas', [])
    expect(screen.getByText(todayWords.empty)).toBeTruthy()
  })
  test('the open question is marked, an unknown one shows where to begin', () => {
    show('/answers/gas', [tank])
    expect(screen.getByRole('link', { current: 'page' }).getAttribute('href')).toBe(`/answers/gas?tank=${TANK}`)
    cleanup()
    show('/answers/fortune', [tank])
    expect(screen.getByText(answersWords.begin)).toBeTruthy()
  })
})
