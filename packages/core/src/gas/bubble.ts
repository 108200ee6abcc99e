import { CO2_G_PER_MOL, GAS_CONSTANT, KELVIN_AT_0_C } from '../quantity/physicalConstants.js'
import { requireWithin } from '../quantity/outOfRange.js'

/** Density of CO2 [g/L, equally mg/mL] as an ideal gas at an absolute pressure; the real gas is about 0.5 % denser at 1 atm. */
export function co2GasDensityGPerL(temperatureC: number, pressureKpa: number): number {
  requireWithin('pressureKpa', pressureKpa, 1, 2000)
  return (pressureKpa * CO2_G_PER_MOL) / (GAS_CONSTANT * (temperatureC + KELVIN_AT_0_C))
}

/** Mass of CO2 [mg] in a spherical bubble of dry ideal gas. */
export function bubbleMassMg(diameterMm: number, temperatureC: number, pressureKpa: number): number {
  requireWithin('diameterMm', diameterMm, 0.1, 20)
  const volumeMl = ((Math.PI / 6) * diameterMm ** 3) / 1000
  return volumeMl * co2GasDensityGPerL(temperatureC, pressureKpa)
}

export interface BubbleCounter {
  readonly bubblesPerS: number
  /** Volume of one bubble in the counter, at line pressure. Rule of thumb 0.05–0.10 mL. */
  readonly bubbleMl: number
  /** Gauge pressure in the counter. Rule of thumb: open stone or reactor 0.1, glass disc 0.3–1, fine ceramic 1–2 bar. */
  readonly linePressureBar: number
}

/** mg per mL of CO2 at 1 bar and 20 °C. */
export const CO2_MG_PER_ML_AT_1_BAR = co2GasDensityGPerL(20, 100)

/** Gas leaving the valve [mg/h]: bubbles are compressed by the line pressure, so each holds (1 + gauge bar) times the mass at 1 bar. */
export function gasRateMgPerH({ bubblesPerS, bubbleMl, linePressureBar }: BubbleCounter): number {
  return bubblesPerS * 3600 * bubbleMl * CO2_MG_PER_ML_AT_1_BAR * (1 + linePressureBar)
}

/** The inverse of `gasRateMgPerH`: bubbles a second for a wanted rate. */
export function bubblesPerSOfRate(rateMgPerH: number, counter: Omit<BubbleCounter, 'bubblesPerS'>): number {
  return rateMgPerH / gasRateMgPerH({ ...counter, bubblesPerS: 1 })
}
