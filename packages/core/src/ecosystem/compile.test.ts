import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { Plan } from '../plan/plan.js'
import { tries } from '../testing/properties.js'
import { anyPlan } from '../testing/anyPlan.js'
import { samplePlan } from '../testing/samplePlan.js'
import { stocked } from '../testing/stocked.js'
import { dkhOfAlkalinity } from '../water/carbonate.js'
import { bandOf, changeBand, leadOf } from './balance.js'
import { compile } from './compile.js'
import { DAY, DAY_STRIDE } from './daySeries.js'
import { drawParameters } from './drawParameters.js'
import { checkPlan } from '../safety/checkPlan.js'
import { checkTank } from '../safety/checkTank.js'
import { flagsOf } from './flags.js'
import { weekColumn } from './weekSummary.js'
import { forecastMember, leveredTimeline, type MemberCache } from './forecast.js'
import { applyLevers } from './levers.js'
import { DEFAULT_PARAMETERS } from './parameters.js'
import { simulate, type Run } from './simulate.js'
import { GROUND, NUTRIENT_COUNT, RESERVOIR, STATE_SIZE } from './state.js'
import { tankFigures } from './tankFigures.js'

const run = (plan: Plan, days: number, options: { draw?: { seed: number; member: number }; curveDays?: number[] } = {}): Run => {
  const compiled = compile({ timeline: [{ fromDay: 0, plan }], days, stepMin: 30, draw: options.draw ?? null })
  return simulate({
    forcing: compiled.forcing,
    parameters: options.draw ? drawParameters(options.draw.seed, options.draw.member) : DEFAULT_PARAMETERS,
    startState: compiled.startState,
    days,
    curveDays: options.curveDays ?? [],
  })
}
const daily = ({ rows, days }: Run, column: number): number[] => Array.from({ length: days }, (_, day) => rows[day * DAY_STRIDE + column]!)

test('any plan that the contract accepts gives finite, non-negative series that balance', () =>
  fc.assert(
    fc.property(anyPlan, fc.integer({ min: 1, max: 99 }), (plan, member) => {
      const result = run(plan, 30, { draw: { seed: 7, member } })
      expect(result.outcome).toBe('reached-end')
      for (const value of result.rows) expect(Number.isFinite(value)).toBe(true)
      for (let slot = 0; slot < STATE_SIZE; slot++) expect(result.endState[slot], `slot ${slot}`).toBeGreaterThanOrEqual(0)
      for (const error of result.balanceError) expect(error).toBeLessThan(1e-9)
    }),
    { numRuns: tries(120), endOnFailure: true }, // a run takes long; shrinking would take minutes,
  ))

test('a film of water over deep ground: what leaves took, the ground cannot take as well', () => {
  const film: Plan = {
    ...samplePlan,
    vessel: { ...samplePlan.vessel, lengthCm: 95, widthCm: null, heightCm: 10, glassCm: 0.23, freeboardCm: 100 },
    layers: [{ id: 'g', ground: 'carbonate-sand', frontCm: 0, backCm: 100, product: null }],
    hardscape: [],
    lamps: [],
    patches: [{ id: 'p', kind: 'stems', footFraction: null, density: 'half', pots: null }],
    feeding: 'lean-column',
    flow: { ...samplePlan.flow, hasSkimmer: true, turnoverPerH: 40 },
  }
  for (const error of run(film, 30, { draw: { seed: 7, member: 2 } }).balanceError) expect(error).toBeLessThan(1e-9)
})

test('from a grain of ground roots take no more than it holds', () => {
  const { forcing, startState } = compile({ timeline: [{ fromDay: 0, plan: samplePlan }], days: 3, stepMin: 30, draw: null })
  for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++) {
    startState[GROUND + nutrient] = 1e-13
    startState[RESERVOIR + nutrient] = 0
  }
  const grain = { ...forcing, site: { ...forcing.site, poreL: 1e-12 } }
  const { balanceError } = simulate({ forcing: grain, parameters: DEFAULT_PARAMETERS, startState, days: 3 })
  for (const error of balanceError) expect(error).toBeLessThan(1e-13)
})

test('two thousand shrimps in a dark jar eat no more algae than there are', () => {
  const jar: Plan = {
    ...samplePlan,
    vessel: { ...samplePlan.vessel, lengthCm: null, widthCm: 10, heightCm: 78.6, glassCm: 6 },
    layers: [],
    hardscape: [],
    lamps: [],
    patches: [],
    feeding: 'none',
    changes: { ...samplePlan.changes, fraction: 0 },
    animals: stocked({ foodGPerDay: 0, grazers: 2000, grazersFromDay: 5, fishFromDay: 55 }),
  }
  for (const error of run(jar, 30, { draw: { seed: 7, member: 77 } }).balanceError) expect(error).toBeLessThan(1e-9)
})

test('two thousand bunches in a jar are dark, not an end of the sums', () => {
  const jar = {
    ...samplePlan,
    vessel: { ...samplePlan.vessel, lengthCm: 10, widthCm: 10 },
    layers: [],
    hardscape: [],
    patches: [{ id: 'p', kind: 'stems' as const, footFraction: 0.35, density: null, pots: 1962 }],
  }
  const result = run(jar, 5)
  expect(result.outcome).toBe('reached-end')
  for (const value of result.rows) expect(Number.isFinite(value)).toBe(true)
})

test('the same question gives the same answer, bit for bit', () =>
  expect(run(samplePlan, 21, { draw: { seed: 3, member: 5 } }).rows).toEqual(run(samplePlan, 21, { draw: { seed: 3, member: 5 } }).rows))

test('stopping at a day and going on from its state is one run', () => {
  const compiled = compile({ timeline: [{ fromDay: 0, plan: samplePlan }], days: 40, stepMin: 30 })
  const whole = simulate({ ...compiled, parameters: DEFAULT_PARAMETERS, days: 40 })
  const first = simulate({ ...compiled, parameters: DEFAULT_PARAMETERS, days: 17 })
  const second = simulate({ ...compiled, parameters: DEFAULT_PARAMETERS, startState: first.endState, fromDay: 17, days: 23 })
  expect(second.endState).toEqual(whole.endState)
})

describe('the known misfits that are mended', () => {
  test('active soil: with 4 dKH tap and one half change a week, KH stays at 0–2 for two to six months', () => {
    const plan: Plan = {
      ...samplePlan,
      sources: [{ ...samplePlan.sources[0]!, alkalinityMeqPerL: 4 * 0.35665 }],
      changes: { fraction: 0.5, everyDays: 7, firstWeeks: 'same' },
    }
    const kh = daily(run(plan, 240), DAY.alkalinity).map(dkhOfAlkalinity)
    const firstSoft = kh.findIndex((value) => value <= 2)
    const firstHardAgain = kh.findIndex((value, day) => day > firstSoft + 7 && value > 2)
    expect(firstSoft).toBeLessThanOrEqual(7)
    expect(firstHardAgain === -1 ? 240 : firstHardAgain).toBeGreaterThanOrEqual(60)
    expect(firstHardAgain === -1 ? 240 : firstHardAgain).toBeLessThanOrEqual(183)
  })
  test('a timer has no limit, a controller has one', () => {
    const withGas = (part: Partial<Plan['gasLines'][number]>): number =>
      Math.max(...daily(run({ ...samplePlan, gasLines: [{ ...samplePlan.gasLines[0]!, bubblesPerS: 9, ...part }] }, 14), DAY.co2Max))
    expect(withGas({ control: 'timer' })).toBeGreaterThan(60)
    expect(withGas({ control: 'controller', limitMgPerL: 30 })).toBeLessThanOrEqual(30.5)
  })
  test('the same bubbles under twice the pressure hold more gas', () => {
    const rate = (linePressureBar: number): number =>
      tankFigures({ ...samplePlan, gasLines: [{ ...samplePlan.gasLines[0]!, bubblesPerS: 2, bubbleMl: 0.07, linePressureBar }] }).gasMgPerH
    expect(rate(1)).toBeCloseTo(2 * rate(0), 6)
  })
  test('light over midnight is light: the same day shifted by twelve hours grows as much', () => {
    const grown = (on: string): number =>
      daily(run({ ...samplePlan, lightWindows: [{ id: 't1', on, hours: 8, rampMin: 30 }] }, 42), DAY.biomassG + 1).at(-1)!
    expect(grown('21:00') / grown('09:00')).toBeGreaterThan(0.9)
    expect(grown('21:00') / grown('09:00')).toBeLessThan(1.1)
  })
  test('no ground, and kinds that are absent, are left out', () => {
    const bare = run({ ...samplePlan, layers: [], patches: [samplePlan.patches[1]!] }, 28)
    expect(bare.outcome).toBe('reached-end')
    expect(daily(bare, DAY.rootN).every((value) => value === 0)).toBe(true)
    expect(daily(bare, DAY.biomassG + 5).every((value) => value === 0)).toBe(true)
  })
})

describe('gas by default', () => {
  test('is solved so that the day’s peak comes to what animals bear; shown as bubbles', () => {
    for (const surface of ['still', 'ripple', 'strong'] as const) {
      const bare: Plan = { ...samplePlan, patches: [], flow: { ...samplePlan.flow, surface } }
      const figures = tankFigures(bare)
      expect(figures.gasLevels.peak).toBeCloseTo(30, 6)
      expect(figures.bubblesPerS).toBeGreaterThan(0)
      // What ground and filter give off comes on top, what the surface film keeps back too.
      const ofModel = (plan: Plan): number => daily(run(plan, 21), DAY.co2Max).at(-1)!
      expect(ofModel(bare)).toBeGreaterThan(28)
      expect(ofModel(bare)).toBeLessThan(32)
      expect(ofModel({ ...bare, patches: samplePlan.patches })).toBeLessThan(ofModel(bare))
    }
  })
})

test('how gas goes in decides how much of it stays: half from a stone, nearly all from a reactor', () => {
  const peak = (diffuser: Plan['gasLines'][number]['diffuser']): number =>
    tankFigures({ ...samplePlan, gasLines: [{ ...samplePlan.gasLines[0]!, bubblesPerS: 2, diffuser }] }).gasLevels.peak
  expect(peak('in-tank')).toBeLessThan(peak('in-line'))
  expect(peak('in-line')).toBeLessThan(peak('reactor'))
  const tuned = (diffuser: Plan['gasLines'][number]['diffuser']): number =>
    tankFigures({ ...samplePlan, gasLines: [{ ...samplePlan.gasLines[0]!, diffuser }] }).gasMgPerH
  expect(tuned('in-tank') / tuned('reactor')).toBeCloseTo(0.9 / 0.5, 6)
})

test('turning the gas down never makes the warning worse, whether bubbles were counted or not', () => {
  const counted = { bubblesPerS: 4, bubbleMl: null, linePressureBar: null }
  const grades = ['', 'co2-much', 'co2-too-much', 'co2-dangerous']
  const members = [1, 2, 3, 4, 5, 6]
  for (const part of [{}, counted, { peakMgPerL: 45 }, { diffuser: 'reactor' as const, ...counted }]) {
    const plan: Plan = { ...samplePlan, gasLines: [{ ...samplePlan.gasLines[0]!, ...part }] }
    const peakAt = (gasFactor: number | undefined) =>
      members.map((member) => {
        const levers = gasFactor === undefined ? {} : { gasFactor }
        return forecastMember({ timeline: [{ fromDay: 0, plan }], today: 0, weeks: 1, seed: 5, levers }, member, new Map())
      })
    const gradeAt = (gasFactor: number | undefined): number =>
      Math.max(
        ...flagsOf(peakAt(gasFactor), gasFactor === undefined ? 'planned' : 'changed', 0, 'some').map(({ code }) => grades.indexOf(code)),
        0,
      )
    const steps = [1.6, 1.2, undefined, 0.98, 0.7, 0.4, 0].map(gradeAt)
    steps.slice(1).forEach((grade, index) => expect(grade, JSON.stringify({ part, steps })).toBeLessThanOrEqual(steps[index]!))
    // A touch moves every tank by its own ratio, none by a jump.
    const [before, after] = [peakAt(undefined), peakAt(0.98)]
    before.forEach(({ planned }, index) => {
      const peak = (weeks: Float64Array): number => weeks[weekColumn('co2Max')]!
      const ratio = peak(after[index]!.changed!.weeks) / peak(planned.weeks)
      expect(ratio).toBeGreaterThan(0.95)
      expect(ratio).toBeLessThan(1)
    })
  }
})

describe('levers', () => {
  const timeline = [{ fromDay: 0, plan: samplePlan }]
  const members = (levers: Parameters<typeof applyLevers>[1]) =>
    [1, 2, 3, 4, 5].map((member) => forecastMember({ timeline, today: 30, weeks: 3, seed: 2, levers }, member, new Map()))

  test('act from today: the past and today’s state stay', () => {
    const moved = leveredTimeline(timeline, 30, { hours: 5 })
    expect(moved.map((entry) => [entry.fromDay, entry.plan.lightWindows[0]?.hours])).toEqual([
      [0, 8],
      [30, 5],
    ])
    const results = members({ hours: 5 })
    expect(bandOf(results, 'planned', 'totalG', 0).median).toBeGreaterThan(bandOf(results, 'changed', 'totalG', 2).median * 0.5)
  })
  test('less light means slower plants and a smaller demand for carbon, in every member', () => {
    const results = members({ dimFraction: 0.3 })
    expect(changeBand(results, 'grossGPerDay', 2).high).toBeLessThan(0)
    expect(changeBand(results, 'carbon', 2).low).toBeGreaterThanOrEqual(-1e-9)
  })
  test('gas off takes the carbon strand down; no gas line is left open', () => {
    const plan = applyLevers(samplePlan, { gasFactor: 0 })
    expect(plan.gasLines[0]?.control).toBe('none')
    expect(changeBand(members({ gasFactor: 0 }), 'carbon', 2).median).toBeLessThan(-0.2)
  })
  test('half the plants is half the mass, from the first day', () => {
    const results = members({ massFactor: 0.5 })
    expect(bandOf(results, 'changed', 'totalG', 0).median / bandOf(results, 'planned', 'totalG', 0).median).toBeCloseTo(0.5, 1)
  })
  test('untouched levers change nothing', () => {
    const [result] = members({})
    expect(result?.changed).toBeNull()
    expect(applyLevers(samplePlan, {})).toEqual(samplePlan)
  })
  test('a member’s answer does not depend on the cache or on what was asked before', () => {
    const cache: MemberCache = new Map()
    forecastMember({ timeline, today: 30, weeks: 6, seed: 2, levers: { hours: 10 } }, 4, cache)
    expect(forecastMember({ timeline, today: 30, weeks: 3, seed: 2, levers: { hours: 5 } }, 4, cache).changed?.weeks).toEqual(
      members({ hours: 5 })[3]?.changed?.weeks,
    )
  })
  test('the lead is told in words, and doubling the light from here does not mend it', () => {
    const results = members({ dimFraction: 1, hours: 12 })
    expect(leadOf(results, 'changed', 2, 30).aheadFraction).toBeLessThanOrEqual(leadOf(results, 'planned', 2, 30).aheadFraction)
    expect(leadOf(results, 'planned', 0, 30)).toMatchObject({ trend: null, againstPlan: null, isYoung: true })
  })
})

describe('draws', () => {
  test('depend on seed and member alone', () => {
    expect(drawParameters(1, 7)).toEqual(drawParameters(1, 7))
    expect(drawParameters(1, 7)).not.toEqual(drawParameters(1, 8))
    expect(drawParameters(2, 7)).not.toEqual(drawParameters(1, 7))
  })
  test('lie around the standard: the median of growth within a tenth, four fifths within the stated factor', () => {
    const ratios = Array.from(
      { length: 400 },
      (_, member) => drawParameters(5, member).maxGrowthPerH[1]! / DEFAULT_PARAMETERS.maxGrowthPerH[1]!,
    ).sort((a, b) => a - b)
    expect(ratios[200]).toBeGreaterThan(0.9)
    expect(ratios[200]).toBeLessThan(1.1)
    expect(ratios.filter((ratio) => ratio > 1 / 1.35 && ratio < 1.35).length / 400).toBeGreaterThan(0.8)
  })
  test('keep a full store above an empty one and a limit above its best temperature', () => {
    for (let member = 0; member < 200; member++) {
      const drawn = drawParameters(9, member)
      for (let nutrient = 0; nutrient < 4; nutrient++) expect(drawn.storeMax[nutrient]).toBeGreaterThan(drawn.storeMin[nutrient]! * 1.4)
      for (let group = 0; group < 6; group++) expect(drawn.maximumC[group]).toBeGreaterThan(drawn.optimumC[group]! + 2)
    }
  })
  test('what is not known widens the band', () => {
    const spread = (plan: Plan): number => {
      const light = Array.from(
        { length: 60 },
        (_, member) => compile({ timeline: [{ fromDay: 0, plan }], days: 1, stepMin: 60, draw: { seed: 1, member } }).figures.ppfd,
      ).sort((a, b) => a - b)
      return light[54]! / light[6]!
    }
    expect(
      spread({ ...samplePlan, lamps: [{ ...samplePlan.lamps[0]!, watts: null, aboveWaterCm: null, dimFraction: null }] }),
    ).toBeGreaterThan(1.4 * spread(samplePlan))
  })
})

describe('findings', () => {
  const codes = (plan: Plan): string[] => checkPlan(plan, tankFigures(plan)).map((finding) => finding.code)
  test('water, light and plants of a sound tank give none', () => expect(checkTank(samplePlan, tankFigures(samplePlan))).toEqual([]))
  test('a tank full of ground stops, and stands first', () =>
    expect(codes({ ...samplePlan, layers: [{ id: 'g', ground: 'sand', frontCm: 60, backCm: 60, product: null }] })[0]).toBe(
      'no-room-for-water',
    ))
  test('thin start, no gas, no plants, no light, shallow ground, hard tap', () => {
    expect(codes({ ...samplePlan, patches: [{ ...samplePlan.patches[0]!, footFraction: 0.2 }] })).toContain('thin-start')
    expect(codes({ ...samplePlan, gasLines: [] })).toContain('light-without-gas')
    expect(codes({ ...samplePlan, patches: [], lamps: [] })).toEqual(expect.arrayContaining(['no-plants', 'no-light']))
    expect(codes({ ...samplePlan, layers: [{ id: 'g', ground: 'rich-soil', frontCm: 2, backCm: 3, product: null }] })).toContain(
      'stems-float-out',
    )
    expect(codes({ ...samplePlan, sources: [{ ...samplePlan.sources[0]!, alkalinityMeqPerL: 3 }] })).toContain('hard-softening')
  })
})
