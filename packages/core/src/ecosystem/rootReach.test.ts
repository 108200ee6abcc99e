import { describe, expect, test } from 'vitest'
import type { Plan } from '../plan/plan.js'
import { PLANT_GROUPS } from '../planting/kinds.js'
import { anyPlant } from '../testing/anyPlant.js'
import { box } from '../testing/box.js'
import { samplePlan } from '../testing/samplePlan.js'
import { rootReach, withRootReach } from './rootReach.js'
import { DEFAULT_PARAMETERS } from './parameters.js'
import { tankFigures } from './tankFigures.js'

const ROSETTE = PLANT_GROUPS.indexOf('rosette')
const flora = [anyPlant({ form: 'rosette', kind: 'rosette', feeding: 'root' }, { id: 'r', name: 'Rosette' })]
/** Soil on the left half, bare sand on the right; one patch of rosettes from one place to another. */
const planted = (fromCm: number, toCm: number, part: Partial<Plan> = {}): Plan => ({
  ...samplePlan,
  flora,
  layers: [{ id: 'g', ground: 'rich-soil', frontCm: 5, backCm: 5, product: null }],
  zones: [
    {
      id: 'sand',
      name: 'Sand',
      purpose: 'cosmetic',
      outline: box(50, 0, 110, 60),
      layers: [{ id: 's', ground: 'sand', frontCm: 4, backCm: 4, product: null }],
      heights: [],
    },
  ],
  beds: [
    {
      id: 'b',
      name: 'Patch',
      outline: box(fromCm, 5, toCm, 40),
      plants: [{ id: 'p', species: 'r', share: 1 }],
      start: 'pot',
      spacingCm: null,
      stands: 'water',
      cutCm: null,
    },
  ],
  ...part,
})
const reachOf = (plan: Plan): number => rootReach(tankFigures(plan), plan.tabs)[ROSETTE]!

describe('what roots reach', () => {
  test('soil under the patch, not the soil beside it', () => {
    expect(reachOf(planted(5, 45))).toBe(1)
    expect(reachOf(planted(60, 100))).toBe(0)
    expect(reachOf(planted(30, 70))).toBeGreaterThan(0.3)
    expect(reachOf(planted(30, 70))).toBeLessThan(0.7)
  })
  test('tabs near them; one that lies far off feeds nobody', () => {
    const tab = (xCm: number) => ({ tabs: [{ id: 't', kind: 'tab' as const, xCm, yCm: 20 }] })
    expect(reachOf(planted(60, 72, tab(66)))).toBeGreaterThan(0.3)
    expect(reachOf(planted(60, 72, tab(100)))).toBe(0)
  })
  test('a tank without a map, and one whose ground holds nothing anywhere, are as they were', () => {
    expect(reachOf({ ...planted(60, 100), beds: [] })).toBe(1)
    const bare = planted(60, 100, { layers: [{ id: 'g', ground: 'gravel', frontCm: 5, backCm: 5, product: null }] })
    expect(reachOf(bare)).toBe(1)
    expect(withRootReach(DEFAULT_PARAMETERS, tankFigures(bare), [])).toBe(DEFAULT_PARAMETERS)
  })
  test('roots over bare sand leave the soil beside it alone', () => {
    const plan = planted(60, 100)
    expect(withRootReach(DEFAULT_PARAMETERS, tankFigures(plan), plan.tabs).rootShare[ROSETTE]).toBe(0)
  })
})
