import { describe, expect, test } from 'vitest'
import type { JournalRecord } from '../../plan/journal.js'
import { reading, pH, kh, colour, glance, deaths, gasping, judge } from '../../testing/gasLog.js'
import type { GasFacts } from './facts.js'
import type { GasAdvice, GasVerdict } from './judgeGas.js'

const DAYS = 24

interface Situation {
  readonly name: string
  readonly facts?: Partial<GasFacts>
  readonly records: readonly JournalRecord[]
  readonly verdict: GasVerdict
  readonly says?: readonly GasAdvice[]
  readonly never?: readonly GasAdvice[]
}

// With a GH of 6 and a KH of 4: pH 6.6 is 34 mg/L, 6.7 27, 6.8 21.5, 7.0 13.6, 7.2 8.6.
const SITUATIONS: readonly Situation[] = [
  // Animals overrule every number.
  {
    name: 'a gasping fish and a blue indicator',
    records: [glance('gasping'), colour(1)],
    verdict: 'suffering',
    says: ['card'],
    never: ['raise'],
  },
  {
    name: 'a gasping fish, a yellow indicator, pH and KH that say enough',
    records: [glance('gasping'), colour(5), pH(6.8, 'gas-off'), kh(4)],
    verdict: 'suffering',
    says: ['card'],
  },
  { name: 'gasping seen as a sign yesterday, nothing since', records: [gasping(20)], verdict: 'suffering', says: ['card'] },
  {
    name: 'gasping yesterday, lively an hour ago',
    records: [gasping(20), glance('lively'), pH(6.75, 'gas-off'), kh(4)],
    verdict: 'enough',
    says: ['hold'],
  },
  { name: 'gasping three days ago says nothing of today', records: [gasping(3 * DAYS), pH(6.75, 'gas-off'), kh(4)], verdict: 'enough' },
  {
    name: 'gasping where the plan has no animals',
    facts: { animals: 'none', daysWithAnimals: null },
    records: [glance('gasping')],
    verdict: 'suffering',
    says: ['card'],
  },
  {
    name: 'gasping in a tank without gas',
    facts: { hasGas: false, planned: null, clock: null },
    records: [glance('gasping')],
    verdict: 'suffering',
    says: ['card'],
  },
  { name: 'three dead today', records: [deaths(3), pH(6.75, 'gas-off'), kh(4)], verdict: 'suffering', says: ['card'] },
  { name: 'one dead is no verdict on the gas', records: [deaths(1), pH(6.75, 'gas-off'), kh(4)], verdict: 'enough' },
  // Too much.
  { name: 'a yellow indicator alone', records: [colour(5)], verdict: 'dangerous', says: ['shut-now'] },
  {
    name: 'a yellow indicator while pH and KH say enough',
    records: [colour(5), pH(6.8, 'gas-off'), kh(4)],
    verdict: 'dangerous',
    says: ['shut-now'],
    never: ['raise', 'hold'],
  },
  { name: 'a yellow indicator on a glance', records: [glance('lively', 1, 'yellow')], verdict: 'dangerous', says: ['shut-now'] },
  { name: 'a yellow indicator in the morning: it shows the past', records: [colour(5, 11)], verdict: 'dangerous', says: ['shut-now'] },
  { name: 'yellow at noon yesterday, green at gas-off today', records: [colour(5, 29.5), colour(3)], verdict: 'enough' },
  { name: 'yellow at three today, green at gas-off', records: [colour(5, 4.5), colour(3)], verdict: 'dangerous', says: ['shut-now'] },
  { name: 'yellow-green at gas-off', records: [colour(4)], verdict: 'too-much', says: ['turn-down'] },
  {
    name: 'pH 6.6 at KH 4 with animals: 34, up to 48',
    records: [pH(6.6, 'gas-off'), kh(4)],
    verdict: 'too-much',
    says: ['turn-down'],
    never: ['raise', 'earlier'],
  },
  {
    name: 'pH 6.67 at KH 4: 29, its range reaches over 40',
    records: [pH(6.67, 'gas-off'), kh(4)],
    verdict: 'much',
    says: ['turn-down-little'],
  },
  { name: 'pH 6.2 at KH 4', records: [pH(6.2, 'gas-off'), kh(4)], verdict: 'dangerous', says: ['shut-now'] },
  { name: 'pH 6.2 at KH 4 at no known moment', records: [reading('pH', 6.2, 3), kh(4)], verdict: 'dangerous', says: ['shut-now'] },
  {
    name: 'pH 6.6 at KH 4 where nobody lives',
    facts: { animals: 'none', daysWithAnimals: null },
    records: [pH(6.6, 'gas-off'), kh(4)],
    verdict: 'enough',
    never: ['turn-down', 'turn-down-little'],
  },
  {
    name: 'a yellow indicator where nobody lives',
    facts: { animals: 'none', daysWithAnimals: null },
    records: [colour(5)],
    verdict: 'wasted',
    says: ['less-waste'],
  },
  {
    name: '27 mg/L with shrimps',
    facts: { animals: 'sensitive' },
    records: [pH(6.7, 'gas-off'), kh(4)],
    verdict: 'much',
    says: ['turn-down-little'],
  },
  {
    name: 'a drop of 1.9 in fresh air',
    records: [pH(8, 'degassed'), pH(6.1, 'gas-off')],
    facts: { roomCo2Ppm: 420 },
    verdict: 'too-much',
    says: ['turn-down'],
  },
  {
    name: 'yellow in a tank whose gas was just taken away',
    facts: { hasGas: false, planned: null, clock: null },
    records: [colour(5)],
    verdict: 'dangerous',
    says: ['shut-now'],
  },
  {
    name: 'gas before it opens: the valve leaks or the night is short',
    records: [pH(6.75, 'gas-on'), pH(6.72, 'gas-off'), kh(4)],
    verdict: 'enough',
    says: ['night-gas'],
  },
  {
    name: 'only the plan is known, and it is far too much',
    facts: { planned: { atLightsOn: { low: 40, value: 80, high: 120 }, peak: { low: 65, value: 130, high: 195 } } },
    records: [],
    verdict: 'dangerous',
    says: ['plan-lower'],
  },
  {
    name: 'the plan says far too much, a firm reading enough: what was measured counts',
    facts: { planned: { atLightsOn: { low: 20, value: 40, high: 60 }, peak: { low: 32, value: 65, high: 95 } } },
    records: [pH(6.75, 'gas-off'), kh(4)],
    verdict: 'enough',
  },
  // Doubt never advises more.
  {
    name: 'KH 1: pH 6.4 could be anything',
    records: [pH(6.4, 'gas-off'), kh(1)],
    verdict: 'doubtful',
    says: ['measure-kh-double', 'measure-drop'],
    never: ['raise', 'earlier'],
  },
  {
    name: 'KH 1 and a blue indicator',
    records: [pH(6.9, 'lights-on'), pH(6.8, 'gas-off'), kh(1), colour(1)],
    verdict: 'short',
    says: ['raise'],
  },
  {
    name: 'KH 1, pH 5.2: even its low end is too much',
    records: [pH(5.2, 'gas-off'), kh(1)],
    verdict: 'dangerous',
    says: ['shut-now', 'measure-kh-double'],
    never: ['raise'],
  },
  {
    name: 'new soil: acids of its own',
    facts: { hasNewSoil: true },
    records: [pH(7.1, 'gas-off'), kh(3, 3)],
    verdict: 'doubtful',
    says: ['measure-drop'],
    never: ['raise'],
  },
  {
    name: 'staining wood',
    facts: { hasTannin: true },
    records: [pH(7.1, 'gas-off'), kh(4)],
    verdict: 'doubtful',
    says: ['measure-drop'],
    never: ['raise'],
  },
  {
    name: 'KH of three weeks ago',
    records: [pH(7.2, 'gas-off'), kh(4, 21 * DAYS)],
    verdict: 'doubtful',
    says: ['measure-kh'],
    never: ['raise'],
  },
  {
    name: 'KH of last year is none',
    records: [pH(7.2, 'gas-off'), kh(4, 300 * DAYS)],
    verdict: 'unknown',
    says: ['measure-kh'],
    never: ['raise'],
  },
  {
    name: 'readings of tomorrow have not happened',
    records: [pH(7.2, 'gas-off', -20), kh(4, -20)],
    verdict: 'unknown',
    says: ['measure-ph'],
  },
  {
    name: 'pH of last week',
    records: [pH(7.2, 'gas-off', 7 * DAYS), kh(4)],
    verdict: 'short',
    says: ['measure-again'],
    never: ['raise'],
  },
  { name: 'pH of three weeks ago is forgotten', records: [pH(6.2, 'gas-off', 21 * DAYS), kh(4, 21 * DAYS)], verdict: 'unknown' },
  {
    name: 'the valve was set since',
    facts: { changedOn: '2026-11-20' },
    records: [pH(7.2, 'gas-off', 25), kh(4)],
    verdict: 'doubtful',
    says: ['measure-again'],
    never: ['raise'],
  },
  {
    name: 'a drop in a room whose air nobody measured',
    facts: { roomCo2Ppm: null },
    records: [pH(7.6, 'degassed'), pH(6.9, 'gas-off')],
    verdict: 'doubtful',
    says: ['measure-room'],
    never: ['raise'],
  },
  {
    name: 'pH and indicator apart: low by pH, much by colour',
    records: [pH(7.2, 'gas-off'), kh(4), colour(4)],
    verdict: 'too-much',
    never: ['raise'],
  },
  { name: 'nothing measured', records: [], verdict: 'unknown', says: ['measure-ph'], never: ['raise'] },
  {
    name: 'a blue indicator when the lights come on shows the night',
    records: [colour(1, 7.5)],
    verdict: 'doubtful',
    says: ['measure-peak'],
    never: ['raise'],
  },
  {
    name: 'readings that contradict each other',
    records: [pH(9.8, 'gas-off'), kh(0.2)],
    verdict: 'doubtful',
    says: ['measure-kh-double'],
    never: ['raise'],
  },
  // Too little.
  {
    name: 'short, while nitrite troubles the animals',
    facts: { hasNitrogenTrouble: true },
    records: [pH(7.3, 'lights-on'), pH(7.2, 'gas-off'), kh(4)],
    verdict: 'short',
    says: ['nitrogen-first'],
    never: ['raise', 'earlier'],
  },
  {
    name: 'short, with ammonia in the water and no animals in it',
    facts: { hasNitrogenTrouble: true, animals: 'none', daysWithAnimals: null },
    records: [pH(7.3, 'lights-on'), pH(7.2, 'gas-off'), kh(4)],
    verdict: 'short',
    says: ['raise'],
    never: ['nitrogen-first'],
  },
  { name: 'short from morning to evening', records: [pH(7.3, 'lights-on'), pH(7.2, 'gas-off'), kh(4)], verdict: 'short', says: ['raise'] },
  {
    name: 'short, though the plan gives plenty: look at the line first',
    facts: { planned: { atLightsOn: { low: 20, value: 25, high: 30 }, peak: { low: 25, value: 29, high: 34 } } },
    records: [pH(7.3, 'gas-off'), kh(4)],
    verdict: 'short',
    says: ['check-line'],
  },
  {
    name: 'enough at the peak, short at lights-on: earlier, not more',
    records: [pH(7.3, 'lights-on'), pH(6.72, 'gas-off'), kh(4)],
    verdict: 'late',
    says: ['earlier'],
    never: ['raise'],
  },
  {
    name: 'short at lights-on, the peak not measured',
    records: [pH(7.3, 'lights-on'), kh(4)],
    verdict: 'late',
    says: ['measure-peak'],
    never: ['raise', 'earlier'],
  },
  {
    name: 'a controller shuts at 18',
    facts: { limitMgPerL: 18 },
    records: [pH(7.1, 'gas-off'), kh(4)],
    verdict: 'short',
    says: ['controller-shuts'],
    never: ['raise'],
  },
  {
    name: 'short in the first week with animals',
    facts: { daysWithAnimals: 1 },
    records: [pH(7.3, 'gas-off'), kh(4)],
    verdict: 'short',
    says: ['first-week'],
    never: ['raise'],
  },
  {
    name: '15 mg/L is enough on the first day with animals',
    facts: { daysWithAnimals: 0 },
    records: [pH(6.95, 'gas-off'), kh(4)],
    verdict: 'enough',
    says: ['first-week'],
    never: ['raise'],
  },
  {
    name: '27 mg/L on the first day with animals',
    facts: { daysWithAnimals: 0 },
    records: [pH(6.7, 'gas-off'), kh(4)],
    verdict: 'much',
    says: ['first-week', 'turn-down-little'],
    never: ['raise', 'hold'],
  },
  {
    name: 'blue-green at gas-off, with shrimps: 17 of the 15 to 25 that they bear',
    facts: { animals: 'sensitive' },
    records: [colour(2)],
    verdict: 'short',
    never: ['turn-down'],
  },
  { name: 'a blue indicator at gas-off', records: [colour(1)], verdict: 'short', says: ['raise'] },
  {
    name: 'a blue indicator in a tank without gas is as it should be',
    facts: { hasGas: false, planned: null, clock: null },
    records: [colour(1)],
    verdict: 'no-gas',
    says: ['hold'],
    never: ['raise'],
  },
  // Enough.
  { name: 'green at gas-off', records: [colour(3)], verdict: 'enough', says: ['hold'] },
  { name: 'pH 6.7 at KH 4 and green agree', records: [pH(6.72, 'gas-off'), kh(4), colour(3)], verdict: 'enough', says: ['hold'] },
  {
    name: 'lights-on alone, where animals live, is not yet enough',
    records: [pH(6.8, 'lights-on'), kh(4)],
    verdict: 'doubtful',
    says: ['measure-peak'],
    never: ['raise'],
  },
  { name: 'a reading without a moment, taken at gas-off', records: [reading('pH', 6.75, 0.6), kh(4)], verdict: 'enough' },
]

describe('gas situations', () => {
  test.each(SITUATIONS)('$name', ({ facts = {}, records, verdict, says = [], never = [] }) => {
    const judged = judge(facts, records)
    expect(
      judged.verdict,
      JSON.stringify(judged.evidence.map(({ source, moment, co2, doubts }) => ({ source, moment, co2, doubts }))),
    ).toBe(verdict)
    for (const code of says) expect(judged.advice).toContain(code)
    for (const code of never) expect(judged.advice).not.toContain(code)
    expect(judged.advice.length).toBeGreaterThan(0)
  })
})

test('KH 4, pH 6.6 in water of 6 °dGH is about 34 mg/L', () => {
  const [piece] = judge({}, [pH(6.6, 'gas-off'), kh(4)]).evidence
  expect(piece!.co2.value).toBeGreaterThan(33)
  expect(piece!.co2.value).toBeLessThan(35)
})
