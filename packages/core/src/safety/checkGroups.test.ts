import { describe, expect, test } from 'vitest'
import { tankFigures } from '../ecosystem/tankFigures.js'
import { applyEdits } from '../plan/edit.js'
import type { Bed, Plan } from '../plan/plan.js'
import { anyPlant, datum } from '../testing/anyPlant.js'
import { box } from '../testing/box.js'
import { potBed } from '../testing/potBed.js'
import { samplePlan } from '../testing/samplePlan.js'
import { checkGroups } from './checkGroups.js'
import { checkPlanting } from './checkPlanting.js'

const tall = anyPlant({ places: ['back'] }, { id: 'tall', name: 'Tall' })
const lawn = anyPlant(
  { form: 'carpet', kind: 'carpet', places: ['front'], matureHeightCm: datum(4), plantingHeightCm: datum(2), runnerCm: datum(8) },
  { id: 'lawn', name: 'Lawn' },
)
const withMap = (beds: readonly Bed[], change: Partial<Plan> = {}): Plan => ({
  ...samplePlan,
  hardscape: [],
  beds,
  flora: [tall, lawn],
  ...change,
})
const found = (plan: Plan) => checkGroups(plan, tankFigures(plan))
const codes = (plan: Plan): string[] => found(plan).map(({ code }) => code)
const mended = (plan: Plan, code: string): Plan => {
  const edits = found(plan).find((one) => one.code === code)?.mend?.edits ?? []
  expect(edits.length).toBeGreaterThan(0)
  return applyEdits(plan, edits)!
}

describe('groups of a map against each other', () => {
  test('tall before short is told, short before tall is not', () => {
    const front = (species: string, behind: string) =>
      withMap([potBed('a', box(20, 2, 60, 14), [[species, 1]]), potBed('b', box(25, 30, 55, 46), [[behind, 1]])])
    expect(codes(front('tall', 'lawn'))).toContain('tall-before-short')
    expect(codes(front('lawn', 'tall'))).not.toContain('tall-before-short')
  })
  test('runners beside another bed are told, across a gap or behind a wall they are not', () => {
    const beside = (right: number, change: Partial<Plan> = {}) =>
      withMap([potBed('a', box(10, 2, 30, 14), [['lawn', 1]]), potBed('b', box(right, 2, right + 20, 14), [['tall', 1]])], change)
    expect(codes(beside(31))).toContain('runner-strays')
    expect(codes(beside(34))).not.toContain('runner-strays')
    const wall = { id: 'w', line: [{ xCm: 30, yCm: 0 }, { xCm: 30, yCm: 20 }], heightCm: 5 } // prettier-ignore
    expect(codes(beside(31, { barriers: [wall] }))).not.toContain('runner-strays')
  })
  test('two reds side by side are told once; with green or room between them, or of one plant, they are not', () => {
    const red = (id: string) => anyPlant({ colour: { weak: ['green'], strong: ['red', 'pink'] } }, { id, name: id })
    const flora = [red('ruby'), red('rose'), anyPlant({ colour: { weak: ['green'], strong: ['green', 'red'] } }, { id: 'green' })]
    const beside = (left: string, right: string, from = 33) =>
      codes(withMap([potBed('a', box(10, 34, 30, 46), [[left, 1]]), potBed('b', box(from, 34, from + 20, 46), [[right, 1]])], { flora }))
    expect(beside('ruby', 'rose').filter((code) => code === 'red-beside-red')).toHaveLength(1)
    expect(beside('ruby', 'rose', 35)).not.toContain('red-beside-red')
    expect(beside('ruby', 'green')).not.toContain('red-beside-red')
    expect(beside('ruby', 'ruby')).not.toContain('red-beside-red')
  })
  test('a wall that the finding offers keeps the runners in', () => {
    const plan = withMap([potBed('a', box(10, 2, 30, 14), [['lawn', 1]]), potBed('b', box(31, 2, 51, 14), [['tall', 1]])])
    const walled = mended(plan, 'runner-strays')
    expect(walled.barriers.length).toBeGreaterThan(0)
    expect(codes(walled)).not.toContain('runner-strays')
  })
  test('groups without a gap are told once, and drawn apart; one plant on both sides is one group', () => {
    const beside = (right: string) =>
      withMap([
        potBed('a', box(10, 20, 30, 40), [['tall', 1]]),
        potBed('b', box(29, 20, 50, 40), [[right, 1]]),
        potBed('c', box(50.5, 20, 70, 40), [['tall', 1]]),
      ])
    expect(codes(beside('tall'))).not.toContain('groups-touch')
    const told = found(beside('lawn')).filter(({ code }) => code === 'groups-touch')
    expect(told).toMatchObject([{ values: { pairs: { value: 2 } } }])
    const apart = mended(beside('lawn'), 'groups-touch')
    expect(codes(apart)).not.toContain('groups-touch')
    const [, middle] = tankFigures(apart).beds
    expect(middle?.areaCm2).toBeLessThan(21 * 20)
    expect(middle?.areaCm2).toBeGreaterThan(15 * 20)
  })
  test('an island in a carpet is meant so', () => {
    const plan = withMap([potBed('a', box(5, 2, 80, 40), [['lawn', 1]]), potBed('b', box(30, 15, 45, 25), [['tall', 1]])])
    expect(codes(plan)).not.toContain('groups-touch')
  })
  test('formal rows ask for pairs, and only they', () => {
    const one = potBed('a', box(10, 20, 30, 40), [['tall', 1]])
    const rows = (beds: readonly Bed[]) => withMap(beds, { intent: { ...samplePlan.intent, layout: 'formal-rows' } })
    expect(codes(withMap([one]))).not.toContain('pair-missing')
    const paired = mended(rows([one]), 'pair-missing')
    expect(paired.beds).toHaveLength(2)
    expect(codes(paired)).not.toContain('pair-missing')
    expect(codes(rows([one, { ...paired.beds[1]!, plants: [{ id: 'x', species: 'lawn', share: 1 }] }]))).toContain('pair-missing')
    expect(codes(rows([potBed('m', box(44, 20, 64, 40), [['tall', 1]])]))).not.toContain('pair-missing')
  })
  test('what grows out of the water is no neighbour; what cannot is told', () => {
    const raft = anyPlant({ form: 'free-stem' }, { id: 'raft', name: 'Raft' })
    const plan = withMap(
      [potBed('a', box(10, 20, 30, 40), [['lawn', 1]]), potBed('b', box(30, 20, 50, 40), [['raft', 1]], { stands: 'air' })],
      {
        flora: [lawn, raft],
      },
    )
    expect(codes(plan)).toEqual([])
    expect(checkPlanting(plan, tankFigures(plan))).toMatchObject([{ code: 'not-in-air', id: 'b', names: { plant: 'Raft' } }])
  })
})
