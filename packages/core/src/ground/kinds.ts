import type { GroundKind } from '../plan/plan.js'

/** What a litre of ground brings into the tank. Nutrient stocks: rules of thumb, ×/÷2 between products; fit them to the tank. */
export interface GroundProperties {
  /** Pore volume over bulk volume. */
  readonly porosity: number
  readonly bulkKgPerL: number
  /** N, P, K, Fe, exchangeable and in pore water [mg/L]. */
  readonly exchangeableMgPerL: readonly [number, number, number, number]
  /** N, P, K, Fe released slowly [mg/L]. */
  readonly reservoirMgPerL: readonly [number, number, number, number]
  /** Speed of exchange with the water, relative to bare pellets; a cap slows it. */
  readonly exchange: number
  /** Softening stock; rule of thumb 50–150 for active pellets. */
  readonly acidBufferMeqPerL: number
  /** Alkalinity down to which it softens [meq/L]. */
  readonly softenToMeqPerL: number
  readonly silicaMgPerL: number
}

export const GROUND: Readonly<Record<GroundKind, GroundProperties>> = {
  'rich-soil': { porosity: 0.5, bulkKgPerL: 0.92, exchangeableMgPerL: [130, 25, 60, 30], reservoirMgPerL: [260, 80, 250, 300], exchange: 1, acidBufferMeqPerL: 100, softenToMeqPerL: 0.3, silicaMgPerL: 60 },
  'lean-soil': { porosity: 0.5, bulkKgPerL: 0.92, exchangeableMgPerL: [15, 8, 25, 20], reservoirMgPerL: [90, 30, 120, 150], exchange: 1, acidBufferMeqPerL: 100, softenToMeqPerL: 0.3, silicaMgPerL: 60 },
  'capped-soil': { porosity: 0.45, bulkKgPerL: 1.1, exchangeableMgPerL: [130, 25, 60, 30], reservoirMgPerL: [260, 80, 250, 300], exchange: 0.25, acidBufferMeqPerL: 12, softenToMeqPerL: 0.6, silicaMgPerL: 90 },
  sand: { porosity: 0.39, bulkKgPerL: 1.57, exchangeableMgPerL: [0.5, 0.5, 1, 2], reservoirMgPerL: [0, 0, 0, 0], exchange: 1, acidBufferMeqPerL: 0, softenToMeqPerL: 0, silicaMgPerL: 40 },
  gravel: { porosity: 0.4, bulkKgPerL: 1.52, exchangeableMgPerL: [0.5, 0.5, 1, 2], reservoirMgPerL: [0, 0, 0, 0], exchange: 1, acidBufferMeqPerL: 0, softenToMeqPerL: 0, silicaMgPerL: 40 },
}
