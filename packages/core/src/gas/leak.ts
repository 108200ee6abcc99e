import { co2GasDensityGPerL } from './bubble.js'

/** At this a CO2 alarm is wanted, and at this gas is acutely harmful [share of the room's air]. General safety practice. */
export const LEAK_ALARM = 0.01
export const LEAK_HARMFUL = 0.03

/** Share of CO2 in a closed room after a cylinder has emptied itself into it, at 20 °C and 1 atm, mixed, nothing aired. */
export const leakShare = (cylinderKg: number, roomM3: number): number =>
  Math.min(1, (cylinderKg * 1000) / co2GasDensityGPerL(20, 101.325) / 1000 / roomM3)
