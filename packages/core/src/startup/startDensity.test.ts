import { describe, expect, test } from 'vitest'
import { samplePlan } from '../testing/samplePlan.js'
import type { Density, Plan } from '../plan/plan.js'
import { lightSettingOf, withLight } from './lightSteps.js'
import { startDensity } from './startDensity.js'

const planted = (density: Density, footFraction = 0.35): Plan => ({
  ...samplePlan,
  lamps: samplePlan.lamps.map((lamp) => ({ ...lamp, dimFraction: 1 })),
  beds: [],
  patches: (['carpet', 'stems'] as const).map((kind) => ({ id: kind, kind, footFraction, density, pots: null })),
})
const thin = planted('thin', 0.15)

describe('how densely a start is planted', () => {
  const of = (plan: Plan) => startDensity(plan)!
  test('the usual dense start is its own measure', () => {
    expect(of(planted('full')).algaeRatio).toBeCloseTo(1, 9)
    expect(of(planted('full')).isThin).toBe(false)
  })
  test('fewer plants, more algae', () => {
    const ratios = [planted('full'), planted('half'), planted('thin'), thin].map((plan) => of(plan).algaeRatio)
    expect(ratios).toEqual([...ratios].sort((a, b) => a - b))
    expect(ratios.at(-1)).toBeGreaterThan(1.5)
  })
  test('a thin one says how many pots make up for it: the fewer, the more there are already', () => {
    const [bare, some] = [of(thin), of(planted('half', 0.15))].map(({ morePots }) => morePots!)
    expect(some).toBeGreaterThan(0)
    expect(bare).toBeGreaterThan(some!)
  })
  test('or how dim the lamp must be, and then it is thin no more', () => {
    const { dimFraction } = of(thin)
    expect(dimFraction).toBeLessThan(lightSettingOf(thin).dimFraction)
    const dimmed = withLight(thin, { ...lightSettingOf(thin), dimFraction: dimFraction! })
    expect(of(dimmed).algaeRatio).toBeLessThan(of(thin).algaeRatio * 1.2)
  })
  test('nothing planted, nothing said', () => expect(startDensity({ ...samplePlan, patches: [], beds: [] })).toBeNull())
})
