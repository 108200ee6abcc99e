import { describe, expect, test } from 'vitest'
import { tankFigures } from '../ecosystem/tankFigures.js'
import { applyEdits } from '../plan/edit.js'
import type { FindingCode } from '../findings.js'
import type { GroundZone, Piece, Plan, Vertex } from '../plan/plan.js'
import { UNPLACED } from '../plan/unplanned.js'
import { NO_REPORT, type WaterSource } from '../plan/planWater.js'
import { samplePlan } from '../testing/samplePlan.js'
import { keeping, stocked } from '../testing/stocked.js'
import { checkPlan } from './checkPlan.js'
import { filledKg } from './filled.js'

const found = (plan: Plan) => checkPlan(plan, tankFigures(plan))
const codes = (plan: Plan): string[] => found(plan).map(({ code }) => code)
const box = (left: number, front: number, right: number, back: number): Vertex[] =>
  [
    [left, front],
    [right, front],
    [right, back],
    [left, back],
  ].map(([xCm = 0, yCm = 0]) => ({ xCm, yCm, isRound: false }))
const layer = (
  ground: GroundZone['layers'][number]['ground'],
  frontCm: number,
  backCm: number,
  id = 'l',
): GroundZone['layers'][number] => ({ id, ground, frontCm, backCm, product: null })
const zone = (part: Partial<GroundZone>): GroundZone => ({
  id: 'z1',
  name: 'Front',
  purpose: 'planted',
  outline: box(0, 0, 108, 12),
  layers: [layer('sand', 2, 2)],
  heights: [],
  ...part,
})
const piece = (part: Partial<Piece>): Piece => ({
  ...UNPLACED,
  id: 's9',
  name: 'Stone',
  material: 'granite',
  massKg: 4,
  outline: box(20, 15, 32, 27),
  heightCm: 12,
  ...part,
})
const quiet: Plan = {
  ...samplePlan,
  sources: [{ ...samplePlan.sources[0]!, disinfectant: 'none' }],
  hardscape: [],
  vessel: { ...samplePlan.vessel, top: 'covered' },
}

test('a plain tank has nothing worse than its weight to tell', () => expect(codes(quiet)).toEqual(['heavy-structural']))

const source = (part: Partial<WaterSource>): WaterSource => ({ ...samplePlan.sources[0]!, disinfectant: 'none', ...part })
const report = { ...NO_REPORT, id: 'r1', on: '2026-03-01' }
const binding = (binds: 'chlorine' | 'chloramine'): Plan['water'] => ({
  ...samplePlan.water,
  conditioner: { ...samplePlan.water.conditioner, binds },
})
const gas = (part: Partial<Plan['gasLines'][number]>): Plan['gasLines'][number] => ({ ...samplePlan.gasLines[0]!, ...part })

describe('each finding appears, and its mend mends it without another of its kind', () => {
  const barrier = {
    id: 'w',
    line: [
      { xCm: 0, yCm: 12 },
      { xCm: 108, yCm: 12 },
    ],
    heightCm: 6,
  }
  const cases: readonly (readonly [FindingCode, Partial<Plan>, boolean])[] = [
    ['soil-too-thick', { layers: [layer('capped-soil', 4, 4), layer('sand', 4, 4, 'c')] }, true],
    ['soil-not-capped', { layers: [layer('capped-soil', 2, 2)] }, true],
    ['soil-not-capped', { layers: [layer('capped-soil', 2.4, 2.4), layer('sand', 1, 1, 'c')] }, true],
    ['cap-on-pellets', { layers: [layer('rich-soil', 4, 8), layer('sand', 2, 2, 'c')] }, true],
    ['carbonate-sand', { layers: [layer('carbonate-sand', 5, 6)] }, true],
    ['no-barrier', { zones: [zone({ purpose: 'cosmetic' })] }, true],
    ['barrier-low', { zones: [zone({ purpose: 'cosmetic' })], barriers: [{ ...barrier, heightCm: 1 }] }, true],
    ['slope-steep', { layers: [layer('rich-soil', 3, 24)] }, true],
    ['slope-needs-terraces', { layers: [layer('rich-soil', 2, 34)] }, true],
    ['stems-float-out', { layers: [layer('rich-soil', 2, 3)] }, true],
    ['zone-hidden', { zones: [zone({ id: 'z0', outline: box(20, 2, 40, 10) }), zone({})], barriers: [barrier] }, true],
    ['zone-outside', { zones: [zone({ outline: box(-8, 0, 60, 12) })] }, true],
    ['zone-outside', { zones: [zone({ outline: box(200, 0, 260, 12) })] }, true],
    [
      'tabs-shallow',
      {
        layers: [layer('gravel', 2, 7)],
        tabs: [
          { id: 't1', kind: 'tab', xCm: 20, yCm: 2 },
          { id: 't2', kind: 'tab', xCm: 20, yCm: 40 },
        ],
      },
      true,
    ],
    ['piece-floats', { hardscape: [piece({ material: 'wood' })] }, true],
    ['piece-near-glass', { hardscape: [piece({ outline: box(1, 15, 13, 27) })] }, true],
    ['piece-outside', { hardscape: [piece({ outline: box(-4, 15, 8, 27) })] }, true],
    ['piece-above-water', { hardscape: [piece({ heightCm: 37 })] }, true],
    ['piece-near-lamp', { hardscape: [piece({ heightCm: 60 })], lamps: [{ ...samplePlan.lamps[0]!, aboveWaterCm: 10 }] }, false],
    ['piece-carbonate', { hardscape: [piece({ material: 'limestone' })] }, false],
    ['piece-stains', { hardscape: [piece({ material: 'staining-wood', fixing: 'screwed' })] }, false],
    ['piece-heavy-spot', { hardscape: [piece({ massKg: 30, sunkCm: 12 })] }, false],
    ['floor-covered', { hardscape: [piece({ outline: box(5, 5, 100, 40) })] }, false],
    ['rear-strip-covered', { hardscape: [piece({ outline: box(5, 34, 100, 44) })] }, false],
    ['sizes-alike', { hardscape: [piece({}), piece({ id: 's8', outline: box(60, 15, 72, 27) })] }, false],
    ['main-centred', { hardscape: [piece({ outline: box(48, 15, 60, 27) })] }, false],
    ['twist', { stand: { ...samplePlan.stand, cornersMm: { frontLeft: 0, frontRight: 6, backLeft: 0, backRight: 0 } } }, false],
    ['tilt', { stand: { ...samplePlan.stand, cornersMm: { frontLeft: 0, frontRight: 4, backLeft: 0, backRight: 4 } } }, false],
    ['heavy-structural', { stand: { ...samplePlan.stand, massKg: 400 } }, false],
    ['heavy-wall', { vessel: { ...samplePlan.vessel, lengthCm: 60, widthCm: 40, top: 'covered' } }, false],
    ['glass-thin', { vessel: { ...samplePlan.vessel, glassCm: 0.5, heightCm: 60 } }, false],
    ['open-jumpers', { vessel: { ...samplePlan.vessel, top: 'open' }, intent: { ...samplePlan.intent, wishes: ['jumpers'] } }, true],
    ['sun-on-glass', { room: { ...samplePlan.room, sunHours: 3 } }, false],
    ['room-warm', { room: { ...samplePlan.room, monthlyC: samplePlan.room.monthlyC.map(() => 30) } }, false],
    [
      'heater-small',
      { climate: { heaterW: 10, coolerW: null }, room: { ...samplePlan.room, monthlyC: samplePlan.room.monthlyC.map(() => 15) } },
      true,
    ],
    ['flow-dead-area', { outlets: [{ id: 'o', xCm: 2, yCm: 2, zCm: 30, headingDeg: 180, pitchDeg: 0, boreMm: 40 }] }, false],
    ['hours-short', { intent: { ...samplePlan.intent, hoursPerWeek: 0.4 } }, false],
    ['hours-short', { intent: { ...samplePlan.intent, hoursPerWeek: 1.35 } }, true],
    ['wish-carpet-no-gas', { gasLines: [], intent: { ...samplePlan.intent, wishes: ['fine-carpet'] } }, true],
    ['wish-diggers-carpet', { intent: { ...samplePlan.intent, wishes: ['diggers'] } }, false],
    ['pace-many-stems', { intent: { ...samplePlan.intent, pace: 'quiet' } }, false],
    ['layout-no-stones', { intent: { ...samplePlan.intent, layout: 'stones' } }, false],
    ['chlorine', { sources: [{ ...samplePlan.sources[0]!, disinfectant: 'chlorine' }] }, false],
    ['chloramine', { sources: [{ ...samplePlan.sources[0]!, disinfectant: 'chloramine' }] }, false],
    ['disinfectant-unknown', { sources: samplePlan.sources }, false],
    ['gas-overdose', { gasLines: [gas({ bubblesPerS: 8 })] }, true],
    ['gas-overdose', { gasLines: [gas({ peakMgPerL: 55 })] }, true],
    ['gas-much', { gasLines: [gas({ peakMgPerL: 35 })] }, true],
    ['gas-much', { gasLines: [gas({ peakMgPerL: 30 })], intent: { ...samplePlan.intent, wishes: ['shrimps'] } }, true],
    ['gas-wasted', { gasLines: [gas({ peakMgPerL: 90 })], animals: stocked({ grazers: 0, foodGPerDay: 0 }) }, false],
    ['gas-late', { gasLines: [gas({ beforeLightMin: 15 })], flow: { ...samplePlan.flow, surface: 'strong', hasSkimmer: true } }, true],
    ['animals-early', { animals: stocked({ grazersFromDay: 0 }) }, true],
    ['animals-early', { animals: stocked({ fishFromDay: 8 }) }, true],
    ['food-heavy', { animals: stocked({ foodGPerDay: 4 }) }, false],
    ['animal-warmth', keeping(['mikrogeophagus-ramirezi', 2]), false],
    [
      'animal-summer',
      { ...keeping(['paracheirodon-innesi', 10]), room: { ...samplePlan.room, monthlyC: Array<number>(12).fill(29) } },
      false,
    ],
    ['animal-hardness', keeping(['sundadanio-axelrodi', 12]), false],
    ['animal-alkalinity', keeping(['xiphophorus-maculatus', 6]), false],
    ['animal-litres', keeping(['chromobotia-macracanthus', 6]), false],
    ['animal-length', keeping(['chromobotia-macracanthus', 6]), false],
    ['animal-few', keeping(['paracheirodon-innesi', 3]), false],
    ['animal-only-one', keeping(['betta-splendens', 2]), false],
    ['animal-rivals', keeping(['trichogaster-lalius', 4]), false],
    ['animal-wants-still', { ...keeping(['boraras-brigittae', 12]), flow: { ...samplePlan.flow, turnoverPerH: 10 } }, false],
    ['animal-wants-flow', { ...keeping(['sewellia-lineolata', 5]), flow: { ...samplePlan.flow, turnoverPerH: 3 } }, false],
    ['animal-bare', { ...keeping(['danio-margaritatus', 10]), patches: [] }, false],
    ['animals-may-jump', { ...keeping(['paracheirodon-innesi', 10]), vessel: { ...samplePlan.vessel, top: 'open' } }, true],
    ['animal-jumps', { ...keeping(['danio-rerio', 10]), vessel: { ...samplePlan.vessel, top: 'open' } }, true],
    ['animal-digs', keeping(['chromobotia-macracanthus', 6]), false],
    ['animal-eats-plants', keeping(['metynnis-argenteus', 6]), false],
    ['animal-eats', keeping(['betta-splendens', 1], ['neocaridina-davidi', 20]), false],
    ['animal-eats-young', keeping(['paracheirodon-innesi', 10], ['neocaridina-davidi', 20]), false],
    ['animal-nips', keeping(['puntigrus-tetrazona', 10], ['betta-splendens', 1]), false],
    ['animal-breeds', keeping(['poecilia-reticulata', 6]), false],
    ['animal-listed', keeping(['pomacea-diffusa', 1]), false],
    ['animal-week', keeping(['otocinclus-vittatus', 6, 40]), true],
    ['animals-no-warmth', keeping(['tanichthys-albonubes', 10], ['symphysodon-aequifasciatus', 6]), false],
    ['animals-at-once', keeping(['paracheirodon-innesi', 60]), false],
    ['light-excess', { lamps: [{ ...samplePlan.lamps[0]!, watts: 400, dimFraction: 1 }] }, false],
    ['water-without-minerals', { logistics: { ...samplePlan.logistics, purifiedFraction: 1 } }, true],
    ['water-without-minerals', { sources: [source({ hardnessMmolPerL: 0.1 })] }, true],
    [
      'minerals-short',
      {
        logistics: { ...samplePlan.logistics, purifiedFraction: 1 },
        water: { ...samplePlan.water, hardnessMmolPerL: 0.9, minerals: ['magnesium-sulfate-heptahydrate'] },
      },
      true,
    ],
    ['sodium-high', { sources: [source({ kind: 'softened', hardnessMmolPerL: 0.05, alkalinityMeqPerL: 5 })] }, true],
    [
      'sodium-salt',
      {
        logistics: { ...samplePlan.logistics, purifiedFraction: 1 },
        water: {
          ...samplePlan.water,
          hardnessMmolPerL: 0.9,
          alkalinityMeqPerL: 4,
          minerals: ['calcium-sulfate-dihydrate', 'magnesium-sulfate-heptahydrate', 'sodium-bicarbonate'],
        },
      },
      false,
    ],
    ['copper-tap', { sources: [source({ copperMgPerL: 0.1 })] }, true],
    ['reports-differ', { sources: [source({ reports: [{ ...report, hardnessMmolPerL: 3, temperatureC: 9 }] })] }, true],
    ['conditioner-weak', { sources: [source({ disinfectant: 'chloramine' })], water: binding('chlorine') }, false],
    ['nitrate-twice', { sources: [{ ...samplePlan.sources[0]!, nitrateMgNPerL: 8 }] }, true],
    ['layout-too-tall', { intent: { ...samplePlan.intent, layout: 'shallow' } }, false],
  ]
  test.each(cases)('%s', (code, part, isMendable) => {
    const plan = { ...quiet, ...part }
    const finding = found(plan).find((one) => one.code === code)
    expect(finding, codes(plan).join()).toBeDefined()
    expect(finding?.mend !== undefined, 'mend').toBe(isMendable)
    if (!finding?.mend) return
    const mended = applyEdits(plan, finding.mend.edits)
    expect(mended).not.toBeNull()
    expect(found(mended!).filter((one) => one.code === code && one.id === finding.id)).toEqual([])
    // Taking the mend back gives the plan as it was.
    expect(applyEdits(mended!, finding.mend.edits.map(({ path, from, to }) => ({ path, from: to, to: from })).reverse())).toEqual(plan)
  })
  test('once plants grow, remarks on building rest, and animals that are in are for tests to judge; what stops a plan stays', () => {
    const plan = {
      ...quiet,
      gasLines: [gas({ peakMgPerL: 35 })],
      animals: stocked({ grazers: 10, grazersFromDay: 12, fishFromDay: 60 }),
    }
    const at = (ageDays: number): string[] =>
      checkPlan(plan, tankFigures(plan), { ageDays, animalsAllowedFromDay: 20 }).map(({ code }) => code)
    expect(at(0)).toEqual(expect.arrayContaining(['gas-much', 'animals-early']))
    expect(at(12)).toContain('animals-early')
    expect(at(13)).not.toContain('animals-early')
    expect(at(13)).not.toContain('gas-much')
    const deadly = { ...plan, gasLines: [gas({ bubblesPerS: 8 })] }
    expect(checkPlan(deadly, tankFigures(deadly), { ageDays: 60 })[0]?.code).toBe('gas-overdose')
  })
  test('most serious first', () => {
    const severities = found({ ...quiet, hardscape: [piece({ outline: box(-4, 15, 8, 27), material: 'limestone' })] }).map(
      ({ severity }) => severity,
    )
    expect(severities).toEqual([...severities].sort((a, b) => ['stop', 'warn', 'note'].indexOf(a) - ['stop', 'warn', 'note'].indexOf(b)))
    expect(severities[0]).toBe('stop')
  })
})

test('a tank weighs more than its water, and an unweighed stand is taken by its size', () => {
  const figures = tankFigures(quiet)
  expect(filledKg(quiet, figures)).toBeGreaterThan(figures.volumes.netWaterL)
  const weighed = { ...quiet, stand: { ...quiet.stand, massKg: 0, kitMassKg: 0 } }
  expect(filledKg(weighed, tankFigures(weighed))).toBeLessThan(filledKg(quiet, figures))
})
