import { describe, expect, test } from 'vitest'
import { newPlan } from '../plan/newPlan.js'
import { edgeRuns, groundLaidAt, openShare } from './edgeRuns.js'

const floor = { lengthCm: 100, widthCm: 40 }
const ring = (...spots: [number, number][]) => spots.map(([xCm, yCm]) => ({ xCm, yCm }))
const told = (runs: readonly (readonly { xCm: number; yCm: number }[])[]) => runs.map((run) => run.map(({ xCm, yCm }) => [xCm, yCm]))
const everywhere = (): boolean => true

describe('a zone’s edge beside other ground', () => {
  test('of a strip along the front is its back, from pane to pane', () =>
    expect(told(edgeRuns(ring([0, 0], [100, 0], [100, 10], [0, 10]), floor, everywhere))).toEqual([
      [
        [100, 10],
        [0, 10],
      ],
    ]))
  test('of a path from front to back are both sides, each of its own', () =>
    expect(told(edgeRuns(ring([40, 0], [60, 0], [60, 40], [40, 40]), floor, everywhere))).toEqual([
      [
        [60, 0],
        [60, 40],
      ],
      [
        [40, 40],
        [40, 0],
      ],
    ]))
  test('of an island is the whole of it, closed', () => {
    const [run] = edgeRuns(ring([40, 10], [60, 10], [60, 30], [40, 30]), floor, everywhere)
    expect(run).toHaveLength(5)
    expect(run?.[0]).toEqual(run?.at(-1))
  })
  test('of a zone that fills the floor is nothing', () =>
    expect(edgeRuns(ring([0, 0], [100, 0], [100, 40], [0, 40]), floor, everywhere)).toEqual([]))
  test('beside a bare floor is none', () => {
    const plan = newPlan('x', '2026-01-01', 'UTC')
    const bare = {
      id: 'b',
      name: '',
      purpose: 'bare' as const,
      outline: ring([50, 0], [100, 0], [100, 40], [50, 40]).map((at) => ({ ...at, isRound: false })),
      layers: [],
      heights: [],
    }
    const left = ring([20, 0], [50, 0], [50, 40], [20, 40])
    expect(told(edgeRuns(left, floor, groundLaidAt({ ...plan, zones: [bare] })))).toEqual([
      [
        [20, 40],
        [20, 0],
      ],
    ])
    expect(edgeRuns(left, floor, groundLaidAt({ ...plan, layers: [], zones: [bare] }))).toEqual([])
  })
})

describe('what holds ground apart', () => {
  const runs = [ring([100, 10], [0, 10])]
  const stone = (left: number, right: number) => ({
    outline: ring([left, 6], [right, 6], [right, 14], [left, 14]).map((at) => ({ ...at, isRound: false })),
  })
  const open = (part: object): number => openShare({ barriers: [], hardscape: [], ...part }, runs)
  test('nothing, a separator along half of it, stones along most of it', () => {
    expect(open({})).toBe(1)
    expect(open({ barriers: [{ id: 'w', line: ring([50, 10], [100, 10]), heightCm: 5 }] })).toBeCloseTo(0.47, 2)
    expect(open({ hardscape: [stone(0, 45), stone(50, 100)] })).toBe(0)
    expect(open({ hardscape: [{ outline: null }] })).toBe(1)
  })
})
