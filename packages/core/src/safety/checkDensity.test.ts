import { describe, expect, test } from 'vitest'
import { tankFigures } from '../ecosystem/tankFigures.js'
import { applyEdits } from '../plan/edit.js'
import type { Density, Plan } from '../plan/plan.js'
import { startDensity } from '../startup/startDensity.js'
import { samplePlan } from '../testing/samplePlan.js'
import { checkPlan } from './checkPlan.js'

const planted = (density: Density, footFraction: number): Plan => ({
  ...samplePlan,
  lamps: samplePlan.lamps.map((lamp) => ({ ...lamp, dimFraction: 1 })),
  patches: (['carpet', 'stems'] as const).map((kind) => ({ id: kind, kind, footFraction, density, pots: null })),
})
const found = (plan: Plan, ageDays = 0) =>
  checkPlan(plan, tankFigures(plan), { ageDays, density: startDensity(plan) }).filter(({ code }) => code.includes('thin'))

describe('a start too thin for its light', () => {
  const thin = planted('thin', 0.15)
  const [finding] = found(thin)
  test('is warned of once, with pots and power that make up for it', () => {
    expect(found(thin).map(({ code }) => code)).toEqual(['start-thin'])
    expect(finding?.severity).toBe('warn')
    expect(finding?.values['times']?.value).toBeGreaterThan(1.5)
    expect(finding?.mend?.values['pots']).toEqual(finding?.values['pots'])
  })
  test('its mend mends it: the plan with its edits is thin no more', () => {
    const mended = applyEdits(thin, finding?.mend?.edits ?? [])!
    expect(mended).not.toEqual(thin)
    expect(found(mended)).toEqual([])
  })
  test('is past once the tank is planted', () => expect(found(thin, 1).map(({ code }) => code)).toEqual(['thin-start']))
  test('a dense one is not', () => expect(found(planted('full', 0.35))).toEqual([]))
})
