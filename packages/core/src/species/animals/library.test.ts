import { readFileSync } from 'node:fs'
import { describe, expect, test } from 'vitest'
import { ANIMALS } from './index.js'

const rows = readFileSync(new URL('../../../reference/species/animal-names.csv', import.meta.url), 'utf8')
  .trim()
  .split('\n')
  .slice(1)
const named = rows.map((row) => {
  const [name = '', older = '', kind = '', word = ''] = row.split(',')
  return { name, older: older === '' ? [] : older.split('; '), kind, word }
})

describe('the library of animals', () => {
  test('has every animal of the list of names, with its older names, group and word', () => {
    const of = new Map(ANIMALS.map((animal) => [animal.name, animal]))
    expect(named.length).toBe(135)
    for (const { name, older, kind, word } of named)
      expect([name, of.get(name)]).toEqual([name, expect.objectContaining({ olderNames: older, kind, word })])
  })
  test('every figure lies within its range, and what is well within what is borne', () => {
    for (const { id, adultCm, foodMgPerDay, lifespanYears, temperatureC, pH, hardnessMmolPerL, alkalinityMeqPerL } of ANIMALS) {
      for (const { low, value, high } of [adultCm, foodMgPerDay, lifespanYears])
        expect([id, low <= value && value <= high]).toEqual([id, true])
      for (const { min, goodLow, goodHigh, max } of [temperatureC, pH, hardnessMmolPerL, alkalinityMeqPerL])
        expect([id, min <= goodLow && goodLow < goodHigh && goodHigh <= max]).toEqual([id, true])
    }
  })
  test('copper is deadly to everything without backbone', () => {
    for (const { id, kind, copper } of ANIMALS)
      expect([id, copper]).toEqual([id, /shrimp|prawn|crayfish|snail/.test(kind) ? 'deadly' : 'care'])
  })
  test('what is widely forbidden says so', () => {
    const listed = ANIMALS.filter(({ legal }) => legal === 'widely-listed').map(({ id }) => id)
    expect(listed).toEqual(expect.arrayContaining(['procambarus-virginalis', 'pomacea-diffusa', 'pomacea-canaliculata']))
  })
  test('food by length: 9.6 mg for a tetra of 3.5 cm, by hand', () =>
    expect(ANIMALS.find(({ id }) => id === 'paracheirodon-innesi')!.foodMgPerDay.value).toBeCloseTo(0.009 * 3.5 ** 3 * 25, 6))
})
