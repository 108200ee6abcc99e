import { requireWithin } from '../quantity/outOfRange.js'

export interface DilutionOptions {
  readonly startMgPerL: number
  /** The same substance in the new water. */
  readonly sourceMgPerL: number
  /** Share of the water replaced at each change, 0–1; 0 is legal and changes nothing. */
  readonly fraction: number
  /** Number of changes, one after another with full mixing. */
  readonly changes: number
}

/** Concentration [mg/L] after a row of water changes. Mass balance of a mixed tank: what remains is (1 − f)^n of the excess over the source. */
export function dilutedMgPerL({ startMgPerL, sourceMgPerL, fraction, changes }: DilutionOptions): number {
  requireWithin('fraction', fraction, 0, 1)
  requireWithin('changes', changes, 0, 10_000)
  return sourceMgPerL + (startMgPerL - sourceMgPerL) * (1 - fraction) ** changes
}
