import { expect, test } from 'vitest'
import { MUCH_MG_PER_L, SENSITIVE_MG_PER_L, TOO_MUCH_MG_PER_L } from '../../gas/limits.js'
import { randomOf } from '../../numeric/random.js'
import type { JournalRecord } from '../../plan/journal.js'
import { reading, pH, kh, colour, glance, judge } from '../../testing/gasLog.js'
import type { GasVerdict } from './judgeGas.js'

test('whatever is logged, no danger is advised', () => {
  const random = randomOf(11, 3)
  const one = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!
  const verdicts = new Set<GasVerdict>()
  for (let round = 0; round < 4000; round++) {
    const records: JournalRecord[] = []
    for (let left = Math.floor(random() * 6); left > 0; left--)
      records.push(
        one([
          () => pH(5 + 4 * random(), one(['gas-on', 'lights-on', 'gas-off', 'degassed'] as const), random() * 300 - 20),
          () => reading('pH', 5 + 4 * random(), random() * 90),
          () => kh(9 * random() ** 2, random() * 900),
          () => colour(1 + Math.floor(5 * random()), random() * 60),
          () => glance(one(['lively', 'hiding', 'gasping', null] as const), random() * 60, one(['blue', 'green', 'yellow', null] as const)),
        ])(),
      )
    const animals = one(['none', 'some', 'sensitive'] as const)
    const judged = judge(
      {
        animals,
        daysWithAnimals: animals === 'none' ? null : one([0, 3, 90]),
        hasTannin: random() < 0.2,
        hasNewSoil: random() < 0.2,
        roomCo2Ppm: one([null, 450, 1200]),
        limitMgPerL: one([null, null, 22]),
        changedOn: one([null, '2026-11-19']),
      },
      records,
    )
    verdicts.add(judged.verdict)
    const levels = judged.evidence.filter(({ moment }) => moment !== 'before-gas')
    const most = animals === 'sensitive' ? SENSITIVE_MG_PER_L : MUCH_MG_PER_L
    if (judged.advice.includes('raise')) {
      expect(levels.every(({ co2 }) => co2.value <= most)).toBe(true)
      expect(levels.some(({ moment, doubts, co2 }) => moment === 'peak' && doubts.length === 0 && co2.value < 20)).toBe(true)
      expect(judged.advice).not.toContain('turn-down')
    }
    if (animals !== 'none' && judged.evidence.some(({ source, co2 }) => source === 'indicator' && co2.high > TOO_MUCH_MG_PER_L))
      expect(judged.severity).toBe('alarm')
    if (animals !== 'none' && judged.verdict === 'enough')
      expect(levels.every(({ co2, doubts }) => doubts.some((doubt) => doubt !== 'lags') || co2.low <= most)).toBe(true)
  }
  expect([...verdicts].sort()).toEqual([
    'dangerous',
    'doubtful',
    'enough',
    'late',
    'much',
    'short',
    'suffering',
    'too-much',
    'unknown',
    'wasted',
  ])
})
