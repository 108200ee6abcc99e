import { compile } from '../ecosystem/compile.js'
import { DAY, DAY_STRIDE } from '../ecosystem/daySeries.js'
import { simulate } from '../ecosystem/simulate.js'
import { tankFigures, type TankFigures } from '../ecosystem/tankFigures.js'
import { GROUND_METHODS, METHOD, methodLayers, type GroundMethod, type MethodFacts } from '../ground/compare.js'
import { groundNeeds, type GroundNeed } from '../ground/layering.js'
import { USUAL_RENEW_DAYS, tabCost, tabGrid } from '../ground/rootTabs.js'
import type { Plan } from '../plan/plan.js'
import { animalsAllowedFromDay } from '../startup/animalsAllowed.js'
import { programmed } from '../startup/programmed.js'
import { dkhOfAlkalinity } from '../water/carbonate.js'
import { priceOf } from './shopping.js'

const WEEKS = 12
const YEARS = 3
const TAB_GRID_CM = 12
const TAB_PACK = 10

export interface GroundComparison {
  readonly method: GroundMethod
  readonly facts: MethodFacts
  readonly plan: Plan
  readonly figures: TankFigures
  readonly needs: readonly GroundNeed[]
  /** In the plan's currency; `null` while a price is missing. */
  readonly costNow: number | null
  readonly costThreeYears: number | null
  readonly tabs: number
  /** Day from which tests can allow animals, as every other place tells it. */
  readonly animalsFromDay: number
  readonly ammoniaPeakMgNPerL: number
  /** Alkalinity and pH at gas-off, in the tap and after four weeks. */
  readonly khDkhAtStart: number
  readonly khDkhAfter: number
  readonly pHAfter: number
  readonly hasTankHeight: boolean
}

/** The same tank with one method's ground over its whole floor. */
export const withMethod = (plan: Plan, method: GroundMethod): Plan => ({
  ...plan,
  zones: [],
  tabs: [],
  layers: methodLayers(method).map((layer, index) => ({ id: `m${index + 1}`, product: null, ...layer })),
})

/** Each method in this very tank. Prices are the first column's, by the kind of ground. */
export const compareGrounds = (plan: Plan): GroundComparison[] => GROUND_METHODS.map((method) => compareOne(plan, method))

function compareOne(plan: Plan, method: GroundMethod): GroundComparison {
  const varied = withMethod(plan, method)
  const figures = tankFigures(varied)
  const facts = METHOD[method]
  const needs = groundNeeds(figures.ground, () => null)
  const column = plan.money.columns[0]?.id ?? 'first'
  const priceOfBag = (need: GroundNeed): number | null => priceOf(plan, { key: need.key, price: ownPrice(plan, need) }, column)
  const tabs = facts.needsTabs ? tabGrid(figures.ground.zones[0]?.ring ?? [], TAB_GRID_CM).length : 0
  const tabProduct = plan.tabProduct
  const tab = tabCost(tabs, tabProduct?.pack ?? TAB_PACK, tabProduct?.price ?? null, tabProduct?.renewDays ?? USUAL_RENEW_DAYS)
  const ground = needs.reduce<number | null>((sum, need) => {
    const price = priceOfBag(need)
    return sum === null || price === null ? null : sum + price * need.bags
  }, 0)
  const tabsNow = tabs === 0 ? 0 : tab.costNow
  const renewals = facts.years === null ? 0 : Math.max(0, Math.ceil(YEARS / facts.years) - 1)
  const costNow = ground === null || tabsNow === null ? null : ground + tabsNow
  const days = WEEKS * 7
  const compiled = compile({
    timeline: programmed([{ fromDay: 0, plan: { ...varied, animals: { ...varied.animals, groups: [] } } }], {
      today: 0,
      animalsAllowedFromDay: null,
    }).timeline,
    days,
    stepMin: 60,
  })
  const { rows } = simulate({ forcing: compiled.forcing, startState: compiled.startState, parameters: compiled.parameters, days })
  const of = (day: number, column: number): number => rows[day * DAY_STRIDE + column] ?? 0
  const ammonia = Array.from({ length: days }, (_, day) => of(day, DAY.ammonium))
  return {
    method,
    facts,
    plan: varied,
    figures,
    needs,
    costNow,
    tabs,
    costThreeYears:
      costNow === null || ground === null ? null : costNow + renewals * ground + (tabs === 0 ? 0 : (tab.costPerYear ?? 0) * YEARS),
    animalsFromDay: animalsAllowedFromDay(varied),
    ammoniaPeakMgNPerL: Math.max(...ammonia),
    khDkhAtStart: dkhOfAlkalinity(of(0, DAY.alkalinity)),
    khDkhAfter: dkhOfAlkalinity(of(27, DAY.alkalinity)),
    pHAfter: of(27, DAY.pHMin),
    hasTankHeight: figures.vessel.heightCm >= facts.leastTankCm,
  }
}

/** A product of this kind that the plan already uses. */
const ownPrice = (plan: Plan, need: GroundNeed): number | null =>
  [plan, ...plan.zones].flatMap(({ layers }) => layers).find((layer) => layer.ground === need.ground && layer.product !== null)?.product
    ?.price ?? null
