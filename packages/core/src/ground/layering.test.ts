import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { tries } from '../testing/properties.js'
import { isInside } from '../numeric/ring.js'
import { METHOD, methodLayers, GROUND_METHODS } from './compare.js'
import { layOutGround, type KnownLayer, type KnownZone } from './groundPlan.js'
import { openNeed } from './ground.sums.js'
import { groundNeeds, layingOrder } from './layering.js'
import { tabCost, tabGrid, tabRing } from './rootTabs.js'

const layer = (id: string, ground: KnownLayer['ground'], depth: number): KnownLayer => ({
  id,
  ground,
  frontCm: depth,
  backCm: depth,
  porosity: 0.5,
  bulkKgPerL: 1,
})
const box = (left: number, front: number, right: number, back: number) =>
  [
    [left, front],
    [right, front],
    [right, back],
    [left, back],
  ].map(([xCm = 0, yCm = 0]) => ({ xCm, yCm, isRound: false }))
const zones: KnownZone[] = [
  { id: null, purpose: 'planted', outline: null, layers: [layer('a', 'porous-base', 2), layer('b', 'rich-soil', 5)], heights: [] },
  { id: 'z', purpose: 'cosmetic', outline: box(0, 0, 100, 10), layers: [layer('c', 'sand', 3)], heights: [] },
  { id: 'y', purpose: 'planted', outline: box(0, 30, 50, 40), layers: [layer('d', 'rich-soil', 9)], heights: [] },
]
const ground = layOutGround(100, 40, zones)

describe('what to buy', () => {
  test('one line a ground over all zones, by hand: (2500·5 + 500·9)/1000 L of soil', () => {
    const needs = groundNeeds(ground, () => null)
    expect(needs.map(({ key }) => key)).toEqual(['ground:porous-base', 'ground:rich-soil', 'ground:sand'])
    expect(needs[1]?.volumeL).toBeCloseTo(17, 9)
    expect(needs[1]).toMatchObject({ bags: 3 })
    expect(needs[1]!.bags * 9 - needs[1]!.pouredL).toBeCloseTo(needs[1]!.leftOverL, 9)
  })
  test('each need opens with the layers that it is made of, two products of one ground apart', () => {
    const needs = groundNeeds(ground, (zoneId) => (zoneId === 'y' ? { name: 'Small bag', bagL: 3, price: 8 } : null))
    const soils = needs.filter((need) => need.ground === 'rich-soil')
    expect(soils.map(({ laid }) => laid.map(({ id }) => id))).toEqual([['b'], ['d']])
    for (const need of soils) {
      const { litres, dry, bags } = openNeed(need)
      expect(litres.worked).toEqual([need.laid[0]?.volumeL])
      expect(dry.result).toEqual({ value: need.dryKg, dimension: 'mass' })
      expect(bags.result.value).toBe(Math.ceil(need.pouredL / need.bagL))
    }
    const from = (need: (typeof needs)[number] | undefined) => need && openNeed(need).bags.terms.find(({ name }) => name === 'bagL')?.from
    expect([from(soils[0]), from(soils[1])]).toEqual(['assumed', 'typed'])
  })
  test('a chosen bag is a line of its own', () => {
    const needs = groundNeeds(ground, (zoneId) => (zoneId === 'y' ? { name: 'Small bag', bagL: 3, price: 8 } : null))
    expect(needs.find(({ name }) => name === 'Small bag')).toMatchObject({ bags: 2, pricePerBag: 8 })
    expect(needs.find(({ key }) => key === 'ground:rich-soil')?.volumeL).toBeCloseTo(12.5, 9)
  })
  test('an empty floor needs nothing', () =>
    expect(groundNeeds(layOutGround(100, 40, [{ ...zones[0]!, layers: [] }]), () => null)).toEqual([]))
})

test('laid in the order of the work: rinse, walls, base, hardscape, soil, cosmetic last', () => {
  const codes = layingOrder(ground, { barriers: true, capsules: true, hardscape: true }).map(({ code }) => code)
  expect(codes).toEqual(['rinse', 'do-not-rinse', 'barriers', 'base', 'capsules', 'hardscape', 'soil', 'cosmetic', 'damp', 'plate'])
  expect(layingOrder(ground, { barriers: false, capsules: false, hardscape: false }).map(({ code }) => code)).not.toContain('barriers')
})

describe('root tabs', () => {
  test('a ring of four, 5 cm out', () => {
    const spots = tabRing({ xCm: 10, yCm: 10 }, 4, 5)
    for (const { xCm, yCm } of spots) expect(Math.hypot(xCm - 10, yCm - 10)).toBeCloseTo(5, 9)
    expect(spots).toHaveLength(4)
  })
  test('every tab of a grid lies inside, 2 cm off the edge, and no two closer than the grid', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 16, noNaN: true }),
        fc.double({ min: 20, max: 90, noNaN: true }),
        fc.double({ min: 12, max: 40, noNaN: true }),
        (spacing, wide, deep) => {
          const ring = box(3, 2, 3 + wide, 2 + deep)
          const spots = tabGrid(ring, spacing)
          spots.forEach((spot, index) => {
            expect(isInside(ring, spot.xCm, spot.yCm)).toBe(true)
            expect(Math.min(spot.xCm - 3, 3 + wide - spot.xCm, spot.yCm - 2, 2 + deep - spot.yCm)).toBeGreaterThan(1.999)
            for (const other of spots.slice(index + 1))
              expect(Math.hypot(spot.xCm - other.xCm, spot.yCm - other.yCm)).toBeGreaterThan(spacing * 0.999)
          })
        },
      ),
      { numRuns: tries(40) },
    ))
  test('23 tabs in packs of 10: 3 packs, 7 spare; 90 days at 8 a pack by hand', () => {
    expect(tabCost(23, 10, 8, 90)).toMatchObject({ packs: 3, spare: 7, costNow: 24 })
    expect(tabCost(23, 10, 8, 90).costPerYear).toBeCloseTo((2.3 * 8 * 365) / 90, 9)
    expect(tabCost(0, 10, null, 90)).toEqual({ packs: 0, spare: 0, costNow: null, costPerYear: null })
  })
})

test('each method’s layers add up to its depth', () => {
  for (const method of GROUND_METHODS) {
    const layers = methodLayers(method)
    expect(layers.reduce((sum, { backCm }) => sum + backCm, 0)).toBeCloseTo(METHOD[method].backCm, 9)
    for (const { frontCm } of layers) expect(frontCm).toBeGreaterThan(0)
  }
})
