import { expect, test } from 'vitest'
import { titleOf, type Picture } from './pictures.js'

const late: Picture = {
  kind: 'photo',
  id: '01920000-0000-7000-8000-000000000001',
  at: '2026-11-24T23:30:00.000Z',
  recordedBy: null,
  note: null,
  sha256: 'a'.repeat(64),
  widthPx: 4,
  heightPx: 3,
  spot: 'front',
}

test('a picture is of the day that it was at the tank', () => {
  expect(titleOf(late, 'Europe/Berlin')).toBe('front, Nov 25, 2026')
  expect(titleOf(late, 'America/New_York')).toBe('front, Nov 24, 2026')
})
