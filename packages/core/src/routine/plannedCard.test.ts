import { expect, test } from 'vitest'
import { tankFigures } from '../ecosystem/tankFigures.js'
import type { Plan } from '../plan/plan.js'
import { samplePlan } from '../testing/samplePlan.js'
import { jobsBetween } from './jobs.js'
import { plannedCard } from './plannedCard.js'
import { purifiedDraws } from './purifiedDraws.js'

const plan: Plan = { ...samplePlan, logistics: { ...samplePlan.logistics, purifiedFraction: 0.4 } }
const figures = tankFigures(plan)

test('the card is that of the next change; animals are in by their day; what is told for today goes before', () => {
  const at = (ageDays: number, one = plan) => plannedCard({ plan: one, figures, ageDays, month: 0 })
  expect(at(10).hasAnimals).toBe(false)
  expect(at(60)).toMatchObject({ fraction: 0.5, hasAnimals: true, tankC: figures.temperatureC })
  const dark: Plan = { ...plan, start: { ...plan.start, method: 'dark', endsOnDay: 25 } }
  expect(at(3, dark).fraction).toBe(0.9)
  expect(at(3, { ...plan, changes: { ...plan.changes, fraction: 0 } }).fraction).toBe(0.5)
  const today = { fraction: 0.2, tankC: 27, roomC: 15 }
  expect(plannedCard({ plan, figures, ageDays: 60, month: 0, today })).toMatchObject(today)
})
test('a barrel is drawn from on the days, and by the litres, that the calendar has', () => {
  const draws = purifiedDraws(plan, figures.waterL, plan.startedOn, 28)
  const jobs = jobsBetween({ timeline: [{ fromDay: 0, plan }], startedOn: plan.startedOn }, plan.startedOn, '2026-09-28').filter(
    ({ kind }) => kind === 'change',
  )
  expect(draws.map(({ litres }) => litres)).toEqual(jobs.map(({ values }): unknown => expect.closeTo(0.4 * values['water']!.value, 6)))
})
