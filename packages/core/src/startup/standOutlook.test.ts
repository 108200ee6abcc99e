import { describe, expect, test } from 'vitest'
import type { Plan } from '../plan/plan.js'
import { anyPlant } from '../testing/anyPlant.js'
import { samplePlan } from '../testing/samplePlan.js'
import { OUTLOOK_WEEKS, outlookAspects, standOutlook } from './standOutlook.js'

const last = (plan: Plan) => standOutlook(plan)!.at(-1)!

describe('how plants stand in the weeks after planting', () => {
  test('weeks 4, 12 and 26; nothing planted has no outlook', () => {
    expect(standOutlook(samplePlan)?.map(({ week }) => week)).toEqual([...OUTLOOK_WEEKS])
    expect(standOutlook({ ...samplePlan, patches: [], beds: [] })).toBeNull()
  })
  test('a carpet that nobody trims comes nearer to lifting than one that is trimmed', () => {
    const carpet = { id: 'c', kind: 'carpet', footFraction: 0.6, density: 'full', pots: null } as const
    const kept = last({ ...samplePlan, patches: [carpet], isTrimmed: true })
    const grown = last({ ...samplePlan, patches: [carpet], isTrimmed: false })
    expect(grown.lift).toBeGreaterThan(kept.lift)
  })
  test('stems that nobody trims lose more at their bases', () => {
    const kept = last({ ...samplePlan, isTrimmed: true })
    const grown = last({ ...samplePlan, isTrimmed: false })
    expect(grown.baseLossPerWeek).toBeGreaterThan(kept.baseLossPerWeek)
    expect(kept.baseLossPerWeek).toBeGreaterThanOrEqual(0)
    expect(grown.baseLossPerWeek).toBeLessThan(1)
  })
  test('less light, less red', () => {
    const dim = { ...samplePlan, lamps: samplePlan.lamps.map((lamp) => ({ ...lamp, dimFraction: 0.3 })) }
    expect(last(dim).redness).toBeLessThan(last(samplePlan).redness)
    expect(last(samplePlan).redness).toBeLessThanOrEqual(1)
  })
  test('each plant is told what is about it', () => {
    expect(outlookAspects(anyPlant({ kind: 'carpet', form: 'carpet' }))).toEqual(['lift'])
    expect(outlookAspects(anyPlant({ redNeeds: 'light', colour: { weak: ['green'], strong: ['red'] } }))).toEqual(['base', 'red'])
    expect(outlookAspects(anyPlant({ redNeeds: 'none', colour: { weak: ['green'], strong: ['green'] } }))).toEqual(['base'])
    expect(outlookAspects(anyPlant({ kind: 'rosette', form: 'rosette' }))).toEqual([])
  })
})
