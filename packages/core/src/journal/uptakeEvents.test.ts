import { expect, test } from 'vitest'
import type { Act } from '../ecosystem/deeds.js'
import { tankFigures } from '../ecosystem/tankFigures.js'
import { schoolAmounts } from '../feed/schoolAmounts.js'
import { samplePlan } from '../testing/samplePlan.js'
import { uptakeEvents } from './uptakeEvents.js'

const past = { timeline: [{ fromDay: 0, plan: samplePlan }], today: 105, deeds: { acts: [], omitted: [] } }
const doses = (events: ReturnType<typeof uptakeEvents>): number[] =>
  events.flatMap((event) => (event.kind === 'dose' ? [event.mgPerL] : []))

test('doses of the plan and its changes, but for what was left out', () => {
  const events = uptakeEvents(past, 'nitrateN', 99)
  expect(doses(events)).toHaveLength(7)
  expect(doses(events)[0]).toBeCloseTo(schoolAmounts('rich-column').nitrateN / 7, 9)
  expect(events.filter(({ kind }) => kind === 'change')).toHaveLength(1)
  const left = {
    ...past,
    deeds: {
      acts: [],
      omitted: [
        { what: 'dose' as const, day: 101 },
        { what: 'change' as const, day: 105 },
      ],
    },
  }
  expect(uptakeEvents(left, 'nitrateN', 99)).toHaveLength(events.length - 2)
})
test('what was logged on top counts: a salt by its grams, a bottle by what it brought', () => {
  const acts: Act[] = [
    { kind: 'dose', day: 100, minute: 600, salt: 'potassium-nitrate', grams: 5 },
    { kind: 'pour', day: 101, minute: 600, nutrientsMg: { ...schoolAmounts('none'), nitrateN: 70 } },
  ]
  const without = doses(uptakeEvents(past, 'nitrateN', 99)).reduce((sum, mgPerL) => sum + mgPerL, 0)
  const together = doses(uptakeEvents({ ...past, deeds: { acts, omitted: [] } }, 'nitrateN', 99)).reduce((sum, mgPerL) => sum + mgPerL, 0)
  const { waterL } = tankFigures(samplePlan)
  expect(together - without).toBeCloseTo((5 * 1000 * (14.007 / 101.1023) + 70) / waterL, 3)
})
test('doses up to a level are not guessed', () =>
  expect(
    doses(uptakeEvents({ ...past, timeline: [{ fromDay: 0, plan: { ...samplePlan, feeding: 'measured-ratio' } }] }, 'nitrateN', 90)),
  ).toEqual([]))
