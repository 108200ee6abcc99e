import { expect, test } from 'vitest'
import { tankFigures } from '../ecosystem/tankFigures.js'
import { samplePlan } from '../testing/samplePlan.js'
import type { Plan } from '../plan/plan.js'
import { checkPlan } from './checkPlan.js'
import { mendFinding } from './mendedPlan.js'

const gassed = (bubblesPerS: number): Plan => ({
  ...samplePlan,
  gasLines: samplePlan.gasLines.map((line) => ({ ...line, bubblesPerS, bubbleMl: 0.08 })),
})
const overdose = (plan: Plan) => checkPlan(plan, tankFigures(plan)).find(({ code }) => code === 'gas-overdose')

test('a mend takes hold of the plan that it was found in', () => {
  const plan = gassed(40)
  const finding = overdose(plan)!
  expect(overdose(mendFinding(plan, finding))).toBeUndefined()
})
test('and of one that has moved on since: the same fault is mended as it is now', () => {
  const finding = overdose(gassed(40))!
  const now = gassed(60)
  expect(overdose(now)).toBeDefined()
  expect(overdose(mendFinding(now, finding))).toBeUndefined()
})
test('where nothing is left to mend the plan stays as it is', () => {
  const now = gassed(0.2)
  expect(mendFinding(now, overdose(gassed(40))!)).toBe(now)
})
