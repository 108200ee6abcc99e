import { nonNegativeLeastSquares } from '../numeric/nonNegative.js'

/** One thing that can be poured in: what a unit of it (a gram of salt, the whole share of a water) adds to each wanted item, and how much it weighs in a tie. */
export interface Ingredient {
  readonly adds: readonly number[]
  readonly costs: number
}
/** An item that is to be reached: what is there already, and what is wanted. Above zero; each miss counts relative to it. */
export interface Wanted {
  readonly base: number
  readonly target: number
}
export interface Mixture {
  readonly amounts: readonly number[]
  readonly achieved: readonly number[]
  /** Achieved over target, less one. */
  readonly deviations: readonly number[]
  readonly isExact: boolean
}

/** So light that it decides between mixtures that are alike, and moves none: a hundred-millionth of a miss. */
const TIE = 1e-4
const EXACT = 1e-6

/** The mixture that comes nearest to what is wanted, each miss weighted by one over its target, misses above and below alike; of several that come as near, the lightest. */
export function mix(ingredients: readonly Ingredient[], wanted: readonly Wanted[], most: readonly (number | null)[] = []): Mixture {
  const found = nearest(ingredients, wanted)
  // The miss grows with distance in every direction: an amount past its bound belongs on it.
  const past = found.findIndex((amount, at) => amount > (most[at] ?? Infinity))
  const amounts = past < 0 ? found : withFixed(ingredients, wanted, most, past)
  const achieved = wanted.map(({ base }, item) => ingredients.reduce((sum, { adds }, at) => sum + amounts[at]! * adds[item]!, base))
  const deviations = wanted.map(({ target }, item) => achieved[item]! / target - 1)
  return { amounts, achieved, deviations, isExact: deviations.every((miss) => Math.abs(miss) < EXACT) }
}

function nearest(ingredients: readonly Ingredient[], wanted: readonly Wanted[]): number[] {
  const shares = ingredients.map(({ adds }) => adds.map((add, item) => add / wanted[item]!.target))
  // The dearest way to all of one item sets the scale of a tie: grams for a drop and for a barrel are weighed alike.
  const dearest = Math.max(
    1e-300,
    ...ingredients.map(({ costs }, at) => (Math.max(...shares[at]!) > 0 ? costs / Math.max(...shares[at]!) : 0)),
  )
  const left = wanted.map(({ base, target }) => 1 - base / target)
  const tied = nonNegativeLeastSquares(
    ingredients.map(({ costs }, at) => [...shares[at]!, (TIE * costs) / dearest]),
    [...left, 0],
  )
  // The tie has chosen; it moves nothing.
  const chosen = tied.flatMap((amount, at) => (amount > 0 ? [at] : []))
  const found = nonNegativeLeastSquares(
    chosen.map((at) => shares[at]!),
    left,
  )
  return tied.map((_, at) => found[chosen.indexOf(at)] ?? 0)
}

function withFixed(
  ingredients: readonly Ingredient[],
  wanted: readonly Wanted[],
  most: readonly (number | null)[],
  fixed: number,
): number[] {
  const amount = most[fixed] ?? 0
  const others = ingredients.filter((_, at) => at !== fixed)
  const rest = mix(
    others,
    wanted.map(({ base, target }, item) => ({ base: base + amount * ingredients[fixed]!.adds[item]!, target })),
    most.filter((_, at) => at !== fixed),
  ).amounts
  return ingredients.map((_, at) => (at === fixed ? amount : rest[at < fixed ? at : at - 1]!))
}
