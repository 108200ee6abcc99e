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
  /** Angle at which it may be planned: loose pellets 15–20°, sand 15°, gravel 20°. On the day of pouring it stands steeper, later roots, fish and changes flatten it. Rule of thumb. */
  readonly plannedDeg: number
  /** Angle of repose under water on the day of pouring. Rule of thumb ±3°. */
  readonly reposeDeg: number
  /** A usual bag; the user's own products go before it. */
  readonly usualBagL: number
  /** Fills up once poured; rule of thumb 0.05–0.10. */
  readonly settling: number
  /** What it is made of, as one draws it and lays it. */
  readonly grain: 'pellets' | 'soil' | 'sand' | 'gravel' | 'base'
  /** Washed before it goes in; soils are not, they fall apart. */
  readonly isRinsed: boolean
  /** Feeds roots from the first day and leaches ammonia for weeks: no nitrogen from the bottle at first, a dark start is worth it, shrimps wait. */
  readonly leaches: boolean
  /** Softens the water down; hard tap water uses that up early. */
  readonly isSoftener: boolean
  /** Rots above a thickness and clouds unless something lies on it. */
  readonly needsCap: boolean
  readonly isCarbonate: boolean
}

export const GROUND: Readonly<Record<GroundKind, GroundProperties>> = {
  'rich-soil': {
    porosity: 0.5,
    bulkKgPerL: 0.92,
    exchangeableMgPerL: [130, 25, 60, 30],
    reservoirMgPerL: [260, 80, 250, 300],
    exchange: 1,
    acidBufferMeqPerL: 100,
    softenToMeqPerL: 0.3,
    silicaMgPerL: 60,
    plannedDeg: 20,
    reposeDeg: 30,
    usualBagL: 9,
    settling: 0.08,
    grain: 'pellets',
    isRinsed: false,
    leaches: true,
    isSoftener: true,
    needsCap: false,
    isCarbonate: false,
  },
  'lean-soil': {
    porosity: 0.5,
    bulkKgPerL: 0.92,
    exchangeableMgPerL: [15, 8, 25, 20],
    reservoirMgPerL: [90, 30, 120, 150],
    exchange: 1,
    acidBufferMeqPerL: 100,
    softenToMeqPerL: 0.3,
    silicaMgPerL: 60,
    plannedDeg: 20,
    reposeDeg: 30,
    usualBagL: 9,
    settling: 0.08,
    grain: 'pellets',
    isRinsed: false,
    leaches: false,
    isSoftener: true,
    needsCap: false,
    isCarbonate: false,
  },
  'capped-soil': {
    porosity: 0.45,
    bulkKgPerL: 1.1,
    exchangeableMgPerL: [130, 25, 60, 30],
    reservoirMgPerL: [260, 80, 250, 300],
    exchange: 0.25,
    acidBufferMeqPerL: 12,
    softenToMeqPerL: 0.6,
    silicaMgPerL: 90,
    plannedDeg: 15,
    reposeDeg: 28,
    usualBagL: 10,
    settling: 0.1,
    grain: 'soil',
    isRinsed: false,
    leaches: true,
    isSoftener: false,
    needsCap: true,
    isCarbonate: false,
  },
  sand: {
    porosity: 0.39,
    bulkKgPerL: 1.57,
    exchangeableMgPerL: [0.5, 0.5, 1, 2],
    reservoirMgPerL: [0, 0, 0, 0],
    exchange: 1,
    acidBufferMeqPerL: 0,
    softenToMeqPerL: 0,
    silicaMgPerL: 40,
    plannedDeg: 15,
    reposeDeg: 28,
    usualBagL: 6,
    settling: 0.05,
    grain: 'sand',
    isRinsed: true,
    leaches: false,
    isSoftener: false,
    needsCap: false,
    isCarbonate: false,
  },
  gravel: {
    porosity: 0.4,
    bulkKgPerL: 1.52,
    exchangeableMgPerL: [0.5, 0.5, 1, 2],
    reservoirMgPerL: [0, 0, 0, 0],
    exchange: 1,
    acidBufferMeqPerL: 0,
    softenToMeqPerL: 0,
    silicaMgPerL: 40,
    plannedDeg: 20,
    reposeDeg: 35,
    usualBagL: 6,
    settling: 0.05,
    grain: 'gravel',
    isRinsed: true,
    leaches: false,
    isSoftener: false,
    needsCap: false,
    isCarbonate: false,
  },
  'porous-base': {
    porosity: 0.55,
    bulkKgPerL: 0.6,
    exchangeableMgPerL: [40, 10, 30, 15],
    reservoirMgPerL: [80, 20, 60, 80],
    exchange: 0.5,
    acidBufferMeqPerL: 0,
    softenToMeqPerL: 0,
    silicaMgPerL: 60,
    plannedDeg: 20,
    reposeDeg: 32,
    usualBagL: 5,
    settling: 0.05,
    grain: 'base',
    isRinsed: false,
    leaches: false,
    isSoftener: false,
    needsCap: false,
    isCarbonate: false,
  },
  'carbonate-sand': {
    porosity: 0.4,
    bulkKgPerL: 1.45,
    exchangeableMgPerL: [0.5, 0.5, 1, 2],
    reservoirMgPerL: [0, 0, 0, 0],
    exchange: 1,
    acidBufferMeqPerL: 0,
    softenToMeqPerL: 0,
    silicaMgPerL: 5,
    plannedDeg: 15,
    reposeDeg: 28,
    usualBagL: 6,
    settling: 0.05,
    grain: 'sand',
    isRinsed: true,
    leaches: false,
    isSoftener: false,
    needsCap: false,
    isCarbonate: true,
  },
}

/** What all layers brought into the tank when they were new [mg of N, P, K and Fe], exchangeable and slow. */
export const groundStockMg = (
  layers: readonly { readonly ground: GroundKind; readonly volumeL: number }[],
): readonly [number, number, number, number] => {
  const sum = (nutrient: 0 | 1 | 2 | 3): number =>
    layers.reduce(
      (all, { ground, volumeL }) =>
        all + volumeL * (GROUND[ground].exchangeableMgPerL[nutrient] + GROUND[ground].reservoirMgPerL[nutrient]),
      0,
    )
  return [sum(0), sum(1), sum(2), sum(3)]
}
