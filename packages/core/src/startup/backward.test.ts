import { describe, expect, test } from 'vitest'
import { tankFigures } from '../ecosystem/tankFigures.js'
import type { Plan } from '../plan/plan.js'
import { UNPLACED } from '../plan/unplanned.js'
import { anyPlant, datum } from '../testing/anyPlant.js'
import { box } from '../testing/box.js'
import { potBed } from '../testing/potBed.js'
import { samplePlan } from '../testing/samplePlan.js'
import { backwardCalendar, plantingWork, waterLogistics } from './backward.js'

const steps = (plan: Plan) => backwardCalendar(plan, tankFigures(plan))

describe('counted back from planting', () => {
  test('wood soaks four weeks, a dark start five, the cylinder two; planting stands last', () => {
    const on = Object.fromEntries(steps({ ...samplePlan, startedOn: '2027-03-01' }).map((step) => [step.code, step.on]))
    expect(on).toMatchObject({
      'soak-wood': '2027-02-01',
      'dark-start': '2027-01-25',
      cylinder: '2027-02-15',
      'plants-arrive': '2027-02-28',
      planting: '2027-03-01',
    })
    expect(steps(samplePlan).at(-1)?.code).toBe('planting')
  })
  test('earliest first', () => {
    const days = steps(samplePlan).map(({ on }) => on)
    expect(days).toEqual([...days].sort())
  })
  test('no wood, no gas, no soil: none of their days', () => {
    const bare = steps({
      ...samplePlan,
      hardscape: [],
      gasLines: [],
      layers: [{ id: 'g', ground: 'gravel', frontCm: 4, backCm: 6, product: null }],
    }).map(({ code }) => code)
    for (const code of ['soak-wood', 'trial-flood', 'cylinder', 'ph-pen', 'dark-start', 'layout'] as const) expect(bare).not.toContain(code)
  })
  test('glue dries before the flood', () => {
    const glued = steps({ ...samplePlan, hardscape: [{ ...UNPLACED, id: 's', material: 'wood', massKg: 2, fixing: 'glued' }] })
    expect(glued.findIndex(({ code }) => code === 'paint-fix')).toBeLessThan(glued.findIndex(({ code }) => code === 'trial-flood'))
    expect(glued.find(({ code }) => code === 'paint-fix')?.values['drying']?.value).toBe(12)
  })
})

test('planting by hand: 20 bunches are 160 portions, 1.6 h, and 76 min to make them ready', () => {
  const plan = { ...samplePlan, patches: [{ id: 'p', kind: 'stems' as const, footFraction: 0.4, density: null, pots: 20 }] }
  expect(plantingWork(plan, tankFigures(plan))).toEqual({ pots: 20, portions: 160, hours: 1.6 + 76 / 60 })
})

test('a group on the planting map is counted there: 78 portions of a lawn are 6 pots, 0.78 h, and 22.8 min to make them ready', () => {
  const lawn = anyPlant(
    { form: 'carpet', kind: 'carpet', spacingCm: datum(2.5), portionsPerPot: datum(14), soldAs: ['pot-emersed'] },
    { id: 'lawn' },
  )
  const plan: Plan = {
    ...samplePlan,
    hardscape: [],
    patches: [{ id: 'p', kind: 'carpet', footFraction: 0.4, density: null, pots: 20 }],
    flora: [lawn],
    beds: [potBed('b', box(5, 4, 26, 24), 'lawn')],
  }
  const { pots, portions, hours } = plantingWork(plan, tankFigures(plan))
  expect({ pots, portions }).toEqual({ pots: 6, portions: 78 })
  expect(hours).toBeCloseTo(0.78 + 22.8 / 60, 9)
})

describe('water of the first weeks', () => {
  const water = (part: Partial<Plan['logistics']>, changes = samplePlan.changes) =>
    waterLogistics({ ...samplePlan, changes, logistics: { ...samplePlan.logistics, ...part } }, { waterL: 100, fillL: 100 }, 20)
  test('daily, every other day, twice a week by hand: 6 + 3 + 4 changes of half, and the first fill', () => {
    const { changes, fourWeeksL, tanksFull } = water({})
    expect(changes).toBe(13)
    expect(fourWeeksL).toBe(100 + 13 * 50)
    expect(tanksFull).toBe(7.5)
  })
  test('purified share, waste, unit and barrel by hand', () => {
    expect(water({ purifiedFraction: 0.4, purifierLPerDay: 40, barrelL: 60, wastePerL: 3 })).toMatchObject({
      purifiedPerChangeL: 20,
      purifiedFourWeeksL: 300,
      wasteL: 900,
      daysForOneChange: 0.5,
      changesInBarrel: 3,
    })
  })
  test('a unit of unknown output answers nothing', () => expect(water({ purifiedFraction: 0.4 }).daysForOneChange).toBeNull())
})
