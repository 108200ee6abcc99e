import { describe, expect, test } from 'vitest'
import { tankFigures } from '../ecosystem/tankFigures.js'
import { UNKNOWN_PRODUCT, UNSET_AMOUNTS, type FeedProduct, type PlanFeed } from '../plan/planFeed.js'
import type { Plan } from '../plan/plan.js'
import { samplePlan } from '../testing/samplePlan.js'
import { stocked } from '../testing/stocked.js'
import { plainSalt } from '../feed/cupboard.js'
import { checkFeed } from './checkFeed.js'
import { mendFinding } from './mendedPlan.js'

const fed = (feed: Partial<PlanFeed>, change: Partial<Plan> = {}): Plan => ({
  ...samplePlan,
  ...change,
  feed: { ...samplePlan.feed, ...feed },
})
const found = (plan: Plan, ageDays = 0, allowedFromDay: number | null = 30) =>
  checkFeed(plan, tankFigures(plan), { allowedFromDay, ageDays })
const codes = (plan: Plan, ageDays = 0, allowedFromDay: number | null = 30) => found(plan, ageDays, allowedFromDay).map(({ code }) => code)
const mended = (plan: Plan, code: string): Plan =>
  mendFinding(
    plan,
    found(plan).find((one) => one.code === code)!,
  )
const stock = (mix: FeedProduct['mix'], part: Partial<FeedProduct> = {}): FeedProduct => ({
  ...UNKNOWN_PRODUCT,
  id: 's1',
  name: 'Mix',
  form: 'stock',
  mix,
  bottleMl: 500,
  ...part,
})
const bottle = (part: Partial<FeedProduct>): FeedProduct => ({
  ...UNKNOWN_PRODUCT,
  id: 'b1',
  name: 'Bottle',
  form: 'bottle',
  labelUnit: 'mg-per-ml',
  ...part,
})
const amounts = (part: Partial<PlanFeed['amounts']>): PlanFeed['amounts'] => ({ ...UNSET_AMOUNTS, school: 'rich-column', ...part })

test('a plan of salts that are usual has nothing to say', () => expect(codes(samplePlan)).toEqual([]))

describe('fast nitrogen', () => {
  const urea = { cupboard: [plainSalt('u', 'urea'), plainSalt('k', 'potassium-sulfate')], amounts: amounts({ ammoniumMgNPerL: 3.5 }) }
  test('before the tank is cycled: a stop with animals, a warning above 0.2 mg N/L a day without; the mend doses none', () => {
    const withAnimals = fed(urea, { animals: stocked({ grazersFromDay: 5 }) })
    expect(found(withAnimals).find(({ code }) => code === 'fast-nitrogen-early')).toMatchObject({ severity: 'stop' })
    const empty = fed(urea, { animals: stocked({ grazersFromDay: 60, fishFromDay: 60 }) })
    expect(found(empty).find(({ code }) => code === 'fast-nitrogen-early')).toMatchObject({ severity: 'warn' })
    const mild = fed({ ...urea, amounts: amounts({ ammoniumMgNPerL: 1 }) }, { animals: empty.animals })
    expect(codes(mild)).not.toContain('fast-nitrogen-early')
    expect(codes(mended(withAnimals, 'fast-nitrogen-early'))).not.toContain('fast-nitrogen-early')
  })
  test('neither a pause nor the rest on days of changes hides it', () => {
    const hidden = fed(
      { ...urea, macroDays: ['wed'], skipsChangeDay: true, pauses: [{ id: 'p', from: samplePlan.startedOn, to: '2026-09-20' }] },
      { animals: stocked({ grazersFromDay: 5 }) },
    )
    expect(codes(hidden)).toContain('fast-nitrogen-early')
  })
  test('once cycled it is judged by what is toxic of it at the highest pH', () => {
    const hard = {
      sources: [{ ...samplePlan.sources[0]!, alkalinityMeqPerL: 6 }],
      animals: stocked({ grazersFromDay: 40, fishFromDay: 50 }),
    }
    const much = fed({ ...urea, amounts: amounts({ ammoniumMgNPerL: 10 }) }, hard)
    expect(codes(much, 100, null)).toContain('fast-nitrogen-toxic')
    expect(codes(much, 100, null)).not.toContain('fast-nitrogen-early')
    expect(codes(fed({ ...urea, amounts: amounts({ ammoniumMgNPerL: 0.4 }) }, hard), 100, null)).not.toContain('fast-nitrogen-toxic')
  })
  test('a label that does not say its form is named', () =>
    expect(codes(fed({ cupboard: [bottle({ label: [{ id: 'l', species: 'N', value: 10 }] })] }))).toContain('nitrogen-untold'))
})

describe('bottles', () => {
  test('phosphate with iron, calcium with sulfate: two bottles that stay clear, same salts', () => {
    const plan = fed({
      cupboard: [
        stock([
          { id: 'm1', salt: 'monopotassium-phosphate', grams: 5 },
          { id: 'm2', salt: 'potassium-nitrate', grams: 20 },
          { id: 'm3', salt: 'iron-dtpa-disodium', grams: 2 },
        ]),
      ],
    })
    expect(codes(plan)).toContain('bottle-clash-phosphate-iron')
    const after = mended(plan, 'bottle-clash-phosphate-iron')
    expect(after.feed.cupboard.map(({ name }) => name)).toEqual(['Mix A', 'Mix B'])
    expect(after.feed.cupboard.flatMap(({ mix }) => mix.map(({ salt }) => salt)).toSorted()).toEqual(
      plan.feed.cupboard[0]!.mix.map(({ salt }) => salt).toSorted(),
    )
    expect(codes(after)).not.toContain('bottle-clash-phosphate-iron')
    const calcium = fed({
      cupboard: [
        stock([
          { id: 'm1', salt: 'calcium-nitrate-tetrahydrate', grams: 5 },
          { id: 'm2', salt: 'magnesium-sulfate-heptahydrate', grams: 5 },
        ]),
      ],
    })
    expect(codes(calcium)).toContain('bottle-clash-calcium')
    expect(codes(mended(calcium, 'bottle-clash-calcium'))).not.toContain('bottle-clash-calcium')
  })
  test('more than the coldest room keeps dissolved is thinned to what stays', () => {
    const strong = fed({ cupboard: [stock([{ id: 'm1', salt: 'potassium-nitrate', grams: 100 }])] })
    // 31.6 g in 100 mL at 20 °C, 0.66 of that at 10 °C; at 16 °C 0.864: eight tenths in half a litre are 109 g.
    expect(codes(strong)).not.toContain('bottle-too-strong')
    const cold = { ...strong, room: { ...strong.room, monthlyC: strong.room.monthlyC.map(() => 10) } }
    expect(codes(cold)).toContain('bottle-too-strong')
    expect(codes(mended(cold, 'bottle-too-strong'))).not.toContain('bottle-too-strong')
  })
  test('EDTA lets go of its iron in harder water, DTPA holds it', () => {
    const at = (salt: 'iron-edta-sodium-trihydrate' | 'iron-dtpa-disodium') =>
      codes(fed({ cupboard: [plainSalt('f', salt)] }, { sources: [{ ...samplePlan.sources[0]!, alkalinityMeqPerL: 3 }] }))
    expect(at('iron-edta-sodium-trihydrate')).toContain('chelate-lets-go')
    expect(at('iron-dtpa-disodium')).not.toContain('chelate-lets-go')
  })
})

describe('what piles up', () => {
  test('potassium that changes cannot take out is dosed less', () => {
    const plan = fed({ amounts: amounts({ potassiumMgPerL: 30 }) }, { changes: { ...samplePlan.changes, fraction: 0.2 } })
    expect(codes(plan)).toContain('potassium-builds')
    const after = mended(plan, 'potassium-builds')
    expect(after.feed.amounts.potassiumMgPerL).toBe(6)
    expect(after.feed.amounts.school).toBe('rich-column')
  })
  test('copper with shrimps', () => {
    const plan = fed({
      cupboard: [
        bottle({
          label: [
            { id: 'a', species: 'Fe', value: 1 },
            { id: 'b', species: 'Cu', value: 0.2 },
          ],
        }),
        plainSalt('k', 'potassium-sulfate'),
      ],
    })
    expect(codes(plan)).toContain('copper-shrimps')
    expect(mended(plan, 'copper-shrimps').feed.cupboard.map(({ id }) => id)).toEqual(['k'])
  })
  test('nitrate of the tap is taken off, or the finding asks for it', () => {
    const plan = fed({}, { sources: [{ ...samplePlan.sources[0]!, nitrateMgNPerL: 7 }] })
    expect(codes(plan)).toContain('nitrate-twice')
    expect(mended(plan, 'nitrate-twice').feed.countsWater).toBe(true)
    expect(codes(mended(plan, 'nitrate-twice'))).not.toContain('nitrate-twice')
  })
  test('what says too little is named', () => expect(codes(fed({ cupboard: [bottle({ label: [] })] }))).toContain('product-untold'))
})
