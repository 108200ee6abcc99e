import { expect, test } from 'vitest'
import { samplePlan } from '../testing/samplePlan.js'
import { withGasAim } from './gasAimEdits.js'
import { tankFigures } from './tankFigures.js'

const figures = tankFigures(samplePlan)
test('brings the peak of a day without plants to the aim; counted bubbles, which are less sure, a little under it', () => {
  const [line] = samplePlan.gasLines
  const counted = { ...samplePlan, gasLines: [{ ...line!, bubblesPerS: 2, bubbleMl: 0.07 }] }
  const tuned = { ...samplePlan, gasLines: [{ ...line!, bubblesPerS: null, peakMgPerL: 28 }] }
  for (const [plan, aimed] of [
    [counted, 0.85 * 18],
    [tuned, 18],
  ] as const) {
    const then = withGasAim(plan, tankFigures(plan), { peakMgPerL: 18, ppfd: null })
    expect(Math.abs(tankFigures(then).gasLevels.peak - aimed)).toBeLessThan(1)
    expect(then.gasLines[0]!.beforeLightMin).toBe(line!.beforeLightMin)
    expect(then.lamps).toEqual(plan.lamps)
  }
})
test('dims all lamps alike to a mean, and never over their full power', () => {
  const then = withGasAim(samplePlan, figures, { peakMgPerL: 20, ppfd: figures.ppfd * 0.6 })
  expect(tankFigures(then).ppfd / figures.ppfd).toBeCloseTo(0.6, 1)
  for (const { dimFraction } of withGasAim(samplePlan, figures, { peakMgPerL: 20, ppfd: 5000 }).lamps)
    expect(dimFraction).toBeLessThanOrEqual(1)
})
test('gas that is given up is off, and its line stays for another day', () => {
  const then = withGasAim(samplePlan, figures, { peakMgPerL: null, ppfd: null })
  expect(tankFigures(then).gasLines).toEqual([])
  expect(then.gasLines).toHaveLength(samplePlan.gasLines.length)
})
