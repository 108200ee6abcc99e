import { type Band, type DayEdge, edgeMinutes, moveEdge, newPlan, type Plan, type Strand, STRANDS } from '@jovrin/core'
import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { algaeY, lanes, ribbons, type BraidWeek } from './braid/braidGeometry.js'
import { partsOfDay } from './day/partsOfDay.js'
import { plantStrokes } from './section/plants.js'

const even = (value: number): Band => ({ low: value, median: value, high: value })
const week = (part: Partial<Record<Strand, number>>): BraidWeek => ({
  strands: {
    light: even(0.5),
    carbon: even(1),
    feed: even(1),
    warmth: even(1),
    room: even(1),
    ...Object.fromEntries(Object.entries(part).map(([strand, value]) => [strand, even(value)])),
  },
  algae: even(1),
})
const box = { left: 0, right: 100, top: 0, waterline: 100, bottom: 140 }

describe('braid', () => {
  test('the scarcest strand lies next to the algae, light on top', () =>
    expect(lanes([week({ feed: 0.2, room: 0.6 })])[0]).toEqual(['light', 'carbon', 'warmth', 'room', 'feed']))
  test('strands cross when their rank changes, not for a hair', () => {
    const [before, hair, after] = lanes([week({ feed: 0.5, room: 0.6 }), week({ feed: 0.61, room: 0.6 }), week({ feed: 0.9, room: 0.6 })])
    expect(before?.at(-1)).toBe('feed')
    expect(hair?.at(-1)).toBe('feed')
    expect(after?.at(-1)).toBe('room')
  })
  test('no two strands share a lane in any week', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.record(
            Object.fromEntries(STRANDS.map((strand) => [strand, fc.double({ min: 0, max: 1, noNaN: true })])) as Record<
              Strand,
              fc.Arbitrary<number>
            >,
          ),
          { minLength: 1, maxLength: 8 },
        ),
        (values) => {
          for (const order of lanes(values.map(week))) expect(new Set(order).size).toBe(5)
        },
      ),
    ))
  test('an ample strand is drawn thicker than a scarce one, and every path is finite', () => {
    const drawn = ribbons([week({ feed: 0.1 }), week({ feed: 0.1 })], box)
    const heightOf = (strand: Strand): number => {
      const numbers = [...(drawn.find((ribbon) => ribbon.strand === strand)?.median ?? '').matchAll(/-?[\d.]+/g)].map(([text]) =>
        Number(text),
      )
      const ys = numbers.filter((_, index) => index % 2 === 1) // paths are pairs of x and y
      return Math.max(...ys) - Math.min(...ys)
    }
    expect(heightOf('carbon')).toBeGreaterThan(5 * heightOf('feed'))
    for (const { median } of drawn) expect(median).not.toMatch(/NaN|Infinity/)
  })
  test('algae hang lower the more there are, within the drawing', () => {
    expect(algaeY(box, 0)).toBe(box.waterline)
    expect(algaeY(box, 5)).toBeGreaterThan(algaeY(box, 0.5))
    expect(algaeY(box, 20)).toBeCloseTo(box.bottom, 6)
  })
})

describe('day strip', () => {
  const plan = newPlan('x', '2026-01-01', 'UTC') // lights 12:00 for 7 h, gas 90 min before and 60 min before dark
  const at = (moved: Plan, edge: DayEdge): number | null => edgeMinutes(moved, edge)
  test('edges stand where the plan says', () =>
    expect((['lightOn', 'lightOff', 'gasOn', 'gasOff', 'ramp'] as const).map((edge) => at(plan, edge))).toEqual([
      720, 1140, 630, 1080, 750,
    ]))
  test('moving lights-off changes the hours and takes the gas along', () => {
    const moved = moveEdge(plan, 'lightOff', 1203)
    expect(moved.lightWindows[0]?.hours).toBeCloseTo(8 + 5 / 60, 9) // snapped to 20:05
    expect(at(moved, 'gasOff')).toBe(1145)
  })
  test('moving lights-on keeps lights-off', () => {
    const moved = moveEdge(plan, 'lightOn', 600)
    expect([at(moved, 'lightOn'), at(moved, 'lightOff')]).toEqual([600, 1140])
  })
  test('a window may reach over midnight', () => {
    expect(at(moveEdge(plan, 'lightOff', 60), 'lightOff')).toBe(60)
    expect(partsOfDay(1380, 120)).toEqual([
      [1380, 1440],
      [0, 60],
    ])
  })
  test('no gesture leaves what the plan accepts', () =>
    fc.assert(
      fc.property(
        fc.constantFrom<DayEdge>('lightOn', 'lightOff', 'ramp', 'gasOn', 'gasOff'),
        fc.integer({ min: -3000, max: 3000 }),
        (edge, minutes) => {
          const moved = moveEdge(plan, edge, minutes)
          const window = moved.lightWindows[0]
          expect(window?.hours).toBeGreaterThanOrEqual(0.5)
          expect(window?.hours).toBeLessThanOrEqual(24)
          expect(window?.rampMin).toBeLessThanOrEqual((window?.hours ?? 0) * 30)
          expect(moved.gasLines[0]?.beforeLightMin).toBeGreaterThanOrEqual(0)
          expect(moved.gasLines[0]?.beforeLightMin).toBeLessThanOrEqual(480)
        },
      ),
    ))
})

test('each plant kind has a gesture of its own, the same each time', () => {
  const drawn = (['carpet', 'stems', 'rhizome', 'rosette', 'moss', 'floater'] as const).map((kind) =>
    plantStrokes(kind, 80, 40, 3)
      .map(({ d }) => d)
      .join(),
  )
  expect(new Set(drawn).size).toBe(6)
  expect(plantStrokes('stems', 80, 40, 3)).toEqual(plantStrokes('stems', 80, 40, 3))
  for (const d of drawn) expect(d).not.toMatch(/NaN|undefined/)
})
