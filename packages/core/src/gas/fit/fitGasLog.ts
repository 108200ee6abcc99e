import { leastSquares, type Fit } from '../../numeric/leastSquares.js'
import { medianOf } from '../../numeric/statistics.js'
import { MEQ_PER_DKH } from '../../quantity/physicalConstants.js'
import { co2FromPh } from '../../water/carbonate.js'
import { courseOf, type Course, type GasDrive } from './courseOf.js'
import type { GasLog } from './gasLog.js'
import { resolutionOf, standsStill } from './standsStill.js'

/** A fitted figure with the range in which nine of ten lie. The range knows of noise, not of a probe that drifts. */
export interface FittedFigure {
  readonly value: number
  readonly low: number
  readonly high: number
}
export const GAS_FIT_REASONS = ['few', 'low-kh', 'no-excitation', 'stuck', 'misfit', 'kh-doubtful', 'wide'] as const
/** Why a log cannot tell, or what to keep in mind where it can: too few readings; other acids carry the pH; nothing changed and the level is settled; the probe stands still; the log does not follow gas and light; KH under 2; a wide range. */
export type GasFitReason = (typeof GAS_FIT_REASONS)[number]
export interface GasFit {
  readonly verdict: 'fit' | 'cannot-tell'
  readonly reasons: readonly GasFitReason[]
  readonly kPerH: FittedFigure | null
  readonly halfTimeH: FittedFigure | null
  /** What gas alone would reach, in the dark. */
  readonly plateauMgPerL: FittedFigure | null
  readonly plateauInLightMgPerL: FittedFigure | null
  readonly injectionMgPerLPerH: FittedFigure | null
  readonly uptakeMgPerLPerH: FittedFigure | null
  /** At the first reading, by the fit. */
  readonly startMgPerL: number | null
  /** What is left between log and fit [pH]. */
  readonly strayPh: number | null
}

const LEAST_READINGS = 8
const LEAST_MIN = 40
/** Below it other acids and bases carry the pH, and what looks like CO2 is not. */
const LEAST_KH = 1
/** Below it the level is doubtful, though not the pace. */
const DOUBTFUL_KH = 2
const K_STARTS = [0.12, 0.3, 0.7, 1.6] as const
/** Paces that a tank can have [1/h]: a still, deep one loses a fiftieth in an hour, no tank loses all in ten minutes. */
const K_RANGE = [0.01, 8] as const
const Z90 = 1.645
/** Spread of the logarithm of k: beyond the first the log cannot tell, beyond the second it is told with its width. */
const MOST_SPREAD = { told: 0.45, narrow: 0.15 } as const
/** Left between log and fit, against the noise from one reading to the next: more is no first-order course. */
const MISFIT = { times: 3, leastPh: 0.08 } as const

const cannotTell = (...reasons: GasFitReason[]): GasFit => ({
  verdict: 'cannot-tell',
  reasons,
  kPerH: null,
  halfTimeH: null,
  plateauMgPerL: null,
  plateauInLightMgPerL: null,
  injectionMgPerLPerH: null,
  uptakeMgPerLPerH: null,
  startMgPerL: null,
  strayPh: null,
})

/** Loss and injection of a tank from its pH over some hours, by least squares in pH; refused where the log cannot tell. KH in dKH 0–30, pH 4–10, readings in the order of time. */
export function fitGasLog(given: GasLog): GasFit {
  const log = { ...given, readings: [...given.readings].sort((a, b) => a.minute - b.minute) }
  const { readings, khDkh } = log
  const span = (readings.at(-1)?.minute ?? 0) - (readings[0]?.minute ?? 0)
  if (readings.length < LEAST_READINGS || span < LEAST_MIN) return cannotTell('few')
  if (khDkh < LEAST_KH) return cannotTell('low-kh')
  const course = courseOf(log)
  if (standsStill(log, course)) return cannotTell('stuck')
  if (isSettled(log, course)) return cannotTell('no-excitation')
  const fitted = bestFit(log, course)
  if (fitted === null) return cannotTell('no-excitation')
  const { fit, free } = fitted
  const drive = driveOf(fit.values, free)
  const variance = fit.sumOfSquares / Math.max(1, readings.length - fit.values.length)
  const spreadOfK = Math.sqrt(variance * fit.spread[0]![0]!)
  if (spreadOfK > MOST_SPREAD.told || drive.kPerH <= K_RANGE[0] || drive.kPerH >= K_RANGE[1]) return cannotTell('no-excitation')
  const strayPh = Math.sqrt(variance)
  if (strayPh > Math.max(MISFIT.leastPh, MISFIT.times * noiseOf(readings))) return cannotTell('misfit')
  const k: FittedFigure = {
    value: drive.kPerH,
    low: drive.kPerH * Math.exp(-Z90 * spreadOfK),
    high: drive.kPerH * Math.exp(Z90 * spreadOfK),
  }
  /** Of a function of the fitted values, by their covariance. */
  const derived = (figure: (values: readonly number[]) => number): FittedFigure => {
    const value = figure(fit.values)
    const slopes = fit.values.map((one, place) => {
      const step = Math.max(1e-6, Math.abs(one) * 1e-4)
      return (figure(fit.values.map((other, at) => (at === place ? one + step : other))) - value) / step
    })
    const spread = Math.sqrt(
      variance * slopes.reduce((sum, a, i) => sum + slopes.reduce((inner, b, j) => inner + a * b * fit.spread[i]![j]!, 0), 0),
    )
    return { value, low: value - Z90 * spread, high: value + Z90 * spread }
  }
  const reasons: GasFitReason[] = [
    ...(khDkh < DOUBTFUL_KH ? (['kh-doubtful'] as const) : []),
    ...(spreadOfK > MOST_SPREAD.narrow ? (['wide'] as const) : []),
  ]
  const plateau =
    (withLight: boolean) =>
    (values: readonly number[]): number => {
      const { kPerH, injectionMgPerLPerH, uptakeMgPerLPerH } = driveOf(values, free)
      return course.equilibriumMgPerL + (injectionMgPerLPerH - (withLight ? uptakeMgPerLPerH : 0)) / kPerH
    }
  return {
    verdict: 'fit',
    reasons,
    kPerH: k,
    halfTimeH: { value: Math.LN2 / k.value, low: Math.LN2 / k.high, high: Math.LN2 / k.low },
    plateauMgPerL: free.injection ? derived(plateau(false)) : null,
    plateauInLightMgPerL: free.injection && free.uptake ? derived(plateau(true)) : null,
    injectionMgPerLPerH: free.injection ? derived((values) => driveOf(values, free).injectionMgPerLPerH) : null,
    uptakeMgPerLPerH: free.uptake ? derived((values) => driveOf(values, free).uptakeMgPerLPerH) : null,
    startMgPerL: drive.startMgPerL,
    strayPh,
  }
}

interface Free {
  readonly injection: boolean
  readonly uptake: boolean
}
/** Values of the fit: logarithms of k and of the first level, then what gas gives and light takes, where they are at work. */
function driveOf(values: readonly number[], { injection, uptake }: Free): GasDrive {
  const [k = 0, start = 0, third = 0, fourth = 0] = values
  return {
    kPerH: Math.min(K_RANGE[1], Math.max(K_RANGE[0], Math.exp(k))),
    startMgPerL: Math.exp(Math.min(start, MOST_LOG_MG_PER_L)),
    injectionMgPerLPerH: injection ? third : 0,
    uptakeMgPerLPerH: uptake ? (injection ? fourth : third) : 0,
  }
}
const MOST_LOG_MG_PER_L = Math.log(2000)

function bestFit(log: GasLog, course: Course): { readonly fit: Fit; readonly free: Free } | null {
  const { readings, khDkh, temperatureC } = log
  const free: Free = { injection: course.hasGas, uptake: course.hasLight }
  const sample = { alkalinityMeqPerL: khDkh * MEQ_PER_DKH, temperatureC }
  const levelOf = (pH: number): number => Math.max(0.05, co2FromPh(pH, sample) ?? 0.05)
  const first = medianOf(readings.slice(0, 5).map(({ pH }) => levelOf(pH)))
  const most = levelOf(
    medianOf(
      [...readings]
        .sort((a, b) => a.pH - b.pH)
        .slice(0, 9)
        .map(({ pH }) => pH),
    ),
  )
  const residuals = (values: readonly number[]): number[] => {
    const levels = course.levels(driveOf(values, free))
    return readings.map(({ pH }, place) => course.phOf(levels[place]!) - pH)
  }
  const startOf = (k: number): number[] => [
    Math.log(k),
    Math.log(first),
    ...(free.injection ? [k * Math.max(1, most - course.equilibriumMgPerL) * 1.1] : []),
    ...(free.uptake ? [0.1 * k * most] : []),
  ]
  const sumOf = (values: readonly number[]): number => residuals(values).reduce((sum, one) => sum + one * one, 0)
  const starts = K_STARTS.map((k) => startOf(k)).sort((a, b) => sumOf(a) - sumOf(b))
  let best: Fit | null = null
  for (const start of starts.slice(0, 2)) {
    const fit = leastSquares({
      start,
      residuals,
      steps: start.map((value, place) => (place < 2 ? 1e-4 : Math.max(1e-4, Math.abs(value) * 1e-4))),
    })
    if (fit !== null && (best === null || fit.sumOfSquares < best.sumOfSquares)) best = fit
  }
  return best === null ? null : { fit: best, free }
}

/** From one reading to the next, as the difference of neighbours tells it. */
function noiseOf(readings: GasLog['readings']): number {
  const steps = readings.slice(1).map(({ pH }, place) => Math.abs(pH - readings[place]!.pH))
  return Math.max(medianOf(steps) / 0.6745 / Math.SQRT2 || 0, resolutionOf(readings) / Math.sqrt(12))
}

/** Nothing is switched, and first and last third of the log are alike to what its noise lets one see. */
function isSettled({ readings }: GasLog, { gasSwitches, lightSwitches }: Course): boolean {
  if (gasSwitches.length + lightSwitches.length > 0) return false
  const third = Math.floor(readings.length / 3)
  const meanOf = (some: GasLog['readings']): number => some.reduce((sum, { pH }) => sum + pH, 0) / some.length
  const moved = Math.abs(meanOf(readings.slice(0, third)) - meanOf(readings.slice(-third)))
  return moved < Math.max(SETTLED_PH, (3 * noiseOf(readings)) / Math.sqrt(third))
}
const SETTLED_PH = 0.02

/** CO2 [mg/L] at each reading of a log by its fit, to be laid over what was measured; `null` where the log cannot tell. */
export function fittedLevels(log: GasLog, { kPerH, startMgPerL, injectionMgPerLPerH, uptakeMgPerLPerH }: GasFit): Float64Array | null {
  if (kPerH === null || startMgPerL === null) return null
  return courseOf(log).levels({
    kPerH: kPerH.value,
    startMgPerL,
    injectionMgPerLPerH: injectionMgPerLPerH?.value ?? 0,
    uptakeMgPerLPerH: uptakeMgPerLPerH?.value ?? 0,
  })
}
