import type { TankFigures } from '../ecosystem/tankFigures.js'
import { PLANT_KINDS } from '../plan/plan.js'
import { PLANT_KIND } from '../planting/kinds.js'
import { trimGrowth } from '../planting/trimPlan.js'

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
export function workMinutes(figures: TankFigures, fraction: number): WorkMinutes {
  const { vessel, surfaceM2, stand, waterL, ppfd } = figures
  // The back pane is seldom wiped.
  const glassM2 = ((vessel.lengthCm + 2 * vessel.widthCm) * vessel.heightCm) / 10_000
  return {
    change: CHANGE_SETUP_MIN + CHANGE_MIN_PER_L * waterL * fraction,
    glass: GLASS_SETUP_MIN + GLASS_MIN_PER_M2 * glassM2,
    trim:
      TRIM_SETUP_MIN +
      trimGrowth(ppfd) * PLANT_KINDS.reduce((sum, kind) => sum + PLANT_KIND[kind].trimMinPerM2 * stand[kind].footFraction * surfaceM2, 0),
  }
}
