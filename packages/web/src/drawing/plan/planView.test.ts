import { describe, expect, test } from 'vitest'
import { planLayout, spotOf, xPx, yPx } from './planLayout.js'
import { MOST_ZOOM, movedBy, WHOLE, withinPaper, zoomedAt } from '../paperView.js'
import { seenThrough } from './planView.js'

const layout = planLayout({ lengthCm: 100, widthCm: 40 }, 700, 400)
const svg = { getBoundingClientRect: () => ({ left: 0, top: 0, width: 700, height: layout.heightPx }) } as unknown as SVGSVGElement
const at = { x: 260, y: 120 }
const spotUnder = (view: typeof WHOLE) => spotOf(seenThrough(layout, view), svg, { clientX: at.x, clientY: at.y })

describe('an enlarged sheet', () => {
  test('is the sheet itself while nothing is enlarged', () => expect(seenThrough(layout, WHOLE)).toBe(layout))
  test('keeps what lies under the pointer under it, step after step', () => {
    let view = WHOLE
    const before = spotUnder(view)
    for (const factor of [1.5, 2, 0.8, 3]) {
      view = zoomedAt(layout, view, factor, at)
      expect(spotUnder(view).xCm).toBeCloseTo(before.xCm, 9)
      expect(spotUnder(view).yCm).toBeCloseTo(before.yCm, 9)
    }
    expect(seenThrough(layout, view).pxPerCm).toBeCloseTo(layout.pxPerCm * 7.2, 9)
  })
  test('a spot and its pixel stay each other’s inverse', () => {
    const seen = seenThrough(layout, movedBy(layout, zoomedAt(layout, WHOLE, 4, at), -90, 35))
    const spot = spotOf(seen, svg, { clientX: xPx(seen, 47), clientY: yPx(seen, 13) })
    expect(spot.xCm).toBeCloseTo(47, 9)
    expect(spot.yCm).toBeCloseTo(13, 9)
  })
  test('moves as paper under a hand, and never beyond its edges', () => {
    const view = zoomedAt(layout, WHOLE, 2, { x: 350, y: 200 })
    const moved = movedBy(layout, view, 30, -10)
    expect(xPx(seenThrough(layout, moved), 20) - xPx(seenThrough(layout, view), 20)).toBeCloseTo(30, 9)
    expect(yPx(seenThrough(layout, moved), 20) - yPx(seenThrough(layout, view), 20)).toBeCloseTo(-10, 9)
    expect(movedBy(layout, view, 1e5, 1e5)).toEqual({ zoom: 2, leftPx: 0, topPx: 0 })
    expect(movedBy(layout, view, -1e5, -1e5)).toEqual({ zoom: 2, leftPx: 700, topPx: layout.heightPx })
  })
  test('is enlarged within bounds; made small again it is whole', () => {
    const most = zoomedAt(layout, WHOLE, 1e3, at)
    expect(most.zoom).toBe(MOST_ZOOM)
    expect(zoomedAt(layout, most, 1e-3, at)).toEqual(WHOLE)
  })
  test('turned to a smaller sheet it shows nothing beside it', () => {
    const small = planLayout({ lengthCm: 100, widthCm: 40 }, 340, 400)
    const view = withinPaper(small, { zoom: 2, leftPx: 700, topPx: 900 })
    expect(view).toEqual({ zoom: 2, leftPx: 340, topPx: small.heightPx })
  })
})
