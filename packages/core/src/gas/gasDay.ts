import { openDayTable } from '../light/dayTable.js'
import { minutesOf } from '../plan/clock.js'
import type { GasLine, Plan } from '../plan/plan.js'

/** What decides how fast gas comes and goes. */
export interface GasWater {
  readonly waterL: number
  /** CO2 exchange with the air [1/h], above 0. */
  readonly kPerH: number
  readonly equilibriumMgPerL: number
  /** Exchange [1/h] while neither light nor gas is on, where something stirs the surface by night alone. */
  readonly nightKPerH?: number
}

const STEP_MIN = 10
const STEPS = 1440 / STEP_MIN

type Times = Pick<GasLine, 'beforeLightMin' | 'beforeDarkMin'>

/** Share of each step in which a line is open, around every light window by its own times. */
export const gasOpenTable = (windows: Plan['lightWindows'], { beforeLightMin, beforeDarkMin }: Times, stepMin = STEP_MIN): Float64Array =>
  openDayTable(
    windows.map(({ on, hours }) => ({ onMin: minutesOf(on) - beforeLightMin, minutes: hours * 60 + beforeLightMin - beforeDarkMin })),
    stepMin,
  )

/** CO2 above the air's equilibrium [mg/L] at the start of each step, once every day is alike and nothing takes it up. Film model: Lewis & Whitman (1924). Linear in the source. */
function aboveAir(dissolvedMgPerH: Float64Array, { waterL, kPerH, nightKPerH }: GasWater, windows: Plan['lightWindows']): Float64Array {
  const lit = nightKPerH === undefined ? null : gasOpenTable(windows, { beforeLightMin: 0, beforeDarkMin: 0 })
  /** What of a level is left after a step, and what a source of 1 mg/h adds in it. */
  const pace = (k: number) => {
    const kept = Math.exp((-k * STEP_MIN) / 60)
    return { kept, gained: (1 - kept) / (k * waterL) }
  }
  const [day, night] = [pace(kPerH), pace(nightKPerH ?? kPerH)]
  const paceAt = (step: number) => (lit === null || lit[step]! > 0 || dissolvedMgPerH[step]! > 0 ? day : night)
  const after = (level: number, step: number): number => {
    const { kept, gained } = paceAt(step)
    return level * kept + dissolvedMgPerH[step]! * gained
  }
  let level = 0
  let keptOfDay = 1
  for (let step = 0; step < STEPS; step++) {
    level = after(level, step)
    keptOfDay *= paceAt(step).kept
  }
  level /= 1 - keptOfDay
  return Float64Array.from({ length: STEPS }, (_, step) => {
    const now = level
    level = after(level, step)
    return now
  })
}

/** A line that gives a known amount. */
export interface GivingLine extends Times {
  readonly mgPerH: number
  readonly dissolvedShare: number
}
const sourceOf = (windows: Plan['lightWindows'], lines: readonly GivingLine[]): Float64Array => {
  const source = new Float64Array(STEPS)
  for (const line of lines)
    gasOpenTable(windows, line).forEach((open, step) => (source[step] = source[step]! + open * line.mgPerH * line.dissolvedShare))
  return source
}

/** Rate [mg/h at the valve] that each of some lines gives, so that the day's peak reaches a level over what the known lines give already. */
export function rateForPeakMgPerH(
  peakMgPerL: number,
  unknown: readonly Omit<GivingLine, 'mgPerH'>[],
  known: readonly GivingLine[],
  windows: Plan['lightWindows'],
  water: GasWater,
): number {
  const given = aboveAir(sourceOf(windows, known), water, windows)
  const ofOne = aboveAir(
    sourceOf(
      windows,
      unknown.map((line) => ({ ...line, mgPerH: 1 })),
    ),
    water,
    windows,
  )
  let rate = Infinity
  ofOne.forEach((gain, step) => {
    if (gain > 1e-12) rate = Math.min(rate, (peakMgPerL - water.equilibriumMgPerL - given[step]!) / gain)
  })
  return Number.isFinite(rate) ? Math.max(0, rate) : 0
}

/** CO2 [mg/L] of a day on which nothing takes it up: what a new tank has, and more than a planted one. */
export interface GasLevels {
  readonly atLightsOn: number
  readonly peak: number
}

/** `limitMgPerL`: the level at which a controller shuts all of it; null where none does. */
export function gasLevels(
  lines: readonly GivingLine[],
  windows: Plan['lightWindows'],
  water: GasWater,
  limitMgPerL: number | null,
): GasLevels {
  const day = aboveAir(sourceOf(windows, lines), water, windows)
  const [first] = windows
  const most = limitMgPerL === null ? Infinity : Math.max(limitMgPerL, water.equilibriumMgPerL)
  const level = (above: number): number => Math.min(most, water.equilibriumMgPerL + above)
  return {
    atLightsOn: first === undefined ? water.equilibriumMgPerL : level(day[Math.round(minutesOf(first.on) / STEP_MIN) % STEPS]!),
    peak: level(day.reduce((highest, above) => Math.max(highest, above), 0)),
  }
}

/** CO2 [mg/L] at the start of each ten minutes of that day. */
export function gasDayCurve(
  lines: readonly GivingLine[],
  windows: Plan['lightWindows'],
  water: GasWater,
  limitMgPerL: number | null,
): Float64Array {
  const most = limitMgPerL === null ? Infinity : Math.max(limitMgPerL, water.equilibriumMgPerL)
  return aboveAir(sourceOf(windows, lines), water, windows).map((above) => Math.min(most, water.equilibriumMgPerL + above))
}

/** Minutes before the first light at which gas must open, so that lights-on has a share of the peak's rise; `null` where a day is too short for it. Tries a quarter of an hour at a time. */
export function leadMinutes(share: number, line: Times, windows: Plan['lightWindows'], water: GasWater): number | null {
  for (let beforeLightMin = line.beforeLightMin; beforeLightMin <= LONGEST_LEAD_MIN; beforeLightMin += 15) {
    const { atLightsOn, peak } = gasLevels([{ ...line, beforeLightMin, mgPerH: 1000, dissolvedShare: 1 }], windows, water, null)
    const air = water.equilibriumMgPerL
    if (atLightsOn - air >= share * (peak - air)) return beforeLightMin
  }
  return null
}
/** Earlier than this the night has too little time to air out. Rule of thumb. */
const LONGEST_LEAD_MIN = 240
