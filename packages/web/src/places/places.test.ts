import { checkPlan, diff, flagsOf, forecastMember, type Lead, leadOf, newPlan, tankFigures } from '@jovrin/core'
import { leadWords, PlanSchema } from '@jovrin/contract'
import { describe, expect, test } from 'vitest'
import { agedTimeline } from '../api/tanks.queries.js'
import { braidWeeks, flagSentence } from './shared/balance.view.js'
import { findingSentence } from './plan/describe/findings.text.js'
import { fedSentence, growthSentence, leadSentence, trendSentence } from './lead.text.js'
import { METRIC } from '../testing/units.js'

const plan = newPlan('x', '2026-09-01', 'UTC')
const units = METRIC
const results = [1, 2, 3, 4].map((member) =>
  forecastMember({ timeline: [{ fromDay: 0, plan }], today: 10, weeks: 2, seed: 1, levers: { gasFactor: 2 } }, member, new Map()),
)

test('a plan in which nothing is known is one that the contract accepts', () => expect(PlanSchema.parse(plan)).toEqual(plan))

describe('lead', () => {
  const lead: Lead = {
    word: 'plants-ahead',
    aheadFraction: 0.8,
    perDay: { low: 0, median: 0.01, high: 0.02 },
    trend: null,
    againstPlan: null,
    wipeDays: { low: 5.6, median: 7, high: 9.2 },
    growth: { share: { low: 0.5, median: 0.62, high: 0.7 }, strand: 'carbon', heldBackBy: 'carbon', isShortEarly: true, hasStopped: false },
    algaeGPerM2: 0.3,
    fedBy: ['ammonia', 'bareness'],
    isYoung: false,
  }
  test('is one sentence in words and days', () =>
    expect(leadSentence(lead)).toBe(
      'Plants ahead; wipe the glass every 6 to 9 days; growth held back by carbon, most of all when the lights come on.',
    ))
  test('growth and algae are two sentences', () => {
    expect(growthSentence(lead.growth)).toBe(
      'Plants grow at 62 % of what this light allows, held back by carbon, most of all when the lights come on.',
    )
    expect(fedSentence(lead)).toBe('Algae are helped by ammonia and few healthy leaves.')
    expect(fedSentence({ ...lead, fedBy: [] })).toBe('')
  })
  test('one number where both ends are the same; at the bound no more than that it is longer', () => {
    expect(leadSentence({ ...lead, wipeDays: { low: 9, median: 9, high: 9 } })).toContain('about every 9 days')
    expect(leadSentence({ ...lead, wipeDays: { low: 21, median: 21, high: 21 } })).toContain(leadWords.wipeSeldom)
    expect(leadSentence({ ...lead, wipeDays: { low: 9, median: 15, high: 21 } })).toContain(leadWords.wipeFrom('9'))
  })
  test('the trend has three words and is silent in the first week', () => {
    const trend = (median: number): string | null => trendSentence({ ...lead, trend: { low: 0, median, high: 0 } })
    expect([trendSentence(lead), trend(0.01), trend(-0.01), trend(0)]).toEqual([
      null,
      leadWords.trendUp,
      leadWords.trendDown,
      leadWords.trendFlat,
    ])
  })
  test('comes out of an ensemble whole', () =>
    expect(leadSentence(leadOf(results, 'planned', 0, 10))).toMatch(/^[A-Z].*; wipe the glass .*; growth held back by .*\.$/))
})

describe('balance', () => {
  test('has a week of strands for each week asked for', () =>
    expect(braidWeeks(results, 'changed', 2).map(({ strands }) => Object.keys(strands).length)).toEqual([5, 5]))
  test('twice the gas raises an alarm with animals, and says nothing of them without', () => {
    const sentences = (animals: 'some' | 'none'): string[] => flagsOf(results, 'changed', 1, animals).map(flagSentence)
    expect(sentences('some')[0]).toMatch(/^▲ CO2 may peak at \d+ mg\/L/)
    expect(sentences('none').join(' ')).not.toMatch(/animals should|too much for animals|kills/)
  })
})

test('every finding has a sentence without gaps', () => {
  const odd = {
    ...plan,
    patches: [{ ...plan.patches[1]!, footFraction: 0.2 }],
    gasLines: [],
    layers: [{ id: 'g', ground: 'rich-soil' as const, frontCm: 1, backCm: 2, product: null }],
    lamps: [{ ...plan.lamps[0]!, watts: 90 }],
    sources: [{ ...plan.sources[0]!, alkalinityMeqPerL: 4 }],
  }
  const sentences = [
    odd,
    { ...plan, patches: [], lamps: [] },
    { ...plan, layers: [{ id: 'g', ground: 'sand' as const, frontCm: 90, backCm: 90, product: null }] },
  ].flatMap((one) => checkPlan(one, tankFigures(one)).map((finding) => findingSentence(finding, units)))
  expect(sentences.length).toBeGreaterThan(6)
  for (const sentence of sentences) expect(sentence).toMatch(/^[A-Z0-9].*\.$/)
  for (const sentence of sentences) expect(sentence).not.toMatch(/undefined|NaN/)
})

test('a timeline is told in days of the tank’s age; a tank of tomorrow is looked at from its first day', () => {
  const later = { ...plan, temperatureC: 26 }
  expect(
    agedTimeline({
      today: '2026-09-21',
      deeds: { acts: [], omitted: [] },
      animalsAllowedFromDay: null,
      lightPutOff: [],
      startedOn: '2026-09-01',
      plan,
      changes: [{ from: '2026-09-11', edits: diff(plan, later) }],
    }),
  ).toMatchObject({
    today: 20,
    settings: [
      { fromDay: 0, plan },
      { fromDay: 10, plan: later },
    ],
  })
  expect(
    agedTimeline({
      today: '2026-08-01',
      deeds: { acts: [], omitted: [] },
      animalsAllowedFromDay: null,
      lightPutOff: [],
      startedOn: '2026-09-01',
      plan,
      changes: [],
    }).today,
  ).toBe(0)
})
