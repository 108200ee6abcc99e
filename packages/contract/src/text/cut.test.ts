import fc from 'fast-check'
import { expect, test } from 'vitest'
import { cutText } from './cut.js'

const FAMILY = '👨‍👩‍👧‍👦'
test('a short text stays, a long one ends before the sign that does not fit', () => {
  expect(cutText('plain', 40)).toBe('plain')
  expect(cutText('plain', 3)).toBe('pla')
  expect(cutText(`${'a'.repeat(39)}🌿`, 40)).toBe('a'.repeat(39))
  expect(cutText(`ab${FAMILY}`, 2 + FAMILY.length - 1)).toBe('ab')
  expect(cutText(`ab${FAMILY}c`, 2 + FAMILY.length)).toBe(`ab${FAMILY}`)
  expect(cutText('e\u0301e\u0301', 3)).toBe('e\u0301')
})
test('whatever is cut is well formed, fits, and is a beginning of it', () =>
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme', maxLength: 80 }), fc.integer({ min: 0, max: 60 }), (text, most) => {
      const cut = cutText(text, most)
      expect(cut.length).toBeLessThanOrEqual(most)
      expect(text.startsWith(cut)).toBe(true)
      expect(cut).not.toMatch(/\p{Surrogate}/u)
    }),
  ))
