import type { GroundKind } from '../plan/plan.js'

/** The ways to make a ground, as the schools have them. */
export const GROUND_METHODS = ['active-soil', 'buffering-soil', 'capped-garden-soil', 'inert-with-tabs'] as const
export type GroundMethod = (typeof GROUND_METHODS)[number]

export interface MethodFacts {
  /** Layers from the glass up: kind and share of the depth, or a fixed depth [cm]. */
  readonly layers: readonly { readonly ground: GroundKind; readonly depthCm: number | 'rest' }[]
  /** Usual depth front and back [cm]; rules of thumb. */
  readonly frontCm: number
  readonly backCm: number
  /** Lowest tank that still leaves room for plants over it [cm]; rule of thumb. */
  readonly leastTankCm: number
  /** Years until it is renewed; `null` lasts. Rule of thumb ±1. */
  readonly years: number | null
  readonly stemHold: 'good' | 'fair' | 'fair-when-fresh'
  readonly moving: 'easy' | 'fair' | 'messy'
  readonly needsTabs: boolean
  /** Days at which animals may usually come, from and to; tests decide. */
  readonly animalsFromDay: readonly [number, number]
}
export const METHOD: Readonly<Record<GroundMethod, MethodFacts>> = {
  'active-soil': {
    layers: [{ ground: 'rich-soil', depthCm: 'rest' }],
    frontCm: 4,
    backCm: 8,
    leastTankCm: 28,
    years: 4,
    stemHold: 'fair-when-fresh',
    moving: 'fair',
    needsTabs: false,
    animalsFromDay: [35, 56],
  },
  'buffering-soil': {
    layers: [{ ground: 'lean-soil', depthCm: 'rest' }],
    frontCm: 4,
    backCm: 8,
    leastTankCm: 28,
    years: 4,
    stemHold: 'fair-when-fresh',
    moving: 'fair',
    needsTabs: true,
    animalsFromDay: [21, 35],
  },
  'capped-garden-soil': {
    layers: [
      { ground: 'capped-soil', depthCm: 2.5 },
      { ground: 'sand', depthCm: 3 },
    ],
    frontCm: 5.5,
    backCm: 5.5,
    leastTankCm: 30,
    years: null,
    stemHold: 'good',
    moving: 'messy',
    needsTabs: false,
    animalsFromDay: [42, 63],
  },
  'inert-with-tabs': {
    layers: [{ ground: 'gravel', depthCm: 'rest' }],
    frontCm: 4,
    backCm: 7,
    leastTankCm: 26,
    years: null,
    stemHold: 'good',
    moving: 'easy',
    needsTabs: true,
    animalsFromDay: [21, 35],
  },
}
/** Depth of a method's layers at front and back [cm]. */
export function methodLayers(
  method: GroundMethod,
): readonly { readonly ground: GroundKind; readonly frontCm: number; readonly backCm: number }[] {
  const { layers, frontCm, backCm } = METHOD[method]
  const fixed = layers.reduce((sum, { depthCm }) => sum + (depthCm === 'rest' ? 0 : depthCm), 0)
  return layers.map(({ ground, depthCm }) =>
    depthCm === 'rest' ? { ground, frontCm: frontCm - fixed, backCm: backCm - fixed } : { ground, frontCm: depthCm, backCm: depthCm },
  )
}
