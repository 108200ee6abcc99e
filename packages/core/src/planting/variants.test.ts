import { describe, expect, test } from 'vitest'
import type { Bed, Plan } from '../plan/plan.js'
import { anyPlant } from '../testing/anyPlant.js'
import { box } from '../testing/box.js'
import { potBed } from '../testing/potBed.js'
import { samplePlan } from '../testing/samplePlan.js'
import { removeBed } from './bedEdits.js'
import { asVariant, keepVariant, MOST_VARIANTS, removeVariant, renameVariant, takeVariant } from './variants.js'

let number = 0
const newId = (stem: string): string => `${stem}${++number}`
const bed = (id: string, species: string): Bed => potBed(id, box(0, 0, 20, 20), species)
const flora = ['one', 'two'].map((id) => anyPlant({}, { id }))
const first: Plan = { ...samplePlan, beds: [bed('b1', 'one')], flora }
const both: Plan = { ...keepVariant(first, 'A', newId), beds: [bed('b2', 'two')] }

describe('maps side by side', () => {
  test('what is kept is the map as it was', () => {
    expect(both.variants).toMatchObject([{ name: 'A', beds: first.beds }])
    expect(asVariant(both, both.variants[0]!).beds).toEqual(first.beds)
  })
  test('one is taken: it is the map, and what was the map stands in its place under a name', () => {
    const taken = takeVariant(both, both.variants[0]!.id, 'before')
    expect(taken.beds).toEqual(first.beds)
    expect(taken.variants).toMatchObject([{ name: 'before', beds: both.beds }])
    expect(takeVariant(taken, taken.variants[0]!.id, 'A').beds).toEqual(both.beds)
  })
  test('what is kept already, or is nothing, is not kept twice', () => {
    const twice = keepVariant(both, 'B', newId)
    expect(takeVariant(twice, twice.variants[0]!.id, 'before').variants.map(({ name }) => name)).toEqual(['B'])
    expect(takeVariant({ ...both, beds: [] }, both.variants[0]!.id, 'before').variants).toEqual([])
    expect(keepVariant({ ...samplePlan, beds: [] }, 'A', newId).variants).toEqual([])
  })
  test('plants of a kept map stay in the flora, and go with it', () => {
    const bare = removeBed(both, 'b2')
    expect(bare.flora.map(({ id }) => id)).toEqual(['one'])
    expect(removeVariant(bare, both.variants[0]!.id).flora).toEqual([])
  })
  test('a kept map gets another name, and nothing else changes', () => {
    const renamed = renameVariant(both, both.variants[0]!.id, 'Low tide')
    expect(renamed).toEqual({ ...both, variants: [{ ...both.variants[0]!, name: 'Low tide' }] })
  })
  test('no more than lie side by side', () => {
    let many = first
    for (let at = 0; at < MOST_VARIANTS + 3; at++) many = keepVariant(many, String(at), newId)
    expect(many.variants).toHaveLength(MOST_VARIANTS)
  })
  test('an unknown one changes nothing', () => expect(takeVariant(both, 'none', 'x')).toBe(both))
})
