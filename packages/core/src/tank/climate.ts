import type { Top } from '../plan/plan.js'
import { evaporationMmPerDay, HEAT_OF_VAPOUR_KJ_PER_KG, type Air } from './evaporation.js'
import { innerSize, type Vessel } from './vessel.js'

/** Through glass to still air [W m⁻² K⁻¹]; rule of thumb 4–6. */
const GLASS_W_PER_M2_K = 5
/** The surface without evaporation. */
const SURFACE_W_PER_M2_K = 7
/** Share of a lamp's power that ends in the water; rule of thumb 0.4–0.8. */
const LAMP_SHARE = 0.6
/** A heater should reach its temperature on the coldest day and still switch off. */
const HEATER_MARGIN = 1.5
const COOLER_MARGIN = 1.25
const MM_M2_PER_KG = 1 // a millimetre on a square metre weighs a kilogram

export interface ClimateLoad {
  readonly vessel: Vessel
  readonly top: Top
  readonly targetC: number
  readonly air: Air
  readonly lampW: number
  /** Share of the day with light. */
  readonly litFraction: number
  readonly pumpW: number
}

/** Heat that leaves the tank at its target temperature [W], mean of a day; negative: it gains. */
export function heatLossW({ vessel, top, targetC, air, lampW, litFraction, pumpW }: ClimateLoad): number {
  const inner = innerSize(vessel)
  const surfaceM2 = (inner.lengthCm * inner.widthCm) / 10_000
  const wallsM2 = (2 * (inner.lengthCm + inner.widthCm) * inner.waterDepthCm + inner.lengthCm * inner.widthCm) / 10_000
  const gap = targetC - air.roomC
  const vapourW = (evaporationMmPerDay(targetC, air, top) * MM_M2_PER_KG * surfaceM2 * HEAT_OF_VAPOUR_KJ_PER_KG * 1000) / 86_400
  return (GLASS_W_PER_M2_K * wallsM2 + SURFACE_W_PER_M2_K * surfaceM2) * gap + vapourW - lampW * litFraction * LAMP_SHARE - pumpW
}

/** Heater that holds the target in the coldest room, by night [W]; 0 where none is needed. */
export const heaterNeededW = (load: Omit<ClimateLoad, 'litFraction'>): number => Math.max(0, heatLossW({ ...load, litFraction: 0 })) * HEATER_MARGIN
/** Cooling that holds the target in the hottest room while the lamp burns [W]; 0 where none is needed. */
export const coolerNeededW = (load: Omit<ClimateLoad, 'litFraction'>): number => Math.max(0, -heatLossW({ ...load, litFraction: 1 })) * COOLER_MARGIN
