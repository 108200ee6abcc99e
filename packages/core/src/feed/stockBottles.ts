import { chelateOfSalt } from './chelates.js'
import { saltFraction, type SaltId } from '../salts/salts.js'
import { mostDissolvedG } from './solubility.js'

export const CLASHES = ['phosphate-iron', 'calcium-sulfate', 'calcium-phosphate', 'calcium-carbonate'] as const
/** Two salts that fall out of one bottle together. */
export type Clash = (typeof CLASHES)[number]

const holds = (salt: SaltId, species: Parameters<typeof saltFraction>[1]): boolean => saltFraction(salt, species) !== null
const hasCarbonate = (salt: SaltId): boolean => holds(salt, 'HCO3') || holds(salt, 'CO3')

/** Why two salts do not go into one bottle; `null` where they do. Calcium falls out with sulfate, phosphate and carbonate, iron with phosphate. General practice. */
export function clashOf(a: SaltId, b: SaltId): Clash | null {
  const both = (one: (salt: SaltId) => boolean, other: (salt: SaltId) => boolean): boolean => (one(a) && other(b)) || (one(b) && other(a))
  const calcium = (salt: SaltId): boolean => holds(salt, 'Ca')
  if (a === b) return null
  if (
    both(
      (salt) => holds(salt, 'PO4'),
      (salt) => holds(salt, 'Fe'),
    )
  )
    return 'phosphate-iron'
  if (both(calcium, (salt) => holds(salt, 'SO4') && !calcium(salt))) return 'calcium-sulfate'
  if (both(calcium, (salt) => holds(salt, 'PO4'))) return 'calcium-phosphate'
  if (both(calcium, (salt) => hasCarbonate(salt) && !calcium(salt))) return 'calcium-carbonate'
  return null
}

export interface WeighedSalt {
  readonly salt: SaltId
  readonly grams: number
}
/** The first clash among a bottle's salts. */
export function clashIn(salts: readonly WeighedSalt[]): { readonly clash: Clash; readonly pair: readonly [SaltId, SaltId] } | null {
  const held = salts.filter(({ grams }) => grams > 0)
  for (const [at, { salt }] of held.entries())
    for (const other of held.slice(at + 1)) {
      const clash = clashOf(salt, other.salt)
      if (clash !== null) return { clash, pair: [salt, other.salt] }
    }
  return null
}

/** Salts shared out over as few bottles as their clashes allow, in the order in which they are given: each goes into the first bottle in which nothing falls out with it. Traces keep apart from the rest: they are preserved and acidified. */
export function apart(salts: readonly WeighedSalt[]): WeighedSalt[][] {
  const bottles: WeighedSalt[][] = []
  for (const one of salts.filter(({ grams }) => grams > 0)) {
    const fits = bottles.find(
      (bottle) => bottle.every(({ salt }) => clashOf(salt, one.salt) === null) && isTraceSalt(bottle[0]!.salt) === isTraceSalt(one.salt),
    )
    if (fits === undefined) bottles.push([one])
    else fits.push(one)
  }
  return bottles
}
const TRACE_ELEMENTS = ['Fe', 'Mn', 'Zn', 'Cu', 'B', 'Mo'] as const
export const isTraceSalt = (salt: SaltId): boolean => TRACE_ELEMENTS.some((element) => holds(salt, element))

export const STOCK_HAZARDS = ['oxidiser', 'harmful-swallowed', 'eyes', 'copper'] as const
export type StockHazard = (typeof STOCK_HAZARDS)[number]

/** One bottle to mix, with what its label says. */
export interface StockBottle {
  readonly letter: string
  readonly salts: readonly (WeighedSalt & { /** `null` where the solubility is not known here [g]. */ readonly mostG: number | null })[]
  readonly doseMl: number
  readonly bottleMl: number
  /** How long a full bottle lasts. */
  readonly lastsDays: number
  /** Over eight tenths of what the coldest room keeps dissolved. */
  readonly isTooStrong: boolean
  /** Spoils without: traces and their chelates feed moulds. */
  readonly isPreserved: boolean
  /** Keeps, well closed and in the dark. */
  readonly shelfDays: number
  readonly hazards: readonly StockHazard[]
}
export interface StockTask {
  /** Grams a week, for the whole tank. */
  readonly weekly: readonly WeighedSalt[]
  readonly bottleMl: number
  /** Millilitres each time; stretched where so little would hold more than stays dissolved. */
  readonly doseMl: number
  readonly macroTimesPerWeek: number
  readonly traceTimesPerWeek: number
  readonly coldestC: number
}

/** Shelf life of a salt solution, and of traces. General practice: a year; two to six months. */
const SALTS_KEEP_DAYS = 365
const TRACES_KEEP_DAYS = 90

/** A week's salts as stock bottles of which so many millilitres are one dose. Where a bottle would be too strong, its dose is stretched to the next whole millilitre that dissolves. */
export function stockBottles({ weekly, bottleMl, doseMl, macroTimesPerWeek, traceTimesPerWeek, coldestC }: StockTask): StockBottle[] {
  return apart(weekly).map((salts, at): StockBottle => {
    const isTrace = isTraceSalt(salts[0]!.salt)
    const times = isTrace ? traceTimesPerWeek : macroTimesPerWeek
    const filled = (dose: number): number => bottleMl / dose / times
    const strength = (dose: number): number =>
      Math.max(
        ...salts.map(({ salt, grams }) => {
          const most = mostDissolvedG(salt, bottleMl, coldestC)
          return most === null ? 0 : (grams * filled(dose)) / most
        }),
      )
    const wanted = strength(doseMl) > 1 ? Math.ceil(doseMl * strength(doseMl)) : doseMl
    const dose = Math.min(wanted, bottleMl)
    return {
      letter: String.fromCharCode('A'.charCodeAt(0) + at),
      salts: salts.map(({ salt, grams }) => ({ salt, grams: grams * filled(dose), mostG: mostDissolvedG(salt, bottleMl, coldestC) })),
      doseMl: dose,
      bottleMl,
      lastsDays: (bottleMl / dose / times) * 7,
      isTooStrong: strength(dose) > 1 + 1e-9,
      isPreserved: isTrace,
      shelfDays: isTrace ? TRACES_KEEP_DAYS : SALTS_KEEP_DAYS,
      hazards: hazardsOf(salts.map(({ salt }) => salt)),
    }
  })
}

/** What a label warns of. Nitrates are oxidisers while dry; all of it is kept from children. */
export function hazardsOf(salts: readonly SaltId[]): StockHazard[] {
  const hasCopper = salts.some((salt) => holds(salt, 'Cu'))
  return [
    ...(salts.some((salt) => holds(salt, 'NO3')) ? (['oxidiser'] as const) : []),
    ...(hasCopper ? (['copper'] as const) : []),
    ...(hasCopper ||
    salts.some(
      (salt) => ['boric-acid', 'zinc-sulfate-heptahydrate', 'manganese-sulfate-monohydrate'].includes(salt) || chelateOfSalt(salt) !== null,
    )
      ? (['harmful-swallowed'] as const)
      : []),
    ...(salts.some((salt) =>
      ['calcium-chloride-anhydrous', 'calcium-chloride-dihydrate', 'zinc-sulfate-heptahydrate', 'boric-acid'].includes(salt),
    )
      ? (['eyes'] as const)
      : []),
  ]
}
