import { describe, expect, test } from 'vitest'
import { againstForecast } from './againstForecast.js'

const flat = (value: number) => Float64Array.from({ length: 20 }, () => value)
const band = { low: flat(4), median: flat(5), high: flat(6) }
const fit = (values: readonly number[], qualifiers = '='.repeat(values.length)) =>
  againstForecast({ days: values.map((_value, index) => index + 0.5), values, qualifiers }, band)

describe('readings beside the forecast', () => {
  test('within the band nothing is apart', () =>
    expect(fit([4, 5, 6, 5.5, 4.5])).toEqual({ inside: 5, all: 5, side: 'both', gap: 0, isApart: false }))
  test('seven of eighteen, all above: by how much', () => {
    const values = [...Array.from({ length: 7 }, () => 5.5), ...Array.from({ length: 11 }, () => 9)]
    expect(fit(values)).toEqual({ inside: 7, all: 18, side: 'above', gap: 4, isApart: true })
  })
  test('below, and on both sides', () => {
    expect(fit([1, 1, 2, 3, 5.5])).toMatchObject({ side: 'below', gap: -3, isApart: true })
    expect(fit([1, 9, 1, 9, 1, 9])).toMatchObject({ side: 'both', isApart: true })
  })
  test('few readings say little; those below what the kit sees and those past the forecast are left out', () => {
    expect(fit([9, 9, 9, 9])).toMatchObject({ all: 4, isApart: false })
    expect(fit([9, 9, 9, 9, 9], '=====')).toMatchObject({ isApart: true })
    expect(fit([9, 9, 9, 9, 9], '==<=>')).toMatchObject({ all: 3, isApart: false })
    expect(againstForecast({ days: [-1, 40], values: [5, 5], qualifiers: '==' }, band)).toMatchObject({ all: 0, side: null })
    expect(againstForecast({ days: [1], values: [5], qualifiers: '=' }, null)).toMatchObject({ all: 0, gap: 0 })
  })
})
