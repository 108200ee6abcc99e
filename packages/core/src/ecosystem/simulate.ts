import type { Forcing, Method } from './forcing.js'
import { CORE_CHEMISTRY } from './chemistry.js'
import { DayRecorder } from './daySeries.js'
import { applyEvent } from './events.js'
import { contents } from './ledger.js'
import type { Parameters } from './parameters.js'
import { algae } from './processes/algae.js'
import { shadeCanopy } from './processes/canopy.js'
import { advanceDry } from './processes/dry/advanceDry.js'
import { exchangeGas } from './processes/gasExchange.js'
import { grantOf } from './processes/grant.js'
import { remember } from './processes/memories.js'
import { nitrification } from './processes/nitrification.js'
import { organics } from './processes/organics.js'
import { photosynthesise } from './processes/photosynthesis.js'
import { plants } from './processes/plants.js'
import type { Process } from './processes/process.js'
import { ironDecay, substrate } from './processes/substrate.js'
import { waterBalance } from './processes/waterBalance.js'
import { ALKALINITY, AMMONIUM, CARBON, GROUND, INDICATOR_CO2, NUTRIENT_COUNT, OXYGEN, STATE_SIZE } from './state.js'
import { dailyOf, kernelConditions, POOL, Step } from './step.js'

/** Stored with every forecast; raised when the same forcing gives other numbers. */
export const MODEL_VERSION = '7'
export const PRODUCT_METHOD: Method = { chemistry: CORE_CHEMISTRY, gas: 'exact', uptake: 'shared' }

/** Decays first, sums last; see the comments of the processes on their order. */
const PROCESSES: readonly Process[] = [organics, plants, ironDecay, algae, nitrification, substrate, waterBalance]

/** `reached-end`, or the state ceased to be a number: callers must look. */
export type Outcome = 'reached-end' | 'not-finite'

/** What a chosen day looked like, one value per step. */
export interface DayCurve {
  readonly day: number
  readonly ppfd: Float64Array
  readonly co2MgPerL: Float64Array
  readonly pH: Float64Array
  readonly oxygenMgPerL: Float64Array
  readonly indicatorCo2MgPerL: Float64Array
}

export interface RunOptions {
  readonly forcing: Forcing
  readonly parameters: Parameters
  /** Copied, not changed. */
  readonly startState: Readonly<Float64Array>
  /** First day to run; events and conditions before it are not applied. Default 0. */
  readonly fromDay?: number
  readonly days: number
  readonly method?: Method
  /** Days whose hours are wanted. */
  readonly curveDays?: readonly number[]
}

export interface Run {
  readonly outcome: Outcome
  readonly fromDay: number
  readonly days: number
  /** Flat rows of DAY_STRIDE, one a day, columns in `DAY`. */
  readonly rows: Float64Array
  readonly endState: Float64Array
  readonly curves: readonly DayCurve[]
  /** |total − start − booked| over the larger of start and booked, for C, N and P. */
  readonly balanceError: readonly [number, number, number]
}

/** Runs the tank. Deterministic: the same in worker, server and test, up to the last bits of the engine's exp and tanh. */
export function simulate(options: RunOptions): Run {
  const { forcing, parameters, startState, days, fromDay = 0, method = PRODUCT_METHOD, curveDays = [] } = options
  if (startState.length !== STATE_SIZE) throw new RangeError(`a state has ${STATE_SIZE} numbers, not ${startState.length}`)
  const { stepMin, site } = forcing
  const stepsPerDay = Math.round(1440 / stepMin)
  const step = new Step(site, parameters, method, stepMin / 60)
  step.state.set(startState)
  const before = contents(step.state, site.waterL, parameters)
  const recorder = new DayRecorder(days)
  const curves: DayCurve[] = []
  let nextEvent = forcing.events.findIndex((event) => event.atMin >= fromDay * 1440)
  if (nextEvent < 0) nextEvent = forcing.events.length
  let span = -1

  for (let day = fromDay; day < fromDay + days; day++) {
    while (span + 1 < forcing.spans.length && (span < 0 || forcing.spans[span + 1]!.fromDay <= day)) {
      span++
      step.conditions = kernelConditions(forcing.spans[span]!.conditions)
      step.daily = dailyOf(step.conditions, site, parameters, method, step.dtH)
    }
    const { lightShareOfStep, gasShareOfStep } = step.conditions
    const curve = curveDays.includes(day) ? newCurve(day, stepsPerDay) : null
    recorder.beginDay()
    const lightsOn = firstLit(lightShareOfStep)
    for (let index = 0; index < stepsPerDay; index++) {
      const endMin = day * 1440 + (index + 1) * stepMin
      for (let due = forcing.events[nextEvent]; due !== undefined && due.atMin < endMin; due = forcing.events[++nextEvent])
        applyEvent(step, due.event, recorder.trimmedG)
      step.lightShare = lightShareOfStep[index]!
      step.gasShare = gasShareOfStep[index]!
      if (step.conditions.isDry) advanceDry(step)
      else advance(step)
      recorder.addStep(step, index >= lightsOn)
      if (curve) record(curve, index, step)
    }
    recorder.endDay(day - fromDay, step)
    if (curve) curves.push(curve)
    if (!isFiniteState(step.state))
      return {
        outcome: 'not-finite',
        fromDay,
        days: day - fromDay + 1,
        rows: recorder.rows,
        endState: step.state,
        curves,
        balanceError: [NaN, NaN, NaN],
      }
  }
  const after = contents(step.state, site.waterL, parameters)
  const error = (element: 0 | 1 | 2): number =>
    Math.abs(after[element] - before[element] - step.ledger.net[element]!) / Math.max(before[element], step.ledger.gross[element]!, 1e-9)
  return {
    outcome: 'reached-end',
    fromDay,
    days,
    rows: recorder.rows,
    endState: step.state,
    curves,
    balanceError: [error(0), error(1), error(2)],
  }
}

/** One step: light, speciation, growth factors; wishes; grants; changes; gas; memories. Rates come from the state at the start, without iteration. */
function advance(step: Step): void {
  const { state, want, granted, site, dtH } = step
  want.fill(0)
  step.carbonFixedMg = step.carbonRespiredMg = step.carbonMineralMg = step.mineralNMg = step.denitrifiedMg = 0
  step.waterUptakeAmmoniumMg = step.waterUptakeNitrateMg = 0
  shadeCanopy(step)
  const { chemistry } = step.method
  chemistry.speciate(step.water, state[CARBON]!, state[ALKALINITY]!, step.daily.water)
  step.co2MgPerL = step.water.co2MmolPerL * chemistry.co2MgPerMmol
  step.bicarbonateMgPerL = step.water.bicarbonateMmolPerL * chemistry.co2MgPerMmol
  photosynthesise(step)
  for (let index = 0; index < PROCESSES.length; index++) PROCESSES[index]!.demand(step)
  // Pools and slots of the dissolved nutrients stand in the same order.
  for (let pool = POOL.ammonium as number; pool <= POOL.silicon; pool++)
    granted[pool] = grantOf(state[AMMONIUM + pool]! * site.waterL, dtH * want[pool]!)
  granted[POOL.carbon] = grantOf(0.9 * 12 * state[CARBON]! * site.waterL, dtH * want[POOL.carbon]!)
  for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++)
    granted[POOL.ground + nutrient] = grantOf(state[GROUND + nutrient]!, dtH * want[POOL.ground + nutrient]!)
  for (let index = 0; index < PROCESSES.length; index++) PROCESSES[index]!.apply(step)
  exchangeGas(step)
  remember(step)
}

function firstLit(lightShareOfStep: Float64Array): number {
  // Lights that burn over midnight come on where the dark ends, not at the first step of the day.
  const count = lightShareOfStep.length
  for (let index = 0; index < count; index++)
    if (lightShareOfStep[index]! > 0 && lightShareOfStep[(index + count - 1) % count]! === 0) return index
  return lightShareOfStep[0]! > 0 ? 0 : count
}

function isFiniteState(state: Float64Array): boolean {
  for (let slot = 0; slot < STATE_SIZE; slot++) if (!Number.isFinite(state[slot]!)) return false
  return true
}

const newCurve = (day: number, steps: number): DayCurve => ({
  day,
  ppfd: new Float64Array(steps),
  co2MgPerL: new Float64Array(steps),
  pH: new Float64Array(steps),
  oxygenMgPerL: new Float64Array(steps),
  indicatorCo2MgPerL: new Float64Array(steps),
})

function record(curve: DayCurve, index: number, step: Step): void {
  curve.ppfd[index] = step.conditions.ppfd * step.lightShare
  curve.co2MgPerL[index] = step.co2MgPerL
  curve.pH[index] = -Math.log10(step.water.hydrogen)
  curve.oxygenMgPerL[index] = step.state[OXYGEN]!
  curve.indicatorCo2MgPerL[index] = step.state[INDICATOR_CO2]!
}
