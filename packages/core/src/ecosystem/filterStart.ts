/** Bacteria that come with the filter [mg per 200 L] and how settled the biofilm is, 0–1. Rules of thumb. */
export const FILTER_START = {
  new: { ammoniaOxidisersMg: 0.1, nitriteOxidisersMg: 0.1, biofilm: 0.02 },
  'seeded media': { ammoniaOxidisersMg: 8, nitriteOxidisersMg: 5, biofilm: 0.2 },
  mature: { ammoniaOxidisersMg: 20, nitriteOxidisersMg: 10, biofilm: 0.5 },
} as const
export interface FilterStart {
  readonly ammoniaOxidisersMg: number
  readonly nitriteOxidisersMg: number
  readonly biofilm: number
}
