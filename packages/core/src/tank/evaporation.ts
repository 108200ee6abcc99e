import { requireWithin } from '../quantity/outOfRange.js'
import type { Top } from '../plan/plan.js'

/** Saturated vapour [kPa] over water, 0–50 °C: Magnus form, Alduchov & Eskridge (1996). */
export function vapourKPa(temperatureC: number): number {
  requireWithin('temperatureC', temperatureC, -5, 60)
  return 0.61094 * Math.exp((17.625 * temperatureC) / (temperatureC + 243.04))
}

export interface Air {
  readonly roomC: number
  readonly humidityFraction: number
  /** A fan blows along the surface: it moves the damp air away, rim and all. */
  readonly isBlown?: boolean
}
/** Air over a tank hardly moves [m/s]; rule of thumb 0.05–0.2. */
const AIR_M_PER_S = 0.1
/** Under a small fan on the rim [m/s]; rule of thumb 0.6–1.5. */
const BLOWN_M_PER_S = 1
/** Carrier (1918): through still air [kW m⁻² kPa⁻¹], and for each m/s of wind. */
const STILL_AIR = 0.089
const PER_M_PER_S = 0.0782
/** Against the formula's open pool: a tank's rim keeps the damp air; rule of thumb 0.5–1. */
const RIM_SHARE = 0.7
/** Against an open top. A brace hides a fifth, a cover leaves its gaps; rules of thumb. */
export const TOP_SHARE: Readonly<Record<Top, number>> = { open: 1, braced: 0.8, covered: 0.12 }
export const HEAT_OF_VAPOUR_KJ_PER_KG = 2440
export const EVAPORATION_SPREAD = 1.6
/** Millimetres a day for a kPa of gap under an open top, as formulas write it. */
export const evaporationFormula = (gapKPa: string, topShare: string): string =>
  `(${STILL_AIR} + ${PER_M_PER_S}·${AIR_M_PER_S})·max(0, ${gapKPa})/${HEAT_OF_VAPOUR_KJ_PER_KG}·86400·${RIM_SHARE}·${topShare}`
export const EVAPORATION_SOURCE = `Carrier (1918), air at ${AIR_M_PER_S} m/s, with vapour pressure after Alduchov & Eskridge (1996); the rim’s ${RIM_SHARE} and the share of the top are rules of thumb`

/** Water lost from the surface [mm a day] (Carrier 1918): (0.089 + 0.0782·v)·(pw − pa)/heat of vapour. None where the air is too damp. */
export function evaporationMmPerDay(waterC: number, air: Air, top: Top): number {
  requireWithin('humidityFraction', air.humidityFraction, 0, 1)
  const gapKPa = vapourKPa(waterC) - air.humidityFraction * vapourKPa(air.roomC)
  const isBlown = air.isBlown ?? false
  const speed = isBlown ? BLOWN_M_PER_S : AIR_M_PER_S
  const kgPerM2S = ((STILL_AIR + PER_M_PER_S * speed) * Math.max(0, gapKPa)) / HEAT_OF_VAPOUR_KJ_PER_KG
  // Who puts a fan there has taken the cover off.
  return kgPerM2S * 86_400 * (isBlown ? 1 : RIM_SHARE * TOP_SHARE[top])
}
