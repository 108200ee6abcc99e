import { MEQ_PER_DKH, CO2_G_PER_MOL } from '../../quantity/physicalConstants.js'
import { carbonateConstants, hydrogenOfCo2 } from '../../water/carbonate.js'
import { co2AirEquilibriumMgPerL } from '../airEquilibrium.js'
import { gasAfter } from '../transfer.js'
import { isOpenAt, switchesIn } from './dailyWindows.js'
import type { GasLog } from './gasLog.js'

/** What drives the level: exchange with the air, gas while it is on, uptake while there is light. */
export interface GasDrive {
  readonly kPerH: number
  readonly startMgPerL: number
  readonly injectionMgPerLPerH: number
  readonly uptakeMgPerLPerH: number
}

/** A log made ready once for many tries: minutes in order, each stretch of constant gas and light, constants of its water. */
export interface Course {
  readonly equilibriumMgPerL: number
  readonly hasGas: boolean
  readonly hasLight: boolean
  readonly gasSwitches: readonly number[]
  readonly lightSwitches: readonly number[]
  /** CO2 at each reading [mg/L]. */
  readonly levels: (drive: GasDrive) => Float64Array
  readonly phOf: (co2MgPerL: number) => number
}

const LEAST_MG_PER_L = 0.01
const MINUTES_PER_H = 60

/** dC/dt = s(t) − k (C − C*) − u(t), solved exactly between switches (film model of Lewis & Whitman 1924). pH at zero ionic strength. */
export function courseOf({ readings, khDkh, temperatureC, roomCo2Ppm, startMin, gas, light }: GasLog): Course {
  const equilibriumMgPerL = co2AirEquilibriumMgPerL(temperatureC, roomCo2Ppm)
  const minutes = readings.map(({ minute }) => minute)
  const [first, last] = [minutes[0] ?? 0, minutes.at(-1) ?? 0]
  const within = (windows: GasLog['gas']): number[] =>
    switchesIn(windows, startMin, last + 1).filter((minute) => minute > first && minute < last)
  const [gasSwitches, lightSwitches] = [within(gas), within(light)]
  const stops = [...new Set([...minutes, ...gasSwitches, ...lightSwitches])].sort((a, b) => a - b)
  const stretches = stops.slice(1).map((to, place) => {
    const from = stops[place]!
    const middle = (from + to) / 2
    return {
      to,
      hours: (to - from) / MINUTES_PER_H,
      isGas: isOpenAt(gas, startMin, middle),
      isLight: isOpenAt(light, startMin, middle),
    }
  })
  const constants = carbonateConstants(temperatureC)
  const alkalinityEqPerL = (khDkh * MEQ_PER_DKH) / 1000
  return {
    equilibriumMgPerL,
    hasGas: stretches.some(({ isGas }) => isGas),
    hasLight: stretches.some(({ isLight }) => isLight),
    gasSwitches,
    lightSwitches,
    levels({ kPerH, startMgPerL, injectionMgPerLPerH, uptakeMgPerLPerH }) {
      const levels = new Float64Array(minutes.length)
      let level = startMgPerL
      let reading = 0
      const take = (minute: number): void => {
        while (reading < minutes.length && minutes[reading]! <= minute) levels[reading++] = level
      }
      take(first)
      for (const { to, hours, isGas, isLight } of stretches) {
        const sourceMgPerLH = (isGas ? injectionMgPerLPerH : 0) - (isLight ? uptakeMgPerLPerH : 0)
        level = Math.max(LEAST_MG_PER_L, gasAfter(level, { kPerH, equilibriumMgPerL, sourceMgPerLH }, hours))
        take(to)
      }
      return levels
    },
    phOf: (co2MgPerL) =>
      -Math.log10(hydrogenOfCo2(Math.max(co2MgPerL, LEAST_MG_PER_L) / 1000 / CO2_G_PER_MOL, alkalinityEqPerL, constants)),
  }
}
