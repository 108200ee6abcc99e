import { runInNewContext } from 'node:vm'
import {
  ANIMALS,
  commonAnswers,
  compositionOf,
  deadCells,
  filterOf,
  fromUnit,
  gasBySurface,
  groundNeeds,
  levelCosts,
  awayWater,
  openAllWater,
  openAwayFall,
  openAwayLoss,
  openAwayStock,
  openStockLasts,
  proposedAbsence,
  openBlendAlkalinity,
  openBlendHardness,
  openChange,
  openComposition,
  openCooler,
  openDailyLight,
  openEqualLight,
  openDeadShare,
  openDisplaced,
  type OpenedSum,
  openEvaporation,
  openFill,
  openFloorLight,
  openGasRate,
  openLeak,
  openGross,
  openGroundVolume,
  openHeater,
  openMonth,
  openNeed,
  openOpenWater,
  openPane,
  openPoreWater,
  openReach,
  openRealFlow,
  openRunningPart,
  openFood,
  openFoodNitrogen,
  openSurfaceGas,
  openTurnover,
  openUpkeep,
  openWeights,
  outletReaches,
  type PlacedPiece,
  plannedCard,
  type Plan,
  runningParts,
  SUMS,
  tankFigures,
  UNKNOWN_PRODUCT,
} from '@jovrin/core'
import { sumTermWords } from '@jovrin/contract'
import { describe, expect, test } from 'vitest'
import { barePlan as bare, builtPlan as built } from '../../testing/builtPlan.js'
import { METRIC } from '../../testing/units.js'
import { explainDepth, explainKind } from './hardscape/explainComposition.js'
import { toldSum } from '../shared/sum.text.js'

const reckon = (script: string): number => {
  const plain = script
    .replaceAll('²', '**2')
    .replaceAll('³', '**3')
    .replaceAll('·', '*')
    .replaceAll('−', '-')
    .replaceAll(/\b(min|max)\(/g, 'Math.$1(')
    .replaceAll(/\|([^|]+)\|/g, 'Math.abs($1)')
    .replaceAll(/⌈([^⌉]+)⌉/g, 'Math.ceil($1 - 1e-9)')
  expect(plain, script).toMatch(/^(Math\.(min|max|abs|ceil)|[\d\s.,*/+()e-])+$/)
  return runInNewContext(plain) as number
}
/** Numbers in a formula are given to three digits or more. */
const CONSTANTS = 2e-3
const near = (found: number, wanted: number, share: number, what: string): void =>
  expect(Math.abs(found - wanted), `${what}: ${found} for ${wanted}`).toBeLessThanOrEqual(Math.max(Math.abs(wanted) * share, 1e-9))

/** With the values themselves the sum comes out at the figure; as it is written, within its rounding. */
function holds(sum: OpenedSum): void {
  const { value } = sum.result
  near(reckon(sum.worked.map((part) => (typeof part === 'string' ? part : `(${part})`)).join('')), value, CONSTANTS, sum.id)
  const { worked = '', title, formula, source } = toldSum(sum, METRIC)
  const [left = '', right = ''] = worked.split(' = ')
  const told = Number(right.replace('−', '-').split(' ')[0])
  near(told, value, 1e-3, sum.id)
  expect(Math.abs(reckon(left) - told), worked).toBeLessThanOrEqual(Math.max(Math.abs(told) * CONSTANTS, 5e-3))
  for (const text of [title, formula, source]) expect(text.length, sum.id).toBeGreaterThan(3)
  for (const text of [title, formula]) expect(text.replaceAll('kWh', '')).not.toMatch(/undefined|NaN|[a-z][A-Z]/)
}

const placedOf = ({ pieces }: ReturnType<typeof tankFigures>): PlacedPiece[] =>
  pieces.flatMap(({ placed }): PlacedPiece[] => (placed === null ? [] : [placed]))

/** Of a change with a conditioner that has a label, through a hose that was measured. */
function changeSums(plan: Plan): OpenedSum[] {
  const { conditioner, kit } = plan.water
  const told: Plan = {
    ...plan,
    water: { ...plan.water, conditioner: { ...conditioner, labelMl: 5, labelL: 40 }, kit: { ...kit, bucketL: 12, fillS: 61 } },
  }
  const figures = tankFigures(told)
  const { card, fraction, tankC } = plannedCard({ plan: told, figures, ageDays: 90, month: 0 })
  const { litres, hot, conditioner: dose, fill } = openChange(told, card, { waterL: figures.waterL, fraction, tankC })
  return [litres, hot, dose, fill].filter((sum) => sum !== null)
}

/** Every figure of a plan that opens with a sum. */
function allSums(plan: Plan): OpenedSum[] {
  const figures = tankFigures(plan)
  const { volumes, layers, pieces, inner } = figures
  const { parts, total, load, pressure } = openWeights(plan, figures)
  const running = runningParts(plan, figures)
  const composition = compositionOf(placedOf(figures), inner.lengthCm, inner.widthCm)
  const absence = proposedAbsence(plan, 'w1', { leaveOn: '2026-12-05', backOn: '2026-12-15', today: '2026-11-24' })
  return [
    openGross(plan, figures),
    openFill(plan, figures),
    openOpenWater(plan, figures),
    openAllWater(volumes),
    openPane(plan, figures),
    openEvaporation(plan, figures),
    ...Object.values(parts),
    total,
    load,
    pressure,
    openGroundVolume(layers, volumes.groundL),
    openPoreWater(layers, volumes.poreWaterL),
    openDisplaced(pieces, volumes.hardscapeL),
    ...groundNeeds(figures.ground, () => null).flatMap((need) => Object.values(openNeed(need))),
    ...Object.values(openComposition(composition, inner)),
    ...plan.filters.flatMap((filter) => openRealFlow(filter, filterOf(filter, commonAnswers())) ?? []),
    ...plan.outlets.map(({ boreMm }) => openReach(boreMm, 700)),
    openTurnover(plan, figures),
    openDeadShare(deadCells(plan.outlets, outletReaches(plan, figures), inner)),
    ...gasBySurface(plan).flatMap((gas) => Object.values(openSurfaceGas(gas))),
    openBlendHardness(plan),
    openBlendAlkalinity(plan),
    ...changeSums(plan),
    openHeater(figures),
    openCooler(figures),
    openFloorLight(plan, figures),
    openDailyLight(plan, figures),
    openEqualLight(plan.lightWindows, 0.8),
    openGasRate(plan, figures),
    ...[openFood(plan, figures, figures.temperatureC)].filter((sum) => sum !== null),
    openFoodNitrogen(plan, figures),
    ...(['g', 'mL'] as const).map((unit) => openStockLasts({ unit, perDay: 0.4 }, 100)),
    openAwayLoss(awayWater(plan, figures, absence), 10),
    openAwayFall(awayWater(plan, figures, absence)),
    ...(['g', 'mL'] as const).map((unit) => openAwayStock({ product: BOTTLE, unit, dosed: 12 })),
    openLeak(plan),
    ...running.map((part) => openRunningPart(part, 'EUR')),
    openMonth(running, 'EUR'),
    ...levelCosts(plan).flatMap((cost) => [openUpkeep(cost), openMonth(cost.runningParts, 'EUR')]),
  ]
}

const [line] = bare.gasLines
const onFeet: Plan = {
  ...built,
  stand: { ...built.stand, rests: 'feet', feet: null },
  lamps: [...built.lamps, { ...built.lamps[0]!, id: 'second', watts: 20, fluxUmolPerS: null }],
  lightWindows: [...built.lightWindows, { id: 'evening', on: '20:00', hours: 2, rampMin: 45 }],
  gasLines: [line!, { ...line!, id: 'second', bubblesPerS: 2, bubbleMl: 0.06 }].map((one) => ({ ...one, control: 'timer' as const })),
  temperatureC: 22,
  animals: {
    groups: [
      { id: 'a1', species: 'paracheirodon-innesi', count: 20, fromDay: 40, origin: '' },
      { id: 'a2', species: 'caridina-multidentata', count: null, fromDay: 30, origin: '' },
    ],
    foodGPerDay: 0.3,
  },
  fauna: ANIMALS.filter(({ id }) => id === 'paracheirodon-innesi' || id === 'caridina-multidentata'),
  feed: {
    ...built.feed,
    cupboard: [
      { ...UNKNOWN_PRODUCT, id: 'n', name: '', form: 'salt', salt: 'potassium-nitrate', packG: 500, price: 6 },
      { ...UNKNOWN_PRODUCT, id: 'k', name: '', form: 'salt', salt: 'potassium-sulfate' },
    ],
  },
}
const BOTTLE = { ...UNKNOWN_PRODUCT, id: 'b', name: 'x', form: 'bottle' } as const
const PLANS: readonly (readonly [string, Plan])[] = [
  ['nothing known', bare],
  ['a build', built],
  ['a build on feet, in a warm room, with two of all that there can be two of', onFeet],
]

describe.each(PLANS)('%s: what a sum writes comes out as the figure shown', (_, plan) => {
  test.each(allSums(plan).map((sum, place) => [`${place} ${sum.id}`, sum] as const))('%s', (_name, sum) => holds(sum))
})

test('no sum escapes: each is opened by one of the plans', () => {
  const opened = new Set(PLANS.flatMap(([, plan]) => allSums(plan).map(({ id }) => id)))
  expect(SUMS.map(({ id }) => id).filter((id) => !opened.has(id))).toEqual([])
})
test('a formula names nothing but its terms, and every term is told in words', () => {
  for (const { id, formula, terms, each } of SUMS) {
    const names = new Set([...Object.keys(terms), ...Object.keys(each)])
    for (const [name = ''] of formula.matchAll(/[A-Za-z][A-Za-z0-9]*/g))
      if (name !== 'min' && name !== 'max') expect(names, id).toContain(name)
    for (const name of names) expect(Object.keys(sumTermWords)).toContain(name)
  }
  expect(new Set(SUMS.map(({ id }) => id)).size).toBe(SUMS.length)
})

describe('a sum as it is told', () => {
  const figures = tankFigures(built)
  test('terms that are added are written out; none at all are zero', () => {
    const layers = figures.layers.filter(({ volumeL }) => volumeL > 0)
    expect(toldSum(openGroundVolume(layers, figures.volumes.groundL), METRIC).worked?.split(' + ')).toHaveLength(layers.length)
    expect(toldSum(openGroundVolume([], 0), METRIC).worked).toBe('0 = 0 L')
    const { worked, inputs } = toldSum(openDailyLight({ lightWindows: [] }, { ...figures, dliMolPerM2: 0 }), METRIC)
    expect(worked).toMatch(/^[\d.]+·0·0\.0036 = 0 mol\/m²$/)
    expect(inputs).toHaveLength(1)
  })
  test('the sum inside a product stands in brackets, and each of several has its number', () => {
    const { worked, inputs } = toldSum(openDailyLight(onFeet, tankFigures(onFeet)), METRIC)
    expect(worked).toMatch(/·\([\d.]+ − [\d.]+\/60 \+ 2 − 45\/60\)·0\.0036 = /)
    expect(inputs.map(({ name }) => name)).toContain('Window 2: ramp')
  })
  test('gains of heat are negative numbers in brackets', () => {
    const { worked = '' } = toldSum(openHeater({ ...figures, pumpW: 12 }), METRIC)
    expect(worked).toContain('(−12)')
  })
  test('what was typed says so, what was not says assumed, and a word stands with what it counts as', () => {
    const from = (sum: OpenedSum): readonly string[] => toldSum(sum, METRIC).inputs.map((input) => input.from)
    expect(from(openGross(built, figures))).toEqual(['typed', 'typed', 'typed'])
    expect(from(openFill(bare, tankFigures(bare)))).toContain('assumed')
    const { parts, isAssumed } = openWeights(built, figures)
    expect(isAssumed('standKg')).toBe(false)
    expect(isAssumed('kitKg')).toBe(true)
    expect(from(parts.standKg)).toEqual(['typed'])
    expect(from(parts.kitKg)).toEqual(['assumed', 'reckoned'])
    const typedRates = runningParts(built, figures).filter((part) => from(openRunningPart(part, 'EUR')).at(-1) === 'typed')
    expect(typedRates.map(({ kind }) => kind)).toEqual(['light', 'pump', 'heating'])
    expect(toldSum(openEvaporation(built, figures), METRIC).inputs.find(({ name }) => name === 'Top')?.value).toBe('braced, 0.8')
  })
  test('a filter’s lift that nobody gave is assumed; none of it is told while the rated flow is unknown', () => {
    const [filter] = built.filters
    const known = toldSum(openRealFlow(filter!, filterOf(filter!, commonAnswers()))!, METRIC)
    expect(known.inputs.find(({ value }) => value === '120 cm')?.from).toBe('assumed')
    const unrated = { ...filter!, ratedLPerH: null }
    expect(openRealFlow(unrated, filterOf(unrated, commonAnswers()))).toBeNull()
  })
  test('a turnover that was given is no flow of the filters, and says where it came from', () => {
    const told = (plan: Plan) => toldSum(openTurnover(plan, tankFigures(plan)), METRIC)
    const given = (turnoverPerH: number | null, filters = built.filters): Plan => ({
      ...built,
      filters,
      flow: { ...built.flow, turnoverPerH },
    })
    expect(told(given(6)).inputs).toEqual([{ name: 'Volumes an hour', value: '6 /h', from: 'typed' }])
    expect(told(given(null, [])).inputs.map(({ from }) => from)).toEqual(['assumed'])
    expect(told(given(null)).inputs.map(({ name }) => name)).toEqual(['Real flow', 'Open water'])
  })
  test('one piece whose mass nobody knows makes the mass of its material assumed', () => {
    const [first] = built.hardscape
    const unknown = { ...first!, id: 'unknown', massKg: null, volumeL: null, outline: null }
    const plan: Plan = { ...built, hardscape: [first!, unknown] }
    const made = tankFigures(plan)
    const from = (one: OpenedSum) => one.terms.find(({ name }) => name === 'massKg')?.from
    expect(from(openDisplaced(made.pieces, made.volumes.hardscapeL))).toBe('assumed')
    expect(openWeights(plan, made).parts.hardscapeKg.terms.map((term) => term.from)).toContain('assumed')
  })
  test('inputs and range are in the reader’s units, the written sum in the formula’s', () => {
    const inches = {
      ...METRIC,
      tell: (quantity: Parameters<typeof METRIC.tell>[0]) =>
        quantity.dimension === 'length' ? `${(quantity.value / fromUnit('length', 1, 'in')).toFixed(1)} in` : METRIC.tell(quantity),
    }
    const gross = toldSum(openGross(built, figures), inches)
    expect(gross.inputs[0]).toEqual({ name: 'Length', value: '43.3 in', from: 'typed' })
    expect(gross.formula).toBe('length · width · height / 1000')
    expect(gross.worked).toBe('110·50·45/1000 = 247.5 L')
  })
  test('money is told in its currency', () => {
    const [light] = runningParts(built, figures)
    const told = toldSum(openRunningPart(light!, 'SEK'), METRIC)
    expect(told.worked).toMatch(/ SEK$/)
    expect(told.inputs.at(-1)?.value).toMatch(/SEK/)
  })
})

describe('arrangements', () => {
  const figures = tankFigures(built)
  const placed = placedOf(figures)
  const composition = compositionOf(placed, figures.inner.lengthCm, figures.inner.widthCm)
  test('figures that are no single sum name all they are taken from', () => {
    expect(explainDepth(composition, placed, METRIC)?.inputs).toHaveLength(placed.length)
    expect(explainDepth(composition, placed, METRIC)?.inputs.at(-1)?.name).toBe('wood')
    expect(explainKind(composition, METRIC).inputs.map(({ name }) => name)).toEqual(['Left', 'Middle', 'Right'])
  })
  test('without pieces only the open floor has something to work out', () => {
    const none = compositionOf([], 100, 40)
    expect(Object.keys(openComposition(none, { lengthCm: 100, widthCm: 40 })).sort()).toEqual(['openFloor', 'openRear'])
    expect(explainDepth(none, [], METRIC)).toBeUndefined()
  })
})
