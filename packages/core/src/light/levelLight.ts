import type { GroundPlan } from '../ground/groundPlan.js'
import type { InnerSize } from '../tank/vessel.js'
import type { FieldLamp, WaterBox } from './field/fieldLamp.js'
import { fieldOf, type LightGrid } from './field/fieldOf.js'
import { boxOf, litPlane } from './litPlane.js'

/** Lamps over a tank as its figures hold them. */
export interface LevelTank {
  readonly lamps: readonly FieldLamp[]
  readonly attenuationPerM: number
  readonly inner: InnerSize
  readonly ground: Pick<GroundPlan, 'groundL'>
}
export interface LevelLight {
  readonly grid: LightGrid
  readonly mean: number
  readonly least: number
  /** Least over mean; 1 in the dark. */
  readonly evenness: number
}

/** Height of the ground in the mean, as if it were raked level [cm above the glass]; at most the water's. */
export const levelGroundCm = ({ inner, ground }: Pick<LevelTank, 'inner' | 'ground'>): number =>
  Math.min(inner.waterDepthCm, (ground.groundL * 1000) / (inner.lengthCm * inner.widthCm))
/** The water over it. */
export const levelWaterBox = (tank: Omit<LevelTank, 'lamps'>): WaterBox => boxOf({ ...tank, heightCm: levelGroundCm(tank) })

/** Mean, darkest and brightest of a field. */
export function spreadOf({ ppfd }: Pick<LightGrid, 'ppfd'>): { readonly mean: number; readonly least: number; readonly most: number } {
  return {
    mean: ppfd.reduce((sum, value) => sum + value, 0) / Math.max(ppfd.length, 1),
    least: ppfd.reduce((least, value) => Math.min(least, value), Infinity),
    most: ppfd.reduce((most, value) => Math.max(most, value), 0),
  }
}

/** Light on level ground in clear water, by which a plan is judged [µmol m⁻² s⁻¹]. `lamps`: others than those of the tank. */
export function levelLight(tank: LevelTank, lamps = tank.lamps): LevelLight {
  const grid = litPlane({ ...tank, lamps, heightCm: levelGroundCm(tank) })
  const { mean, least } = spreadOf(grid)
  return { grid, mean, least, evenness: mean > 0 ? least / mean : 1 }
}

/** Its mean with other water, or none. */
export function levelMeanWith(tank: LevelTank, change: Partial<WaterBox>): number {
  const { xsCm, ysCm } = levelLight(tank).grid
  return spreadOf(fieldOf(tank.lamps, { ...levelWaterBox(tank), ...change }, xsCm, ysCm)).mean
}
