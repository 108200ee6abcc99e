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

export interface ChangesNeededOptions {
  readonly startMgPerL: number
  readonly limitMgPerL: number
  readonly sourceMgPerL: number
  /** Share of the water replaced at each change, 0.01–0.99. */
  readonly fraction: number
}
/** The least whole number of changes that brings a level down to a limit; `null` where new water holds as much. Mass balance of a mixed tank. */
export function changesNeeded({ startMgPerL, limitMgPerL, sourceMgPerL, fraction }: ChangesNeededOptions): number | null {
  requireWithin('fraction', fraction, 0.01, 0.99)
  if (startMgPerL <= limitMgPerL) return 0
  if (sourceMgPerL >= limitMgPerL) return null
  // The hair keeps a limit that is met exactly from costing one change more.
  return Math.ceil(Math.log((limitMgPerL - sourceMgPerL) / (startMgPerL - sourceMgPerL)) / Math.log(1 - fraction) - 1e-9)
}
