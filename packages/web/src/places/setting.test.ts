import { choiceWords, fieldWords, partWords } from '@jovrin/contract'
import { CHOICE_FIELDS, NUMBER_FIELDS, numberField, type ChoicePath, type NumberPath } from '@jovrin/core'
import { describe, expect, test } from 'vitest'
import { METRIC, US } from '../testing/units.js'
import { settingLine, settingName, settingValue } from './setting.text.js'

/** A pointer as a plan has it: ids, or places, where a path has stars. */
const pointerOf = (path: string): string => `/${path.replaceAll('*', 'x1')}`
const NUMBERS = Object.keys(NUMBER_FIELDS) as NumberPath[]
const CHOICES = Object.keys(CHOICE_FIELDS) as ChoicePath[]
const KEY = /^[a-z]+([A-Z][a-z0-9]+)+$/
const CANONICAL = /\d (cm|mm|cm²|L|L\/h|L\/day|kg|g|°C)$/

describe('a dated change', () => {
  test.each([...NUMBERS, ...CHOICES])('of %s is called what its question is called', (path) => {
    expect(settingName(pointerOf(path))).toBe(fieldWords[path][0])
    expect(settingName(pointerOf(path))).not.toMatch(KEY)
  })
  test.each(NUMBERS)('of %s tells its value in the reader’s units', (path) => {
    const [min, max] = numberField(path).range
    for (const units of [METRIC, US]) {
      const told = settingValue(pointerOf(path), (min + max) / 2, units)
      expect(told).toMatch(/\d/)
      expect(told).not.toMatch(/NaN|undefined/)
      // Salts are weighed in grams everywhere.
      if (units === US && numberField(path).dimension !== 'salt') expect(told).not.toMatch(CANONICAL)
    }
  })
  test.each(CHOICES)('of %s tells its value in words', (path) => {
    for (const choice of CHOICE_FIELDS[path].choices) {
      const words: Readonly<Record<string, string>> = choiceWords[path]
      expect(settingValue(pointerOf(path), choice, METRIC)).toBe(words[choice])
    }
  })
  test.each(Object.keys(partWords))('of all of %s is called by its part', (part) => {
    expect(settingName(`/${part}`)).toBeTruthy()
    expect(settingName(`/${part}`)).not.toMatch(KEY)
  })
  test('of an outlet’s bore, as one reads it', () => {
    expect(settingLine({ path: '/outlets/o1/boreMm', from: 16, to: 25.4 }, '9 Nov', METRIC)).toBe('9 Nov: Bore 16 mm → 25.4 mm')
    expect(settingLine({ path: '/outlets/o1/boreMm', from: 16, to: 25.4 }, '9 Nov', US)).toBe('9 Nov: Bore 0.63 in → 1 in')
    expect(settingLine({ path: '/zones/z1/layers/l1/frontCm', from: 3, to: 5.08 }, '9 Nov', US)).toBe(
      '9 Nov: Depth at the front 1.18 in → 2 in',
    )
  })
})
