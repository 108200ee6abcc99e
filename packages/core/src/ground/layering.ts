import type { GroundKind } from '../plan/plan.js'
import type { GroundPlan, LaidLayer } from './groundPlan.js'
import { bagsOf } from './layer.js'
import { GROUND } from './kinds.js'

/** What has to be bought of one ground, over all zones. */
export interface GroundNeed {
  /** Kind, and the product's name where one was chosen. */
  readonly detail: string
  /** Names it among all that is bought; prices hang on it. */
  readonly key: string
  readonly ground: GroundKind
  readonly name: string
  /** Of which layers it is made. */
  readonly laid: readonly LaidLayer[]
  /** In the tank, settled. */
  readonly volumeL: number
  /** Poured, with what it settles. */
  readonly pouredL: number
  readonly dryKg: number
  readonly bagL: number
  readonly bags: number
  readonly leftOverL: number
  readonly pricePerBag: number | null
}
export interface LayerProduct {
  readonly name: string
  readonly bagL: number
  readonly price: number | null
}

/** Litres, kilograms and bags by product. `productOf` tells the product that a layer was planned with. */
export function groundNeeds(ground: GroundPlan, productOf: (zoneId: string | null, layerId: string) => LayerProduct | null): GroundNeed[] {
  const needs = new Map<string, GroundNeed>()
  for (const zone of ground.zones)
    for (const layer of zone.layers) {
      if (layer.volumeL < 1e-6) continue
      const product = productOf(zone.id, layer.id)
      const detail = product === null ? layer.ground : `${layer.ground}:${product.name}`
      const before = needs.get(detail)
      const bagL = product?.bagL ?? GROUND[layer.ground].usualBagL
      const volumeL = (before?.volumeL ?? 0) + layer.volumeL
      const pouredL = volumeL * (1 + GROUND[layer.ground].settling)
      const bags = bagsOf(pouredL, bagL)
      needs.set(detail, {
        detail,
        key: `ground:${detail}`,
        ground: layer.ground,
        name: product?.name ?? '',
        laid: [...(before?.laid ?? []), layer],
        volumeL,
        pouredL,
        bagL,
        bags,
        dryKg: (before?.dryKg ?? 0) + layer.volumeL * layer.bulkKgPerL,
        leftOverL: bags * bagL - pouredL,
        pricePerBag: product?.price ?? null,
      })
    }
  return [...needs.values()]
}

/** Steps of laying, in their order; codes and the litres each takes. */
export interface LayingStep {
  readonly code:
    'rinse' | 'do-not-rinse' | 'barriers' | 'base' | 'capsules' | 'soil' | 'cap' | 'slope' | 'cosmetic' | 'damp' | 'hardscape' | 'plate'
  readonly grounds: readonly GroundKind[]
  readonly litres: number
}
/** Pellets and garden soil. */
const isSoil = ({ ground }: { readonly ground: GroundKind }): boolean =>
  GROUND[ground].grain === 'pellets' || GROUND[ground].grain === 'soil'
const isRinsed = ({ ground }: { readonly ground: GroundKind }): boolean => GROUND[ground].isRinsed

export function layingOrder(
  ground: GroundPlan,
  has: { readonly barriers: boolean; readonly capsules: boolean; readonly hardscape: boolean },
): LayingStep[] {
  const steps: LayingStep[] = []
  const laid = ground.zones.flatMap((zone) =>
    zone.layers
      .filter(({ volumeL }) => volumeL > 1e-6)
      .map((layer, index, list) => ({ ...layer, purpose: zone.purpose, isTop: index === list.length - 1, isOver: index > 0 })),
  )
  const add = (code: LayingStep['code'], of: typeof laid, always = false): void => {
    if (of.length > 0 || always)
      steps.push({
        code,
        grounds: [...new Set(of.map(({ ground: kind }) => kind))],
        litres: of.reduce((sum, { volumeL }) => sum + volumeL, 0),
      })
  }
  add('rinse', laid.filter(isRinsed))
  add('do-not-rinse', laid.filter(isSoil))
  add('barriers', [], has.barriers)
  add(
    'base',
    laid.filter((layer) => GROUND[layer.ground].grain === 'base'),
  )
  add('capsules', [], has.capsules)
  add('hardscape', [], has.hardscape)
  add(
    'soil',
    laid.filter((layer) => isSoil(layer) && layer.purpose !== 'cosmetic'),
  )
  add(
    'cap',
    laid.filter((layer) => layer.isOver && isRinsed(layer) && layer.purpose !== 'cosmetic'),
  )
  add(
    'slope',
    laid.filter((layer) => !layer.isOver && isRinsed(layer) && layer.purpose !== 'cosmetic'),
  )
  add(
    'cosmetic',
    laid.filter((layer) => layer.purpose === 'cosmetic'),
  )
  add(
    'damp',
    laid.filter((layer) => layer.isTop),
  )
  add('plate', [], true)
  return steps
}
