import { mixDisinfectant } from '../water/mixOf.js'
import { groundNeeds } from '../ground/layering.js'
import type { TankFigures } from '../ecosystem/tankFigures.js'
import { PLANT_KINDS, type Plan } from '../plan/plan.js'
import { quantities, type Dimensions, type NumbersOf, type Quantities } from '../quantity/quantity.js'
import { countedSpecies, type CountedSpecies } from '../planting/bedsOf.js'
import { potsOf } from '../planting/pots.js'
import { USUAL_RENEW_DAYS, tabCost } from '../ground/rootTabs.js'
import { mineralNeeds } from './mineralNeed.js'
import { feedNeeds } from './feedNeed.js'
import { isUsual } from '../feed/cupboard.js'
import { commonAnswers } from '../plan/answers.js'
import type { ReadingQuantity } from '../plan/journal.js'
import { OFTEN_FORGOTTEN, type Forgotten } from '../startup/backward.js'
import { neededCoolerW, neededHeaterW, usualHeaterW } from '../tank/climateLoad.js'

export const SHOPPING_GROUPS = ['tank', 'light', 'gas', 'filter', 'ground', 'hardscape', 'plants', 'sundries'] as const
export type ShoppingGroup = (typeof SHOPPING_GROUPS)[number]

interface LineRow {
  readonly group: ShoppingGroup
  readonly unit: 'piece' | 'bag' | 'pot' | 'pack' | 'kg'
  readonly values: Dimensions
}
/** Kinds of lines: their group, how they are counted, and the values that their name tells. */
export const SHOPPING_LINES = {
  tank: { group: 'tank', unit: 'piece', values: { length: 'length', width: 'length', height: 'length', glass: 'length' } },
  stand: { group: 'tank', unit: 'piece', values: { length: 'length', width: 'length' } },
  mat: { group: 'tank', unit: 'piece', values: {} },
  lamp: { group: 'light', unit: 'piece', values: { power: 'power', length: 'length' } },
  timer: { group: 'light', unit: 'piece', values: {} },
  cylinder: { group: 'gas', unit: 'piece', values: {} },
  regulator: { group: 'gas', unit: 'piece', values: {} },
  diffuser: { group: 'gas', unit: 'piece', values: {} },
  indicator: { group: 'gas', unit: 'piece', values: {} },
  counter: { group: 'gas', unit: 'piece', values: {} },
  filter: { group: 'filter', unit: 'piece', values: { rated: 'flow' } },
  heater: { group: 'filter', unit: 'piece', values: { power: 'power' } },
  cooler: { group: 'filter', unit: 'piece', values: { power: 'power' } },
  ground: { group: 'ground', unit: 'bag', values: { bag: 'volume', poured: 'volume', spare: 'volume' } },
  tabs: { group: 'ground', unit: 'pack', values: { tabs: 'count', spare: 'count' } },
  capsules: { group: 'ground', unit: 'pack', values: { capsules: 'count' } },
  barrier: { group: 'ground', unit: 'piece', values: { length: 'length' } },
  hardscape: { group: 'hardscape', unit: 'kg', values: { pieces: 'count' } },
  glue: { group: 'hardscape', unit: 'piece', values: {} },
  plants: { group: 'plants', unit: 'pot', values: {} },
  /** For half a year. */
  salt: { group: 'sundries', unit: 'pack', values: { amount: 'salt' } },
  fertiliser: { group: 'sundries', unit: 'pack', values: { amount: 'dosing' } },
  test: { group: 'sundries', unit: 'piece', values: {} },
  sundry: { group: 'sundries', unit: 'piece', values: {} },
  extra: { group: 'sundries', unit: 'piece', values: {} },
} as const satisfies Readonly<Record<string, LineRow>>
export type ShoppingLine = keyof typeof SHOPPING_LINES

/** One line of the list. The key is the same as long as the thing is; prices hang on it. */
export interface ShoppingItem {
  readonly key: string
  readonly line: ShoppingLine
  /** Which of several, or of which kind: the id of a lamp, a ground, a plant kind; '' of a single thing. */
  readonly detail: string
  readonly group: ShoppingGroup
  /** How many to buy. */
  readonly count: number
  readonly unit: LineRow['unit']
  /** The grower's own name; '' where the catalogue names it. */
  readonly name: string
  readonly values: Quantities
  /** From the product that was chosen. */
  readonly price: number | null
  readonly isOwned: boolean
  /** Of a kind of plants: which, where the map says so. */
  readonly plants: readonly CountedSpecies[]
}

/** Fertiliser is bought for so long: half a year keeps. */
const FED_DAYS = 182
/** What the first months are judged by. */
export const KITS_BOUGHT = [
  'pH',
  'alkalinity',
  'hardness',
  'ammonia',
  'nitrite',
  'nitrate',
  'phosphate',
  'iron',
] as const satisfies readonly ReadingQuantity[]
const GAS_SUNDRIES: ReadonlySet<Forgotten> = new Set(['check-valve', 'spare-seal', 'counter-liquid', 'indicator-fluid', 'second-timer'])

/** Everything that a plan asks to be bought. */
export function shoppingList(plan: Plan, figures: TankFigures): ShoppingItem[] {
  const items: ShoppingItem[] = []
  const owned = new Set(plan.money.owned)
  const add = <Line extends ShoppingLine>(
    line: Line,
    detail: string,
    count: number,
    numbers: NumbersOf<(typeof SHOPPING_LINES)[Line]['values']>,
    own: { readonly name?: string; readonly price?: number | null; readonly plants?: readonly CountedSpecies[] } = {},
  ): void => {
    const key = detail === '' ? line : `${line}:${detail}`
    const { group, unit, values } = SHOPPING_LINES[line]
    const told = { values: quantities(values, numbers), name: own.name ?? '', price: own.price ?? null, plants: own.plants ?? [] }
    if (count > 0) items.push({ key, line, detail, group, count, unit, ...told, isOwned: owned.has(key) })
  }
  const { vessel } = figures
  const size = { length: vessel.lengthCm, width: vessel.widthCm }
  add('tank', '', 1, { ...size, height: vessel.heightCm, glass: vessel.glassCm })
  add('stand', '', 1, size)
  add('mat', '', 1, {})
  for (const { id, fullWatts, lengthCm } of figures.lamps) add('lamp', id, 1, { power: fullWatts, length: lengthCm })
  if (plan.lamps.length > 0) add('timer', '', 1 + plan.gasLines.filter(({ control }) => control === 'timer').length, {})
  for (const line of plan.gasLines) {
    if (line.control === 'none') continue
    add('cylinder', line.id, 1, {})
    add('regulator', line.id, 1, {})
    add('diffuser', line.id, 1, {})
    add('indicator', '', 1, {})
    add('counter', line.id, 1, {})
  }
  for (const filter of plan.filters) add('filter', filter.id, 1, { rated: filter.ratedLPerH ?? 0 })
  if (plan.filters.length === 0) add('filter', '', 1, { rated: figures.turnoverPerH * figures.waterL * 1.7 })
  const heater = neededHeaterW(figures)
  if (heater > 0) add('heater', '', 1, { power: plan.climate.heaterW ?? usualHeaterW(heater) })
  const cooler = neededCoolerW(figures)
  if (cooler > 0) add('cooler', '', 1, { power: plan.climate.coolerW ?? cooler })
  for (const { detail, bags, bagL, pouredL, leftOverL, name, pricePerBag } of groundNeeds(figures.ground, productOf(plan)))
    add('ground', detail, bags, { bag: bagL, poured: pouredL, spare: leftOverL }, { name, price: pricePerBag })
  const tabs = plan.tabs.filter(({ kind }) => kind === 'tab').length
  const product = plan.tabProduct
  const { packs, spare } = tabCost(tabs, product?.pack ?? 10, product?.price ?? null, product?.renewDays ?? USUAL_RENEW_DAYS)
  add('tabs', '', packs, { tabs, spare }, { name: product?.name ?? '', price: product?.price ?? null })
  const capsules = plan.tabs.length - tabs
  add('capsules', '', Math.ceil(capsules / 10), { capsules })
  if (plan.barriers.length > 0) add('barrier', '', 1, { length: plan.barriers.reduce((sum, { line }) => sum + lengthCm(line), 0) })
  for (const material of new Set(plan.hardscape.map((piece) => piece.material))) {
    const pieces = figures.pieces.filter(({ piece }) => piece.material === material)
    const kg = Math.ceil(pieces.reduce((sum, { massKg }) => sum + massKg, 0))
    add('hardscape', material, kg, { pieces: pieces.length })
  }
  if (plan.hardscape.some(({ fixing }) => fixing === 'glued') || figures.spots.some(({ glueG }) => glueG > 0)) add('glue', '', 1, {})
  const counted = countedSpecies([...figures.beds, ...figures.spots])
  for (const kind of PLANT_KINDS)
    add(
      'plants',
      kind,
      potsOf(plan, figures.stand, kind, figures.inner),
      {},
      { plants: counted.filter(({ plant }) => plant.kind === kind) },
    )
  for (const { product, unit, perDay } of feedNeeds(plan, figures.waterL)) {
    const amount = perDay * FED_DAYS
    const packs = (pack: number | null): number => (pack === null ? 1 : Math.max(1, Math.ceil(amount / pack)))
    const own = { name: product.name, price: product.price }
    if (unit === 'g') add('salt', product.salt ?? '', packs(product.packG), { amount }, own)
    else if (product.form === 'bottle') add('fertiliser', isUsual(product) ? '' : product.id, packs(product.bottleMl), { amount }, own)
    else
      for (const { salt, grams } of product.mix)
        add('salt', salt, 1, { amount: (grams * amount) / commonAnswers().number('feed/cupboard/*/bottleMl', product.bottleMl) })
  }
  for (const { salt, grams } of mineralNeeds(plan, figures.waterL)) {
    // One pack serves doses and new water.
    const dosed = items.find(({ key }) => key === `salt:${salt}`)
    const amount = grams * FED_DAYS + (dosed?.values['amount']?.value ?? 0)
    add('salt', salt, dosed?.count ?? 1, { amount }, { name: dosed?.name ?? '', price: dosed?.price ?? null })
  }
  for (const quantity of KITS_BOUGHT) add('test', quantity, 1, {})
  const hasGas = plan.gasLines.some(({ control }) => control !== 'none')
  const isNeeded = (thing: Forgotten): boolean =>
    GAS_SUNDRIES.has(thing) ? hasGas : thing !== 'conditioner' || mixDisinfectant(plan) !== 'none'
  for (const thing of OFTEN_FORGOTTEN) if (isNeeded(thing)) add('sundry', thing, 1, {})
  for (const extra of plan.money.extras) add('extra', extra.id, extra.count, {}, { name: extra.name })
  const once = new Map(items.map((item) => [item.key, item]))
  return [...once.values()]
}

const lengthCm = (line: readonly { readonly xCm: number; readonly yCm: number }[]): number =>
  line.slice(1).reduce((far, to, index) => far + Math.hypot(to.xCm - line[index]!.xCm, to.yCm - line[index]!.yCm), 0)

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
export const priceOf = (plan: Pick<Plan, 'money'>, item: Pick<ShoppingItem, 'key' | 'price'>, columnId: string): number | null =>
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
