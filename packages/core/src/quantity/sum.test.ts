import { describe, expect, test } from 'vitest'
import { answered, assumed, defineSum, openSum, reckoned, type OpenedSum } from './sum.js'

const written = ({ worked }: OpenedSum): string => worked.join('')
const spelled = ({ formula }: OpenedSum): string => formula.map((part) => (typeof part === 'string' ? part : `<${part.term}>`)).join('')

const box = defineSum({
  id: 'box',
  dimension: 'volume',
  terms: { a: 'length', aa: 'length' },
  formula: '2·a·aa/1000',
  source: 'Geometry',
})
const light = defineSum({
  id: 'light',
  dimension: 'dailyLight',
  terms: { ppfd: 'ppfd' },
  each: { hours: 'hours', ramp: 'hours' },
  formula: 'ppfd·Σ(hours − (ramp))·0.0036',
  source: 'Integral',
})
const total = defineSum({ id: 'total', dimension: 'mass', each: { kg: 'mass' }, formula: 'Σ(kg)', source: 'Sum' })
const row = (hours: number, ramp: number) => ({ hours: reckoned(hours), ramp: reckoned(ramp) })

describe('a formula', () => {
  test('is split at whole names: one that begins with another stays itself', () => {
    const opened = openSum(box, 1, { a: reckoned(3), aa: reckoned(5) })
    expect(written(opened)).toBe('2·3·5/1000')
    expect(spelled(opened)).toBe('2·<a>·<aa>/1000')
  })
  test('words that are no terms stand as they are', () => {
    const least = defineSum({ id: 'least', dimension: 'length', terms: { a: 'length' }, formula: 'min(a, 3)', source: '' })
    expect(written(openSum(least, 2, { a: reckoned(2) }))).toBe('min(2, 3)')
  })
  test('its Σ is written out row by row, in brackets where something else stands beside it', () => {
    const given = { ppfd: reckoned(100) }
    expect(written(openSum(light, 0, given, [row(8, 1), row(2, 0.5)]))).toBe('100·(8 − (1) + 2 − (0.5))·0.0036')
    expect(written(openSum(light, 0, given, [row(8, 1)]))).toBe('100·(8 − (1))·0.0036')
    expect(written(openSum(light, 0, given))).toBe('100·0·0.0036')
    expect(spelled(openSum(light, 0, given))).toBe('<ppfd>·Σ(<hours> − (<ramp>))·0.0036')
  })
  test('that is a Σ and nothing else needs no brackets', () => {
    expect(written(openSum(total, 5, {}, [{ kg: reckoned(2) }, { kg: reckoned(3) }]))).toBe('2 + 3')
    expect(written(openSum(total, 0, {}))).toBe('0')
  })
  test('whose bracket is never closed is an error of ours', () => {
    const broken = defineSum({ id: 'broken', dimension: 'mass', each: { kg: 'mass' }, formula: 'Σ(kg', source: '' })
    expect(() => openSum(broken, 0, {}, [{ kg: reckoned(1) }])).toThrow(SyntaxError)
  })
})

describe('what is told with it', () => {
  test('each value with its dimension, where it came from, and the word that it stands for', () => {
    const { terms } = openSum(box, 1, { a: answered(3, 3), aa: answered(5, null, ['top', 'open']) })
    expect(terms).toEqual([
      { name: 'a', of: null, isAlone: false, quantity: { value: 3, dimension: 'length' }, from: 'typed', word: null },
      { name: 'aa', of: null, isAlone: false, quantity: { value: 5, dimension: 'length' }, from: 'assumed', word: ['top', 'open'] },
    ])
  })
  test('an answer of zero or no is an answer', () => {
    expect(answered(0, 0).from).toBe('typed')
    expect(answered(0, false).from).toBe('typed')
    expect(answered(1, undefined).from).toBe('assumed')
  })
  test('rows carry their names; a row of one value is told by its name alone', () => {
    const [first] = openSum(total, 2, {}, [{ of: ['own', 'Rock'], kg: assumed(2) }]).terms
    expect(first).toMatchObject({ name: 'kg', of: ['own', 'Rock'], isAlone: true, from: 'assumed' })
    const [hours] = openSum(light, 0, { ppfd: reckoned(1) }, [{ of: ['lightWindow', '2'], ...row(8, 1) }]).terms.slice(1)
    expect(hours).toMatchObject({ name: 'hours', of: ['lightWindow', '2'], isAlone: false })
  })
  test('the range where there is one; a bare number is exact', () => {
    expect(openSum(total, 2, {}).range).toBeNull()
    expect(openSum(total, { value: 2, low: 1, high: 4 }, {}).range).toEqual([
      { value: 1, dimension: 'mass' },
      { value: 4, dimension: 'mass' },
    ])
  })
  test('the unit that the sum comes out in: canonical, none for shares, the currency for money', () => {
    const of = (dimension: 'flow' | 'fraction' | 'money'): OpenedSum =>
      openSum(defineSum({ id: 'x', dimension, terms: { a: dimension }, formula: 'a', source: '' }), 1, { a: reckoned(1) }, [], {
        currency: 'JPY',
      })
    expect([of('flow').unit, of('fraction').unit, of('money').unit]).toEqual(['L/h', '', 'JPY'])
    expect(of('money').terms[0]?.quantity).toEqual({ value: 1, dimension: 'money', currency: 'JPY' })
  })
})
