import { describe, expect, test } from 'vitest'
import { plainSalt } from './cupboard.js'
import { NO_NUTRIENTS } from './nutrients.js'
import { overdose } from './overdose.js'
import { contentOf } from './products.js'
import { apart, clashOf, stockBottles, type WeighedSalt } from './stockBottles.js'

const week: readonly WeighedSalt[] = [
  { salt: 'potassium-nitrate', grams: 3.26 },
  { salt: 'monopotassium-phosphate', grams: 0.29 },
  { salt: 'calcium-nitrate-tetrahydrate', grams: 2 },
  { salt: 'magnesium-sulfate-heptahydrate', grams: 2 },
  { salt: 'iron-dtpa-disodium', grams: 0.3 },
]
const task = { weekly: week, bottleMl: 500, doseMl: 5, macroTimesPerWeek: 3, traceTimesPerWeek: 2, coldestC: 15 }

describe('bottles to mix', () => {
  test('as few as nothing falls out of: macros, calcium, traces', () => {
    expect(apart(week).map((bottle) => bottle.map(({ salt }) => salt))).toEqual([
      ['potassium-nitrate', 'monopotassium-phosphate', 'magnesium-sulfate-heptahydrate'],
      ['calcium-nitrate-tetrahydrate'],
      ['iron-dtpa-disodium'],
    ])
    for (const bottle of apart(week))
      for (const { salt } of bottle) for (const other of bottle) expect(clashOf(salt, other.salt)).toBeNull()
  })
  test('so many grams that each dose gives its part of the week', () => {
    const [a, b, c] = stockBottles({ ...task, coldestC: 20 })
    // 500 mL are 100 doses of 5 mL, 33.3 weeks of three.
    expect(a!.salts[0]!.grams).toBeCloseTo((3.26 * 100) / 3, 9)
    expect(a!.lastsDays).toBeCloseTo((100 / 3) * 7, 9)
    expect(c!.salts[0]!.grams).toBeCloseTo((0.3 * 100) / 2, 9)
    expect([a!.letter, b!.letter, c!.letter]).toEqual(['A', 'B', 'C'])
    expect(c).toMatchObject({ isPreserved: true, shelfDays: 90 })
    expect(a!.hazards).toContain('oxidiser')
  })
  test('a dose too small to stay dissolved is stretched, and the week is still whole', () => {
    const [a] = stockBottles({ ...task, doseMl: 1 })
    expect(a!.doseMl).toBeGreaterThan(1)
    expect(a!.isTooStrong).toBe(false)
    for (const { grams, mostG } of a!.salts) if (mostG !== null) expect(grams).toBeLessThanOrEqual(mostG + 1e-9)
    expect((a!.salts[0]!.grams * a!.doseMl * 3) / 500).toBeCloseTo(3.26, 9)
  })
})

describe('an overdose', () => {
  const water = { litres: 100, before: NO_NUTRIENTS, pH: 7.8, temperatureC: 25, changeFraction: 0.5 }
  test('ten times the nitrate asks for changes until it is calm; animals bear it', () => {
    // 40 g of potassium nitrate in 100 L: 245 mg/L of nitrate, 50 after three halvings (31).
    const answer = overdose({ ...water, content: contentOf(plainSalt('n', 'potassium-nitrate'))!, amount: 40 })
    expect(answer).toMatchObject({ changes: 3, isAnimalsAtRisk: false })
    expect(answer.over).toContain('nitrateN')
    expect(overdose({ ...water, content: contentOf(plainSalt('n', 'potassium-nitrate'))!, amount: 1 })).toMatchObject({
      changes: 0,
      over: [],
    })
  })
  test('urea and copper put animals at risk', () => {
    const urea = overdose({ ...water, content: contentOf(plainSalt('u', 'urea'))!, amount: 1 })
    expect(urea).toMatchObject({ isAnimalsAtRisk: true, over: ['unionised'] })
    expect(overdose({ ...water, content: contentOf(plainSalt('c', 'copper-sulfate-pentahydrate'))!, amount: 0.1 }).isAnimalsAtRisk).toBe(
      true,
    )
    expect(overdose({ ...water, content: contentOf(plainSalt('u', 'urea'))!, amount: 1, pH: 6 }).isAnimalsAtRisk).toBe(false)
  })
})
