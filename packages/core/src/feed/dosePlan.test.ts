import { describe, expect, test } from 'vitest'
import { UNKNOWN_PRODUCT, UNSET_AMOUNTS, type FeedProduct, type PlanFeed } from '../plan/planFeed.js'
import { UNPLANNED } from '../plan/unplanned.js'
import { samplePlan } from '../testing/samplePlan.js'
import { plainSalt } from './cupboard.js'
import { dayDose, weekdayOf } from './dayDose.js'
import { NO_NUTRIENTS, nutrientsBy } from './nutrients.js'
import { contentOf } from './products.js'
import { fullAmounts, schoolAmounts } from './schoolAmounts.js'
import { broughtByWater } from './weeklyChange.js'
import { feedRecipe, weekRecipe } from './weekRecipe.js'

const N_OF_NO3 = 14.007 / 62.004
const bottle = (part: Partial<FeedProduct>): FeedProduct => ({ ...UNKNOWN_PRODUCT, id: 'b', name: 'Bottle', form: 'bottle', ...part })
const line = (species: FeedProduct['label'][number]['species'], value: number, id = species.toLowerCase()) => ({ id, species, value })
const fed = (feed: Partial<PlanFeed>, feeding: typeof samplePlan.feeding = 'rich-column') => ({
  ...samplePlan,
  feeding,
  feed: { ...UNPLANNED.feed, ...feed },
})

describe('what a product holds', () => {
  test('a label in percent by mass, P2O5 and K2O, by its density', () => {
    const content = contentOf(
      bottle({
        labelUnit: 'percent',
        densityGPerMl: 1.1,
        label: [line('N_nitrate', 2), line('P2O5', 0.5), line('K2O', 3), line('Fe', 0.1)],
      }),
    )!
    expect(content.unit).toBe('mL')
    expect(content.nutrientsMg.nitrateN).toBeCloseTo(22, 9)
    // 0.5 % · 1.1 g/mL = 5.5 mg P2O5, 43.64 % of it phosphorus.
    expect(content.nutrientsMg.phosphateP).toBeCloseTo(5.5 * 0.43642, 4)
    expect(content.nutrientsMg.potassium).toBeCloseTo(33 * 0.83015, 3)
    expect(content.nutrientsMg.iron).toBeCloseTo(1.1, 9)
  })
  test('“5 mL raise 100 L by 0.1 mg/L of iron” is 2 mg/mL; half of that is not told', () => {
    const label = { labelUnit: 'raises' as const, raiseMl: 5, raiseL: 100, label: [line('Fe', 0.1)] }
    expect(contentOf(bottle(label))!.nutrientsMg.iron).toBeCloseTo(2, 9)
    expect(contentOf(bottle({ ...label, raiseL: null }))).toBeNull()
    expect(contentOf(bottle({ ...label, label: [] }))).toBeNull()
    expect(contentOf(bottle({ ...label, labelUnit: null }))).toBeNull()
  })
  test('a bottle mixed here: 50 g of potassium nitrate in half a litre hold 61.3 mg of nitrate a millilitre', () => {
    const mixed: FeedProduct = {
      ...UNKNOWN_PRODUCT,
      id: 's',
      name: 'N',
      form: 'stock',
      mix: [{ id: 'm', salt: 'potassium-nitrate', grams: 50 }],
      bottleMl: 500,
    }
    expect(contentOf(mixed)!.nutrientsMg.nitrateN / N_OF_NO3).toBeCloseTo(61.33, 2)
  })
  test('urea is fast nitrogen, ammonium nitrate is half of it, a chelate’s nitrogen is none; partners are told', () => {
    const held = (salt: Parameters<typeof plainSalt>[1]) => contentOf(plainSalt('x', salt))!
    expect(held('urea').nutrientsMg).toMatchObject({ nitrateN: 0, ammoniumN: expect.closeTo(466.5, 0) as number })
    const both = held('ammonium-nitrate').nutrientsMg
    expect(both.ammoniumN).toBeCloseTo(both.nitrateN, 9)
    expect(held('iron-edta-sodium-trihydrate').nutrientsMg.ammoniumN).toBe(0)
    expect(held('iron-edta-sodium-trihydrate').partnersMg.sodium).toBeGreaterThan(30)
    expect(held('copper-sulfate-pentahydrate').partnersMg.copper).toBeGreaterThan(200)
  })
})

describe('amounts from the cupboard', () => {
  const allInOne = bottle({
    labelUnit: 'mg-per-ml',
    label: [line('NO3', 20), line('PO4', 2), line('K', 30), line('Mg', 3), line('Fe', 0.6)],
  })
  test('own amounts hold for their school only', () => {
    const amounts = { ...UNSET_AMOUNTS, school: 'rich-column' as const, potassiumMgPerL: 8 }
    expect(fullAmounts(fed({ amounts }))).toEqual({ ...schoolAmounts('rich-column'), potassium: 8 })
    expect(fullAmounts(fed({ amounts }, 'lean-column'))).toEqual(schoolAmounts('lean-column'))
  })
  test('in a phase without nitrogen what brings it waits, the rest is dosed', () => {
    const plan = fed({ cupboard: [allInOne, plainSalt('k', 'potassium-sulfate')] })
    const { portions, waiting } = weekRecipe(plan, { nitrogenPhosphorus: 0, rest: 0.5 })
    expect(waiting).toEqual([allInOne])
    expect(portions.map(({ product }) => product.id)).toEqual(['k'])
  })
  test('a bottle that holds everything gives no more nitrogen or phosphorus than a phase that holds them back wants', () => {
    const plan = fed({ cupboard: [allInOne] }, 'all-in-one')
    const full = schoolAmounts('all-in-one')
    const { givenMgPerL } = weekRecipe(plan, { nitrogenPhosphorus: 0.5, rest: 1 })
    expect(givenMgPerL.nitrateN).toBeLessThanOrEqual(full.nitrateN / 2 + 1e-9)
    expect(givenMgPerL.phosphateP).toBeLessThanOrEqual(full.phosphateP / 2 + 1e-9)
    expect(givenMgPerL.nitrateN).toBeGreaterThan(full.nitrateN / 4)
  })
  test('urea as a salt waits until fast nitrogen is asked for; in a labelled bottle it counts with the nitrate', () => {
    const wanted = nutrientsBy((nutrient) => (nutrient === 'nitrateN' ? 1 : 0))
    const urea = plainSalt('u', 'urea')
    expect(feedRecipe([urea], wanted)).toMatchObject({ portions: [], waiting: [urea] })
    expect(feedRecipe([urea], { ...NO_NUTRIENTS, ammoniumN: 0.2 }).givenMgPerL.ammoniumN).toBeCloseTo(0.2, 9)
    const labelled = bottle({ labelUnit: 'mg-per-ml', label: [line('N_urea', 5), line('N_nitrate', 5)] })
    const found = feedRecipe([labelled], wanted)
    expect(found.givenMgPerL.ammoniumN + found.givenMgPerL.nitrateN).toBeCloseTo(1, 9)
  })
  test('what says too little is told, and never dosed', () => {
    const blank = bottle({ label: [] })
    expect(weekRecipe(fed({ cupboard: [blank] }))).toMatchObject({ portions: [], untold: [blank] })
    const thin = bottle({ labelUnit: 'mg-per-ml', label: [line('K', 1e-9)] })
    expect(weekRecipe(fed({ cupboard: [thin] }))).toMatchObject({ portions: [], untold: [thin] })
  })
  test('what new water brings is taken off where the plan counts it', () => {
    const hard = { ...fed({ countsWater: true }), sources: [{ ...samplePlan.sources[0]!, nitrateMgNPerL: 5 }] }
    const brought = broughtByWater(hard)
    // Half a change a week of 5 mg N/L.
    expect(brought.nitrateN).toBeCloseTo(2.5, 9)
    const without = weekRecipe({ ...hard, feed: { ...hard.feed, countsWater: false } }).givenMgPerL.nitrateN
    expect(weekRecipe(hard).givenMgPerL.nitrateN).toBeCloseTo(without - 2.5, 9)
  })
})

describe('days', () => {
  test('1 December 2026 is a Tuesday, and so was 2 January 2024', () => {
    expect(weekdayOf('2026-12-01')).toBe('tue')
    expect(weekdayOf('2024-01-02')).toBe('tue')
    expect(weekdayOf('2023-12-31')).toBe('sun')
  })
  const plan = fed({ macroDays: ['mon', 'wed', 'fri'], traceDays: ['tue', 'thu'] })
  const on = (date: string, isChange = false, of = plan) => dayDose({ fromDay: 0, plan: { ...of, startedOn: date } }, 0, isChange)
  test('a week’s amount is parted over its own days, traces apart from phosphate', () => {
    const [monday, tuesday, sunday] = [on('2026-11-30'), on('2026-12-01'), on('2026-12-06')]
    const full = schoolAmounts('rich-column')
    expect(monday.mgPerL.nitrateN).toBeCloseTo(full.nitrateN / 3, 9)
    expect(monday.mgPerL.iron).toBe(0)
    expect(tuesday.mgPerL.iron).toBeCloseTo(full.iron / 2, 9)
    expect(tuesday.mgPerL.phosphateP).toBe(0)
    expect(sunday.portions).toEqual([])
  })
  test('nothing on the day of a change where the plan says so, and nothing in a pause', () => {
    const resting = { ...plan, feed: { ...plan.feed, skipsChangeDay: true, pauses: [{ id: 'p', from: '2026-12-02', to: '2026-12-04' }] } }
    expect(on('2026-11-30', true, resting).portions).toEqual([])
    expect(on('2026-11-30', false, resting).portions).not.toEqual([])
    expect(on('2026-12-02', false, resting).portions).toEqual([])
    expect(on('2026-12-04', false, resting).portions).toEqual([])
    expect(on('2026-12-07', false, resting).portions).not.toEqual([])
  })
  test('a school that measures holds levels, and pauses too', () => {
    const measured = fed({ pauses: [{ id: 'p', from: '2026-12-02', to: '2026-12-04' }] }, 'measured-ratio')
    expect(on('2026-12-01', false, measured)).toMatchObject({ kind: 'up-to', portions: [] })
    expect(on('2026-12-03', false, measured)).toMatchObject({ kind: 'add', mgPerL: NO_NUTRIENTS })
  })
})
