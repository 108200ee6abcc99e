import type { FeedProduct } from '../plan/planFeed.js'
import type { FeedShare, Plan } from '../plan/plan.js'
import { cupboardOf } from './cupboard.js'
import { FEED_NUTRIENTS, NO_NUTRIENTS, nutrientsBy, type NutrientAmounts } from './nutrients.js'
import { bringsAnything, contentOf, FEED_PARTNERS, type PartnerAmounts, type ProductContent } from './products.js'
import { mix } from '../salts/mix.js'
import { fullAmounts, FULL_SHARE, shareOf } from './schoolAmounts.js'
import { broughtByWater } from './weeklyChange.js'

/** So much of a product for each litre of the tank; grams or millilitres. */
export interface RecipePortion {
  readonly product: FeedProduct
  readonly content: ProductContent
  readonly perL: number
}
/** Amounts from the cupboard that bring what is wanted, all for one litre. */
export interface FeedRecipe {
  readonly portions: readonly RecipePortion[]
  /** Left out because they bring nitrogen or phosphorus of which none is wanted. */
  readonly waiting: readonly FeedProduct[]
  /** Of which too little is told to dose them. */
  readonly untold: readonly FeedProduct[]
  readonly wantedMgPerL: NutrientAmounts
  readonly givenMgPerL: NutrientAmounts
  readonly partnersMgPerL: PartnerAmounts
}

/** An item of the budget: several nutrients may count towards one. */
interface Item {
  readonly wanted: number
  readonly held: (content: ProductContent) => number
}

/** Amounts of the products at hand that come nearest to what is wanted, with the rules of all recipes. None means none: where no nitrogen or no phosphorus is wanted, what brings it waits. Ammonium and urea in a labelled bottle count with its nitrate where no fast nitrogen is asked for; as a salt they wait. `isHeldBack`: nitrogen and phosphorus are kept lower than the rest on purpose, so no product gives more of them than is wanted. */
export function feedRecipe(products: readonly FeedProduct[], wantedMgPerL: NutrientAmounts, isHeldBack = false): FeedRecipe {
  const told = products.flatMap((product) => {
    const content = contentOf(product)
    return content === null || !bringsAnything(content) ? [] : [{ product, content }]
  })
  const isFast = wantedMgPerL.ammoniumN > 0
  const nitrogenOf = ({ nutrientsMg }: ProductContent): number => nutrientsMg.nitrateN + nutrientsMg.ammoniumN
  const hasToWait = ({ product, content }: (typeof told)[number]): boolean =>
    (wantedMgPerL.nitrateN + wantedMgPerL.ammoniumN === 0 && nitrogenOf(content) > 0) ||
    (wantedMgPerL.phosphateP === 0 && content.nutrientsMg.phosphateP > 0) ||
    (!isFast && product.form !== 'bottle' && content.nutrientsMg.ammoniumN > 0)
  const used = told.filter((one) => !hasToWait(one))
  const mostHeldBack = (content: ProductContent): number => {
    const bound = (wanted: number, held: number): number => (held > 0 ? wanted / held : Infinity)
    return Math.min(
      bound(wantedMgPerL.nitrateN + wantedMgPerL.ammoniumN, nitrogenOf(content)),
      bound(wantedMgPerL.phosphateP, content.nutrientsMg.phosphateP),
    )
  }
  const items = FEED_NUTRIENTS.flatMap((nutrient): Item[] =>
    wantedMgPerL[nutrient] > 0
      ? [
          {
            wanted: wantedMgPerL[nutrient],
            held: (content) => (nutrient === 'nitrateN' && !isFast ? nitrogenOf(content) : content.nutrientsMg[nutrient]),
          },
        ]
      : [],
  )
  const { amounts } =
    items.length === 0
      ? { amounts: used.map(() => 0) }
      : mix(
          // A millilitre weighs about a gram.
          used.map(({ content }) => ({ adds: items.map(({ held }) => held(content)), costs: 1 })),
          items.map(({ wanted }) => ({ base: 0, target: wanted })),
          used.map(({ content }) => Math.min(MOST_PER_L, isHeldBack ? mostHeldBack(content) : MOST_PER_L)),
        )
  const portions = used.map((one, at) => ({ ...one, perL: amounts[at]! })).filter(({ perL }) => perL > LEAST_PER_L)
  return {
    portions,
    waiting: told.filter(hasToWait).map(({ product }) => product),
    untold: products.filter((product) => !told.some((one) => one.product === product)),
    wantedMgPerL,
    givenMgPerL: nutrientsBy((nutrient) => portions.reduce((sum, { content, perL }) => sum + perL * content.nutrientsMg[nutrient], 0)),
    partnersMgPerL: Object.fromEntries(
      FEED_PARTNERS.map((partner) => [partner, portions.reduce((sum, { content, perL }) => sum + perL * content.partnersMg[partner], 0)]),
    ) as unknown as PartnerAmounts, // one entry a partner
  }
}
/** More than a fiftieth of the water is no dose but another water [g or mL in a litre]. */
const MOST_PER_L = 20
/** Rounding, not a dose. */
const LEAST_PER_L = 1e-12

type Fed = Pick<Plan, 'feeding' | 'feed' | 'changes' | 'sources' | 'logistics' | 'water'>
const recipes = new WeakMap<Plan['feed'], Map<string, FeedRecipe>>()

/** What a week of a phase is dosed from: the full amounts by the phase's shares, less what new water brings where the plan counts it. Of a school that measures: from nothing up to its levels. */
export function weekRecipe(plan: Fed, share: FeedShare = FULL_SHARE): FeedRecipe {
  const brought = plan.feed.countsWater ? broughtByWater(plan) : NO_NUTRIENTS
  const key = JSON.stringify([plan.feeding, share.nitrogenPhosphorus, share.rest, brought])
  const known = recipes.get(plan.feed) ?? new Map<string, FeedRecipe>()
  recipes.set(plan.feed, known)
  const before = known.get(key)
  if (before !== undefined) return before
  const full = fullAmounts(plan)
  const wanted = nutrientsBy((nutrient) => Math.max(0, shareOf(share, nutrient) * full[nutrient] - brought[nutrient]))
  const found = feedRecipe(cupboardOf(plan), wanted, share.nitrogenPhosphorus < share.rest)
  known.set(key, found)
  return found
}
