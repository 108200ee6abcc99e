import type { Plan } from '../plan/plan.js'
import { answered, defineSum, openSum, type OpenedSum } from '../quantity/sum.js'
import { BUBBLE_FORMULA, BUBBLE_SPREAD, bubbleRateWorking } from './bubbleRate.working.js'
import type { AnsweredLine } from './linesOf.js'

export const gasRateSum = defineSum({
  id: 'gas.rate',
  dimension: 'gasRate',
  each: { bubblesPerS: 'bubbles', bubbleMl: 'bubble', linePressureBar: 'pressure' },
  formula: `Σ(${BUBBLE_FORMULA})/1000`,
  source: bubbleRateWorking.source,
})

/** What all lines give together [g/h]. */
export const openGasRate = (
  { gasLines: asked }: Pick<Plan, 'gasLines'>,
  { gasLines, gasMgPerH }: { readonly gasLines: readonly AnsweredLine[]; readonly gasMgPerH: number },
): OpenedSum => {
  const value = gasMgPerH / 1000
  return openSum(
    gasRateSum,
    { value, low: value / BUBBLE_SPREAD, high: value * BUBBLE_SPREAD },
    {},
    gasLines.map((line, place) => {
      const own = asked.find(({ id }) => id === line.id)
      return {
        of: gasLines.length > 1 ? (['gasLine', String(place + 1)] as const) : undefined,
        bubblesPerS: { value: line.bubblesPerS, from: line.tunedToMgPerL !== null ? ('reckoned' as const) : ('typed' as const) },
        bubbleMl: answered(line.bubbleMl, own?.bubbleMl),
        linePressureBar: answered(line.linePressureBar, own?.linePressureBar),
      }
    }),
  )
}
