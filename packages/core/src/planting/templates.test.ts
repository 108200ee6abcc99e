import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { tankFigures } from '../ecosystem/tankFigures.js'
import { lineOf, outlineFault } from '../numeric/outline.js'
import { areaCm2, isInside, isSimple } from '../numeric/ring.js'
import { LAYOUT_KINDS, type Plan } from '../plan/plan.js'
import { UNPLACED } from '../plan/unplanned.js'
import { checkGroups } from '../safety/checkGroups.js'
import { plantSiteOf } from '../safety/plantSite.js'
import { anyPlant } from '../testing/anyPlant.js'
import { tries } from '../testing/properties.js'
import { box } from '../testing/box.js'
import { potBed } from '../testing/potBed.js'
import { samplePlan } from '../testing/samplePlan.js'
import { bedsOf } from './bedsOf.js'
import { fitTemplate, type Garden } from './fitTemplate.js'
import { LAYOUT_TEMPLATES, ROLE_PLANTS } from './templates.js'

const all = [
  ...new Set([
    ...Object.values(ROLE_PLANTS).flatMap(({ plants }) => plants),
    'leptochilus-pteropus',
    'taxiphyllum-barbieri',
    'bucephalandra-motleyana',
  ]),
].map((id) => anyPlant({}, { id, name: id }))
let number = 0
const newId = (stem: string): string => `${stem}${++number}`
const sized = (lengthCm: number, widthCm: number, part: Partial<Plan> = {}): Plan => ({
  ...samplePlan,
  vessel: { ...samplePlan.vessel, lengthCm, widthCm, heightCm: 45 },
  hardscape: [],
  ...part,
})
const fitted = (plan: Plan, kind: (typeof LAYOUT_KINDS)[number]) => {
  const figures = tankFigures(plan)
  const garden: Garden = { all, siteOf: (place) => plantSiteOf(plan, figures, place) }
  return { plan: fitTemplate(plan, kind, figures, garden, newId), inner: figures.inner }
}

describe.each(LAYOUT_KINDS)('the composition “%s”', (kind) => {
  test('has outlines that do not cross themselves, and groups that do not lie over each other', () => {
    for (const { corners } of LAYOUT_TEMPLATES[kind].beds) expect(isSimple(corners.map(([x, y]) => ({ xCm: x, yCm: y })))).toBe(true)
    const { plan, inner } = fitted(sized(110, 50), kind)
    // What a later bed takes from an earlier one is missing from its area.
    for (const { areaCm2: area, ring } of bedsOf(plan, inner)) expect(area / areaCm2(ring)).toBeGreaterThan(0.97)
  })
  test('fits any tank: inside the glass, sound outlines, each patch with a plant, nearly half to nine tenths of the floor planted', () =>
    fc.assert(
      fc.property(fc.integer({ min: 30, max: 300 }), fc.integer({ min: 25, max: 120 }), (lengthCm, widthCm) => {
        const { plan, inner } = fitted(sized(lengthCm, widthCm), kind)
        for (const { outline, plants } of plan.beds) {
          expect(outlineFault(outline)).toBeNull()
          expect(plants).toHaveLength(1)
          for (const { xCm, yCm } of outline) {
            expect(xCm).toBeGreaterThanOrEqual(0)
            expect(xCm).toBeLessThanOrEqual(inner.lengthCm + 0.06)
            expect(yCm).toBeLessThanOrEqual(inner.widthCm + 0.06)
          }
        }
        expect(checkGroups(plan, tankFigures(plan)).map(({ code }) => code)).not.toContain('groups-touch')
        const share = bedsOf(plan, inner).reduce((sum, bed) => sum + bed.areaCm2, 0) / (inner.lengthCm * inner.widthCm)
        expect(share).toBeGreaterThan(kind === 'island' ? 0.22 : 0.45)
        expect(share).toBeLessThan(0.92)
      }),
      { numRuns: tries(20) },
    ))
  test('leaves sand and bare ground free', () => {
    const path = { id: 'z', name: '', purpose: 'cosmetic' as const, outline: box(40, 0, 60, 60), layers: [], heights: [] }
    const island = { ...path, id: 'y', purpose: 'bare' as const, outline: box(10, 3, 16, 9) }
    const { plan } = fitted(sized(110, 50, { zones: [path, island] }), kind)
    expect(plan.beds.length).toBeGreaterThan(3)
    for (const { outline } of plan.beds) {
      const ring = lineOf(outline)
      expect(isInside(ring, 50, 25)).toBe(false)
      expect(isInside(ring, 13, 6)).toBe(false)
    }
  })
})

describe('a composition on a tank', () => {
  const wood = { ...UNPLACED, id: 'w', material: 'wood' as const, heightCm: 20, outline: box(20, 20, 60, 30) }
  const stone = { ...UNPLACED, id: 's', material: 'granite' as const, heightCm: 15, outline: box(70, 20, 90, 35) }
  test('plants the wood and the stone that is there', () => {
    const { plan } = fitted(sized(110, 50, { hardscape: [wood, stone] }), 'wood-and-stones')
    expect(plan.spots.map(({ piece, laying }) => [piece, laying])).toEqual([
      ['w', 'clump'],
      ['w', 'chopped'],
      ['s', 'clump'],
    ])
  })
  test('keeps what floats, and only its plants beside its own', () => {
    const floater = anyPlant({ form: 'floater', kind: 'floater' }, { id: 'floats' })
    const old = anyPlant({}, { id: 'old' })
    const bed = (id: string, species: string) => potBed(id, box(0, 0, 20, 20), species)
    const { plan } = fitted(sized(110, 50, { beds: [bed('b1', 'old'), bed('b2', 'floats')], flora: [old, floater] }), 'valley')
    expect(plan.beds.at(-1)?.id).toBe('b2')
    expect(plan.flora.map(({ id }) => id)).toContain('floats')
    expect(plan.flora.map(({ id }) => id)).not.toContain('old')
    const used = new Set([
      ...plan.beds.flatMap(({ plants }) => plants.map(({ species }) => species)),
      ...plan.spots.map(({ species }) => species),
    ])
    expect(plan.flora.every(({ id }) => used.has(id))).toBe(true)
  })
  test('casts each plant once before any twice', () => {
    const { plan } = fitted(sized(110, 50), 'formal-rows')
    const ids = plan.beds.map(({ plants }) => plants[0]?.species)
    expect(new Set(ids).size).toBeGreaterThan(ids.length * 0.7)
  })
})
