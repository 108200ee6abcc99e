import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { samplePlan } from '../../testing/samplePlan.js'
import { CORE_CHEMISTRY } from '../chemistry.js'
import { compile } from '../compile.js'
import { DAY, DAY_STRIDE } from '../daySeries.js'
import { applyEvent } from '../events.js'
import type { TankEvent } from '../forcing.js'
import { contents } from '../ledger.js'
import { DEFAULT_PARAMETERS } from '../parameters.js'
import { PRODUCT_METHOD, simulate } from '../simulate.js'
import {
  ALGAE,
  ALKALINITY,
  AMMONIUM,
  biomassOf,
  CARBON,
  DISSOLVED,
  NITRATE,
  OXYGEN,
  PHOSPHATE,
  POTASSIUM,
  RESERVOIR,
  STEMS,
  STRAIN,
  TANNIN,
} from '../state.js'
import { dailyOf, kernelConditions, saturation, Step, temperatureFactor } from '../step.js'
import { shadeCanopy } from './canopy.js'
import { exchangeGas, oxygenTransferPerH } from './gasExchange.js'
import { coLimited } from './photosynthesis.js'

const compiled = compile({ timeline: [{ fromDay: 0, plan: samplePlan }], days: 30, stepMin: 30 })
const readyStep = (): Step => {
  const step = new Step(compiled.forcing.site, DEFAULT_PARAMETERS, PRODUCT_METHOD, 0.5)
  step.state.set(compiled.startState)
  step.conditions = kernelConditions(compiled.forcing.spans[0]!.conditions)
  step.daily = dailyOf(step.conditions, step.site, step.parameters, step.method, step.dtH)
  return step
}

describe('curves', () => {
  test('temperature factor at 15, 24.5 and 29 °C for best 26 and limits 8 and 36', () => {
    expect(temperatureFactor(15, 8, 26, 36)).toBeCloseTo(0.3618, 4)
    expect(temperatureFactor(24.5, 8, 26, 36)).toBeCloseTo(0.9827, 4)
    expect(temperatureFactor(29, 8, 26, 36)).toBeCloseTo(0.922, 4)
    expect([temperatureFactor(8, 8, 26, 36), temperatureFactor(36, 8, 26, 36), temperatureFactor(26, 8, 26, 36)]).toEqual([0, 0, 1])
  })
  test('light 0.6 and carbon 0.5 give 0.39065', () => expect(coLimited(0.6, 0.5, 0.85)).toBeCloseTo(0.39065, 5))
  test('together never more than the scarcer alone, and none of one is none', () =>
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true }), (light, carbon) => {
        expect(coLimited(light, carbon, 0.85)).toBeLessThanOrEqual(Math.min(light, carbon) + 1e-12)
        expect(coLimited(light, 0, 0.85)).toBeCloseTo(0, 12)
      }),
    ))
  test('half-saturation is half', () => expect(saturation(0.4, 0.4)).toBe(0.5))
})

describe('chemistry of the kernel', () => {
  const at = CORE_CHEMISTRY.constantsAt(24, 500)
  const water = { hydrogen: 0, co2MmolPerL: 0, bicarbonateMmolPerL: 0 }
  test('carbon of a water with known CO2 speciates back to it', () =>
    fc.assert(
      fc.property(fc.double({ min: 0.3, max: 6, noNaN: true }), fc.double({ min: 0.01, max: 1.5, noNaN: true }), (alkalinity, co2) => {
        CORE_CHEMISTRY.speciate(water, CORE_CHEMISTRY.carbonOf(alkalinity, co2, at), alkalinity, at)
        expect(Math.abs(water.co2MmolPerL - co2) / co2).toBeLessThan(1e-6)
      }),
    ))
  test('odd waters still have a pH: no carbon, no alkalinity, very much of either', () => {
    for (const [carbon, alkalinity] of [
      [1e-6, 0.05],
      [1e-6, 15],
      [50, 0.02],
      [0.02, 0],
      [60, 15],
    ] as const) {
      CORE_CHEMISTRY.speciate(water, carbon, alkalinity, at)
      expect(-Math.log10(water.hydrogen)).toBeGreaterThan(2)
      expect(-Math.log10(water.hydrogen)).toBeLessThan(13)
    }
  })
})

describe('canopy', () => {
  test('what stands below gets less; stain and algae take their share; by night there is none', () => {
    const step = readyStep()
    step.lightShare = 1
    shadeCanopy(step)
    const carpet = step.topPpfd[0]!
    expect(carpet).toBeGreaterThan(0)
    step.state[TANNIN] = 20
    shadeCanopy(step)
    expect(step.topPpfd[0]!).toBeLessThan(carpet)
    step.state[TANNIN] = 0
    for (let guild = 0; guild < 5; guild++) step.state[ALGAE + guild] = 5
    shadeCanopy(step)
    expect(step.topPpfd[0]!).toBeLessThan(carpet)
    step.lightShare = 0
    shadeCanopy(step)
    expect([...step.topPpfd, step.algaePpfd].every((ppfd) => ppfd === 0)).toBe(true)
  })
  test('more stems shade the carpet', () => {
    const light = (factor: number): number => {
      const step = readyStep()
      step.lightShare = 1
      applyEvent(step, { kind: 'scale-plants', factor }, new Float64Array(6))
      shadeCanopy(step)
      return step.topPpfd[0]!
    }
    expect(light(3)).toBeLessThan(light(1))
  })
})

describe('gas', () => {
  test('a long step lands where two short ones do: the step is exact', () => {
    const after = (steps: number): number => {
      const step = new Step(compiled.forcing.site, DEFAULT_PARAMETERS, PRODUCT_METHOD, 2 / steps)
      step.state.set(compiled.startState)
      step.conditions = kernelConditions(compiled.forcing.spans[0]!.conditions)
      step.daily = dailyOf(step.conditions, step.site, step.parameters, step.method, step.dtH)
      step.gasShare = 1
      for (let index = 0; index < steps; index++) exchangeGas(step)
      step.method.chemistry.speciate(step.water, step.state[CARBON]!, step.state[ALKALINITY]!, step.daily.water)
      return step.water.co2MmolPerL * 44.009
    }
    expect(after(1) / after(8)).toBeGreaterThan(0.97)
    expect(after(1) / after(8)).toBeLessThan(1.03)
  })
  test('oxygen runs to saturation from both sides', () => {
    for (const start of [3, 12]) {
      const step = readyStep()
      step.state[OXYGEN] = start
      for (let index = 0; index < 200; index++) exchangeGas(step)
      expect(step.state[OXYGEN]).toBeCloseTo(step.daily.water.oxygenSaturationMgPerL, 3)
    }
  })
  test('movement speeds exchange, a film slows it', () => {
    const step = readyStep()
    const clean = oxygenTransferPerH(step)
    step.state[77 - 1] = 1 // the film's slot stands before the ground's
    expect(oxygenTransferPerH(step)).toBeCloseTo(clean * 0.7, 9)
  })
})

describe('events', () => {
  const tap = {
    ammoniumMgNPerL: 0,
    nitrateMgNPerL: 2,
    phosphateMgPPerL: 0.1,
    potassiumMgPerL: 1,
    ironMgPerL: 0,
    calciumMgPerL: 20,
    magnesiumMgPerL: 5,
    siliconMgPerL: 1,
    alkalinityMeqPerL: 2,
  }
  const apply = (event: TankEvent, prepare: (step: Step) => void = () => undefined): { step: Step; trimmed: Float64Array } => {
    const step = readyStep()
    prepare(step)
    const before = contents(step.state, step.site.waterL, step.parameters)
    const trimmed = new Float64Array(6)
    applyEvent(step, event, trimmed)
    const after = contents(step.state, step.site.waterL, step.parameters)
    // Whatever an event does, it is booked.
    for (const element of [0, 1, 2] as const) expect(after[element] - before[element]).toBeCloseTo(step.ledger.net[element]!, 6)
    return { step, trimmed }
  }
  test('a change mixes towards the tap and takes organics along', () => {
    const { step } = apply({ kind: 'change', fraction: 0.25, tap, vacuum: 0, wipe: 0 }, (ready) => {
      ready.state[NITRATE] = 6
      ready.state[DISSOLVED] = 4
    })
    expect(step.state[NITRATE]).toBeCloseTo(5, 12)
    expect(step.state[DISSOLVED]).toBeCloseTo(3, 12)
  })
  test('a change of nothing changes nothing; a whole one leaves the tap', () => {
    expect(apply({ kind: 'change', fraction: 0, tap, vacuum: 0.5, wipe: 0 }).step.state).toEqual(readyStep().state)
    expect(apply({ kind: 'change', fraction: 1, tap, vacuum: 0, wipe: 0 }).step.state[ALKALINITY]).toBe(2)
  })
  test('a cut takes its share, strains what stays, and leaves scraps and sap', () => {
    const { step, trimmed } = apply({ kind: 'trim', cutOfGroup: [0, 0.5, 0, 0, 0, 0] })
    const start = biomassOf(compiled.startState, STEMS)
    expect(biomassOf(step.state, STEMS)).toBeCloseTo(start / 2, 9)
    expect(trimmed[STEMS]).toBeCloseTo(start / 2, 9)
    expect(step.state[STRAIN + STEMS]).toBeCloseTo(1 + 6 * 0.25, 9)
    expect(step.state[DISSOLVED]).toBeGreaterThan(0)
  })
  test('care trims towards a leaf area and never more than it may', () => {
    const { step } = apply({ kind: 'trim-towards', laiOfGroup: [99, 0.01, 99, 99, 99, 99], mostCut: 0.3 })
    expect(biomassOf(step.state, STEMS)).toBeCloseTo(0.7 * biomassOf(compiled.startState, STEMS), 9)
    expect(biomassOf(step.state, 0)).toBeCloseTo(biomassOf(compiled.startState, 0), 12)
  })
  test('a dose adds; a measured dose fills up to a level and takes nothing away', () => {
    const dose = { ammoniumN: 0, nitrateN: 1, phosphateP: 0.2, potassium: 3, iron: 0, calcium: 0, magnesium: 0 }
    expect(apply({ kind: 'dose', mgPerL: dose }).step.state[POTASSIUM]).toBeCloseTo(4, 12)
    const { step } = apply({ kind: 'dose-up-to', mgPerL: dose }, (ready) => {
      ready.state[NITRATE] = 0.4
      ready.state[PHOSPHATE] = 5
    })
    expect(step.state[NITRATE]).toBeCloseTo(1, 12)
    expect(step.state[PHOSPHATE]).toBe(5)
  })
  test('tabs go into the slow store', () =>
    expect(apply({ kind: 'tabs', mgOfNutrient: [600, 120, 500, 60] }).step.state[RESERVOIR]! - compiled.startState[RESERVOIR]!).toBeCloseTo(
      600,
      9,
    ))
  test('plants times three, and thinned back, are the plants there were', () => {
    const { step } = apply({ kind: 'scale-plants', factor: 3 })
    applyEvent(step, { kind: 'scale-plants', factor: 1 / 3 }, new Float64Array(6))
    expect(biomassOf(step.state, STEMS)).toBeCloseTo(biomassOf(compiled.startState, STEMS), 9)
  })
  test('an event acts at its own step, not at midnight', () => {
    const at = (minute: number): number => {
      const run = simulate({
        forcing: {
          ...compiled.forcing,
          events: [
            {
              atMin: minute,
              event: {
                kind: 'dose',
                mgPerL: { ammoniumN: 0, nitrateN: 10, phosphateP: 0, potassium: 0, iron: 0, calcium: 0, magnesium: 0 },
              },
            },
          ],
        },
        parameters: DEFAULT_PARAMETERS,
        startState: compiled.startState,
        days: 2,
      })
      return run.rows[DAY.nitrate]!
    }
    expect(at(1439)).toBeGreaterThan(at(1440) + 9)
    expect(at(1440)).toBeCloseTo(at(2000), 9)
  })
})

describe('the runner', () => {
  test('refuses a state of another length', () =>
    expect(() => simulate({ forcing: compiled.forcing, parameters: DEFAULT_PARAMETERS, startState: new Float64Array(3), days: 1 })).toThrow(
      /91 numbers/,
    ))
  test('says so when a state leads nowhere finite', () => {
    const wild = Float64Array.from(compiled.startState, () => 1e308)
    expect(simulate({ forcing: compiled.forcing, parameters: DEFAULT_PARAMETERS, startState: wild, days: 2 }).outcome).toBe('not-finite')
  })
  test('does not touch the state that it was given', () => {
    const before = Float64Array.from(compiled.startState)
    simulate({ forcing: compiled.forcing, parameters: DEFAULT_PARAMETERS, startState: compiled.startState, days: 3 })
    expect(compiled.startState).toEqual(before)
  })
  test('with no plants, light or food, ammonia from the ground is nitrified and carbon leaves to the air', () => {
    const bare = compile({
      timeline: [
        {
          fromDay: 0,
          plan: { ...samplePlan, patches: [], lamps: [], gasLines: [], feeding: 'none', flow: { ...samplePlan.flow, filter: 'mature' } },
        },
      ],
      days: 60,
      stepMin: 30,
    })
    const run = simulate({ forcing: bare.forcing, parameters: DEFAULT_PARAMETERS, startState: bare.startState, days: 60 })
    const last = 59 * DAY_STRIDE
    expect(run.rows[last + DAY.nitrate]).toBeGreaterThan(run.rows[last + DAY.ammonium]!)
    expect(run.endState[AMMONIUM]).toBeLessThan(1)
  })
})
