import { groundNeeds } from '../ground/layering.js'
import type { TankFigures } from '../ecosystem/tankFigures.js'
import { pieceMassKg } from '../hardscape/piece.js'
import { PLANT_KINDS, type Plan } from '../plan/plan.js'
import { POT_G } from '../planting/density.js'
import { tabCost } from '../ground/rootTabs.js'
import { OFTEN_FORGOTTEN } from '../startup/backward.js'
import { lampWatts, neededCoolerW, neededHeaterW, usualHeaterW } from './climateLoad.js'

export const SHOPPING_GROUPS = ['tank', 'light', 'gas', 'filter', 'ground', 'hardscape', 'plants', 'sundries'] as const
export type ShoppingGroup = (typeof SHOPPING_GROUPS)[number]

/** One line of the list. The key is the same as long as the thing is; prices hang on it. */
export interface ShoppingItem {
  readonly key: string
  readonly group: ShoppingGroup
  /** How many to buy. */
  readonly count: number
  readonly unit: 'piece' | 'bag' | 'pot' | 'pack' | 'kg'
  /** The grower's own name; '' where the catalogue names it. */
  readonly name: string
  readonly values: Readonly<Record<string, number>>
  /** From the product that was chosen. */
  readonly price: number | null
  readonly isOwned: boolean
}

/** Everything that a plan asks to be bought. */
export function shoppingList(plan: Plan, figures: TankFigures): ShoppingItem[] {
  const items: ShoppingItem[] = []
  const owned = new Set(plan.money.owned)
  const add = (
    key: string,
    group: ShoppingGroup,
    count: number,
    options: Partial<Pick<ShoppingItem, 'unit' | 'name' | 'values' | 'price'>> = {},
  ): void => {
    if (count > 0) items.push({ key, group, count, unit: 'piece', name: '', values: {}, price: null, ...options, isOwned: owned.has(key) })
  }
  const { vessel } = figures
  add('tank', 'tank', 1, {
    values: { lengthCm: vessel.lengthCm, widthCm: vessel.widthCm, heightCm: vessel.heightCm, glassCm: vessel.glassCm },
  })
  add('stand', 'tank', 1, { values: { lengthCm: vessel.lengthCm, widthCm: vessel.widthCm } })
  add('mat', 'tank', 1)
  for (const lamp of plan.lamps)
    add(`lamp:${lamp.id}`, 'light', 1, {
      values: {
        watts: lamp.watts ?? lampWatts({ ...plan, lamps: [{ ...lamp, dimFraction: 1 }] }),
        lampLengthCm: lamp.lengthCm ?? vessel.lengthCm * 0.8,
      },
    })
  if (plan.lamps.length > 0) add('timer', 'light', 1 + plan.gasLines.filter(({ control }) => control === 'timer').length)
  for (const line of plan.gasLines) {
    if (line.control === 'none') continue
    add(`cylinder:${line.id}`, 'gas', 1)
    add(`regulator:${line.id}`, 'gas', 1)
    add(`diffuser:${line.id}`, 'gas', 1)
    add('indicator', 'gas', 1)
  }
  for (const filter of plan.filters) add(`filter:${filter.id}`, 'filter', 1, { values: { ratedLPerH: filter.ratedLPerH ?? 0 } })
  if (plan.filters.length === 0) add('filter', 'filter', 1, { values: { ratedLPerH: figures.turnoverPerH * figures.waterL * 1.7 } })
  const heater = neededHeaterW(plan, figures)
  if (heater > 0) add('heater', 'filter', 1, { values: { watts: plan.climate.heaterW ?? usualHeaterW(heater) } })
  if (neededCoolerW(plan, figures) > 0)
    add('cooler', 'filter', 1, { values: { watts: plan.climate.coolerW ?? neededCoolerW(plan, figures) } })
  for (const need of groundNeeds(figures.ground, productOf(plan)))
    add(need.key, 'ground', need.bags, {
      unit: 'bag',
      name: need.name,
      price: need.pricePerBag,
      values: { volumeL: need.pouredL, bagL: need.bagL, spareL: need.leftOverL, massKg: need.dryKg },
    })
  const tabs = plan.tabs.filter(({ kind }) => kind === 'tab').length
  const cost = tabCost(tabs, plan.tabProduct?.pack ?? 10, plan.tabProduct?.price ?? null, plan.tabProduct?.renewDays ?? 90)
  add('tabs', 'ground', cost.packs, {
    unit: 'pack',
    name: plan.tabProduct?.name ?? '',
    price: plan.tabProduct?.price ?? null,
    values: { count: tabs, spare: cost.spare },
  })
  const capsules = plan.tabs.length - tabs
  add('capsules', 'ground', Math.ceil(capsules / 10), { unit: 'pack', values: { count: capsules } })
  if (plan.barriers.length > 0)
    add('barrier', 'ground', 1, {
      values: {
        lengthCm: plan.barriers.reduce(
          (sum, { line }) =>
            sum + line.slice(1).reduce((far, to, index) => far + Math.hypot(to.xCm - line[index]!.xCm, to.yCm - line[index]!.yCm), 0),
          0,
        ),
      },
    })
  for (const material of new Set(plan.hardscape.map((piece) => piece.material))) {
    const pieces = figures.pieces.filter(({ piece }) => piece.material === material)
    add(`hardscape:${material}`, 'hardscape', Math.ceil(pieces.reduce((sum, { massKg }) => sum + massKg, 0)), {
      unit: 'kg',
      values: { pieces: pieces.length, unweighed: pieces.filter(({ piece }) => pieceMassKg(piece).from !== 'mass').length },
    })
  }
  if (plan.hardscape.some(({ fixing }) => fixing === 'glued')) add('glue', 'hardscape', 1)
  PLANT_KINDS.forEach((kind, group) => {
    const given = plan.patches.filter((patch) => patch.kind === kind).reduce((sum, patch) => sum + (patch.pots ?? 0), 0)
    add(`plants:${kind}`, 'plants', given > 0 ? given : Math.ceil((figures.plantG[group] ?? 0) / POT_G[kind] - 1e-9), { unit: 'pot' })
  })
  for (const thing of OFTEN_FORGOTTEN)
    if (thing !== 'conditioner' || plan.sources[0]?.disinfectant !== 'none') add(`sundry:${thing}`, 'sundries', 1)
  for (const extra of plan.money.extras) add(`extra:${extra.id}`, 'sundries', extra.count, { name: extra.name })
  const once = new Map(items.map((item) => [item.key, item]))
  return [...once.values()]
}

const productOf = (plan: Plan) => (zoneId: string | null, layerId: string) =>
  (zoneId === null ? plan.layers : (plan.zones.find(({ id }) => id === zoneId)?.layers ?? [])).find(({ id }) => id === layerId)?.product ??
  null

export interface ColumnTotal {
  readonly columnId: string
  readonly total: number
  readonly byGroup: Readonly<Record<ShoppingGroup, number>>
  /** Lines still without a price. */
  readonly unpriced: number
}
/** Price of a line in a column: the grower's own, else the product's. */
export const priceOf = (plan: Pick<Plan, 'money'>, item: ShoppingItem, columnId: string): number | null =>
  plan.money.prices.find((price) => price.item === item.key && price.column === columnId)?.price ?? item.price

/** What each column comes to; what is at hand costs nothing. */
export function columnTotals(plan: Pick<Plan, 'money'>, items: readonly ShoppingItem[]): ColumnTotal[] {
  return plan.money.columns.map(({ id }) => {
    const byGroup = Object.fromEntries(SHOPPING_GROUPS.map((group) => [group, 0])) as Record<ShoppingGroup, number>
    let unpriced = 0
    for (const item of items) {
      if (item.isOwned) continue
      const price = priceOf(plan, item, id)
      if (price === null) unpriced++
      else byGroup[item.group] += price * item.count
    }
    return { columnId: id, total: Object.values(byGroup).reduce((sum, cost) => sum + cost, 0), byGroup, unpriced }
  })
}

/** How a sum is usually spread over the groups; rule of thumb, each ± a half of itself. */
export const USUAL_SPLIT: Readonly<Record<ShoppingGroup, number>> = {
  tank: 0.27,
  light: 0.2,
  gas: 0.14,
  filter: 0.12,
  ground: 0.08,
  hardscape: 0.07,
  plants: 0.08,
  sundries: 0.04,
}
