import { describe, expect, test } from 'vitest'
import { tankFigures } from '../ecosystem/tankFigures.js'
import type { Plan } from '../plan/plan.js'
import { anyPlant, datum, STEM } from '../testing/anyPlant.js'
import { box } from '../testing/box.js'
import { potBed } from '../testing/potBed.js'
import { samplePlan } from '../testing/samplePlan.js'
import { checkPlanting } from './checkPlanting.js'

const withPlant = (traits: Parameters<typeof anyPlant>[0], change: Partial<Plan> = {}): Plan => ({
  ...samplePlan,
  hardscape: [],
  flora: [anyPlant(traits, { id: 'one', name: 'One' })],
  beds: [potBed('a', box(4, 4, 100, 44), 'one')],
  ...change,
})
const found = (plan: Plan) => checkPlanting(plan, tankFigures(plan))
const codes = (plan: Plan): string[] => found(plan).map(({ code }) => code)
const shy = { ...STEM.light, min: 5, good: 12, goodLow: 8, goodHigh: 15 }

describe('what spoils a planting that lives', () => {
  test('a slow plant in bright light is told; a fast one, or a slow one that likes it, is not', () => {
    expect(found(withPlant({ light: shy, doublingDays: datum(80) }))).toMatchObject([
      { code: 'slow-too-bright', severity: 'note', id: 'a', names: { plant: 'One' }, values: { high: { value: 15 } } },
    ])
    expect(codes(withPlant({ light: shy, doublingDays: datum(6) }))).toEqual([])
    expect(codes(withPlant({ doublingDays: datum(80), light: { ...STEM.light, goodHigh: 400 } }))).toEqual([])
  })
  test('scissors that take more than half of the hours are told, with who asks for them', () => {
    const hours = (hoursPerWeek: number | null) =>
      withPlant({ trimIntervalWeeks: datum(2) }, { intent: { ...samplePlan.intent, hoursPerWeek } })
    expect(found(hours(0.5))).toMatchObject([{ code: 'trim-heavy', id: 'a', names: { plant: 'One' }, values: { have: { value: 30 } } }])
    expect(codes(hours(8))).toEqual([])
    expect(codes(hours(null))).toEqual([])
  })
})
