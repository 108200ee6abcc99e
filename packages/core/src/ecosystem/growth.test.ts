import { describe, expect, test } from 'vitest'
import type { Plan } from '../plan/plan.js'
import { samplePlan } from '../testing/samplePlan.js'
import { stocked } from '../testing/stocked.js'
import { algaeFedBy, bandOf, growthOf, leadOf, limitsByKind } from './balance.js'
import { forecastMember } from './forecast.js'

const MEMBERS = [0, 1, 2, 3, 4, 5, 6, 7]
const WEEKS = 10
const forecast = (part: Partial<Plan>) =>
  MEMBERS.map((member) =>
    forecastMember(
      { timeline: [{ fromDay: 0, plan: { ...samplePlan, ...part } }], today: 0, weeks: WEEKS, seed: 3, levers: {} },
      member,
      new Map(),
    ),
  )
const bright = { lamps: [{ ...samplePlan.lamps[0]!, watts: 110, dimFraction: 1 }] }
const inert = { layers: [{ id: 'g', ground: 'sand' as const, frontCm: 4, backCm: 7, product: null }] }
const last = WEEKS - 1

describe('what holds growth back', () => {
  test('carbon under strong light without gas; by kind as on the whole', () => {
    const results = forecast({ ...bright, gasLines: [] })
    expect(growthOf(results, 'planned', 3)).toMatchObject({ strand: 'carbon', heldBackBy: 'carbon' })
    expect(limitsByKind(results, 'planned', 3).filter(({ supplies }) => supplies.includes('carbon')).length).toBeGreaterThan(1)
  })
  test('halving gas under strong light tells', () => {
    const gas = (peakMgPerL: number) => ({ gasLines: [{ ...samplePlan.gasLines[0]!, peakMgPerL }] })
    const share = (peakMgPerL: number): number => growthOf(forecast({ ...bright, ...gas(peakMgPerL) }), 'planned', 4).share.median
    expect(share(8)).toBeLessThan(0.93 * share(30))
  })
  test('a nutrient by name where none is fed and the ground holds none; starved plants are ahead of nothing', () => {
    const poor = { ...samplePlan.sources[0]!, nitrateMgNPerL: 0, phosphateMgPPerL: 0 }
    const results = forecast({
      ...bright,
      ...inert,
      feeding: 'none',
      sources: [poor],
      animals: stocked({ foodGPerDay: 0, grazers: 0 }),
    })
    const { strand, heldBackBy } = growthOf(results, 'planned', last)
    expect(strand).toBe('feed')
    expect(['storeN', 'storeP', 'storeK']).toContain(heldBackBy)
    for (let week = 0; week < WEEKS; week++)
      if (growthOf(results, 'planned', week).hasStopped) expect(leadOf(results, 'planned', week, 0).word).toBe('growth-stopped')
  })
  test('temperature in a cold tank', () => expect(growthOf(forecast({ temperatureC: 14 }), 'planned', 3).heldBackBy).toBe('warmth'))
  test('a dark tank has stopped, whatever the algae do', () => {
    const results = forecast({ lamps: [] })
    expect(growthOf(results, 'planned', 4)).toMatchObject({ strand: 'light', hasStopped: true })
    expect(leadOf(results, 'planned', 4, 0).word).toBe('growth-stopped')
  })
})

describe('what helps algae on', () => {
  test('ammonia in a new tank; too few healthy leaves where plants starve for carbon; organics where nobody changes water', () => {
    expect(algaeFedBy(forecast({}), 'planned', 1)[0]).toBe('ammonia')
    expect(algaeFedBy(forecast({ ...bright, gasLines: [] }), 'planned', last)[0]).toBe('bareness')
    const neglected = {
      changes: { fraction: 0.1, everyDays: 28, firstWeeks: 'same' as const },
      animals: stocked({ foodGPerDay: 3, fishFromDay: 0 }),
    }
    expect(algaeFedBy(forecast(neglected), 'planned', last)).toContain('organics')
  })
  test('warm water: the film on the glass grows no slower, and plants lose ground to the algae', () => {
    const of = (temperatureC: number) => {
      const results = forecast({ temperatureC })
      return {
        results,
        film: bandOf(results, 'planned', 'dustOnGlass', last).median,
        lead: bandOf(results, 'planned', 'lead', last).median,
      }
    }
    const [mild, warm] = [of(25), of(30)]
    expect(warm.film).toBeGreaterThanOrEqual(mild.film)
    expect(warm.lead).toBeLessThan(mild.lead)
  })
  test('nothing is named where no light falls', () => expect(algaeFedBy(forecast({ lamps: [] }), 'planned', 4)).not.toContain('ammonia'))
})
