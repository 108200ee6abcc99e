import type { Top } from '../plan/plan.js'
import { evaporationMmPerDay, HEAT_OF_VAPOUR_KJ_PER_KG, type Air } from './evaporation.js'
import { innerSize, type Vessel } from './vessel.js'

/** Through glass to still air [W m⁻² K⁻¹]; rule of thumb 4–6. */
const GLASS_W_PER_M2_K = 5
/** The surface without evaporation. */
const SURFACE_W_PER_M2_K = 7
/** Share of a lamp's power that ends in the water; rule of thumb 0.4–0.8. */
const LAMP_SHARE = 0.6
export const HEAT_SOURCE = `Heat balance of glass (${GLASS_W_PER_M2_K} W/m²K), surface (${SURFACE_W_PER_M2_K} W/m²K) and vapour, with ${LAMP_SHARE} of the lamp’s power; rules of thumb, 4–6 W/m²K for the glass. Gains are negative`
/** A heater should reach its temperature on the coldest day and still switch off. */
export const HEATER_MARGIN = 1.5
export const COOLER_MARGIN = 1.25
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

/** Where the heat goes and comes from [W], mean of a day; gains are negative. */
export interface HeatTerms {
  readonly wallsW: number
  readonly surfaceW: number
  readonly vapourW: number
  readonly lampW: number
  readonly pumpW: number
}
export function heatTerms({ vessel, top, targetC, air, lampW, litFraction, pumpW }: ClimateLoad): HeatTerms {
  const inner = innerSize(vessel)
  const surfaceM2 = (inner.lengthCm * inner.widthCm) / 10_000
  const wallsM2 = (2 * (inner.lengthCm + inner.widthCm) * inner.waterDepthCm + inner.lengthCm * inner.widthCm) / 10_000
  const gap = targetC - air.roomC
  return {
    wallsW: GLASS_W_PER_M2_K * wallsM2 * gap,
    surfaceW: SURFACE_W_PER_M2_K * surfaceM2 * gap,
    vapourW: (evaporationMmPerDay(targetC, air, top) * MM_M2_PER_KG * surfaceM2 * HEAT_OF_VAPOUR_KJ_PER_KG * 1000) / 86_400,
    lampW: -lampW * litFraction * LAMP_SHARE,
    pumpW: -pumpW,
  }
}

/** Heat that leaves the tank at its target temperature [W], mean of a day; negative: it gains. */
export function heatLossW(load: ClimateLoad): number {
  const { wallsW, surfaceW, vapourW, lampW, pumpW } = heatTerms(load)
  return wallsW + surfaceW + vapourW + lampW + pumpW
}

/** The cold night that a heater is chosen for, and the lit hour in the warmest month that cooling is chosen for. */
export const atNight = (load: Omit<ClimateLoad, 'litFraction'>): ClimateLoad => ({ ...load, litFraction: 0 })
export const whileLit = (load: Omit<ClimateLoad, 'litFraction'>): ClimateLoad => ({ ...load, litFraction: 1 })

/** Heater that holds the target in the coldest room, by night [W]; 0 where none is needed. */
export const heaterNeededW = (load: Omit<ClimateLoad, 'litFraction'>): number => Math.max(0, heatLossW(atNight(load))) * HEATER_MARGIN
/** Cooling that holds the target in the hottest room while the lamp burns [W]; 0 where none is needed. */
export const coolerNeededW = (load: Omit<ClimateLoad, 'litFraction'>): number => Math.max(0, -heatLossW(whileLit(load))) * COOLER_MARGIN
/** Either need for walls that lose less or more, 4–6 W/m²K, and lamps that warm less or more. Rule of thumb. */
export const climateSpanW = (watts: number): readonly [number, number] => [watts * 0.7, watts * 1.4]

const COLDEST_C = 0
const HOTTEST_C = 55
/** Halvings until a hundredth of a degree is told apart. */
const HALVINGS = 14

/** Water temperature [°C] at which as much heat comes as goes, mean of a day; bisection, since warmer water always loses more. */
export function equilibriumC(load: Omit<ClimateLoad, 'targetC'>): number {
  let [low, high] = [COLDEST_C, HOTTEST_C]
  for (let step = 0; step < HALVINGS; step++) {
    const targetC = (low + high) / 2
    if (heatLossW({ ...load, targetC }) > 0) high = targetC
    else low = targetC
  }
  return (low + high) / 2
}

/** Heat that leaves for each degree more of water [W/K], around a temperature. */
export const lossPerKelvinW = (load: ClimateLoad): number =>
  heatLossW({ ...load, targetC: load.targetC + 0.5 }) - heatLossW({ ...load, targetC: load.targetC - 0.5 })
