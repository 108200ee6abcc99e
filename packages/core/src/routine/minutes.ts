import type { TankFigures } from '../ecosystem/tankFigures.js'
import { PLANT_KINDS } from '../plan/plan.js'

/** Minutes that each kind of work takes. All are rules of thumb; half to twice as long is common. */
export interface WorkMinutes {
  readonly change: number
  readonly trim: number
  readonly glass: number
}

const CHANGE_SETUP_MIN = 8
/** Hose and bucket, out and in. */
const CHANGE_MIN_PER_L = 0.22
const GLASS_SETUP_MIN = 2
const GLASS_MIN_PER_M2 = 7
const TRIM_SETUP_MIN = 3
/** Growth, and with it the scissors, goes with the light: by this share of a bright tank's work. Rule of thumb. */
const BRIGHT_PPFD = 70
const LEAST_GROWTH = 0.35
const MOST_GROWTH = 1.3
/** By kind, for a square metre of its own ground, in a bright tank. */
const TRIM_MIN_PER_M2: Readonly<Record<(typeof PLANT_KINDS)[number], number>> = {
  carpet: 45,
  stems: 90,
  rhizome: 15,
  rosette: 20,
  moss: 30,
  floater: 6,
}

export function workMinutes(figures: TankFigures, fraction: number): WorkMinutes {
  const { vessel, surfaceM2, footOfGroup, waterL, ppfd } = figures
  // The back pane is seldom wiped.
  const glassM2 = ((vessel.lengthCm + 2 * vessel.widthCm) * vessel.heightCm) / 10_000
  return {
    change: CHANGE_SETUP_MIN + CHANGE_MIN_PER_L * waterL * fraction,
    glass: GLASS_SETUP_MIN + GLASS_MIN_PER_M2 * glassM2,
    trim:
      TRIM_SETUP_MIN +
      Math.min(MOST_GROWTH, Math.max(LEAST_GROWTH, ppfd / BRIGHT_PPFD)) *
        PLANT_KINDS.reduce((sum, kind, group) => sum + TRIM_MIN_PER_M2[kind] * (footOfGroup[group] ?? 0) * surfaceM2, 0),
  }
}
