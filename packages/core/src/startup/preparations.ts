import type { Dimensions } from '../quantity/quantity.js'

/** What is done until plants and water are together, in the usual order of its days, with the values that its sentence tells. */
export const PREPARATIONS = {
  'dark-start': {},
  'soak-wood': { pieces: 'count' },
  'order-ground': { ground: 'volume' },
  'kit-check': {},
  cylinder: {},
  'ph-pen': {},
  'water-store': {},
  'plants-order': { pots: 'count' },
  layout: { pieces: 'count' },
  'paint-fix': { drying: 'hours' },
  'trial-flood': {},
  'plants-arrive': { pots: 'count' },
  'mix-water': { water: 'volume' },
  planting: { portions: 'count', work: 'minutes' },
  flood: { water: 'volume' },
} as const satisfies Readonly<Record<string, Dimensions>>
export type PreparationCode = keyof typeof PREPARATIONS
