import { runInNewContext } from 'node:vm'
import { compositionOf, fromUnit, levelCosts, runningParts, tankFigures, type PlacedPiece, type Plan } from '@jovrin/core'
import { describe, expect, test } from 'vitest'
import { barePlan as bare, builtPlan as built } from '../../testing/builtPlan.js'
import { METRIC } from '../../testing/units.js'
import type { Explained } from '../../ui/Figure.js'
import { explainTank } from './describe/explain.js'
import { explainComposition } from './hardscape/explainComposition.js'
import { explainCooler, explainFlow, explainHeater, explainReach, explainTurnover } from './kit/explainKit.js'
import { explainMonth, explainRunningPart, explainUpkeep } from './shopping/explainRunning.js'
import { explainEvaporation, explainPane, explainVolumes, explainWeights } from './vessel/explainVessel.js'
import { sumOf } from './worked.js'

/** A worked line says `sum = result unit`: reckons the sum as it is written. */
function reckon(worked: string): { readonly left: number; readonly right: number } {
  const [sum = '', result = ''] = worked.split(' = ')
  const script = sum
    .replaceAll('²', '**2')
    .replaceAll('³', '**3')
    .replaceAll('·', '*')
    .replaceAll('−', '-')
    .replaceAll(/\b(min|max)\(/g, 'Math.$1(')
    .replaceAll(/\|([^|]+)\|/g, 'Math.abs($1)')
  expect(script, worked).toMatch(/^[\d\s.,*/+()\-a-zA-Z]+$/)
  return { left: runInNewContext(script) as number, right: Number(result.replace('−', '-').split(' ')[0]) }
}
const holds = ({ title, worked = '', formula, source }: Explained): void => {
  const { left, right } = reckon(worked)
  expect(Math.abs(left - right), `${title}: ${worked}`).toBeLessThanOrEqual(Math.max(Math.abs(right) * 2e-3, 5e-3))
  expect(formula.length, title).toBeGreaterThan(3)
  expect(source.length, title).toBeGreaterThan(3)
}

const PLANS: readonly (readonly [string, Plan])[] = [
  ['nothing known', bare],
  ['a build', built],
]

describe.each(PLANS)('%s: what a working writes comes out as the figure shown', (_, plan) => {
  const figures = tankFigures(plan)
  test.each(Object.entries(explainVolumes(plan, figures, METRIC)))('volume %s', (_row, working) => holds(working))
  test('pane and evaporation, with their ranges', () => {
    const pane = explainPane(plan, figures, METRIC)
    holds(pane.explained)
    expect(pane.explained.range).not.toBeNull()
    const { lostL, mmPerDay, explained } = explainEvaporation(plan, figures, METRIC)
    holds(explained)
    expect(lostL).toBeCloseTo(mmPerDay * figures.surfaceM2, 12)
  })
  test('every weight, their sum, and what it presses', () => {
    const weights = explainWeights(plan, figures, METRIC)
    for (const working of [...Object.values(weights.parts), weights.total, weights.load, weights.pressure]) holds(working)
  })
  test('heater and cooler: the balance names where each watt goes', () => {
    for (const working of [explainHeater(figures, METRIC), explainCooler(figures, METRIC), explainTurnover(figures, METRIC)]) holds(working)
    expect(explainHeater(figures, METRIC).inputs.length).toBeGreaterThan(5)
  })
  test('running cost: every part, the month, and the upkeep', () => {
    const parts = runningParts(plan, figures)
    for (const part of parts) holds(explainRunningPart(part, 'EUR', METRIC))
    holds(explainMonth(parts, 'EUR', 'Running'))
    for (const cost of levelCosts(plan)) {
      holds(explainUpkeep(cost, METRIC))
      holds(explainMonth(cost.runningParts, 'EUR', 'Running'))
    }
  })
})

describe('filters and outlets', () => {
  test('a filter’s flow by media and lift; none while the rated flow is unknown', () => {
    const [filter] = built.filters
    const known = explainFlow(filter!, METRIC)!
    holds(known.explained)
    expect(known.explained.inputs.find(({ value }) => value === '120 cm')?.from).toBe('assumed')
    expect(explainFlow({ ...filter!, ratedLPerH: null }, METRIC)).toBeNull()
  })
  test.each([
    [9, 300],
    [13, 700],
    [22, 2000],
  ])('reach of %d mm at %d L/h', (boreMm, flow) => holds(explainReach(boreMm, flow, METRIC).explained))
})

describe('composition', () => {
  const figures = tankFigures(built)
  const placed = figures.pieces.flatMap(({ placed: one }): PlacedPiece[] => (one === null ? [] : [one]))
  const composition = compositionOf(placed, figures.inner.lengthCm, figures.inner.widthCm)
  const workings = explainComposition(composition, figures, placed, METRIC)
  test.each(Object.entries(workings).filter(([row]) => row !== 'depth' && row !== 'kind'))('%s', (_row, working) => holds(working))
  test('figures that are no single sum name all they are taken from', () => {
    expect(workings.depth?.inputs).toHaveLength(placed.length)
    expect(workings.depth?.inputs.at(-1)?.name).toBe('wood')
    expect(workings.kind?.inputs.map(({ name }) => name)).toEqual(['Left', 'Middle', 'Right'])
  })
  test('without pieces only the open floor has something to work out', () => {
    const none = explainComposition(compositionOf([], 100, 40), tankFigures(bare), [], METRIC)
    expect(Object.keys(none).sort()).toEqual(['kind', 'openFloor', 'openRear'])
    holds(none.openFloor!)
  })
})

describe('provenance', () => {
  test('what was typed says so, what was not says assumed', () => {
    const { gross, pore } = explainVolumes(built, tankFigures(built), METRIC)
    expect(gross.inputs.map(({ from }) => from)).toEqual(['typed', 'typed', 'typed'])
    expect(explainVolumes(bare, tankFigures(bare), METRIC).fill.inputs.some(({ from }) => from === 'assumed')).toBe(true)
    expect(pore.inputs.every(({ from }) => from === 'assumed')).toBe(true)
    const { parts, isAssumed } = explainWeights(built, tankFigures(built), METRIC)
    expect(isAssumed('standKg')).toBe(false)
    expect(isAssumed('kitKg')).toBe(true)
    expect(parts.standKg.inputs[0]?.from).toBe('typed')
    expect(
      runningParts(built, tankFigures(built))
        .filter(({ isRateGiven }) => isRateGiven)
        .map(({ kind }) => kind),
    ).toEqual(['light', 'pump', 'heating'])
  })
  test('inputs are in the reader’s units, the worked line in the formula’s', () => {
    const inches = {
      ...METRIC,
      show: (dimension: Parameters<typeof METRIC.show>[0], canonical: number) =>
        dimension === 'length' ? `${(canonical / fromUnit('length', 1, 'in')).toFixed(1)} in` : METRIC.show(dimension, canonical),
    }
    const { gross } = explainVolumes(built, tankFigures(built), inches)
    expect(gross.inputs[0]?.value).toBe('43.3 in')
    expect(gross.worked).toBe('110·50·45/1000 = 247.5 L')
  })
})

test('daily light counts every window, and each with its own ramp', () => {
  const [window] = built.lightWindows
  const evening = { id: 'evening', on: '20:00', hours: 2, rampMin: 45 }
  for (const lightWindows of [[], [window!], [window!, evening]]) {
    const plan = { ...built, lightWindows }
    const { dli } = explainTank(plan, tankFigures(plan), METRIC)
    holds(dli)
    expect(dli.inputs).toHaveLength(1 + 2 * lightWindows.length)
  }
})
test('no terms at all are zero', () => expect(sumOf([])).toBe('0'))
