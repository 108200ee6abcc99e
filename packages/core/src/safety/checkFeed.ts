import type { TankFigures } from '../ecosystem/tankFigures.js'
import { chelateOf, CHELATE_UNTIL_PH } from '../feed/chelates.js'
import { fullWeek } from '../feed/dayDose.js'
import { COPPER_MG_PER_L } from '../feed/overdose.js'
import { contentOf } from '../feed/products.js'
import { fullAmounts } from '../feed/schoolAmounts.js'
import { SCHOOL } from '../feed/schools.js'
import { mostDissolvedG } from '../feed/solubility.js'
import { apart, clashIn } from '../feed/stockBottles.js'
import { weeklyChange } from '../feed/weeklyChange.js'
import { weekRecipe, type FeedRecipe } from '../feed/weekRecipe.js'
import { co2AirEquilibriumMgPerL } from '../gas/airEquilibrium.js'
import { UNIONISED_TROUBLE } from '../judge/judgeNitrogen.js'
import { hasAnimalsAt } from '../livestock/presence.js'
import { wantsSensitive } from '../gas/limits.js'
import { commonAnswers } from '../plan/answers.js'
import { findingsOf, mendWith, raise, type Finding, type Mend } from '../plan/finding.js'
import { UNSET_AMOUNTS, type FeedProduct } from '../plan/planFeed.js'
import { animalGroups, copperKillsSome } from '../plan/planAnimals.js'
import type { Plan } from '../plan/plan.js'
import { unionisedAmmoniaFraction } from '../water/ammonia.js'
import { phFromCo2 } from '../water/carbonate.js'
import { fromUnit } from '../quantity/units.js'
import { tapOf } from '../water/tapOf.js'
import { MENDS } from './mends.js'

/** Before a tank is cycled, at most so much fast nitrogen a day, and none with animals [mg N/L]. General practice. */
const MOST_EARLY_MG_N_PER_L = 0.2
/** Where nobody has reckoned when tests can allow animals. */
const USUALLY_CYCLED_DAY = 42
/** Level of potassium that changes alone would let it climb to [mg/L]; rule of thumb 50–100 for what is too much to no end. */
const MUCH_POTASSIUM = 60
const MENDED_POTASSIUM = 30
/** A tap that brings so much needs no nitrate dosed [mg/L]. Rule of thumb 20–25. */
const RICH_TAP_NO3 = 20
/** Stock bottles stand in the coldest month's room. */
const COLDEST_IF_UNKNOWN_C = 16

export const FEED_FINDINGS = findingsOf('feed', {
  'fast-nitrogen-early': { severity: 'stop', values: { dose: 'ammonia', most: 'ammonia', cycled: 'day' } },
  'fast-nitrogen-toxic': { severity: 'stop', values: { toxic: 'ammonia', limit: 'ammonia' } },
  'nitrogen-untold': { severity: 'note', values: {}, names: ['product'] },
  'chelate-lets-go': { severity: 'warn', values: { here: 'pH', until: 'pH' }, names: ['product'] },
  'bottle-clash-phosphate-iron': { severity: 'warn', values: {}, names: ['product'] },
  'bottle-clash-calcium': { severity: 'warn', values: {}, names: ['product'] },
  'bottle-too-strong': { severity: 'warn', values: { grams: 'salt', most: 'salt', coldest: 'temperature' }, names: ['product'] },
  'potassium-builds': { severity: 'warn', values: { level: 'concentration' } },
  'copper-shrimps': { severity: 'warn', values: { copper: 'concentration', limit: 'concentration' }, names: ['product'] },
  'product-untold': { severity: 'warn', values: {}, names: ['product'] },
  'nitrate-twice': { severity: 'note', values: { tap: 'nitrate', dose: 'nitrate' } },
})

export interface FeedFacts {
  readonly allowedFromDay?: number | null | undefined
  readonly ageDays: number
}

/** Whether what is dosed harms animals, stays dissolved, and does not pile up. */
export function checkFeed(plan: Plan, figures: TankFigures, { allowedFromDay, ageDays }: FeedFacts): Finding[] {
  const products = plan.feed.cupboard
  // Bottles that stand in the cupboard are looked at whether or not they are dosed just now.
  const found = products.flatMap((product) => checkProduct(product, plan, figures))
  if (plan.feeding === 'none') return found
  const recipe = weekRecipe(plan)
  found.push(...checkFastNitrogen(plan, figures, allowedFromDay ?? (allowedFromDay === null ? 0 : USUALLY_CYCLED_DAY), ageDays))
  for (const product of recipe.untold)
    found.push(raise(FEED_FINDINGS['product-untold'], {}, { id: product.id, names: { product: product.name } }))
  const builds = checkPotassium(plan, recipe)
  if (builds !== null) found.push(builds)
  const twice = checkNitrate(plan, recipe)
  if (twice !== null) found.push(twice)
  return found
}

function checkProduct(product: FeedProduct, plan: Plan, figures: TankFigures): Finding[] {
  const found: Finding[] = []
  const content = contentOf(product)
  if (content === null) return found
  const told = { id: product.id, names: { product: product.name } }
  if (content.hasUntoldNitrogen) found.push(raise(FEED_FINDINGS['nitrogen-untold'], {}, told))
  const held = chelateOf(product)
  const here = phAtLight(plan, figures)
  if (content.nutrientsMg.iron > 0 && held !== null && here > CHELATE_UNTIL_PH[held] + 0.05)
    found.push(raise(FEED_FINDINGS['chelate-lets-go'], { here, until: CHELATE_UNTIL_PH[held] }, told))
  if (product.form === 'stock') found.push(...checkBottle(product, plan))
  const weekly = weekRecipe(plan).portions.find((portion) => portion.product === product)
  const perWeek = weekly === undefined ? 0 : weekly.perL * content.partnersMg.copper
  const settled = perWeek / Math.max(0.05, weeklyChange(plan))
  if (settled > COPPER_MG_PER_L && (wantsSensitive(plan) || copperKillsSome(plan))) {
    const mend = products(plan, (cupboard) => cupboard.filter(({ id }) => id !== product.id))
    found.push(
      raise(
        FEED_FINDINGS['copper-shrimps'],
        { copper: settled, limit: COPPER_MG_PER_L },
        { ...told, mend: plan.feed.cupboard.length > 1 ? mendWith(MENDS['drop-product'], {}, mend) : null },
      ),
    )
  }
  return found
}

const products = (plan: Plan, edit: (cupboard: readonly FeedProduct[]) => readonly FeedProduct[]): Mend['edits'] => [
  { path: '/feed/cupboard', from: plan.feed.cupboard, to: edit(plan.feed.cupboard) },
]

/** Coldest month of the room, where bottles stand. */
export function coldestRoomC({ room }: Pick<Plan, 'room'>): number {
  const coldest = Math.min(...room.monthlyC.map((month) => month ?? Infinity))
  return Number.isFinite(coldest) ? coldest : COLDEST_IF_UNKNOWN_C
}

function checkBottle(product: FeedProduct, plan: Plan): Finding[] {
  const found: Finding[] = []
  const told = { id: product.id, names: { product: product.name } }
  const clash = clashIn(product.mix)
  if (clash !== null) {
    const split = products(plan, (cupboard) => cupboard.flatMap((one) => (one.id === product.id ? splitBottle(one, cupboard) : [one])))
    const definition =
      clash.clash === 'phosphate-iron' ? FEED_FINDINGS['bottle-clash-phosphate-iron'] : FEED_FINDINGS['bottle-clash-calcium']
    found.push(raise(definition, {}, { ...told, mend: mendWith(MENDS['split-bottle'], {}, split) }))
  }
  const coldest = coldestRoomC(plan)
  const bottleMl = commonAnswers().number('feed/cupboard/*/bottleMl', product.bottleMl)
  const times = product.mix.map(({ salt, grams }) => {
    const most = mostDissolvedG(salt, bottleMl, coldest)
    return { grams, most: most ?? Infinity, over: most === null ? 0 : grams / most }
  })
  const worst = times.toSorted((a, b) => b.over - a.over)[0]
  if (worst !== undefined && worst.over > 1) {
    const thinner = products(plan, (cupboard) =>
      cupboard.map((one) =>
        one.id === product.id ? { ...one, mix: one.mix.map((salt) => ({ ...salt, grams: roundDown(salt.grams / worst.over) })) } : one,
      ),
    )
    found.push(
      raise(
        FEED_FINDINGS['bottle-too-strong'],
        { grams: worst.grams, most: worst.most, coldest },
        { ...told, mend: mendWith(MENDS['thin-bottle'], { most: worst.most }, thinner) },
      ),
    )
  }
  return found
}
const roundDown = (grams: number): number => Math.floor(grams * 100) / 100

/** The bottle's salts in as few bottles as nothing falls out of; ids are new, names go on with a letter. */
function splitBottle(product: FeedProduct, cupboard: readonly FeedProduct[]): FeedProduct[] {
  const taken = new Set(cupboard.map(({ id }) => id))
  return apart(product.mix).map((salts, at) => {
    let id = at === 0 ? product.id : `${product.id}${'abcdefgh'[at]}`.slice(0, 24)
    while (at > 0 && taken.has(id)) id = `${id.slice(0, 22)}x`
    taken.add(id)
    const letter = 'ABCDEFGH'[at]
    return { ...product, id, name: `${product.name} ${letter}`.trim(), mix: salts.map((salt, place) => ({ id: `m${place + 1}`, ...salt })) }
  })
}

/** While the lamps are on, with the day's gas: what a dose at lights-on meets. */
function phAtLight(plan: Plan, figures: TankFigures): number {
  const { atLightsOn, peak } = figures.gasLevels
  return waterPh(plan, figures, (atLightsOn + peak) / 2)
}
const waterPh = (plan: Plan, { temperatureC }: TankFigures, co2MgPerL: number): number =>
  phFromCo2(Math.max(0.3, co2MgPerL), { alkalinityMeqPerL: Math.max(0.1, tapOf(plan, commonAnswers()).alkalinityMeqPerL), temperatureC })

function checkFastNitrogen(plan: Plan, figures: TankFigures, cycledDay: number, ageDays: number): Finding[] {
  const found: Finding[] = []
  const noMore = mendWith(MENDS['no-fast-nitrogen'], {}, [
    { path: '/feed/amounts/ammoniumMgNPerL', from: plan.feed.amounts.ammoniumMgNPerL, to: 0 },
  ])
  const isOwn = plan.feed.amounts.school === plan.feeding && (plan.feed.amounts.ammoniumMgNPerL ?? 0) > 0
  const mend = isOwn ? { mend: noMore } : {}
  // Not by the calendar's phases: whoever reads a label doses it whole.
  const dose = Math.max(...fullWeek(plan).map(({ mgPerL }) => mgPerL.ammoniumN))
  if (dose === 0) return found
  const early = Array.from({ length: Math.max(0, cycledDay - ageDays) }, (_, at) => ageDays + at)
  const areAnimals = early.some((day) => hasAnimalsAt(plan, day))
  if (early.length > 0 && (areAnimals || dose > MOST_EARLY_MG_N_PER_L))
    found.push(
      raise(
        FEED_FINDINGS['fast-nitrogen-early'],
        { dose, most: areAnimals ? 0 : MOST_EARLY_MG_N_PER_L, cycled: cycledDay },
        { severity: areAnimals ? 'stop' : 'warn', ...mend },
      ),
    )
  const atNight = waterPh(plan, figures, co2AirEquilibriumMgPerL(figures.temperatureC, figures.room.co2Ppm))
  const toxic = dose * unionisedAmmoniaFraction(Math.min(11, atNight), figures.temperatureC)
  const lives = animalGroups(plan).length > 0
  if (lives && toxic > UNIONISED_TROUBLE) found.push(raise(FEED_FINDINGS['fast-nitrogen-toxic'], { toxic, limit: UNIONISED_TROUBLE }, mend))
  return found
}

/** Where nothing took it up, changes alone would let it settle at what is dosed in a week over what a week changes. */
function checkPotassium(plan: Plan, recipe: FeedRecipe): Finding | null {
  if (SCHOOL[plan.feeding].kind === 'level') return null
  const level = recipe.givenMgPerL.potassium / Math.max(0.02, weeklyChange(plan))
  if (level <= MUCH_POTASSIUM) return null
  const { amounts } = plan.feed
  const least = Math.min(fullAmounts(plan).potassium, MENDED_POTASSIUM * weeklyChange(plan))
  const mend = mendWith(MENDS['less-potassium'], { potassium: least }, [
    {
      path: '/feed/amounts',
      from: amounts,
      to: {
        ...(amounts.school === plan.feeding ? amounts : UNSET_AMOUNTS),
        school: plan.feeding,
        potassiumMgPerL: Math.round(least * 10) / 10,
      },
    },
  ])
  return raise(FEED_FINDINGS['potassium-builds'], { level }, least < fullAmounts(plan).potassium ? { mend } : {})
}

function checkNitrate(plan: Plan, recipe: FeedRecipe): Finding | null {
  const tap = tapOf(plan, commonAnswers()).nitrateMgNPerL
  const dose = recipe.givenMgPerL.nitrateN
  if (plan.feed.countsWater || SCHOOL[plan.feeding].kind === 'level' || dose <= 0 || tap <= fromUnit('nitrate', RICH_TAP_NO3, 'mg NO3/L'))
    return null
  const mend = mendWith(MENDS['count-water'], {}, [{ path: '/feed/countsWater', from: plan.feed.countsWater, to: true }])
  return raise(FEED_FINDINGS['nitrate-twice'], { tap, dose }, { mend })
}
