import { WORKINGS, type Plan } from '@jovrin/core'
import { describe, expect, test } from 'vitest'
import { ZodError } from 'zod'
import { en, inputsSchema, PLAN_RANGE, PlanSchema, sentenceOf } from './index.js'

const plan: Plan = {
  schemaVersion: 1, name: 'x', startedOn: '2026-01-01', timeZone: 'UTC',
  vessel: { lengthCm: null, widthCm: null, heightCm: null, glassCm: null, freeboardCm: null },
  temperatureC: null, roomCo2Ppm: null, sources: [], layers: [], hardscape: [], patches: [], lamps: [], lightWindows: [], gasLines: [],
  flow: { surface: null, hasSkimmer: false, turnoverPerH: null, filter: null }, feeding: 'none',
  changes: { fraction: 0, everyDays: 1, firstWeeksMore: false }, animals: { foodGPerDay: null, grazers: null, grazersFromDay: 0, fishFromDay: 0 }, isTrimmed: false,
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
    expect(detail).toMatch(/^temperatureC .*\.$/)
  })
  test('names the nearest bound', () => {
    expect(refusal({ ...plan, temperatureC: 99 })).toEqual({ field: 'temperatureC', detail: `temperatureC must be at most ${PLAN_RANGE.temperatureC[1]}.`, allowed: `≤ ${PLAN_RANGE.temperatureC[1]}` })
    expect(refusal({ ...plan, temperatureC: -1 }).allowed).toBe(`≥ ${PLAN_RANGE.temperatureC[0]}`)
  })
  test('rules between fields have sentences of their own', () => {
    for (const rule of ['date_range', 'time_zone', 'duplicate_id', 'freeboard_deep', 'ramp_long'] as const) expect(en.refused.rules[rule]).toMatch(/\.$/)
    expect(refusal({ ...plan, vessel: { ...plan.vessel, heightCm: 20, freeboardCm: 19 } }).detail).toBe(en.refused.rules.freeboard_deep)
  })
})

describe('workings', () => {
  test('every id has a title, every schema refuses an unknown field and a NaN', () => {
    for (const working of WORKINGS) {
      expect(en.working.title[working.id], working.id).toBeTruthy()
      const schema = inputsSchema(working)
      expect(() => schema.parse({ nothing: 1 })).toThrow(ZodError)
      const first = working.fields.find((field) => field.kind === 'number')
      expect(() => schema.parse({ [first?.name ?? '']: NaN })).toThrow(ZodError)
    }
  })
})
