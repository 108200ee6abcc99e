import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { compile } from '../ecosystem/compile.js'
import { commonAnswers } from '../plan/answers.js'
import { UNKNOWN_SOURCE, type WaterSource } from '../plan/planWater.js'
import type { Plan } from '../plan/plan.js'
import { MEQ_PER_DKH, MMOL_PER_DGH } from '../quantity/physicalConstants.js'
import { anyPlan } from '../testing/anyPlan.js'
import { samplePlan } from '../testing/samplePlan.js'
import { ionConductivityUsPerCm } from './conductivity.js'
import { mixDisinfectant, mixOf, withShare } from './mixOf.js'
import { mineralsFor } from './changeCard.js'
import { nearestPurified } from './nearestPurified.js'
import { newWater, toldNewWater } from './newWater.js'
import { reportMeans } from './reports.js'
import { tapOf } from './tapOf.js'

const source = (part: Partial<WaterSource>): WaterSource => ({ ...UNKNOWN_SOURCE, id: 'a', ...part })
const plan = (part: Partial<Plan>): Plan => ({ ...samplePlan, ...part })
const purified = (share: number): Plan['logistics'] => ({ ...samplePlan.logistics, purifiedFraction: share })

describe('a mix', () => {
  const hard = source({ id: 'hard', calciumMgPerL: 80, magnesiumMgPerL: 12, alkalinityMeqPerL: 4, nitrateMgNPerL: 6, part: 1 })
  const soft = source({ id: 'soft', kind: 'well', calciumMgPerL: 20, magnesiumMgPerL: 3, alkalinityMeqPerL: 1, nitrateMgNPerL: 0, part: 3 })

  test('is linear in what its waters hold', () => {
    const { blend } = newWater(plan({ sources: [hard, soft], logistics: purified(0.5) }))
    // By hand: half purified, an eighth hard, three eighths soft.
    expect(blend.calciumMgPerL).toBeCloseTo(80 / 8 + (20 * 3) / 8, 9)
    expect(blend.alkalinityMeqPerL).toBeCloseTo(4 / 8 + 3 / 8, 9)
    expect(blend.nitrateMgNPerL).toBeCloseTo(6 / 8, 9)
  })
  test('of any plan: shares make one, nothing is negative, and the forecast gets what the card weighs', () => {
    fc.assert(
      fc.property(anyPlan, (any) => {
        const mix = mixOf(any)
        expect(mix.sources.reduce((sum, { share }) => sum + share, mix.purified)).toBeCloseTo(1, 9)
        const { mineralised, blend } = newWater(any)
        for (const value of Object.values(mineralised)) expect(value).toBeGreaterThanOrEqual(0)
        expect(mineralised.hardnessMmolPerL).toBeGreaterThanOrEqual(blend.hardnessMmolPerL - 1e-9)
        const tap = tapOf(any, commonAnswers())
        if (any.water.minerals.length > 0) expect(tap.calciumMgPerL).toBeCloseTo(mineralised.calciumMgPerL, 9)
        for (const { grams } of mineralsFor(any, 50)) expect(grams).toBeGreaterThan(0)
      }),
      { numRuns: 300, seed: 20_261_202 },
    )
  })
  test('a share that is moved leaves the others in proportion', () => {
    const three = [hard, soft, source({ id: 'rain', kind: 'rain', part: 1 })]
    const moved = withShare(three, 'rain', 0.6)
    expect(moved.map(({ part }) => part)).toEqual([0.4 / 4, (0.4 * 3) / 4, 0.6].map((part): unknown => expect.closeTo(part, 9)))
    expect(withShare([hard], 'hard', 0.3)[0]!.part).toBe(0.3)
  })
  test('chlorine is the worst that comes with any of it; what a barrel holds has none', () => {
    const rain = source({ id: 'rain', kind: 'rain' })
    expect(mixDisinfectant(plan({ sources: [rain] }))).toBe('none')
    expect(mixDisinfectant(plan({ sources: [rain, { ...hard, disinfectant: 'chlorine' }] }))).toBe('chlorine')
    expect(mixDisinfectant(plan({ sources: [{ ...hard, disinfectant: 'chlorine' }, soft, hard] }))).toBe('unknown')
    expect(mixDisinfectant(plan({ sources: [{ ...hard, part: 0, disinfectant: 'chloramine' }, soft] }))).toBe('none')
    expect(mixDisinfectant(plan({ sources: [hard], logistics: purified(1) }))).toBe('none')
  })
  test('softened water brings sodium for what it lost, rain brings next to nothing', () => {
    const softened = newWater(plan({ sources: [source({ kind: 'softened', alkalinityMeqPerL: 4 })] })).blend
    expect(softened.hardnessMmolPerL).toBeLessThan(0.2)
    expect(softened.sodiumMgPerL).toBeGreaterThan(80)
    const rain = newWater(plan({ sources: [source({ kind: 'rain' })] })).blend
    expect(rain.alkalinityMeqPerL).toBeLessThan(0.1)
    expect(rain.conductivityUsPerCm).toBeLessThan(30)
  })
  test('conductivity is near what laboratories find, and mixes', () => {
    // 0.01 mol/L KCl stands for chloride waters: 1413 µS/cm at 25 °C (APHA Standard Methods 2510).
    const potassium = {
      calciumMgPerL: 0,
      magnesiumMgPerL: 0,
      sodiumMgPerL: 0,
      potassiumMgPerL: 390.98,
      nitrateMgNPerL: 0,
      alkalinityMeqPerL: 0,
    }
    expect(ionConductivityUsPerCm(potassium) / 1413).toBeGreaterThan(0.95)
    expect(ionConductivityUsPerCm(potassium) / 1413).toBeLessThan(1.05)
    const measured = newWater(plan({ sources: [source({ conductivityUsPerCm: 600 })], logistics: purified(0.5) })).blend
    expect(measured.conductivityUsPerCm).toBeCloseTo(300, 6)
  })
  test('what nobody told of a water that is used is not told of the mix', () => {
    expect(toldNewWater(plan({ sources: [hard, soft] })).alkalinityMeqPerL).toBeCloseTo(1.75, 9)
    expect(toldNewWater(plan({ sources: [hard, source({ part: 1 })] })).alkalinityMeqPerL).toBeNull()
    expect(toldNewWater(plan({ sources: [hard, source({ part: 0 })] })).alkalinityMeqPerL).toBe(4)
    expect(toldNewWater(plan({ sources: [] })).hardnessMmolPerL).toBeNull()
  })
})

describe('minerals', () => {
  const wants = (part: Partial<Plan['water']>, share = 1): Plan =>
    plan({ logistics: purified(share), water: { ...samplePlan.water, ...part } })

  test('bring purified water to GH 4, KH 2 and Ca : Mg 3 exactly', () => {
    const { mineralised, recipe } = newWater(
      wants({
        hardnessMmolPerL: 4 * MMOL_PER_DGH,
        caMgMassRatio: 3,
        alkalinityMeqPerL: 2 * MEQ_PER_DKH,
        minerals: ['calcium-sulfate-dihydrate', 'magnesium-sulfate-heptahydrate', 'potassium-bicarbonate'],
      }),
    )
    expect(recipe?.status).toBe('exact')
    expect(mineralised.hardnessMmolPerL / MMOL_PER_DGH).toBeCloseTo(4, 6)
    expect(mineralised.alkalinityMeqPerL / MEQ_PER_DKH).toBeCloseTo(2, 6)
    expect(mineralised.calciumMgPerL / mineralised.magnesiumMgPerL).toBeCloseTo(3, 6)
    expect(mineralised.potassiumMgPerL).toBeCloseTo(2 * MEQ_PER_DKH * 39.0983, 2)
  })
  test('are none where the water has enough, and never take anything out', () => {
    const hard = wants({ hardnessMmolPerL: 0.5, minerals: ['calcium-sulfate-dihydrate'] }, 0)
    expect(newWater(hard).gramsPerL).toEqual({})
    const onlyKh = newWater(wants({ hardnessMmolPerL: 0.5, alkalinityMeqPerL: 3, minerals: ['potassium-bicarbonate'] }, 0))
    expect(onlyKh.mineralised.alkalinityMeqPerL).toBeCloseTo(3, 3)
    expect(onlyKh.mineralised.hardnessMmolPerL).toBeCloseTo(onlyKh.blend.hardnessMmolPerL, 6)
  })
  test('the purified share that comes nearest to what is wanted: one aim is met, two are met half way', () => {
    const hard = wants({ hardnessMmolPerL: 0.3 }, 0)
    const rest = newWater(hard).blend
    const one = nearestPurified(hard)!
    expect(one.purified).toBeCloseTo(1 - 0.3 / rest.hardnessMmolPerL, 4)
    expect(one.hardnessMmolPerL).toBeCloseTo(0.3, 4)
    const two = nearestPurified(wants({ hardnessMmolPerL: 0.3, alkalinityMeqPerL: rest.alkalinityMeqPerL }, 0))!
    expect(two.hardnessMmolPerL).toBeGreaterThan(0.3)
    expect(two.alkalinityMeqPerL).toBeLessThan(rest.alkalinityMeqPerL)
    expect(nearestPurified(wants({}, 0))).toBeNull()
    // Nothing makes soft water harder.
    expect(nearestPurified(wants({ hardnessMmolPerL: 9 }, 0))?.purified).toBeCloseTo(0, 6)
  })
  test('salts without an aim go to GH 4; nothing told of purified water counts as given back, an aim without salts does not', () => {
    const tap = (water: Partial<Plan['water']>) => tapOf(wants(water), commonAnswers())
    expect(
      newWater(wants({ minerals: ['calcium-sulfate-dihydrate', 'magnesium-sulfate-heptahydrate'] })).mineralised.hardnessMmolPerL,
    ).toBeCloseTo(4 * MMOL_PER_DGH, 6)
    expect(tap({}).calciumMgPerL).toBeGreaterThan(15)
    expect(tap({ hardnessMmolPerL: 1 }).calciumMgPerL).toBe(0)
  })
  test('the forecast changes water with every source, not with the first alone', () => {
    const two = plan({
      sources: [source({ id: 'a', nitrateMgNPerL: 10, part: 1 }), source({ id: 'b', nitrateMgNPerL: 0, part: 1 })],
    })
    const { forcing } = compile({ timeline: [{ fromDay: 0, plan: two }], days: 8, stepMin: 60 })
    const change = forcing.events.find(({ event }) => event.kind === 'change')?.event
    expect(change?.kind === 'change' ? change.tap.nitrateMgNPerL : NaN).toBeCloseTo(5, 9)
  })
})

test('a year of reports: its mean and its ends, older ones forgotten', () => {
  const report = (on: string, hardnessMmolPerL: number | null) => ({
    id: on,
    on,
    hardnessMmolPerL,
    alkalinityMeqPerL: null,
    nitrateMgNPerL: null,
    conductivityUsPerCm: null,
    temperatureC: null,
  })
  const means = reportMeans([report('2026-10-01', 1), report('2026-04-01', 2), report('2026-01-01', null), report('2024-01-01', 9)])
  expect(means.hardnessMmolPerL).toEqual({ low: 1, mean: 1.5, high: 2, count: 2 })
  expect(means.nitrateMgNPerL).toBeNull()
})
