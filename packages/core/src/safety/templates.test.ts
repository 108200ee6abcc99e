import { describe, expect, test } from 'vitest'
import { tankFigures } from '../ecosystem/tankFigures.js'
import { checkPlan } from './checkPlan.js'
import { newPlan } from '../plan/newPlan.js'
import { LEVEL } from '../intent/supplyLevel.js'
import { fromTemplate, TEMPLATES } from '../intent/templates.js'

const blank = newPlan('Mine', '2026-11-24', 'Europe/Berlin')
const LEVELS = { first: 'moderate', stones: 'strong', cube: 'moderate', calm: 'gentle' } as const

describe('a tank to begin from', () => {
  test.each(TEMPLATES)('%s has the light of its level, planted floor and nothing that stops it', (template) => {
    const plan = fromTemplate(blank, template)
    const figures = tankFigures(plan)
    expect(figures.ppfd / LEVEL[LEVELS[template]].ppfd).toBeGreaterThan(0.9)
    expect(figures.ppfd / LEVEL[LEVELS[template]].ppfd).toBeLessThan(1.1)
    expect(plan.gasLines.length > 0).toBe(LEVEL[LEVELS[template]].hasGas)
    const planted = plan.patches.reduce((sum, { footFraction }) => sum + (footFraction ?? 0), 0)
    expect(planted).toBeGreaterThan(0.8)
    expect(planted).toBeLessThanOrEqual(1)
    expect(checkPlan(plan, figures).filter(({ severity }) => severity === 'stop')).toEqual([])
  })
  test('keeps name, day, zone and water of whoever begins', () => {
    const mine = { ...blank, sources: [{ ...blank.sources[0]!, hardnessMmolPerL: 2 }] }
    const plan = fromTemplate(mine, 'cube')
    expect([plan.name, plan.startedOn, plan.timeZone, plan.sources]).toEqual(['Mine', '2026-11-24', 'Europe/Berlin', mine.sources])
  })
})
