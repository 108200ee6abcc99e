import { expect, test } from 'vitest'
import { samplePlan } from '../testing/samplePlan.js'
import type { Plan } from '../plan/plan.js'
import { cylinderSharers } from './cylinderSharers.js'

const hung = (name: string, sharedWith: string | null): Plan => ({
  ...samplePlan,
  name,
  gasLines: samplePlan.gasLines.map((line) => ({ ...line, sharedWith })),
})
const tanks = [
  { id: 'b', plan: hung('Left rack', 'a') },
  { id: 'a', plan: hung('Right rack', null) },
  { id: 'c', plan: hung('Alone', null) },
  { id: 'd', plan: { ...hung('No gas', 'a'), gasLines: [] } },
]

test('each valve on a cylinder, the owner first, with what it takes', () => {
  const sharers = cylinderSharers('a', tanks)
  expect(sharers.map(({ name }) => name)).toEqual(['Right rack', 'Left rack'])
  expect(sharers[0]!.gPerDay).toBeGreaterThan(0)
  expect(sharers[1]!.gPerDay).toBeCloseTo(sharers[0]!.gPerDay, 9)
})
test('a cylinder of one tank has one', () => expect(cylinderSharers('c', tanks).map(({ id }) => id)).toEqual(['c']))
