import {
  type Dimensions,
  FINDINGS,
  GROUND_KINDS,
  HARDSCAPE_MATERIALS,
  type LayingStep,
  MENDS,
  METRIC_UNITS,
  OFTEN_FORGOTTEN,
  PLAN_SHEETS,
  PREPARATIONS,
  PROGRAMME_STEPS,
  quantities,
  type Quantities,
  SAMPLE_PRODUCTS,
  SHOPPING_GROUPS,
  SHOPPING_LINES,
} from '@jovrin/core'
import { describe, expect, test } from 'vitest'
import {
  findingWords,
  groundKindWords,
  layingStepWords,
  materialWords,
  mendWords,
  planSheetWords,
  preparationWords,
  sampleProductWords,
  shoppingWords,
  shoppingGroupWords,
  sundryWords,
  programmeWords,
  shoppingLineWords,
  say,
  type Reader,
} from './index.js'

const METRIC: Reader = { units: METRIC_UNITS, locale: 'en-GB' }
const US: Reader = {
  units: { ...METRIC_UNITS, length: 'in', volume: 'US gal', temperature: '°F', mass: 'lb', portion: 'oz' },
  locale: 'en-US',
}
/** Every value of a definition, told. */
const toldOf = (dimensions: Dimensions): Quantities =>
  quantities(dimensions, Object.fromEntries(Object.keys(dimensions).map((name) => [name, 7])), 'EUR')
/** Salts are weighed in grams everywhere. */
const holdsSalt = (dimensions: Dimensions): boolean => Object.values(dimensions).includes('salt')
const CANONICAL = /\d (cm|mm|mm\/m|L|L\/h|kg|g|°C)\b(?!\/day)/

describe('what the checks say', () => {
  const definitions = Object.values(FINDINGS)
  test.each(definitions)('$code is a sentence, with a name in the plan or without, in both systems of units', ({ code, values, names }) => {
    for (const named of ['', 'Left bank'])
      for (const reader of [METRIC, US]) {
        const sentence = say(findingWords, code, toldOf(values), reader, Object.fromEntries(names.map((name) => [name, named])))
        expect(sentence).toMatch(/^[A-Z0-9€].*[.)]$/s)
        expect(sentence).not.toMatch(/undefined|NaN|\$\{/)
        if (reader === US && !holdsSalt(values)) expect(sentence).not.toMatch(CANONICAL)
      }
  })
  test('every value of a definition is told in its sentence', () => {
    for (const { code, values } of definitions)
      for (const name of Object.keys(values)) {
        const marked = quantities({ [name]: 'count' }, { [name]: 123456 })
        expect(say(findingWords, code, { ...toldOf(values), ...marked }, METRIC), `${code} ${name}`).toContain('123456')
      }
  })
  test('no two say the same', () =>
    expect(new Set(definitions.map(({ code, values }) => say(findingWords, code, toldOf(values), METRIC))).size).toBe(definitions.length))
  test.each(Object.values(MENDS))('the button of $code says what will happen', ({ code, values }) => {
    for (const reader of [METRIC, US]) expect(say(mendWords, code, toldOf(values), reader)).toMatch(/^[A-Z][^.]*(\.\d[^.]*)?$/)
    if (!holdsSalt(values)) expect(say(mendWords, code, toldOf(values), US)).not.toMatch(CANONICAL)
  })
  test('nothing is called safe', () => {
    for (const { code, values } of definitions)
      expect(say(findingWords, code, toldOf(values), METRIC)).not.toMatch(/\bis safe\b|\bare safe\b/)
  })
  test('a code that the catalogue does not know is told as it is', () => expect(say(findingWords, 'toString', {}, METRIC)).toBe('toString'))
})

describe('texts of the sheets', () => {
  test('every sheet, ground, material, group, sundry and sample has its words', () => {
    for (const sheet of PLAN_SHEETS) expect(planSheetWords[sheet]).toMatch(/^[A-Z]/)
    for (const kind of GROUND_KINDS) expect(groundKindWords[kind]).toBeTruthy()
    for (const material of HARDSCAPE_MATERIALS) expect(materialWords[material]).toBeTruthy()
    for (const group of SHOPPING_GROUPS) expect(shoppingGroupWords[group]).toMatch(/^[A-Z]/)
    for (const thing of OFTEN_FORGOTTEN) expect(sundryWords[thing]).toMatch(/^[A-Z]/)
    for (const { id } of SAMPLE_PRODUCTS) expect(sampleProductWords[id]).toMatch(/^[A-Z]/)
  })
  test('preparations, programme and laying are told in both systems of units', () => {
    for (const reader of [METRIC, US]) {
      for (const [code, values] of Object.entries(PREPARATIONS)) {
        const sentence = say(preparationWords, code, toldOf(values), reader)
        expect(sentence).toMatch(/^[A-Z].*\.$/)
        if (reader === US) expect(sentence).not.toMatch(CANONICAL)
      }
      for (const [code, { values }] of Object.entries(PROGRAMME_STEPS))
        expect(say(programmeWords, code, toldOf(values), reader)).not.toMatch(/undefined|NaN/)
      for (const [line, { values }] of Object.entries(SHOPPING_LINES)) {
        const name = say(shoppingLineWords, line, toldOf(values), reader, { name: 'Bag' })
        expect(name).toMatch(/^[A-Z]/)
        if (reader === US && line !== 'salt') expect(name).not.toMatch(CANONICAL) // salts are weighed in grams everywhere
      }
    }
    for (const code of Object.keys(layingStepWords) as LayingStep['code'][])
      expect(layingStepWords[code]('sand', '3 L')).toMatch(/^[A-Z].*\.$/)
  })
  test('one is one, more are many', () => {
    expect([shoppingWords.counted.bag('1'), shoppingWords.counted.bag('4'), shoppingWords.counted.piece('2')]).toEqual([
      '1 bag',
      '4 bags',
      '2',
    ])
    const soak = (pieces: number): string => say(preparationWords, 'soak-wood', quantities({ pieces: 'count' }, { pieces }), METRIC)
    expect(soak(1)).toContain('(1 piece)')
    expect(soak(3)).toContain('(3 pieces)')
  })
})
