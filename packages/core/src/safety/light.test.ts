import { describe, expect, test } from 'vitest'
import { tankFigures } from '../ecosystem/tankFigures.js'
import { applyEdits } from '../plan/edit.js'
import type { Plan, Vertex } from '../plan/plan.js'
import { lightOfBed } from '../planting/light/lightOfBeds.js'
import { anyPlant, datum } from '../testing/anyPlant.js'
import { potBed } from '../testing/potBed.js'
import { samplePlan } from '../testing/samplePlan.js'
import { checkLight } from './checkLight.js'
import { GASLESS_PPFD, MOST_DAILY_LIGHT } from './checkTank.js'
import { lightInCut, lightOverFloor, lightPicture, type LightView } from './lightPicture.js'
import { lightScore, lightWays } from './lightWays.js'
import { siteOfBed } from './plantSite.js'

const box = (left: number, front: number, right: number, back: number): Vertex[] =>
  [
    [left, front],
    [right, front],
    [right, back],
    [left, back],
  ].map(([xCm, yCm]) => ({ xCm: xCm!, yCm: yCm!, isRound: false }))
const STEM = anyPlant({}, { id: 'stem', name: 'Stem' })
const CARPET = anyPlant(
  {
    form: 'carpet',
    kind: 'carpet',
    places: ['front'],
    matureHeightCm: datum(3),
    plantingHeightCm: datum(2),
    cutBackCm: datum(2),
    riseStrongCmPerWeek: datum(0.3),
    riseWeakCmPerWeek: datum(0.2),
    light: { ...STEM.light, min: 60, good: 110, goodLow: 90, goodHigh: 150 },
  },
  { id: 'carpet', name: 'Carpet' },
)
const FERN = anyPlant(
  { form: 'rhizome', kind: 'rhizome', doublingDays: datum(60), light: { ...STEM.light, min: 8, good: 20, goodLow: 12, goodHigh: 30 } },
  { id: 'fern', name: 'Fern' },
)
const lit = (change: Partial<Plan> = {}, dimFraction = 0.8, aboveWaterCm = 15): Plan => ({
  ...samplePlan,
  hardscape: [],
  patches: [],
  flora: [STEM, CARPET, FERN],
  beds: [potBed('front', box(5, 3, 100, 18), 'carpet'), potBed('back', box(5, 30, 100, 46), 'stem')],
  lamps: [{ ...samplePlan.lamps[0]!, dimFraction, aboveWaterCm }],
  ...change,
})
const codesOf = (plan: Plan): string[] => checkLight(plan, tankFigures(plan)).map(({ code }) => code)

describe('how beds stand in light', () => {
  test('a bed is judged by the light of its own floor', () => {
    const plan = lit({ lamps: [{ ...lit().lamps[0]!, yCm: 6, lengthCm: 60 }] })
    const figures = tankFigures(plan)
    const [front, back] = figures.beds.map((bed) => siteOfBed(plan, figures, bed).light.value)
    expect(front!).toBeGreaterThan(back! * 1.1)
    expect(front!).toBeCloseTo(lightOfBed(figures.beds[0]!, figures)!.mean, 9)
  })
  test('too weak a lamp is found, and the mend it offers leaves fewer beds wanting', () => {
    const plan = lit({}, 0.35)
    const before = lightScore(plan, tankFigures(plan))
    expect(before.dim).toBe(2)
    const found = checkLight(plan, tankFigures(plan)).find(({ code }) => code === 'light-beds-dim')!
    const mended = applyEdits(plan, found.mend!.edits) as Plan
    expect(lightScore(mended, tankFigures(mended)).badness).toBeLessThan(before.badness)
  })
  test('every way does what it says', () => {
    const plan = lit({}, 0.45, 25)
    const ways = lightWays(plan, tankFigures(plan))
    expect(new Set(ways.map(({ mend }) => mend.code)).size).toBe(ways.length)
    expect(ways.length).toBeGreaterThan(1)
    for (const way of ways) {
      const then = applyEdits(plan, way.mend.edits) as Plan
      expect(Math.abs(tankFigures(then).ppfd / way.ppfd - 1), way.mend.code).toBeLessThan(0.03)
      expect(lightScore(then, tankFigures(then)).dim, way.mend.code).toBe(way.dim)
    }
  })
  test('more light is no way in a tank without gas, nor beyond what a day bears', () => {
    const gasless = lit({ gasLines: [] }, 0.3)
    expect(lightScore(gasless, tankFigures(gasless)).dim).toBeGreaterThan(0)
    for (const way of lightWays(gasless, tankFigures(gasless)))
      expect(way.ppfd).toBeLessThanOrEqual(Math.max(GASLESS_PPFD, tankFigures(gasless).ppfd))
    const long = lit({ lightWindows: [{ id: 't', on: '06:00', hours: 14, rampMin: 0 }] }, 0.7, 10)
    for (const { ppfd } of lightWays(long, tankFigures(long)))
      expect(ppfd * 14 * 0.0036).toBeLessThanOrEqual(Math.max(MOST_DAILY_LIGHT, tankFigures(long).dliMolPerM2) + 1e-9)
  })
  test('slow plants in a glare are found; well lit beds are left alone', () => {
    expect(codesOf(lit({ beds: [potBed('a', box(5, 3, 100, 46), 'fern')] }, 1))).toContain('light-beds-bright')
    expect(codesOf(lit({ beds: [potBed('a', box(20, 10, 90, 40), 'stem')] }, 1))).toEqual([])
  })
  test('a long day, a lamp beside the tank and a dark end are told', () => {
    const long = lit({ lightWindows: [{ id: 't', on: '08:00', hours: 12, rampMin: 30 }] })
    const found = checkLight(long, tankFigures(long)).find(({ code }) => code === 'light-long')!
    expect((applyEdits(long, found.mend!.edits) as Plan).lightWindows[0]!.hours).toBe(10)
    expect(codesOf(lit({ lamps: [{ ...lit().lamps[0]!, xCm: 130 }] }))).toContain('lamp-beside')
    expect(codesOf(lit({ lamps: [{ ...lit().lamps[0]!, lengthCm: 10, xCm: 12, kind: 'spot' }] }))).toContain('light-uneven')
  })
})

describe('pictures of light', () => {
  const view: LightView = { heightCm: null, weeks: null, stainPerM: 0, filmKeeps: 1 }
  const meanOf = (plan: Plan, change: Partial<LightView> = {}): number => lightPicture(tankFigures(plan), { ...view, ...change }, 3).mean
  test('the mean is the figure that the plan is judged by', () => {
    const plan = lit()
    expect(Math.abs(meanOf(plan) / tankFigures(plan).ppfd - 1)).toBeLessThan(0.04)
  })
  test('higher up there is more; stain, film, plants and stones take', () => {
    const plan = lit()
    const now = meanOf(plan)
    expect(meanOf(plan, { heightCm: 25 })).toBeGreaterThan(now)
    expect(meanOf(plan, { stainPerM: 1 })).toBeLessThan(now * 0.8)
    expect(meanOf(plan, { filmKeeps: 0.9 })).toBeCloseTo(now * 0.9, 6)
    expect(meanOf(plan, { weeks: 8 })).toBeLessThan(now)
    const stone = {
      ...samplePlan.hardscape[0]!,
      outline: box(40, 15, 60, 30),
      profile: null,
      heightCm: 25,
    }
    const shaded = lightOverFloor(tankFigures(lit({ hardscape: [stone], beds: [] })), { ...view, weeks: 0 }, 3)
    const open = lightOverFloor(tankFigures(lit({ hardscape: [stone], beds: [] })), view, 3)
    const at = (grid: typeof open, xCm: number, yCm: number): number => {
      const column = grid.xsCm.findIndex((x) => x >= xCm)
      return grid.ppfd[grid.ysCm.findIndex((y) => y >= yCm) * grid.xsCm.length + column]!
    }
    expect(at(shaded, 64, 20)).toBeLessThan(at(open, 64, 20) * 0.93)
    expect(at(shaded, 100, 40)).toBeGreaterThan(at(open, 100, 40) * 0.97)
  })
  test('leaves grown tall get more than the ground did, unless a taller neighbour stands before the lamp', () => {
    const plan = lit()
    const { tops } = lightPicture(tankFigures(plan), { ...view, weeks: 8 }, 3)
    expect(tops.get('back')!.then.mean).toBeGreaterThan(tops.get('back')!.planted.mean)
    expect(tops.get('front')!.then.mean).toBeLessThan(tops.get('front')!.planted.mean * 1.02)
  })
  test('an upright cut is dim below and bright above', () => {
    const cut = lightInCut(tankFigures(lit()), { across: false, atCm: 24 })
    const middle = Math.floor(cut.xsCm.length / 2)
    expect(cut.ppfd[middle]!).toBeLessThan(cut.ppfd[(cut.ysCm.length - 1) * cut.xsCm.length + middle]!)
  })
})
