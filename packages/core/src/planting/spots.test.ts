import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { tankFigures } from '../ecosystem/tankFigures.js'
import { removePiece } from '../hardscape/pieceEdits.js'
import { applyEdits } from '../plan/edit.js'
import type { Piece, Plan, PlantSpot } from '../plan/plan.js'
import { UNPLACED } from '../plan/unplanned.js'
import { checkSpots } from '../safety/checkSpots.js'
import type { PlantSpecies } from '../species/plantSpecies.js'
import { anyPlant, datum } from '../testing/anyPlant.js'
import { box } from '../testing/box.js'
import { samplePlan } from '../testing/samplePlan.js'
import { countedSpecies } from './bedsOf.js'
import { potsOf } from './pots.js'
import { addSpot, plantOnSpot, removeSpot, withSpot } from './spotEdits.js'
import { placeOfSpot, sharesOnPiece, spotsOf } from './spotsOf.js'

const moss = anyPlant(
  {
    form: 'moss',
    kind: 'moss',
    places: ['hardscape'],
    attaches: 'can',
    spacingCm: datum(4),
    soldAs: ['cup'],
    light: { ...anyPlant().light, min: 5 },
  },
  { id: 'moss', name: 'Moss' },
)
const fern = anyPlant(
  {
    form: 'rhizome',
    kind: 'rhizome',
    places: ['hardscape'],
    attaches: 'must',
    buriedRots: true,
    spacingCm: datum(9),
    soldAs: ['pot-emersed'],
    light: { ...anyPlant().light, min: 5 },
  },
  { id: 'fern', name: 'Fern' },
)
const branch: Piece = {
  ...UNPLACED,
  id: 'w',
  name: 'Branch',
  material: 'wood',
  heightCm: 20,
  outline: box(30, 10, 70, 25),
}
const plan: Plan = { ...samplePlan, hardscape: [branch], patches: [], beds: [], flora: [] }
let number = 0
const newId = (stem: string): string => `${stem}${++number}`
const placedOf = (of: Plan) => tankFigures(of).pieces[0]!.placed!
const spotted = (plant: PlantSpecies, part: Partial<PlantSpot> = {}): Plan => {
  const made = addSpot(plan, placedOf(plan), newId)
  return withSpot(plantOnSpot(made.plan, made.id, plant), made.id, (spot) => ({ ...spot, widthCm: 10, heightCm: 8, ...part }))
}
const laid = (plant: PlantSpecies, part: Partial<PlantSpot> = {}) => spotsOf(spotted(plant, part))[0]!

describe('plants on wood and stone', () => {
  test('an ellipse of 10 by 8 cm is 62.8 cm² by hand', () => expect(laid(moss).areaCm2).toBeCloseTo((Math.PI / 4) * 80, 9))
  test('clumps: 62.8 / (0.866 · 9²) is 0.9, with a quarter in reserve 1.1, so two; a drop of glue under one', () => {
    const { plants, glueG, threadCm } = laid(fern, { laying: 'clump' })
    expect(plants[0]?.portions).toBe(2)
    expect(glueG).toBeCloseTo(0.15, 9)
    expect(threadCm).toBe(0)
  })
  test('moss chopped fine goes twice as far as clumps', () => {
    const [clump, chopped] = (['clump', 'chopped'] as const).map(
      (laying) => laid(moss, { laying, widthCm: 40, heightCm: 20 }).plants[0]!.portions,
    )
    expect(chopped! / clump!).toBeCloseTo(0.5, 1)
  })
  test('thread instead of glue; nothing for what is wedged or hung', () => {
    expect(laid(fern, { fixing: 'tie' })).toMatchObject({ glueG: 0, threadCm: 25 })
    for (const fixing of ['wedge', 'hang'] as const) expect(laid(fern, { fixing })).toMatchObject({ glueG: 0, threadCm: 0 })
  })
  test('an empty spot counts nothing', () => {
    const { plan: empty } = addSpot(plan, placedOf(plan), newId)
    expect(spotsOf(empty)[0]).toMatchObject({ plants: [], glueG: 0 })
  })
  test('they stand in the tank: mass, share, pots to buy, and pots of one plant are counted over all its spots', () => {
    const one = spotted(moss, { laying: 'clump' })
    const { stand, spots, inner } = tankFigures(one)
    expect(stand.moss.massG).toBeCloseTo(spots[0]!.plants[0]!.massG, 9)
    expect(stand.moss.footFraction).toBeCloseTo(spots[0]!.areaCm2 / (inner.lengthCm * inner.widthCm), 9)
    const two = { ...one, spots: [...one.spots, { ...one.spots[0]!, id: 'm99' }] }
    const figures = tankFigures(two)
    expect(potsOf(two, figures.stand, 'moss', inner)).toBe(countedSpecies(figures.spots)[0]?.pots)
    expect(countedSpecies(figures.spots)).toHaveLength(1)
  })
})

describe('where they are', () => {
  test('shares of a piece and the point of the front view say the same', () =>
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true }), (alongFraction, upFraction) => {
        const { pieces } = tankFigures(plan)
        const at = placeOfSpot({ piece: 'w', alongFraction, upFraction }, pieces)!
        const back = sharesOnPiece(at.placed, at.xCm, at.zCm)
        expect(back.alongFraction).toBeCloseTo(alongFraction, 2)
        expect(back.upFraction).toBeCloseTo(upFraction, 2)
      }),
    ))
  test('outside a piece is held to its edge', () =>
    expect(sharesOnPiece(placedOf(plan), -100, 1000)).toEqual({ alongFraction: 0, upFraction: 1 }))
  test('a spot goes where its piece goes, and goes with it', () => {
    const one = spotted(fern)
    const shifted = {
      ...one,
      hardscape: one.hardscape.map((piece) => ({
        ...piece,
        outline: piece.outline!.map((corner) => ({ ...corner, xCm: corner.xCm + 10 })),
      })),
    }
    const x = (of: Plan): number => placeOfSpot(of.spots[0]!, tankFigures(of).pieces)!.xCm
    expect(x(shifted) - x(one)).toBeCloseTo(10, 6)
    expect(removePiece(one, 'w').spots).toEqual([])
  })
  test('a plant that nothing holds any more leaves the flora', () => {
    const one = spotted(fern)
    expect(one.flora).toHaveLength(1)
    expect(removeSpot(one, one.spots[0]!.id).flora).toEqual([])
  })
})

describe('what is said of them', () => {
  const codes = (of: Plan): string[] => checkSpots(of, tankFigures(of)).map(({ code }) => code)
  test('a fern in the upper half of a branch is fine', () => expect(codes(spotted(fern))).toEqual([]))
  test('a rhizome in the ground is told, and its mend lifts it out', () => {
    const low = spotted(fern, { upFraction: 0 })
    const [finding] = checkSpots(low, tankFigures(low))
    expect(finding?.code).toBe('spot-buried')
    expect(codes(applyEdits(low, finding?.mend?.edits ?? [])!)).toEqual([])
  })
  test('moss may lie on the ground', () => expect(codes(spotted(moss, { upFraction: 0 }))).toEqual([]))
  test('what lives by its roots does not hold', () =>
    expect(codes(spotted(anyPlant({ attaches: 'no' }, { id: 'rooted' })))).toContain('spot-holds-not'))
  test('above the water it is dry', () => {
    const tall = spotted(moss, { upFraction: 1 })
    expect(codes({ ...tall, hardscape: [{ ...branch, heightCm: 90 }] })).toContain('spot-dry')
  })
  test('without its piece, and empty', () => {
    const one = spotted(fern)
    expect(codes({ ...one, hardscape: [] })).toEqual(['spot-without-piece'])
    expect(codes(addSpot(plan, placedOf(plan), newId).plan)).toEqual(['spot-empty'])
  })
})
