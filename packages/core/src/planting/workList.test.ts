import { describe, expect, test } from 'vitest'
import { tankFigures } from '../ecosystem/tankFigures.js'
import type { Bed, Plan } from '../plan/plan.js'
import type { PlantRow, PlantTraits } from '../species/traits.js'
import { anyPlant, datum } from '../testing/anyPlant.js'
import { box } from '../testing/box.js'
import { potBed } from '../testing/potBed.js'
import { samplePlan } from '../testing/samplePlan.js'
import { stocked } from '../testing/stocked.js'
import { plantingOrder, plantWork, type Handling } from './workList.js'

const inner = { lengthCm: 108, widthCm: 48 }
const bed = (id: string, left: number, front: number, species: string, start: Bed['start'] = 'pot'): Bed =>
  potBed(id, box(left, front, left + 10, front + 8), species, { start })
const noShrimps: Partial<Plan> = {
  intent: { ...samplePlan.intent, wishes: [] },
  animals: stocked({ grazers: 0 }),
}
const workOf = (
  traits: Partial<PlantTraits>,
  { start = 'pot', change = noShrimps }: { start?: Bed['start']; change?: Partial<Plan> } = {},
) => {
  const named: Partial<PlantRow> = { id: 'one', name: 'One' }
  const plan: Plan = { ...samplePlan, hardscape: [], flora: [anyPlant(traits, named)], beds: [bed('a', 0, 0, 'one', start)], ...change }
  const [work] = plantWork(plan, tankFigures(plan).beds)
  if (work === undefined) throw new Error('no work')
  return work
}
const handlings = (...args: Parameters<typeof workOf>): readonly Handling[] => workOf(...args).handlings

describe('what is done to a plant', () => {
  test('bunches of stems are unbound, halved and tweezed in; what does not sprout again is left whole', () => {
    expect(handlings({})).toEqual(['unbind', 'halve-stems', 'tweeze'])
    expect(handlings({ resprouts: 'no' })).toEqual(['unbind', 'tweeze'])
  })
  test('rhizomes from farm pots: no wool, no air leaves, never buried, fastened', () => {
    const rhizome = { form: 'rhizome', kind: 'rhizome', soldAs: ['pot-emersed', 'cup'], buriedRots: true, attaches: 'can' } as const
    expect(handlings(rhizome)).toEqual(['pick-wool', 'strip-air-leaves', 'rhizome-on-top', 'fasten'])
    expect(handlings(rhizome, { start: 'cup' })).toEqual(['rinse-gel', 'rhizome-on-top', 'fasten'])
  })
  test('moss is never stuck in with tweezers, and what floats goes on the water', () => {
    expect(handlings({ form: 'moss', kind: 'moss', soldAs: ['cup', 'loose'] }, { start: 'cup' })).toEqual(['rinse-gel', 'split', 'fasten'])
    expect(handlings({ form: 'floater', kind: 'floater', soldAs: ['loose'] })).toEqual(['float'])
  })
  test('farm-grown plants wait for shrimps that are wished for, planned or not ruled out; culture cups do not', () => {
    const wished = { ...noShrimps, intent: { ...samplePlan.intent, wishes: ['shrimps'] } } as const
    const unknown = { ...noShrimps, animals: stocked({ grazers: null }) }
    for (const change of [wished, unknown]) {
      expect(handlings({}, { change })).toContain('hold-for-shrimps')
      expect(handlings({}, { change, start: 'cup' })).not.toContain('hold-for-shrimps')
    }
  })
  test('melt and new leaves are those of how it starts', () => {
    const traits: Partial<PlantTraits> = {
      melt: { pot: 'marked', cup: 'slight' },
      newLeavesPotWeeks: datum(3, 2, 5),
      newLeavesCupWeeks: datum(1, 1, 2),
    }
    expect(workOf(traits)).toMatchObject({ melt: 'marked', newLeavesByWeek: 5 })
    expect(workOf(traits, { start: 'cup' })).toMatchObject({ melt: 'slight', newLeavesByWeek: 2 })
  })
  test('out of the water nothing melts; where it stands in both, the water is told', () => {
    const fern = anyPlant({ form: 'rhizome', kind: 'rhizome', soldAs: ['pot-emersed'], melt: { pot: 'full', cup: 'none' } }, { id: 'fern' })
    const laid = { ...bed('in', 20, 2, 'fern') }
    const out = { ...bed('out', 60, 2, 'fern'), stands: 'air' as const }
    const works = (beds: Bed[]) => {
      const plan = { ...samplePlan, hardscape: [], flora: [fern], beds }
      return plantWork(plan, tankFigures(plan).beds)
    }
    expect(works([out])).toMatchObject([{ melt: 'none' }])
    expect(works([out])[0]?.handlings).not.toContain('strip-air-leaves')
    for (const both of [
      [out, laid],
      [laid, out],
    ]) {
      expect(works(both)).toMatchObject([{ melt: 'full' }])
      expect(works(both)[0]?.handlings).toContain('strip-air-leaves')
    }
  })
})

describe('order of planting', () => {
  const plan: Plan = {
    ...samplePlan,
    hardscape: [],
    flora: [
      anyPlant({}, { id: 'stem' }),
      anyPlant({ form: 'moss', kind: 'moss' }, { id: 'moss' }),
      anyPlant({ form: 'floater', kind: 'floater' }, { id: 'raft' }),
    ],
    beds: [
      bed('raft', 0, 0, 'raft'),
      bed('back', 40, 38, 'stem'),
      bed('moss', 20, 2, 'moss'),
      bed('front right', 90, 2, 'stem'),
      bed('front left', 5, 2, 'stem'),
      { ...bed('empty', 60, 20, 'stem'), plants: [] },
    ],
  }
  const order = (school: Parameters<typeof plantingOrder>[1]): string[] =>
    plantingOrder(tankFigures(plan).beds, school, inner.widthCm).map(({ bed: { id } }) => id)
  test('front first, back first, wood and stone first; empty patches are left out, floaters come last', () => {
    expect(order('front-first')).toEqual(['front left', 'front right', 'moss', 'back', 'raft'])
    expect(order('back-first')).toEqual(['back', 'moss', 'front left', 'front right', 'raft'])
    expect(order('wood-first')).toEqual(['moss', 'front left', 'front right', 'back', 'raft'])
    const bank = { ...bed('bank', 10, 2, 'stem'), stands: 'air' as const }
    const withBank = (school: Parameters<typeof plantingOrder>[1]): string[] =>
      plantingOrder(tankFigures({ ...plan, beds: [...plan.beds, bank] }).beds, school, inner.widthCm).map(({ bed: { id } }) => id)
    expect(withBank('out-first')).toEqual(['bank', 'front left', 'front right', 'moss', 'back', 'raft'])
    expect(withBank('back-first').slice(-2)).toEqual(['bank', 'raft'])
  })
})
