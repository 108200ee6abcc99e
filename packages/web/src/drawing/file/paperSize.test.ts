import { describe, expect, test } from 'vitest'
import { pageFor, SCALES, sizeAt, sizeOnA4, usualScale } from './paperSize.js'

/** A tank of 120 cm with 40 px around, drawn at 5 px to the centimetre. */
const drawing = { widthPx: 640, heightPx: 340, pxPerCm: 5 }

describe('a drawing on paper', () => {
  test('at 1:10 a centimetre of the tank is a millimetre of paper', () => {
    const { widthMm, heightMm } = sizeAt(drawing, 10)
    expect([widthMm, heightMm]).toEqual([128, 68])
    expect(sizeAt(drawing, 1).widthMm).toBe(1280)
  })
  test('takes the smallest sheet, turned as it fits, and stands in its middle', () => {
    expect(pageFor({ widthMm: 128, heightMm: 68 })).toEqual({ name: 'A4', widthMm: 297, heightMm: 210, leftMm: 84.5, topMm: 71 })
    expect(pageFor({ widthMm: 150, heightMm: 270 })).toMatchObject({ name: 'A4', widthMm: 210, heightMm: 297 })
    expect(pageFor({ widthMm: 277, heightMm: 190 }).name).toBe('A4')
    expect(pageFor({ widthMm: 278, heightMm: 190 }).name).toBe('A3')
    expect(pageFor({ widthMm: 1280, heightMm: 680 })).toEqual({ name: null, widthMm: 1300, heightMm: 700, leftMm: 10, topMm: 10 })
  })
  test('is offered at the largest scale that an A4 sheet takes', () => {
    expect(usualScale(drawing)).toBe(5)
    for (const scale of SCALES.filter((one) => one < 5)) expect(pageFor(sizeAt(drawing, scale)).name).not.toBe('A4')
    expect(usualScale({ widthPx: 9e5, heightPx: 10, pxPerCm: 1 })).toBe(50)
  })
  test('without a scale it is as wide, or as high, as A4', () => {
    expect(sizeOnA4({ widthPx: 800, heightPx: 100 }).widthMm).toBeCloseTo(277, 9)
    expect(sizeOnA4({ widthPx: 100, heightPx: 800 }).heightMm).toBeCloseTo(190, 9)
  })
})
