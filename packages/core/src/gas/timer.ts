import type { Plan } from '../plan/plan.js'
import { gasLevels, type GasLevels, type GasWater, type GivingLine } from './gasDay.js'

/** Times and rate of the gas, and the day that follows from them where nothing takes it up. */
export interface TimerWay extends GasLevels {
  readonly kind: 'earlier' | 'more'
  readonly beforeLightMin: number
  /** Rate over the rate now. */
  readonly rateTimes: number
}
export interface TimerTask {
  readonly lines: readonly GivingLine[]
  readonly windows: Plan['lightWindows']
  readonly water: GasWater
  /** Wanted at lights-on. */
  readonly targetMgPerL: number
}

const STEP_MIN = 10
/** Earlier than this the night has too little time to air out. Rule of thumb. */
const EARLIEST_MIN = 240
/** Before lights-on; rule of thumb 60–120 min. */
const USUAL_LEAD_MIN = 120
const MOST_TIMES = 6

/** Two ways to have a level at lights-on: the same gas from earlier on, and more gas from the usual lead on. A way that does not reach it is left out. Of several lines all are moved alike. */
export function timerWays({ lines, windows, water, targetMgPerL }: TimerTask): TimerWay[] {
  if (lines.length === 0 || windows.length === 0 || targetMgPerL <= water.equilibriumMgPerL) return []
  const day = (beforeLightMin: number, rateTimes: number): GasLevels =>
    gasLevels(
      lines.map((line) => ({ ...line, beforeLightMin, mgPerH: line.mgPerH * rateTimes })),
      windows,
      water,
      null,
    )
  const ways: TimerWay[] = []
  for (let beforeLightMin = 0; beforeLightMin <= EARLIEST_MIN; beforeLightMin += STEP_MIN) {
    const levels = day(beforeLightMin, 1)
    if (levels.atLightsOn < targetMgPerL) continue
    ways.push({ kind: 'earlier', beforeLightMin, rateTimes: 1, ...levels })
    break
  }
  const beforeLightMin = Math.max(USUAL_LEAD_MIN, ...lines.map((line) => Math.min(line.beforeLightMin, EARLIEST_MIN)))
  const air = water.equilibriumMgPerL
  const rise = day(beforeLightMin, 1).atLightsOn - air
  const rateTimes = rise > 0 ? (targetMgPerL - air) / rise : Infinity
  if (rateTimes <= MOST_TIMES) ways.push({ kind: 'more', beforeLightMin, rateTimes, ...day(beforeLightMin, rateTimes) })
  return ways
}
