import { requireWithin } from '../quantity/outOfRange.js'

/** A rectangular glass tank, one glass thickness for all five panes. Outer sizes in cm; freeboard from the rim down to the water. */
export interface Vessel {
  readonly lengthCm: number
  readonly widthCm: number
  readonly heightCm: number
  readonly glassCm: number
  readonly freeboardCm: number
}

export interface InnerSize {
  readonly lengthCm: number
  readonly widthCm: number
  readonly heightCm: number
  readonly waterDepthCm: number
}

/** Inner size: two panes in length and width, one below. Refuses glass that leaves no inside and a fill line below the floor. */
export function innerSize(vessel: Vessel): InnerSize {
  const { lengthCm, widthCm, heightCm, glassCm, freeboardCm } = vessel
  requireWithin('glassCm', glassCm, 0, Math.min(lengthCm / 2, widthCm / 2, heightCm) * 0.9)
  requireWithin('freeboardCm', freeboardCm, 0, heightCm - glassCm)
  const innerHeightCm = heightCm - glassCm
  return {
    lengthCm: lengthCm - 2 * glassCm,
    widthCm: widthCm - 2 * glassCm,
    heightCm: innerHeightCm,
    waterDepthCm: innerHeightCm - freeboardCm,
  }
}

export const floorAreaCm2 = (vessel: Vessel): number => {
  const inner = innerSize(vessel)
  return inner.lengthCm * inner.widthCm
}

/** What lies in the tank besides open water [L]. The words below (ground, hardscape) know how to measure it. */
export interface Filling {
  readonly groundL: number
  /** Water in the pores of the ground, part of `groundL`. */
  readonly poreWaterL: number
  readonly hardscapeL: number
}

export interface TankVolumes extends Filling {
  readonly outerL: number
  readonly innerL: number
  /** The empty tank filled to the water line. */
  readonly fillL: number
  /** Water above the ground, that mixes at once. Negative when the filling is larger than the tank: callers must look. */
  readonly openWaterL: number
  /** Open water and pore water together. */
  readonly netWaterL: number
  readonly surfaceM2: number
}

/** Volumes of a filled tank. Ground and hardscape lie wholly under water. */
export function tankVolumes(vessel: Vessel, filling: Filling): TankVolumes {
  const inner = innerSize(vessel)
  const floorCm2 = inner.lengthCm * inner.widthCm
  const fillL = (floorCm2 * inner.waterDepthCm) / 1000
  const openWaterL = fillL - filling.groundL - filling.hardscapeL
  return {
    ...filling,
    outerL: (vessel.lengthCm * vessel.widthCm * vessel.heightCm) / 1000,
    innerL: (floorCm2 * inner.heightCm) / 1000,
    fillL,
    openWaterL,
    netWaterL: openWaterL + filling.poreWaterL,
    surfaceM2: floorCm2 / 10_000,
  }
}

/** Common float glass (EN 572-1). */
export const GLASS_KG_PER_M3 = 2500

/** Mass of the glass [kg]. */
export function glassMassKg(vessel: Vessel, glassKgPerM3 = GLASS_KG_PER_M3): number {
  const { outerL, innerL } = tankVolumes(vessel, { groundL: 0, poreWaterL: 0, hardscapeL: 0 })
  return ((outerL - innerL) / 1000) * glassKgPerM3
}
