import { requireWithin } from '../quantity/outOfRange.js'

export const DAY_SHAPES = ['flat', 'trapezoid', 'half-sine'] as const
export type DayShape = (typeof DAY_SHAPES)[number]

export interface LightDay {
  readonly shape: DayShape
  readonly peakPpfd: number
  /** From first to last light, ramps included, 0–24 h. */
  readonly photoperiodH: number
  /** Length of each of the two linear ramps, at most half the photoperiod; only the trapezoid has them. */
  readonly rampH: number
}

/** Photons of a second over an hour [mol/µmol]. */
export const MOL_PER_UMOL_H_PER_S = 3600 / 1e6

/** Daily light integral [mol/(m² day)]: peak · effective hours · 0.0036. Exact integrals of the three shapes. */
export function dailyLightMolPerM2({ shape, peakPpfd, photoperiodH, rampH }: LightDay): number {
  requireWithin('photoperiodH', photoperiodH, 0, 24)
  if (shape === 'trapezoid') requireWithin('rampH', rampH, 0, photoperiodH / 2)
  const hours = shape === 'flat' ? photoperiodH : shape === 'trapezoid' ? photoperiodH - rampH : (photoperiodH * 2) / Math.PI
  return peakPpfd * hours * MOL_PER_UMOL_H_PER_S
}
