import type { Filter, Plan } from '../plan/plan.js'
import { answered, defineSum, openSum, reckoned, type OpenedSum } from '../quantity/sum.js'
import {
  CELL_CM,
  type DeadArea,
  JET_SPREAD,
  FLOW_SOURCE,
  FLOW_SPREAD,
  HEAD_FORMULA,
  JET_DECAY,
  JET_SOURCE,
  jetReachCm,
  jetSpeedMPerS,
  MEDIA_SHARE,
  reachSpanCm,
  STIR_M_PER_S,
} from './filterFlow.js'
import { MOST_TURNOVER_PER_H, type AnsweredFilter, type Flow } from './flowOf.js'

export const realFlowSum = defineSum({
  id: 'kit.real-flow',
  dimension: 'flow',
  terms: { ratedLPerH: 'flow', mediaShare: 'ratio', headCm: 'length' },
  formula: `ratedLPerH·mediaShare·${HEAD_FORMULA}`,
  source: FLOW_SOURCE,
})
/** What a filter really moves; `null` while its rated flow is not known. */
export function openRealFlow(filter: Filter, { ratedLPerH, realLPerH, headCm, media }: AnsweredFilter): OpenedSum | null {
  if (ratedLPerH === null || realLPerH === null) return null
  return openSum(
    realFlowSum,
    { value: realLPerH, low: realLPerH / FLOW_SPREAD, high: realLPerH * FLOW_SPREAD },
    {
      ratedLPerH: answered(ratedLPerH, filter.ratedLPerH),
      mediaShare: answered(MEDIA_SHARE[media], filter.media, ['media', media]),
      headCm: answered(headCm, filter.headCm),
    },
  )
}

const TURNOVER_SOURCE = 'Schools ask for 4 (gentle) to 10 an hour'
export const turnoverSum = defineSum({
  id: 'kit.turnover',
  dimension: 'turnover',
  terms: { realLPerH: 'flow', openWaterL: 'volume' },
  formula: `min(${MOST_TURNOVER_PER_H}, realLPerH/openWaterL)`,
  source: TURNOVER_SOURCE,
})
export const givenTurnoverSum = defineSum({
  id: 'kit.turnover-given',
  dimension: 'turnover',
  terms: { turnoverPerH: 'turnover' },
  formula: 'turnoverPerH',
  source: `As you gave it, or a common one while no flow is known. ${TURNOVER_SOURCE}`,
})
/** Said outright it goes before the filters. */
export const openTurnover = (
  { flow: asked }: Pick<Plan, 'flow'>,
  { turnoverPerH, pumpedLPerH, waterL }: Flow & { readonly waterL: number },
): OpenedSum =>
  asked.turnoverPerH !== null || pumpedLPerH === null
    ? openSum(givenTurnoverSum, turnoverPerH, { turnoverPerH: answered(turnoverPerH, asked.turnoverPerH) })
    : openSum(turnoverSum, turnoverPerH, { realLPerH: reckoned(pumpedLPerH), openWaterL: reckoned(waterL) })

export const reachSum = defineSum({
  id: 'kit.jet-reach',
  dimension: 'length',
  terms: { realLPerH: 'flow', boreMm: 'thickness', mouthMPerS: 'speed' },
  formula: `${JET_DECAY}·mouthMPerS·boreMm/10/${STIR_M_PER_S}`,
  source: JET_SOURCE,
})
/** Reach of an outlet's jet, from its share of the flow. */
export function openReach(boreMm: number, flowLPerH: number): OpenedSum {
  const value = jetReachCm(flowLPerH, boreMm)
  const [low, high] = reachSpanCm(value)
  return openSum(
    reachSum,
    { value, low, high },
    { realLPerH: reckoned(flowLPerH), boreMm: answered(boreMm, boreMm), mouthMPerS: reckoned(jetSpeedMPerS(flowLPerH, boreMm)) },
  )
}

export const deadShareSum = defineSum({
  id: 'kit.dead-share',
  dimension: 'fraction',
  terms: { unreached: 'count', spots: 'count' },
  formula: 'unreached/spots',
  source: `A grid of ${CELL_CM} cm over the floor; a jet is a cone of ${JET_SPREAD} of its way to each side, and is turned along a wall that it meets`,
})
export const openDeadShare = ({ cells, all, share }: DeadArea): OpenedSum =>
  openSum(deadShareSum, share, { unreached: reckoned(cells.length), spots: reckoned(all) })
