import { describe, expect, test } from 'vitest'
import { tankFigures } from '../ecosystem/tankFigures.js'
import type { Plan } from '../plan/plan.js'
import { START_METHODS, type StartMethod } from '../plan/planStart.js'
import { checkStart } from '../safety/checkStart.js'
import { anyPlant } from '../testing/anyPlant.js'
import { box } from '../testing/box.js'
import { potBed } from '../testing/potBed.js'
import { samplePlan } from '../testing/samplePlan.js'
import { carpetCloses, dryWaterLineCm } from './dryWeeks.js'
import { waysToStart } from './waysToStart.js'

const GRAVEL: Partial<Plan> = { layers: [{ id: 'g', ground: 'gravel', frontCm: 4, backCm: 8, product: null }] }
const started = (method: StartMethod, change: Partial<Plan> = {}): Plan => ({
  ...samplePlan,
  start: { method, endsOnDay: 35, dryLightHours: null },
  ...change,
})
const codesOf = (plan: Plan): string[] => checkStart(plan, tankFigures(plan), { ageDays: 0 }).map(({ code }) => code)

describe('ways to begin', () => {
  const wayOf = (method: StartMethod, change: Partial<Plan> = {}) => {
    const plan = { ...samplePlan, ...change }
    return waysToStart(plan, tankFigures(plan)).find((way) => way.method === method)!
  }
  test('each way once, in their order', () =>
    expect(waysToStart(samplePlan, tankFigures(samplePlan)).map(({ method }) => method)).toEqual([...START_METHODS]))
  test('a dark start fits ground that leaches, and no other', () => {
    expect(wayOf('dark').fit).not.toBe('poor')
    expect(wayOf('dark', GRAVEL)).toMatchObject({ fit: 'poor', against: ['nothing-to-cycle'] })
  })
  test('soft water and a cycled filter speak against it', () => {
    const soft = { sources: [{ ...samplePlan.sources[0]!, alkalinityMeqPerL: 0.3 }] }
    expect(wayOf('dark', soft).against).toContain('water-too-soft')
    expect(wayOf('dark', { flow: { ...samplePlan.flow, filter: 'mature' } }).against).toContain('cycled-already')
  })
  test('a dry start wants a carpet and plants that stand it', () => {
    expect(wayOf('dry').fit).toBe('good')
    expect(wayOf('dry', GRAVEL).against).toContain('poor-ground')
    expect(wayOf('dry', { patches: samplePlan.patches.filter(({ kind }) => kind !== 'carpet') }).fit).toBe('poor')
    const wet = anyPlant({ form: 'stem', kind: 'stems', dryStart: 'no' }, { id: 'wet' })
    expect(wayOf('dry', { flora: [wet], beds: [potBed('b', box(2, 2, 60, 40), 'wet')] })).toMatchObject({ fit: 'poor' })
  })
})

describe('what is told of a start', () => {
  test('a dark start: soft water, cold water, nothing to cycle', () => {
    const soft = { sources: [{ ...samplePlan.sources[0]!, alkalinityMeqPerL: 0.3 }] }
    expect(codesOf(started('dark'))).not.toContain('dark-soft')
    expect(codesOf(started('dark', soft))).toContain('dark-soft')
    expect(codesOf(started('dark', { temperatureC: 18 }))).toContain('dark-cold')
    expect(codesOf(started('dark', GRAVEL))).toContain('dark-nothing')
    expect(codesOf(started('wet', soft))).not.toContain('dark-soft')
  })
  test('a dry start: no ground, thin ground, poor ground, plants that do not stand it', () => {
    expect(codesOf(started('dry', { layers: [] }))).toContain('dry-no-ground')
    expect(codesOf(started('dry', { layers: [{ id: 'g', ground: 'rich-soil', frontCm: 0.3, backCm: 6, product: null }] }))).toContain(
      'dry-thin-ground',
    )
    expect(codesOf(started('dry', GRAVEL))).toContain('dry-poor')
    const wet = anyPlant({ form: 'stem', kind: 'stems', dryStart: 'no' }, { id: 'wet' })
    expect(codesOf(started('dry', { flora: [wet], beds: [potBed('b', box(2, 2, 60, 40), 'wet')] }))).toContain('dry-species')
  })
  test('nothing of it is told once the start is over', () => {
    const plan = started('dry', GRAVEL)
    expect(checkStart(plan, tankFigures(plan), { ageDays: 40 }).map(({ code }) => code)).not.toContain('dry-poor')
  })
})

describe('the dry weeks', () => {
  test('water stays half a centimetre below the lowest ground: by hand, 4 cm in front rising to 8', () => {
    const lineCm = dryWaterLineCm(tankFigures(samplePlan))
    expect(lineCm).toBeGreaterThan(3.45)
    expect(lineCm).toBeLessThan(3.55)
  })
  test('a carpet closes day by day; no other start has such days', () => {
    const closes = carpetCloses(started('dry'))!
    expect(closes).toHaveLength(35)
    expect(closes.at(-1)!).toBeGreaterThan(closes[0]!)
    expect(closes.every((share) => share > 0 && share < 1)).toBe(true)
    expect(carpetCloses(started('wet'))).toBeNull()
    expect(carpetCloses(started('dry', { patches: samplePlan.patches.filter(({ kind }) => kind !== 'carpet') }))).toBeNull()
  })
})
