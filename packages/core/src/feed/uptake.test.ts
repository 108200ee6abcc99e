import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { correctionOf, uptakeFromTests, type UptakeEvent, type UptakeTest } from './uptake.js'

/** Levels of a tank that takes up so much a day, with a dose a day and a change each week. */
function tank(
  perDay: number,
  { noise = 0, days = [1, 6, 12, 19, 26, 33], start = 6 } = {},
): { tests: UptakeTest[]; events: UptakeEvent[] } {
  const events: UptakeEvent[] = []
  for (let day = 1; day <= 40; day++) events.push({ kind: 'dose', day: day + 0.4, mgPerL: 0.6 })
  for (let day = 7; day <= 40; day += 7) events.push({ kind: 'change', day: day + 0.3, fraction: 0.4, newMgPerL: 1 })
  events.sort((a, b) => a.day - b.day)
  const tests: UptakeTest[] = []
  let [level, now, next] = [start, days[0]!, 0]
  for (const [at, day] of days.entries()) {
    for (; next < events.length && events[next]!.day <= day; next++) {
      const event = events[next]!
      if (event.day <= days[0]!) continue
      level -= perDay * (event.day - now)
      now = event.day
      level = event.kind === 'dose' ? level + event.mgPerL : level * (1 - event.fraction) + event.fraction * event.newMgPerL
    }
    level -= perDay * (day - now)
    now = day
    tests.push({ day, mgPerL: level + noise * (at % 2 === 0 ? 1 : -1), isBelow: false })
  }
  return { tests, events }
}

describe('uptake from tests', () => {
  test('any steady uptake is found again from clean tests, over doses and changes', () =>
    fc.assert(
      fc.property(fc.double({ min: -0.3, max: 0.8, noNaN: true }), (perDay) => {
        const { perDay: found } = uptakeFromTests({ ...tank(perDay, { start: 20 }), stepMgPerL: 0.2 })
        expect(found!.value).toBeCloseTo(perDay, 6)
        expect(found!.low).toBeLessThan(perDay)
        expect(found!.high).toBeGreaterThan(perDay)
      }),
      { seed: 3, numRuns: 60 },
    ))
  test('noise larger than the signal: the tests do not say yet', () => {
    const found = uptakeFromTests({ ...tank(0.05, { noise: 2, start: 8 }), stepMgPerL: 1.1 })
    expect(found).toMatchObject({ verdict: 'not-yet', reason: 'noise' })
    expect(found.perDay!.low).toBeLessThan(0)
    expect(found.perDay!.high).toBeGreaterThan(0)
  })
  test('tests that stray more than their kit explains widen the range', () => {
    const width = (noise: number): number => {
      const { perDay } = uptakeFromTests({ ...tank(0.4, { noise, start: 20 }), stepMgPerL: 0.2 })
      return perDay!.high - perDay!.low
    }
    expect(width(6)).toBeGreaterThan(1.2 * width(0))
  })
  test('two tests, or tests of a few days, say nothing', () => {
    const { tests, events } = tank(0.4)
    expect(uptakeFromTests({ tests: tests.slice(0, 2), events, stepMgPerL: 1 })).toMatchObject({
      verdict: 'not-yet',
      reason: 'few',
      perDay: null,
    })
    const close = tank(0.4, { days: [1, 2, 3, 4] })
    expect(uptakeFromTests({ ...close, stepMgPerL: 1 })).toMatchObject({ verdict: 'not-yet', reason: 'short' })
  })
})

describe('a correction', () => {
  const task = { weeklyMgPerL: 4.2, weeklyChange: 0.4, newMgPerL: 1, wantedMgPerL: { low: 2, high: 6 } }
  test('raises a dose that runs dry by a third at most, and says how long to wait', () => {
    const uptake = uptakeFromTests({ ...tank(0.8, { start: 20 }), stepMgPerL: 0.2 })
    const correction = correctionOf({ ...task, uptake })!
    expect(correction.weeklyMgPerL).toBeGreaterThan(4.2)
    expect(correction.weeklyMgPerL).toBeLessThanOrEqual(4.2 * (4 / 3) + 1e-9)
    expect(correction.waitDays).toBe(14)
  })
  test('is none while the tests do not say, and none where the level is wanted and stays so', () => {
    expect(correctionOf({ ...task, uptake: uptakeFromTests({ ...tank(0.05, { noise: 2 }), stepMgPerL: 1.1 }) })).toBeNull()
    // 0.6 a day in, 0.5 taken: settles at (4.2 + 0.4 − 3.5)/0.4 = 2.75.
    expect(correctionOf({ ...task, uptake: uptakeFromTests({ ...tank(0.5, { start: 3 }), stepMgPerL: 0.05 }) })).toBeNull()
  })
  test('lowers a dose that piles up, never below nothing', () => {
    const uptake = uptakeFromTests({ ...tank(0.3, { start: 12 }), stepMgPerL: 0.1 })
    const correction = correctionOf({ ...task, wantedMgPerL: { low: 0.5, high: 1.5 }, uptake })
    expect(correction!.weeklyMgPerL).toBeLessThan(4.2)
    expect(correction!.weeklyMgPerL).toBeGreaterThanOrEqual(0)
  })
})
