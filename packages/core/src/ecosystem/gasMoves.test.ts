import { expect, test } from 'vitest'
import { samplePlan } from '../testing/samplePlan.js'
import { gasMoves } from './gasMoves.js'
import { tankFigures } from './tankFigures.js'

const movesOf = (plan: typeof samplePlan) => gasMoves(plan, tankFigures(plan))
const one = (moves: ReturnType<typeof gasMoves>, kind: string) => moves.find((move) => move.kind === kind)!

test('a livelier surface loses more, wants more gas for the same peak, and makes the day flatter', () => {
  const moves = movesOf(samplePlan)
  const [still, ripple, strong] = ['still', 'ripple', 'strong'].map((kind) => one(moves, kind))
  for (const [calmer, livelier] of [
    [still!, ripple!],
    [ripple!, strong!],
  ] as const) {
    expect(livelier.peak).toBeLessThan(calmer.peak)
    expect(livelier.gasTimes).toBeGreaterThan(calmer.gasTimes)
    expect(livelier.atLightsOn / livelier.peak).toBeGreaterThan(calmer.atLightsOn / calmer.peak)
  }
})
test('what the plan has is marked, keeps its gas, and the skimmer stands as what it would become', () => {
  const moves = movesOf(samplePlan)
  const now = moves.filter(({ isNow }) => isNow)
  expect(now).toHaveLength(1)
  expect(now[0]!.gasTimes).toBeCloseTo(1, 9)
  expect(one(moves, 'skimmer').peak).toBeLessThan(now[0]!.peak)
  const skimmed = movesOf({ ...samplePlan, flow: { ...samplePlan.flow, hasSkimmer: true } })
  expect(one(skimmed, 'no-skimmer').peak).toBeGreaterThan(skimmed.find(({ isNow }) => isNow)!.peak)
})
test('air by night empties the night and costs the morning little', () => {
  const moves = movesOf(samplePlan)
  const now = moves.find(({ isNow }) => isNow)!
  const aired = one(moves, 'night-air')
  expect(aired.least).toBeLessThan(now.least)
  expect(aired.peak).toBeLessThanOrEqual(now.peak)
  expect(aired.atLightsOn).toBeGreaterThan(0.95 * now.atLightsOn)
  expect(aired.kPerH).toBe(now.kPerH)
})
test('without gas there is nothing to move', () => expect(movesOf({ ...samplePlan, gasLines: [] })).toEqual([]))
