import { describe, expect, test } from 'vitest'
import { compile } from '../ecosystem/compile.js'
import { simulate } from '../ecosystem/simulate.js'
import { biomassOf } from '../ecosystem/state.js'
import { PLANT_GROUPS } from '../planting/kinds.js'
import { UNKNOWN_TAB } from '../plan/unplanned.js'
import type { Plan } from '../plan/plan.js'
import { samplePlan } from '../testing/samplePlan.js'
import { stocked } from '../testing/stocked.js'
import { tabContentMg, tabsLaidMg } from './rootTabs.js'

const tab = (id: string, kind: 'tab' | 'capsule') => ({ id, kind, xCm: 10, yCm: 10 })
const product = { ...UNKNOWN_TAB, name: 'clay', pack: 10, price: null, renewDays: 60 }

describe('tabs and capsules in the ground', () => {
  test('all on the first day, tabs again when they are spent, capsules once', () => {
    const plan = { tabs: [tab('a', 'tab'), tab('b', 'tab'), tab('c', 'capsule')], tabProduct: { ...product, nitrogenMg: 40 } }
    const usual = tabContentMg('capsule', null)
    expect(tabsLaidMg(plan, 0)[0]).toBe(2 * 40 + usual[0])
    expect(tabsLaidMg(plan, 60)).toEqual([
      80,
      ...tabContentMg('tab', product)
        .slice(1)
        .map((mg) => 2 * mg),
    ])
    expect(tabsLaidMg(plan, 59)).toEqual([0, 0, 0, 0])
  })
  test('root feeders in inert ground grow by them, and the ground’s nitrogen by what was pressed in', () => {
    const inert: Plan = {
      ...samplePlan,
      feeding: 'none',
      layers: [{ ...samplePlan.layers[0]!, ground: 'gravel' }],
      patches: [{ id: 'r', kind: 'rosette', footFraction: 0.8, density: 'full', pots: null }],
      animals: stocked({ foodGPerDay: 0, grazers: 0 }),
    }
    const massAfter = (plan: Plan): number => {
      const days = 84
      const { forcing, startState, parameters } = compile({ timeline: [{ fromDay: 0, plan }], days, stepMin: 60 })
      const { outcome, endState, balanceError } = simulate({ forcing, startState, parameters, days })
      expect(outcome).toBe('reached-end')
      expect(Math.max(...balanceError)).toBeLessThan(1e-9)
      return PLANT_GROUPS.reduce((sum, _, group) => sum + biomassOf(endState, group), 0)
    }
    const laid = { ...inert, tabs: Array.from({ length: 12 }, (_, at) => tab(`t${at}`, 'tab')) }
    expect(massAfter(laid)).toBeGreaterThan(1.1 * massAfter(inert))
  })
})
