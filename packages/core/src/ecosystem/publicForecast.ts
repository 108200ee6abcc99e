import { quantileOfSorted } from '../numeric/statistics.js'
import type { Plan } from '../plan/plan.js'
import { compile } from './compile.js'
import { DAY, DAY_STRIDE } from './daySeries.js'
import { drawParameters } from './drawParameters.js'
import { DEFAULT_PARAMETERS } from './parameters.js'
import { MODEL_VERSION, simulate } from './simulate.js'
import { ALGAE_GUILDS } from './state.js'
import { PLANT_GROUPS } from '../planting/kinds.js'

/** One line of a forecast for scripts: a daily column of the model, with a public id and unit. */
export interface PublicSeries {
  readonly id: string
  readonly unit: string
  readonly column: number
}
const one = (id: string, unit: string, column: number): PublicSeries => ({ id, unit, column })
export const PUBLIC_SERIES: readonly PublicSeries[] = [
  one('ammoniumMgNPerL', 'mg N/L', DAY.ammonium),
  one('nitriteMgNPerL', 'mg N/L', DAY.nitrite),
  one('nitrateMgNPerL', 'mg N/L', DAY.nitrate),
  one('phosphateMgPPerL', 'mg P/L', DAY.phosphate),
  one('potassiumMgPerL', 'mg/L', DAY.potassium),
  one('ironMgPerL', 'mg/L', DAY.iron),
  one('alkalinityMeqPerL', 'meq/L', DAY.alkalinity),
  one('pH', 'pH', DAY.pH),
  one('co2AtLightsOnMgPerL', 'mg/L', DAY.co2AtLightsOn),
  one('co2MaxMgPerL', 'mg/L', DAY.co2Max),
  one('oxygenMinMgPerL', 'mg/L', DAY.oxygenMin),
  one('oxygenMaxMgPerL', 'mg/L', DAY.oxygenMax),
  one('dissolvedCarbonMgPerL', 'mg C/L', DAY.dissolvedC),
  one('trimmedStemsG', 'g DW', DAY.trimmedG + 1),
  ...PLANT_GROUPS.map((group, index) => one(`${group}G`, 'g DW', DAY.biomassG + index)),
  ...ALGAE_GUILDS.map((guild, index) => one(`${guild}AlgaeG`, 'g DW', DAY.algaeG + index)),
]

export interface PublicForecastOptions {
  readonly plan: Plan
  readonly startState?: Readonly<Float64Array>
  readonly weeks: number
  readonly stepMinutes: 10 | 30 | 60
  readonly seed: number
  /** 1 is the common tank without a band; more are drawn tanks, of which the median and the 10–90 % band are told. */
  readonly members: number
}

export interface PublicForecast {
  readonly modelVersion: string
  /** Ends of days after the start. */
  readonly at: readonly number[]
  readonly series: readonly {
    readonly id: string
    readonly unit: string
    readonly values: readonly number[]
    readonly low?: readonly number[]
    readonly high?: readonly number[]
  }[]
}

/** `null` when the given start state leads nowhere finite; a plan's own start always does. */
export function publicForecast({ plan, startState, weeks, stepMinutes, seed, members }: PublicForecastOptions): PublicForecast | null {
  const days = weeks * 7
  const runs = Array.from({ length: members }, (_, index) => {
    const member = members === 1 ? 0 : index + 1
    const draw = member === 0 ? null : { seed, member }
    const parameters = draw === null ? DEFAULT_PARAMETERS : drawParameters(seed, member)
    const compiled = compile({ timeline: [{ fromDay: 0, plan }], days, stepMin: stepMinutes, draw, parameters })
    return simulate({
      forcing: compiled.forcing,
      parameters: compiled.parameters,
      startState: startState ?? compiled.startState,
      days,
    })
  })
  if (runs.some((run) => run.outcome !== 'reached-end')) return null
  const daily = (column: number, share: number): number[] =>
    Array.from({ length: days }, (_, day) =>
      quantileOfSorted(Float64Array.from(runs, ({ rows }) => rows[day * DAY_STRIDE + column]!).sort(), share),
    )
  return {
    modelVersion: MODEL_VERSION,
    at: Array.from({ length: days }, (_, day) => day + 1),
    series: PUBLIC_SERIES.map(({ id, unit, column }) => ({
      id,
      unit,
      values: daily(column, 0.5),
      ...(members > 1 ? { low: daily(column, 0.1), high: daily(column, 0.9) } : {}),
    })),
  }
}
