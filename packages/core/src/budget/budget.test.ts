import { describe, expect, test } from 'vitest'
import { tankFigures } from '../ecosystem/tankFigures.js'
import { levelCosts, proposedLevel, upkeepHours, withSupplyLevel } from '../intent/supplyLevel.js'
import type { Plan, PlanMoney } from '../plan/plan.js'
import { samplePlan } from '../testing/samplePlan.js'
import { compareGrounds, withMethod } from './compareGrounds.js'
import { gasBySurface } from './gasBySurface.js'
import { heatLossW } from '../tank/climate.js'
import { coolerLoad, heaterLoad, heatingW, neededHeaterW, usualHeaterW } from '../tank/climateLoad.js'
import { mineralNeeds } from './mineralNeed.js'
import { monthlyCost, runningParts, USUAL_RATE } from './running.js'
import { columnTotals, priceOf, shoppingList, SHOPPING_GROUPS, USUAL_SPLIT } from './shopping.js'

const withMoney = (part: Partial<PlanMoney>, plan: Plan = samplePlan): Plan => ({ ...plan, money: { ...plan.money, ...part } })
const list = (plan: Plan) => shoppingList(plan, tankFigures(plan))
const parts = (plan: Plan) => Object.fromEntries(runningParts(plan, tankFigures(plan)).map((part) => [part.kind, part]))

describe('running cost', () => {
  test('light by hand: 72 W at 80 %, 8 h a day, 365.25/12 days, 0.30 a kWh', () => {
    const { light } = parts(withMoney({ electricityPerKwh: 0.3 }))
    expect(light?.amount).toBeCloseTo((72 * 0.8 * 8 * 365.25) / 12 / 1000, 9)
    expect(light?.cost).toBeCloseTo((72 * 0.8 * 8 * 365.25 * 0.3) / 12 / 1000, 9)
    expect(light?.isRateGiven).toBe(true)
  })
  test('a price that nobody gave is assumed and says so', () => {
    const { gas } = parts(samplePlan)
    expect(gas?.isRateGiven).toBe(false)
    expect(gas?.cost).toBeCloseTo((gas?.amount ?? 0) * USUAL_RATE.gasPerKg, 9)
  })
  test('mineral salts of new water are paid for and bought, with what is dosed of the same salt in one pack', () => {
    const water = {
      ...samplePlan.water,
      hardnessMmolPerL: 0.9,
      minerals: ['calcium-sulfate-dihydrate', 'magnesium-sulfate-heptahydrate'] as const,
    }
    const soft: Plan = { ...samplePlan, feeding: 'rich-column', water, logistics: { ...samplePlan.logistics, purifiedFraction: 1 } }
    const grams = mineralNeeds(soft, tankFigures(soft).waterL)
    const daily = grams.reduce((sum, one) => sum + one.grams, 0)
    const before = { ...soft, water: { ...water, minerals: [] } }
    expect(parts(soft)['salts']!.amount - parts(before)['salts']!.amount).toBeCloseTo((daily * 365.25) / 12 / 1000, 6)
    const magnesium = (plan: Plan): number =>
      list(plan)
        .filter(({ key }) => key === 'salt:magnesium-sulfate-heptahydrate')
        .reduce((sum, { values }) => sum + values['amount']!.value, 0)
    const ofWater = grams.find(({ salt }) => salt === 'magnesium-sulfate-heptahydrate')!.grams * 182
    expect(magnesium(soft)).toBeCloseTo(magnesium(before) + ofWater, 6)
    expect(list(soft).some(({ key }) => key === 'salt:calcium-sulfate-dihydrate')).toBe(true)
  })
  test('purified water costs its waste too', () => {
    const purified = { ...samplePlan, logistics: { ...samplePlan.logistics, purifiedFraction: 0.5, wastePerL: 3 } }
    expect(parts(purified)['water']!.amount / parts(samplePlan)['water']!.amount).toBeCloseTo(2.5, 9)
  })
  test('a warmer room heats less; without gas none is paid', () => {
    const at = (c: number): Plan => ({ ...samplePlan, room: { ...samplePlan.room, monthlyC: samplePlan.room.monthlyC.map(() => c) } })
    expect(parts(at(18))['heating']!.cost).toBeGreaterThan(parts(at(22))['heating']!.cost)
    expect(parts(at(30))['heating']!.cost).toBe(0)
    expect(parts({ ...samplePlan, gasLines: [] })['gas']!.cost).toBe(0)
  })
  test('the sum is the sum of its parts', () => {
    const all = runningParts(samplePlan, tankFigures(samplePlan))
    expect(monthlyCost(all)).toBeCloseTo(
      all.reduce((sum, { cost }) => sum + cost, 0),
      12,
    )
  })
})

describe('what a month is reckoned from', () => {
  const all = parts({ ...samplePlan, logistics: { ...samplePlan.logistics, purifiedFraction: 0.25, wastePerL: 2 } })
  test('gas by hand: rate, hours of the valve, days', () => {
    const { gramsPerH = 0, hoursPerDay } = all['gas']!.terms
    expect(hoursPerDay).toBe(8 + (120 - 60) / 60)
    expect(all['gas']!.amount).toBeCloseTo((gramsPerH * 9 * 365.25) / 12 / 1000, 9)
  })
  test('water by hand: half of the tank a week, and two litres of waste for each purified one', () => {
    const { litresPerChange = 0, everyDays, drawnPerL } = all['water']!.terms
    expect(litresPerChange).toBeCloseTo(tankFigures(samplePlan).waterL * 0.5, 9)
    expect([everyDays, drawnPerL]).toEqual([7, 1.5])
    expect(all['water']!.amount).toBeCloseTo((litresPerChange * 1.5 * 365.25) / 12 / 7, 9)
    expect(all['water']!.cost).toBeCloseTo((all['water']!.amount / 1000) * USUAL_RATE.waterPerM3, 9)
  })
  test('pumps and heating run all day, the lamp its hours', () =>
    expect(['light', 'pump', 'heating'].map((kind) => all[kind]!.terms.hoursPerDay)).toEqual([8, 24, 24]))
  test('plants cost what one reckons a month, and nothing by themselves', () => {
    expect(all['plants']).toMatchObject({ amount: 0, cost: 0 })
    expect(parts(withMoney({ plantsPerMonth: 12 }))['plants']).toMatchObject({ amount: 0, rate: 12, cost: 12, isRateGiven: true })
  })
  test('a level tells its work and its cost part by part', () => {
    for (const { minutesByKind, hoursPerWeek, runningParts: of, costPerMonth } of levelCosts(samplePlan)) {
      expect([...minutesByKind.values()].reduce((sum, minutes) => sum + minutes, 0) / 60).toBeCloseTo(hoursPerWeek, 9)
      expect(monthlyCost(of)).toBeCloseTo(costPerMonth, 9)
    }
  })
})

describe('climate', () => {
  const at = (c: number): Plan => ({
    ...samplePlan,
    room: { ...samplePlan.room, monthlyC: samplePlan.room.monthlyC.map((_, month) => (month === 0 ? c : 22)) },
  })
  test('the heater is chosen for the coldest month, cooling for the warmest', () => {
    const cold = tankFigures(at(12))
    expect(heaterLoad(cold)).toMatchObject({ air: { roomC: 12 }, litFraction: 0, targetC: 24.5 })
    expect(coolerLoad(tankFigures(at(33)))).toMatchObject({ air: { roomC: 33 }, litFraction: 1, targetC: 26.5 })
  })
  test('a year of warm months heats nothing; one cold month is a twelfth of itself', () => {
    const warm = at(30)
    const cold = at(5)
    const figures = tankFigures(warm)
    const rest = heatingW(tankFigures({ ...warm, room: { ...warm.room, monthlyC: warm.room.monthlyC.map(() => 30) } }))
    expect(rest).toBe(0)
    expect(heatingW(tankFigures(cold)) - heatingW(tankFigures(at(30)))).toBeCloseTo(
      heatLossW({ ...heaterLoad(tankFigures(cold)), litFraction: figures.lightHours / 24 }) / 12,
      6,
    )
  })
  test('heaters are taken in the sizes that are sold', () =>
    expect([10, 25, 26, 160, 501].map(usualHeaterW)).toEqual([25, 25, 50, 200, 600]))
})

describe('shopping', () => {
  test('ground in whole bags with what settles, by hand: 31.1 L · 1.08 / 9 → 4', () => {
    const ground = list(samplePlan).find(({ key }) => key === 'ground:rich-soil')
    expect(ground).toMatchObject({ count: 4, unit: 'bag' })
    expect(ground?.values['poured']?.value).toBeCloseTo(((108 * 48 * 6) / 1000) * 1.08, 6)
  })
  test('keys are unique, counts whole and positive', () => {
    const items = list({
      ...samplePlan,
      tabs: [{ id: 't1', kind: 'tab', xCm: 1, yCm: 1 }],
      barriers: [
        {
          id: 'w',
          line: [
            { xCm: 0, yCm: 0 },
            { xCm: 30, yCm: 40 },
          ],
          heightCm: 5,
        },
      ],
    })
    expect(new Set(items.map(({ key }) => key)).size).toBe(items.length)
    for (const { count } of items) expect(Number.isInteger(count) && count > 0).toBe(true)
    expect(items.find(({ key }) => key === 'barrier')?.values['length']?.value).toBeCloseTo(50, 9)
    expect(items.find(({ key }) => key === 'tabs')).toMatchObject({ count: 1, values: { tabs: { value: 1 }, spare: { value: 9 } } })
  })
  test('own prices by column; what is at hand costs nothing; lines without a price are told', () => {
    const priced = withMoney({
      columns: [
        { id: 'a', name: '' },
        { id: 'b', name: '' },
      ],
      prices: [
        { id: 'p1', item: 'tank', column: 'a', price: 100 },
        { id: 'p2', item: 'ground:rich-soil', column: 'a', price: 20 },
        { id: 'p3', item: 'tank', column: 'b', price: 60 },
      ],
    })
    const items = list(priced)
    const [a, b] = columnTotals(priced, items)
    expect(a).toMatchObject({ total: 180, byGroup: { tank: 100, ground: 80 } })
    expect(b?.total).toBe(60)
    expect(b!.unpriced - a!.unpriced).toBe(1)
    const owned = withMoney({ owned: ['tank'] }, priced)
    expect(columnTotals(owned, list(owned))[0]?.total).toBe(80)
  })
  test('a product’s own price stands until one is typed', () => {
    const product = { name: 'Bag', bagL: 10, bulkKgPerL: null, porosity: null, price: 15 }
    const plan = { ...samplePlan, layers: [{ ...samplePlan.layers[0]!, product }] }
    const item = list(plan).find(({ key }) => key === 'ground:rich-soil:Bag')!
    expect(priceOf(plan, item, 'first')).toBe(15)
    expect(priceOf(withMoney({ prices: [{ id: 'p', item: item.key, column: 'first', price: 12 }] }, plan), item, 'first')).toBe(12)
  })
  test('heaters come in sizes', () => {
    expect([1, 25, 26, 499, 501].map(usualHeaterW)).toEqual([25, 25, 50, 500, 600])
    expect(neededHeaterW(tankFigures(samplePlan))).toBeGreaterThan(0)
  })
  test('a usual split is a whole', () => expect(SHOPPING_GROUPS.reduce((sum, group) => sum + USUAL_SPLIT[group], 0)).toBeCloseTo(1, 9))
})

describe('supply levels', () => {
  const costs = levelCosts(samplePlan)
  test('more light on the ground, more upkeep and more cost from gentle to strong', () => {
    for (const of of [
      (index: number) => costs[index]!.figures.ppfd,
      (index: number) => costs[index]!.hoursPerWeek,
      (index: number) => costs[index]!.costPerMonth,
    ]) {
      expect(of(1)).toBeGreaterThan(of(0))
      expect(of(2)).toBeGreaterThan(of(1))
    }
  })
  test('lamps reach the level’s light where they can', () => expect(costs[1]?.figures.ppfd).toBeCloseTo(55, -1))
  test('the pace asks, the hours decide', () => {
    const intent = { ...samplePlan.intent, pace: 'fast' as const }
    expect(proposedLevel(intent, costs)).toEqual({ level: 'strong', isLoweredForHours: false, unmet: [] })
    expect(proposedLevel({ ...intent, hoursPerWeek: costs[1]!.hoursPerWeek + 0.01 }, costs)).toEqual({
      level: 'moderate',
      isLoweredForHours: true,
      unmet: [],
    })
    expect(proposedLevel({ ...intent, hoursPerWeek: 0 }, costs).level).toBe('gentle')
  })
  test('nothing is proposed before anything was said', () =>
    expect(proposedLevel({ ...samplePlan.intent, pace: null, hoursPerWeek: null, wishes: [] }, levelCosts(samplePlan))).toEqual({
      level: null,
      isLoweredForHours: false,
      unmet: [],
    }))
  test('what is proposed fits all that was said, or says what cannot be had and why', () => {
    const costed = (ppfd: readonly [number, number, number]) =>
      (['gentle', 'moderate', 'strong'] as const).map((level, index) => ({
        level,
        hoursPerWeek: index + 1,
        figures: { ppfd: ppfd[index]! },
      }))
    const said = { ...samplePlan.intent, pace: null, hoursPerWeek: null, wishes: ['red-stems', 'fine-carpet'] as const }
    const bright = costed([32, 55, 90])
    expect(proposedLevel(said, bright)).toMatchObject({ level: 'strong', unmet: [] })
    expect(proposedLevel({ ...said, wishes: ['fine-carpet'] }, bright)).toMatchObject({ level: 'moderate', unmet: [] })
    expect(proposedLevel({ ...said, hoursPerWeek: 2 }, bright)).toEqual({
      level: 'moderate',
      isLoweredForHours: true,
      unmet: [{ wish: 'red-stems', reason: 'hours' }],
    })
    expect(proposedLevel({ ...said, pace: 'quiet' }, bright)).toMatchObject({
      level: 'gentle',
      unmet: [
        { wish: 'red-stems', reason: 'pace' },
        { wish: 'fine-carpet', reason: 'pace' },
      ],
    })
    expect(proposedLevel(said, costed([20, 30, 40]))).toMatchObject({ level: 'moderate', unmet: [{ wish: 'red-stems', reason: 'lamp' }] })
  })
  test('a level keeps the plan’s lists and only moves their settings', () => {
    const strong = withSupplyLevel(samplePlan, 'strong')
    expect(strong.lamps.map(({ id }) => id)).toEqual(samplePlan.lamps.map(({ id }) => id))
    expect(strong.zones).toBe(samplePlan.zones)
    expect(withSupplyLevel(samplePlan, 'gentle').gasLines).toEqual([])
    expect(upkeepHours(strong)).toBeGreaterThan(0.5)
  })
})

describe('ways to make the ground', () => {
  const compared = compareGrounds(samplePlan)
  const of = (method: string) => compared.find((one) => one.method === method)!
  test('active soil shows ammonia for weeks and softens; inert gravel does neither', () => {
    expect(of('active-soil').animalsFromDay).toBeGreaterThan(14)
    expect(of('active-soil').ammoniaPeakMgNPerL).toBeGreaterThan(5 * of('inert-with-tabs').ammoniaPeakMgNPerL)
    expect(of('active-soil').khDkhAfter).toBeLessThan(of('inert-with-tabs').khDkhAfter)
    expect(of('inert-with-tabs').tabs).toBeGreaterThan(10)
  })
  test('costs are told only where every price is known; renewals count', () => {
    expect(of('active-soil').costNow).toBeNull()
    const priced = compareGrounds(withMoney({ prices: [{ id: 'p1', item: 'ground:rich-soil', column: 'first', price: 30 }] }))
    const soil = priced.find(({ method }) => method === 'active-soil')!
    expect(soil.costNow).toBe(30 * soil.needs[0]!.bags)
    expect(soil.costThreeYears).toBe(soil.costNow)
  })
  test('a method replaces zones and layers and nothing else', () =>
    expect({ ...withMethod(samplePlan, 'inert-with-tabs'), layers: samplePlan.layers }).toEqual(samplePlan))
})

test('a livelier surface costs more gas; without gas there is nothing to tell', () => {
  const rows = gasBySurface(samplePlan)
  expect(rows.map(({ surface }) => surface)).toEqual(['still', 'ripple', 'strong'])
  expect(rows[2]!.gramsPerDay).toBeGreaterThan(rows[0]!.gramsPerDay)
  for (const { gramsPerDay, lostGPerDay } of rows) expect(lostGPerDay).toBeLessThan(gramsPerDay * 1.2)
  expect(gasBySurface({ ...samplePlan, gasLines: [] })).toEqual([])
})
