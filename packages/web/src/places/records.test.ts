import { quantities, WORKINGS, type JournalRecord } from '@jovrin/core'
import { describe, expect, test } from 'vitest'
import type { ChartInks } from '../chart/Chart.js'
import { METRIC } from '../testing/units.js'
import { columnPx, LABEL_PX, markPath } from '../drawing/schedule/scheduleGeometry.js'
import { jobText } from './job.text.js'
import { fitOf, measuredChartOption, pointsShown, type MeasuredChartInput } from './journal/measuredChart.js'
import { judgeReading } from './journal/reading/judgeReading.js'
import { recordLine } from './shared/record.text.js'
import { valueText } from './quantity.text.js'
import { settingLine } from './setting.text.js'
import { formulaInWords, searchOf, textsOf, workSum } from './shared/sum.js'

const units = METRIC

describe('the measured chart', () => {
  const inks: ChartInks = { ink: '#000', faint: '#444', hair: '#999', sheet: '#fff', of: (name) => name }
  const day = 86_400_000
  const input: MeasuredChartInput = {
    measured: { atMs: [0.4 * day, 1.5 * day, 2.5 * day], values: [5, 9, 1], qualifiers: '==<' },
    band: { low: Float64Array.of(4, 4, 4), median: Float64Array.of(5, 5, 5), high: Float64Array.of(6, 6, 6) },
    startMs: 0,
    todayMs: 2 * day,
    marks: [
      { atMs: day, name: 'Trim' },
      { atMs: 1.02 * day, name: 'Sign' },
      { atMs: 0, name: 'Dose' },
    ],
    unit: 'mg/L',
    zoom: null,
    texts: { measured: 'measured', below: 'below', band: 'band', middle: 'middle', today: 'today', number: String, day: String },
  }
  const series = () =>
    measuredChartOption(input, inks).series as {
      name: string
      data: [number, number][]
      large?: boolean
      markLine?: { data: { xAxis: number; label: { formatter: string } }[] }
    }[]
  const named = (name: string) => series().find((one) => one.name === name)!

  test('stacks the band’s width on its low edge, so that the area is the band', () =>
    expect(named('band').data.map(([, width]) => width)).toEqual([2, 2, 2]))
  test('draws plain readings and bounds as different shapes', () => {
    expect(named('measured').data).toEqual([
      [0.4 * day, 5],
      [1.5 * day, 9],
    ])
    expect(named('below').data).toEqual([[2.5 * day, 1]])
  })
  test('names marks that have room, the newest first, and never writes over today', () =>
    expect(named('measured').markLine!.data.map(({ label }) => label.formatter)).toEqual(['', 'Sign', 'Dose', 'today']))
  test('counts plain readings within their day’s band; bounds and days beyond it are not counted', () => {
    expect(fitOf(input)).toMatchObject({ inside: 1, all: 2 })
    expect(fitOf({ ...input, band: null })).toMatchObject({ inside: 0, all: 0 })
  })
  test('thins many thousands to what a screen shows: extremes, ends and order stay; zoomed in, every one', () => {
    const atMs = Array.from({ length: 100_000 }, (_, index) => index)
    const values = Float64Array.from(atMs, (index) => (index === 54_321 ? 99 : index === 12_345 ? -99 : Math.sin(index)))
    const many = { atMs, values, qualifiers: '='.repeat(100_000) }
    const few = pointsShown(many, null)
    expect(few.length).toBeLessThanOrEqual(4004)
    expect(few).toContainEqual([54_321, 99])
    expect(few).toContainEqual([12_345, -99])
    expect([few[0], few.at(-1)]).toEqual([
      [0, 0],
      [99_999, values[99_999]],
    ])
    expect(few.every(([at], index) => index === 0 || at > few[index - 1]![0])).toBe(true)
    expect(pointsShown(many, [100, 200])).toHaveLength(101)
    expect(pointsShown({ atMs: [], values: [], qualifiers: '' }, null)).toEqual([])
    expect(
      pointsShown({ atMs: Array.from({ length: 9000 }, () => 5), values: new Float64Array(9000), qualifiers: '='.repeat(9000) }, null)
        .length,
    ).toBeGreaterThan(0) // all at one instant
  })
  test('draws many small', () => {
    const many = {
      ...input,
      measured: {
        atMs: Array.from({ length: 5000 }, (_, index) => index),
        values: Array.from({ length: 5000 }, () => 5),
        qualifiers: '='.repeat(5000),
      },
    }
    expect(
      (measuredChartOption(many, inks).series as { name: string; symbolSize: number }[]).find(({ name }) => name === 'measured')!
        .symbolSize,
    ).toBeLessThan(4)
  })
})

describe('a typed reading', () => {
  const judge = (text: string, kit: Parameters<typeof judgeReading>[0]['kit'] = null) =>
    judgeReading({ quantity: 'nitrate', text, unit: 'mg NO3/L', kit })
  test('is kept with what was typed', () =>
    expect(judge(' 12,5 ')).toMatchObject({
      part: { quantity: 'nitrate', enteredText: '12,5', enteredUnit: 'mg NO3/L', basis: 'NO3', qualifier: '=' },
      isOdd: false,
    }))
  test('that is odd is questioned in its own unit, and kept', () =>
    expect(judge('90')).toMatchObject({ isOdd: true, hint: expect.stringContaining('0–53.1 mg NO3/L') as string }))
  test('of zero says what becomes of it', () =>
    expect(judge('0', { quantity: 'nitrate', name: null, unit: 'mg NO3/L', step: 1, lowest: 1, expiresOn: null })).toMatchObject({
      part: { qualifier: '<' },
      hint: 'Zero is stored as “below the lowest readable”.',
    }))
  test.each([
    ['1.000,5', /either a comma or a point/],
    ['many', /not a number/],
    ['-4', /Give a value from 0 to 885 mg NO3\/L/],
  ])('%s is refused in a sentence', (text, sentence) => expect((judge(text) as { error: string }).error).toMatch(sentence))
})

describe('sums in an address', () => {
  const working = WORKINGS.find(({ id }) => id === 'feed.salt-grams')!
  test('there and back', () => {
    const texts = textsOf(working, new URLSearchParams('addMgPerL=10&litres=100'))
    expect(texts).toEqual({ saltId: 'potassium-nitrate', species: 'NO3', addMgPerL: '10', litres: '100' })
    expect(textsOf(working, searchOf(texts))).toEqual(texts)
    const outcome = workSum(working, texts)
    expect(outcome.kind === 'worked' && outcome.figure.value).toBeCloseTo(1.631, 3)
  })
  test('incomplete, out of range and contradictory are told apart', () => {
    const sum = (search: string) => workSum(working, textsOf(working, new URLSearchParams(search)))
    expect(sum('')).toEqual({ kind: 'incomplete' })
    expect(sum('addMgPerL=-1&litres=5')).toMatchObject({ kind: 'refused', fields: ['addMgPerL'] })
    expect(sum('addMgPerL=1,000.5&litres=5')).toMatchObject({ kind: 'refused' })
    expect(sum('addMgPerL=1&litres=5&species=Fe')).toMatchObject({ kind: 'refused', fields: ['saltId', 'species'] })
  })
  test('rows survive, and a mangled address is no crash', () => {
    const net = WORKINGS.find(({ id }) => id === 'vessel.net-water')!
    const rows = net.fields.find(({ kind }) => kind === 'rows')!
    expect(textsOf(net, new URLSearchParams({ [rows.name]: '[{"frontCm":"4"}]' }))[rows.name]).toEqual([{ frontCm: '4' }])
    expect(textsOf(net, new URLSearchParams({ [rows.name]: '[{' }))[rows.name]).toEqual([])
    for (const one of WORKINGS) expect(() => workSum(one, textsOf(one, new URLSearchParams()))).not.toThrow()
  })
})

describe('lines', () => {
  const base = { id: 'x', at: '2026-11-24T08:00:00Z', recordedBy: null, note: null }
  test.each<[JournalRecord, string]>([
    [
      {
        ...base,
        kind: 'reading',
        quantity: 'alkalinity',
        value: 1.4266,
        qualifier: '=',
        enteredText: '4',
        enteredUnit: '°dKH',
        basis: null,
        method: null,
        moment: null,
        eventId: null,
      },
      'KH 4 °dKH',
    ],
    [
      {
        ...base,
        kind: 'reading',
        quantity: 'pH',
        value: 6.6,
        qualifier: '<',
        enteredText: '6.6',
        enteredUnit: '',
        basis: null,
        method: null,
        moment: 'gas-off',
        eventId: null,
      },
      'pH < 6.6, gas off',
    ],
    [{ ...base, kind: 'glance', isAllFine: false, animals: 'gasping', indicator: 'yellow', outlet: null }, 'gasping, indicator yellow'],
    [{ ...base, kind: 'change', fraction: 0.5, hasWiped: true }, '50 % changed, glass wiped'],
    [{ ...base, kind: 'trim', wetG: null, kinds: ['stems', 'moss'] }, 'not weighed, Fast stems + Mosses'],
    [{ ...base, kind: 'purchase', what: 'refill', cost: 18.5, currency: 'EUR' }, 'refill, 18.5 EUR'],
  ])('%o', (record, line) => expect(recordLine(record, units)).toBe(line))
  test('an indicator is told as its colour', () => expect(valueText('indicator', 3, '=', units)).toBe('green'))
  test('a job in the reader’s units', () => {
    expect(
      jobText({ kind: 'change', values: quantities({ water: 'volume', share: 'fraction' }, { water: 88.4, share: 0.5 }) }, units),
    ).toBe('88.4 L (50 %)')
    const portion = { product: 'p', name: '', salt: 'monopotassium-phosphate', unit: 'g', isGuess: false } as const
    // Nobody weighs five milligrams.
    expect(jobText({ kind: 'dose', values: {}, portions: [{ ...portion, amount: 0.0049, stock: { ml: 0.98, inG: 2.5 } }] }, units)).toBe(
      'monopotassium phosphate 0.98 mL of stock (2.5 g in 500 mL)',
    )
  })
  test('a setting that changed: its name on the plan, its values in the reader’s units and words', () => {
    expect(settingLine({ path: '/lamps/strip/dimFraction', from: 0.55, to: 0.72 }, '19 Oct', units)).toBe('19 Oct: Power 55 % → 72 %')
    expect(settingLine({ path: '/feeding', from: 'lean-column', to: 'rich-column' }, '9 Nov', units)).toBe(
      '9 Nov: Fertilising method lean column → rich column',
    )
    expect(settingLine({ path: '/temperatureC', from: null, to: 25 }, '9 Nov', units)).toBe('9 Nov: Water temperature don’t know → 25 °C')
  })
})

test('a schedule’s columns fill the width, and its marks differ in shape', () => {
  expect(columnPx(LABEL_PX + 4 + 42 * 16, 42)).toBeCloseTo(16, 9)
  expect(new Set((['done', 'skipped', 'moved', 'assumed'] as const).map((mark) => markPath(mark, 5, 5, 4))).size).toBe(4)
})

test('formulas of calculators tell no field by its name in the program', () => {
  for (const working of WORKINGS)
    expect(formulaInWords(working), working.id).not.toMatch(/[a-z](Cm|Kg|MgPer|PerL|PerM|Fraction|Ml|Bar|Dkh|Ppm)/)
  expect(formulaInWords(WORKINGS.find(({ id }) => id === 'feed.bottle-dose')!)).toBe('to add·water/strength')
})
