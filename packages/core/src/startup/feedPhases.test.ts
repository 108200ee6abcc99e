import { describe, expect, test } from 'vitest'
import type { FeedPhase } from '../plan/planFeed.js'
import type { Plan } from '../plan/plan.js'
import { samplePlan } from '../testing/samplePlan.js'
import { feedPhasesOf, proposedPhases } from './feedPhases.js'

let next = 0
const newId = (prefix: string): string => `${prefix}${next++}`
const phase = (part: Partial<FeedPhase>): FeedPhase => ({
  ...{ id: newId('f'), sign: null, fromDay: null, seenOn: null, nitrogenPhosphorusFraction: 1, restFraction: 1 },
  ...part,
})
const withPhases = (...phases: FeedPhase[]): Plan => ({ ...samplePlan, feed: { ...samplePlan.feed, phases } })

describe('phases of feeding', () => {
  test('the proposal as phases of one’s own says the same, day by day', () => {
    for (const layers of [samplePlan.layers, [{ ...samplePlan.layers[0]!, ground: 'sand' as const }]]) {
      const plan = { ...samplePlan, layers }
      const own = { ...plan, feed: { ...plan.feed, phases: proposedPhases(plan, newId) } }
      const shareOn = (of: Plan, day: number) => feedPhasesOf(of).find(({ fromDay, toDay }) => day >= fromDay && day < toDay)?.share
      for (let day = 0; day < 80; day++) expect(shareOn(own, day), `day ${day}`).toEqual(shareOn(plan, day))
    }
  })
  test('one that waits for a sign begins on the day it was seen, or at the latest on its day', () => {
    const first = phase({ fromDay: 0, nitrogenPhosphorusFraction: 0, restFraction: 0.5 })
    const waiting = phase({ sign: 'pale-new-leaves' })
    expect(feedPhasesOf(withPhases(first, waiting))).toMatchObject([{ code: 'feed-by-signs', fromDay: 0, toDay: Infinity }])
    expect(feedPhasesOf(withPhases(first, { ...waiting, fromDay: 20 }))).toMatchObject([
      { code: 'feed-no-nitrogen', fromDay: 0, toDay: 20 },
      { code: 'feed-full', fromDay: 20, toDay: Infinity },
    ])
    // Started on 1 September.
    expect(feedPhasesOf(withPhases(first, { ...waiting, fromDay: 20, seenOn: '2026-09-10' }))[1]).toMatchObject({ fromDay: 9 })
  })
  test('before the first phase nothing is dosed; shares that differ are told as such', () =>
    expect(feedPhasesOf(withPhases(phase({ fromDay: 10, nitrogenPhosphorusFraction: 0.5 })))).toMatchObject([
      { code: 'feed-none', fromDay: 0, toDay: 10, share: { nitrogenPhosphorus: 0, rest: 0 } },
      { code: 'feed-part', fromDay: 10, toDay: Infinity },
    ]))
  test('nothing is fed where the school feeds nothing', () =>
    expect(feedPhasesOf({ ...withPhases(phase({ fromDay: 0 })), feeding: 'none' })).toEqual([]))
})
