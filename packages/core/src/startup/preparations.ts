/** What is done before planting, in the usual order of its days. */
export const PREPARATIONS = [
  'dark-start',
  'soak-wood',
  'order-ground',
  'kit-check',
  'cylinder',
  'ph-pen',
  'water-store',
  'plants-order',
  'layout',
  'paint-fix',
  'trial-flood',
  'plants-arrive',
  'mix-water',
  'planting',
] as const
export type PreparationCode = (typeof PREPARATIONS)[number]
