import { medianOf } from '../../numeric/statistics.js'
import { co2FromPh } from '../../water/carbonate.js'
import { MEQ_PER_DKH } from '../../quantity/physicalConstants.js'
import type { Course } from './courseOf.js'
import type { GasLog } from './gasLog.js'

/** Readings are smoothed over so long [min]. */
const SMOOTH_MIN = 15
/** A probe that moves less is taken to stand still. */
const STILL_PH = 0.05
/** After gas was switched a living probe has moved within so long [min]. */
const SWITCHED_MIN = 100
const SETTLE_MIN = 30
/** Water far above the air's level loses gas within so long, whatever its surface [min]. */
const LOSES_MIN = 240
const FAR_ABOVE = 4

/** Smallest step between values: what the meter shows. */
export function resolutionOf(readings: GasLog['readings']): number {
  const values = [...new Set(readings.map(({ pH }) => pH))].sort((a, b) => a - b)
  const steps = values.slice(1).map((value, place) => value - values[place]!)
  return steps.length === 0 ? 0 : Math.min(...steps)
}

/** The probe stands still over a stretch in which gas or loss must move it: over a switch of the gas, or for hours far above what the air holds. */
export function standsStill(log: GasLog, course: Course): boolean {
  const { readings, khDkh, temperatureC } = log
  const bandPh = Math.max(STILL_PH, resolutionOf(readings))
  const smooth = readings.map(({ minute }) => ({
    minute,
    pH: medianOf(readings.filter((other) => Math.abs(other.minute - minute) <= SMOOTH_MIN).map(({ pH }) => pH)),
  }))
  for (let start = 0; start < smooth.length; start++) {
    let [low, high] = [Infinity, -Infinity]
    let end = start
    for (; end < smooth.length; end++) {
      low = Math.min(low, smooth[end]!.pH)
      high = Math.max(high, smooth[end]!.pH)
      if (high - low > bandPh) break
    }
    const [from, to] = [smooth[start]!.minute, smooth[end - 1]!.minute]
    if (course.gasSwitches.some((minute) => minute - SETTLE_MIN >= from && minute + SWITCHED_MIN <= to)) return true
    if (to - from >= LOSES_MIN && isOff(course, from, to)) {
      const co2 = co2FromPh(smooth[start]!.pH, { alkalinityMeqPerL: khDkh * MEQ_PER_DKH, temperatureC })
      if (co2 !== null && co2 > course.equilibriumMgPerL * FAR_ABOVE) return true
    }
  }
  return false
}
const isOff = ({ hasGas, gasSwitches }: Course, from: number, to: number): boolean =>
  !hasGas && !gasSwitches.some((minute) => minute > from && minute < to)
