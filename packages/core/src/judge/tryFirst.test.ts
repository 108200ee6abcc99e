import { describe, expect, test } from 'vitest'
import { flagsOf } from '../ecosystem/flags.js'
import { forecastMember, type MemberCache, type MemberResult } from '../ecosystem/forecast.js'
import { applyLevers } from '../ecosystem/levers.js'
import type { Plan } from '../plan/plan.js'
import { samplePlan } from '../testing/samplePlan.js'
import { bestTrials, TRIAL_WEEKS, trialsOf, type MemberTrials, type Trial, type TrialContext, type TrialFacts } from './tryFirst.js'

const MEMBERS = [1, 2, 3, 4, 5, 6, 7, 8]
const QUIET: TrialFacts = { gas: { verdict: 'enough', advice: ['hold'], animals: 'some' }, nitrogen: 'none-seen' }
const bright: Partial<Plan> = { lamps: [{ ...samplePlan.lamps[0]!, watts: 110, dimFraction: 1 }] }

const run = (plan: Plan, trials: readonly Trial[], today = 120): MemberTrials[] =>
  MEMBERS.map((member) => {
    const past: MemberCache = new Map()
    const options = { timeline: [{ fromDay: 0, plan }], today, weeks: TRIAL_WEEKS, seed: 9 }
    const runs = trials.map(({ levers }) => forecastMember({ ...options, levers }, member, past))
    return { member, planned: runs[0]!.planned, changed: runs.map(({ changed, planned }) => changed ?? planned) }
  })
const context = (plan: Plan, part: Partial<TrialContext> = {}): TrialContext => ({
  plan,
  animals: 'some',
  areAlgaeTrouble: true,
  isGrowthPoor: false,
  ...part,
})
const UNINHABITED: TrialFacts = { ...QUIET, gas: { ...QUIET.gas, animals: 'none' } }
const codes = (plan: Plan, facts = QUIET): string[] => trialsOf(plan, facts).map(({ code }) => code)

describe('what is tried', () => {
  test('about a dozen single changes, each a lever of its own', () => {
    const trials = trialsOf(samplePlan, QUIET)
    expect(trials.length).toBeGreaterThanOrEqual(9)
    for (const { levers } of trials) expect(Object.keys(levers)).toHaveLength(1)
    for (const { levers, code } of trials)
      if (levers.massFactor === undefined) expect(applyLevers(samplePlan, levers), code).not.toEqual(samplePlan)
  })
  test('more gas only where the judgement of the gas asks for it, or nobody lives there', () => {
    expect(codes(samplePlan)).not.toContain('gas-more')
    expect(codes(samplePlan)).not.toContain('surface-less')
    expect(codes(samplePlan, { ...QUIET, gas: { verdict: 'short', advice: ['raise'], animals: 'some' } })).toContain('gas-more')
    expect(codes(samplePlan, UNINHABITED)).toContain('gas-more')
    expect(codes({ ...samplePlan, gasLines: [] }, UNINHABITED)).not.toContain('gas-more')
  })
  test('while ammonia or nitrite troubles animals nothing that drives gas out, brings more of it or takes plants away', () => {
    for (const nitrogen of ['trouble', 'harm'] as const) {
      const tried = codes(samplePlan, { ...QUIET, nitrogen })
      for (const code of ['gas-less', 'gas-more', 'surface-more', 'surface-less', 'trim']) expect(tried).not.toContain(code)
      expect(tried).toContain('change-more')
    }
    expect(codes(samplePlan, { ...UNINHABITED, nitrogen: 'harm' })).toContain('surface-more')
  })
})

describe('what is advised', () => {
  test('less light where it outruns the carbon; one click is the lever', () => {
    const plan: Plan = { ...samplePlan, ...bright, gasLines: [] }
    const trials = trialsOf(plan, QUIET)
    const best = bestTrials(trials, run(plan, trials), context(plan))
    expect(best.map(({ code }) => code).some((code) => code === 'dim' || code === 'shorten')).toBe(true)
    expect(best.length).toBeLessThanOrEqual(3)
    for (const { levers, certainty, algaeRatio, waitDays } of best) {
      expect(trials.some((trial) => trial.levers === levers)).toBe(true)
      expect(certainty).toBeGreaterThan(0.6)
      expect(algaeRatio.low).toBeLessThanOrEqual(algaeRatio.high)
      expect(waitDays).toBeGreaterThanOrEqual(10)
    }
  })
  test('a tank that does well is left alone', () => {
    const trials = trialsOf(samplePlan, QUIET)
    expect(bestTrials(trials, run(samplePlan, trials), context(samplePlan, { areAlgaeTrouble: false }))).toEqual([])
  })
  test('nothing that raises a warning, however well it would grow', () => {
    const plan: Plan = { ...samplePlan, gasLines: [{ ...samplePlan.gasLines[0]!, peakMgPerL: 29 }] }
    const trials: Trial[] = [{ code: 'gas-more', levers: { gasFactor: 2 } }]
    const members = run(plan, trials)
    const arms: MemberResult[] = members.map(({ member, planned, changed }) => ({ member, planned, changed: changed[0]! }))
    expect(flagsOf(arms, 'changed', 2, 'some').length).toBeGreaterThan(0)
    expect(bestTrials(trials, members, context(plan, { isGrowthPoor: true }))).toEqual([])
  })
  test('nothing reckoned, nothing said', () => expect(bestTrials(trialsOf(samplePlan, QUIET), [], context(samplePlan))).toEqual([]))
})
