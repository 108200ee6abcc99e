import { afterEach, describe, expect, test } from 'vitest'
import { german } from './de/index.js'
import { speak, translated } from './language.js'
import { counted, enumerated, listed } from './plural.js'

afterEach(() => speak('en', []))

describe('a translation', () => {
  test('is laid over the catalogue in place: whoever holds a part of it reads it too', () => {
    const words = { title: 'Today', state: { done: 'done', due: 'due' }, steps: ['one', 'two'], told: (day: string) => `day ${day}` }
    const { state } = words
    speak('de', [
      translated(words, { title: 'Heute', state: { done: 'getan', due: 'fällig' }, steps: ['eins', 'zwei'], told: (day) => `Tag ${day}` }),
    ])
    expect([words.title, state.done, words.steps[1], words.told('3')]).toEqual(['Heute', 'getan', 'zwei', 'Tag 3'])
  })
  test('brings its plurals and lists', () => {
    expect([listed(['a', 'b']), enumerated(['a', 'b', 'c'])]).toEqual(['a, b', 'a, b, and c'])
    speak('de', [])
    expect(enumerated(['a', 'b', 'c'])).toBe('a, b und c')
    speak('fr', [])
    expect(counted(0, { one: 'pot', other: 'pots' })).toBe('0 pot')
  })
})

/** Each text of a part and of its translation, by where it stands; functions with markers for their values. */
function pairsOf(words: unknown, said: unknown, at: string): [at: string, english: string, other: string][] {
  if (typeof words === 'string') return [[at, words, said as string]]
  if (typeof words === 'function') {
    const told = [words, said].map((tell) => tellWithMarkers(tell as (...values: never[]) => string))
    return [[at, told[0]!, told[1]!]]
  }
  return Object.entries(words as object).flatMap(([key, part]) => pairsOf(part, Reflect.get(said as object, key), `${at}.${key}`))
}

/** A value that is any text, any group of texts and any number of things, by name. */
const marker = (name: string): never =>
  new Proxy({} as never, {
    get: (_, key) =>
      key === Symbol.toPrimitive || key === 'toString' ? () => `‹${name}›` : typeof key === 'string' ? marker(key) : undefined,
  })
function tellWithMarkers(tell: (...values: never[]) => string): string {
  const values = Array.from({ length: tell.length }, (_, index) => marker(`value ${index}`))
  return String(tell(...values))
}
const markersIn = (text: string): string[] => [...new Set(text.match(/‹[^›]*›/g))].sort()

const parts = german.map(([words, said], index) => pairsOf(words, said, String(index)))

describe('the German catalogue', () => {
  test('has a text for each of the parts that it translates', () => {
    const missing = parts.flat().filter(([, , said]) => typeof said !== 'string')
    expect(missing).toEqual([])
    expect(parts.flat().length).toBeGreaterThan(700)
  })
  test('tells the same values', () => {
    for (const [at, english, said] of parts.flat()) expect([at, markersIn(said)]).toEqual([at, markersIn(english)])
  })
  test('names the same measures, for readers in inches too', () => {
    for (const [at, english, said] of parts.flat()) expect([at, said.match(/\{[^}]*\}/g)]).toEqual([at, english.match(/\{[^}]*\}/g)])
  })
  test('says the numbers of the emergency card and of every advice, in its own writing', () => {
    const numbers = (text: string): string[] => (text.match(/\d+(?:[.,]\d+)?/g) ?? []).map((number) => number.replace(',', '.')).sort()
    for (const [at, english, said] of parts.flat()) expect([at, said, numbers(said)]).toEqual([at, said, numbers(english)])
  })
  test('leaves nothing in English but names', () => {
    const same = parts.flat().filter(([, english, said]) => english === said && /[a-z]{4}/.test(english.replace(/‹[^›]*›/g, '')))
    expect([...new Set(same.map(([, english]) => english))].sort()).toEqual([
      'Calcium',
      'Jovrin',
      'Magnesium',
      'Material',
      'Rosette',
      'Version',
      'still',
    ])
  })
})
