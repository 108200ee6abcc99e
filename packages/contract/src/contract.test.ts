import {
  FIRST_WEEKS,
  GROUND_KINDS,
  INDICATOR_COLOURS,
  JOB_KINDS,
  METRIC_UNITS,
  type Plan,
  quantities,
  READING_QUANTITIES,
  RECORD_KINDS,
  SALT_IDS,
  type JobPortion,
  SIGNS,
  SOME_FISH,
  SOME_GRAZERS,
  UNPLANNED,
  startProgramme,
  WORKINGS,
  NUMBER_FIELDS,
} from '@jovrin/core'
import { describe, expect, test } from 'vitest'
import { ZodError } from 'zod'
import * as contract from './index.js'
import {
  indicatorColourWords,
  jobTitleWords,
  programmeWords,
  readingQuantityWords,
  recordKindWords,
  refusedWords,
  saltWords,
  signWords,
  workingsWords,
  workingTitleWords,
  inputsSchema,
  JournalRecordSchema,
  PlanSchema,
  sentenceOf,
  jobTask,
  jobTaskWords,
  inUnits,
  say,
  type Reader,
} from './index.js'

const SOME_ANIMALS = (grazersFromDay: number, fishFromDay: number) => [
  { id: 'shrimps', species: SOME_GRAZERS.id, count: null, fromDay: grazersFromDay, origin: '' },
  { id: 'fish', species: SOME_FISH.id, count: null, fromDay: fishFromDay, origin: '' },
]
const plan: Plan = {
  ...UNPLANNED,
  schemaVersion: 11,
  name: 'x',
  startedOn: '2026-01-01',
  timeZone: 'UTC',
  vessel: { lengthCm: null, widthCm: null, heightCm: null, glassCm: null, freeboardCm: null, top: null },
  temperatureC: null,
  roomCo2Ppm: null,
  sources: [],
  layers: [],
  hardscape: [],
  patches: [],
  lamps: [],
  lightWindows: [],
  gasLines: [],
  flow: { surface: null, hasSkimmer: false, turnoverPerH: null, lossTimes: null, filter: null },
  feeding: 'none',
  changes: { fraction: 0, everyDays: 1, firstWeeks: 'same' },
  animals: { groups: SOME_ANIMALS(0, 0), foodGPerDay: null },
  fauna: [],
  isTrimmed: false,
}
const refusal = (value: unknown) => {
  const parsed = PlanSchema.safeParse(value)
  if (parsed.success) throw new Error('was accepted')
  const [issue] = parsed.error.issues
  if (!issue) throw new Error('no issue')
  return sentenceOf(issue)
}

describe('a plan', () => {
  test('may be all unknown and empty', () => expect(PlanSchema.parse(plan)).toEqual(plan))
  test.each([NaN, Infinity, -Infinity, '24', undefined, {}])('refuses %s for a number, in a sentence', (value) => {
    const { field, detail } = refusal({ ...plan, temperatureC: value })
    expect(field).toBe('temperatureC')
    expect(detail).toMatch(/^Water temperature .*\.$/)
  })
  test('names the nearest bound', () => {
    expect(refusal({ ...plan, temperatureC: 99 })).toEqual({
      field: 'temperatureC',
      detail: `Water temperature must be at most ${NUMBER_FIELDS.temperatureC.range[1]}.`,
      allowed: `≤ ${NUMBER_FIELDS.temperatureC.range[1]}`,
    })
    expect(refusal({ ...plan, temperatureC: -1 }).allowed).toBe(`≥ ${NUMBER_FIELDS.temperatureC.range[0]}`)
  })
  test('rules between fields have sentences of their own', () => {
    for (const rule of ['date_range', 'time_zone', 'duplicate_id', 'freeboard_deep', 'ramp_long'] as const)
      expect(refusedWords.rules[rule]).toMatch(/\.$/)
    expect(refusal({ ...plan, vessel: { ...plan.vessel, heightCm: 20, freeboardCm: 19 } }).detail).toBe(refusedWords.rules.freeboard_deep)
  })
})

describe('workings', () => {
  test('every id has a title, every schema refuses an unknown field and a NaN', () => {
    for (const working of WORKINGS) {
      expect(workingTitleWords[working.id], working.id).toBeTruthy()
      const schema = inputsSchema(working)
      expect(() => schema.parse({ nothing: 1 })).toThrow(ZodError)
      const first = working.fields.find((field) => field.kind === 'number')
      expect(() => schema.parse({ [first?.name ?? '']: NaN })).toThrow(ZodError)
    }
  })
})

describe('texts of records', () => {
  test('every job has a title and says what to do with whatever values it has', () => {
    for (const kind of JOB_KINDS) {
      expect(jobTitleWords[kind]).toMatch(/^[A-Z]/)
    }
    const metric: Reader = { units: METRIC_UNITS, locale: 'en-GB' }
    const gallons: Reader = { units: { ...METRIC_UNITS, volume: 'US gal', portion: 'oz' }, locale: 'en-US' }
    const change = quantities({ water: 'volume', share: 'fraction' }, { water: 88.44, share: 0.5 })
    expect(say(jobTaskWords, 'change', change, metric)).toBe('88.4 L (50 %)')
    expect(say(jobTaskWords, 'change', change, gallons)).toBe('23.4 US gal (50 %)')
    const portion = { product: 'p', name: '', unit: 'g', stock: null, isGuess: false } as const
    const portions: readonly JobPortion[] = [
      { ...portion, salt: 'potassium-nitrate', amount: 0.9531 },
      { ...portion, salt: 'monopotassium-phosphate', amount: 0.05, stock: { ml: 10, inG: 2.5 } },
      { ...portion, salt: null, name: 'Evening bottle', unit: 'mL', amount: 4 },
    ]
    expect(jobTask({ kind: 'dose', values: {}, portions }, metric)).toBe(
      'potassium nitrate 0.95 g · monopotassium phosphate 10 mL of stock (2.5 g in 500 mL) · Evening bottle 4 mL',
    )
    expect(
      jobTask({ kind: 'dose', values: {}, portions: [{ ...portion, salt: null, unit: 'mL', amount: 4.4, isGuess: true }] }, metric),
    ).toMatch(/4\.4 mL of the bottle; its label decides/)
  })
  test('every quantity, kind, sign, salt and fault of a row has its words', () => {
    for (const quantity of READING_QUANTITIES) expect(readingQuantityWords[quantity]).toBeTruthy()
    for (const kind of RECORD_KINDS) expect(recordKindWords[kind]).toBeTruthy()
    for (const sign of SIGNS) expect(signWords[sign]).toBeTruthy()
    for (const salt of SALT_IDS) expect(saltWords[salt], salt).toBeTruthy()
    for (const colour of INDICATOR_COLOURS) expect(indicatorColourWords[colour]).toBeTruthy()
  })
  test('every input of a working has a name, and every step of the first weeks its words', () => {
    const steps = GROUND_KINDS.flatMap((ground) =>
      FIRST_WEEKS.flatMap((firstWeeks) =>
        startProgramme([
          {
            fromDay: 0,
            plan: {
              ...plan,
              feeding: 'rich-column',
              layers: [{ id: 'g', ground, frontCm: 4, backCm: 6, product: null }],
              changes: { ...plan.changes, firstWeeks },
              gasLines: [
                {
                  id: 'c',
                  control: 'timer',
                  diffuser: null,
                  dissolvedFraction: null,
                  peakMgPerL: null,
                  cylinderKg: null,
                  emptyKg: null,
                  regulator: null,
                  workingBar: null,
                  sharedWith: null,
                  bubblesPerS: null,
                  bubbleMl: null,
                  linePressureBar: null,
                  beforeLightMin: 90,
                  beforeDarkMin: 60,
                  limitMgPerL: null,
                },
              ],
              animals: { groups: SOME_ANIMALS(35, 49), foodGPerDay: null },
            },
          },
        ]),
      ),
    )
    expect([...new Set(steps.map(({ code }) => code))].filter((code) => !(code in programmeWords))).toEqual([])
    expect(steps.length).toBeGreaterThan(60)
    const names = WORKINGS.flatMap(({ fields }) =>
      fields.flatMap((field) => (field.kind === 'rows' ? [field, ...field.fields] : [field])),
    ).map(({ name }) => name)
    expect([...new Set(names)].filter((name) => !(name in workingsWords.field))).toEqual([])
  })
})

describe('a journal record', () => {
  const base = { id: '01920000-0000-7000-8000-0000000000c1', at: '2026-11-24T08:00:00Z', recordedBy: null, note: null }
  test.each([
    [{ ...base, kind: 'note', note: 'x' }, true],
    [{ ...base, kind: 'note', note: '' }, false],
    [{ ...base, kind: 'change', fraction: 1.01, hasWiped: false }, false],
    [{ ...base, kind: 'death', animal: 'shrimp', count: 0 }, false],
    [{ ...base, kind: 'purchase', what: 'x', cost: 3, currency: 'eur' }, false],
    [{ ...base, kind: 'photo', sha256: '../../etc', widthPx: 1, heightPx: 1, spot: 'front' }, false],
    [{ ...base, kind: 'trim', wetG: Infinity, kinds: [] }, false],
    [{ ...base, at: '2026-11-24T08:00:00+01:00', kind: 'note', note: 'x' }, false],
    [{ ...base, id: '01920000-0000-4000-8000-0000000000c1', kind: 'note', note: 'x' }, false],
    [{ ...base, kind: 'elegy' }, false],
  ])('%o: accepted %s', (record, isAccepted) => expect(JournalRecordSchema.safeParse(record).success).toBe(isAccepted))
})

describe('measures within texts', () => {
  const inches: Reader = { units: { ...METRIC_UNITS, length: 'in', temperature: '°F' }, locale: 'en-US' }
  test('are told in the reader’s units', () => {
    const metric: Reader = { units: METRIC_UNITS, locale: 'en-GB' }
    expect(inUnits('tabs {10–15 cm} apart, within {2 K}, by {1 mm}', metric)).toBe('tabs 10–15 cm apart, within 2 °C, by 1 mm')
    expect(inUnits('tabs {10–15 cm} apart, within {2 K}, by {1 mm}', inches)).toBe('tabs 3.9–5.9 in apart, within 3.6 °F, by 0.039 in')
  })
  test('no text names centimetres or degrees by itself', () => {
    const found: string[] = []
    const look = (value: unknown, at: string): void => {
      if (typeof value === 'string' && /\d ?(cm|mm|°C|kg)\b/.test(value.replace(/\{[^}]*\}/g, ''))) found.push(`${at}: ${value}`)
      else if (typeof value === 'object' && value !== null) for (const [key, part] of Object.entries(value)) look(part, `${at}.${key}`)
    }
    const texts = Object.entries(contract).filter(([name]) => name.endsWith('Words') && name !== 'sampleProductWords')
    expect(texts.length).toBeGreaterThan(60)
    for (const [name, value] of texts) look(value, name)
    expect(found).toEqual([])
  })
})
