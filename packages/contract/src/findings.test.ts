import {
  FINDING_CODES,
  GROUND_KINDS,
  HARDSCAPE_MATERIALS,
  MEND_CODES,
  OFTEN_FORGOTTEN,
  PLAN_SHEETS,
  SAMPLE_PRODUCTS,
  SHOPPING_GROUPS,
  type LayingStep,
  type Preparation,
} from '@jovrin/core'
import { describe, expect, test } from 'vitest'
import { en, enFinding, enMend, enPlan, enSampleProduct } from './index.js'

/** Answers every name with the same value, as if each had been reckoned. */
const values = new Proxy({}, { get: () => '7 cm' })
const none = new Proxy({}, { get: (_, name) => (name === 'zone' || name === 'piece' ? '' : '7 cm') })

describe('what the checks say', () => {
  test.each(FINDING_CODES)('%s is a sentence, with a name in the plan or without', (code) => {
    for (const given of [values, none]) {
      const sentence = enFinding[code](given)
      expect(sentence).toMatch(/^[A-Z0-9].*[.)]$/s)
      expect(sentence).not.toMatch(/undefined|NaN|\$\{/)
    }
  })
  test('no two say the same', () => expect(new Set(FINDING_CODES.map((code) => enFinding[code](values))).size).toBe(FINDING_CODES.length))
  test.each(MEND_CODES)('the button of %s says what will happen', (code) => expect(enMend[code](values)).toMatch(/^[A-Z][^.]*$/))
  test('nothing is called safe', () => {
    for (const code of FINDING_CODES) expect(enFinding[code](values)).not.toMatch(/\bis safe\b|\bare safe\b/)
  })
})

describe('texts of the sheets', () => {
  test('every sheet, ground, material, group, sundry and sample has its words', () => {
    for (const sheet of PLAN_SHEETS) expect(enPlan.sheets[sheet]).toMatch(/^[A-Z]/)
    for (const kind of GROUND_KINDS) expect(en.describe.ground[kind]).toBeTruthy()
    for (const material of HARDSCAPE_MATERIALS) expect(enPlan.hardscape.materials[material]).toBeTruthy()
    for (const group of SHOPPING_GROUPS) expect(enPlan.shopping.group[group]).toMatch(/^[A-Z]/)
    for (const thing of OFTEN_FORGOTTEN) expect(enPlan.shopping.sundry[thing]).toMatch(/^[A-Z]/)
    for (const { id } of SAMPLE_PRODUCTS) expect(enSampleProduct[id]).toMatch(/^[A-Z]/)
  })
  test('steps of building and of laying are whole sentences', () => {
    for (const code of Object.keys(enPlan.programme.steps) as Preparation['code'][])
      expect(enPlan.programme.steps[code](values)).toMatch(/^[A-Z].*\.$/)
    for (const code of Object.keys(enPlan.ground.steps) as LayingStep['code'][])
      expect(enPlan.ground.steps[code]('sand', '3 L')).toMatch(/^[A-Z].*\.$/)
  })
  test('one is one, more are many', () => {
    expect([enPlan.shopping.counted.bag('1'), enPlan.shopping.counted.bag('4'), enPlan.shopping.counted.piece('2')]).toEqual([
      '1 bag',
      '4 bags',
      '2',
    ])
    expect(enPlan.programme.steps['soak-wood']({ pieces: '1' })).toContain('(1 piece)')
    expect(enPlan.programme.steps['soak-wood']({ pieces: '3' })).toContain('(3 pieces)')
  })
})
