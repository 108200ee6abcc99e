import { expect, test } from 'vitest'
import { requireWellFormed } from './wellFormed.js'

const nested = (depth: number): unknown => JSON.parse('['.repeat(depth) + ']'.repeat(depth))
test('half a character, a NUL, a shared name and endless nesting are refused with their place', () => {
  expect(() => requireWellFormed({ journal: [{ note: 'a\ud800b' }] })).toThrow(/half a character/)
  expect(() => requireWellFormed({ 'a\udc00': 1 })).toThrow(/half a character/)
  expect(() => requireWellFormed({ name: 'a\0b' })).toThrow(/NUL/)
  for (const key of ['__proto__', 'constructor', 'prototype'])
    expect(() => requireWellFormed(JSON.parse(`{"plan": {"${key}": 1}}`))).toThrow(key)
  expect(() => requireWellFormed(nested(5000))).toThrow(/nested/)
  expect(() => requireWellFormed(nested(200_000))).toThrow(/nested/)
})
test('everything else passes: emoji, joined signs, empty things', () =>
  expect(() => requireWellFormed({ a: ['🌿', '👨‍👩‍👧', 'e\u0301', '', null, 0, { b: {} }], nested: nested(50) })).not.toThrow())
