import type { Answers } from '../plan/answers.js'
import type { Filter, FilterMedia, FilterState, Plan, Surface } from '../plan/plan.js'
import { realFlowLPerH } from './filterFlow.js'

/** What is taken where nobody told. */
export const USUAL_SURFACE: Surface = 'ripple'

/** How much of its stillest to strongest a surface is broken, 0–1. Rule of thumb. */
const AGITATION: Readonly<Record<Surface, number>> = { still: 0.15, ripple: 0.5, strong: 0.8 }
const SKIMMER_SHARE = 0.5
/** Ten volumes an hour count as full flow. */
const FULL_TURNOVER_PER_H = 10
export const MOST_TURNOVER_PER_H = 40

/** A filter as the sums use it; `null` flow where nobody knows what it is rated for. */
export interface AnsweredFilter {
  readonly id: string
  readonly ratedLPerH: number | null
  readonly headCm: number
  readonly media: FilterMedia
  readonly realLPerH: number | null
  readonly watts: number
}
export interface Flow {
  readonly filters: readonly AnsweredFilter[]
  /** What all filters of the plan really move; `null` while none is known. */
  readonly pumpedLPerH: number | null
  readonly pumpW: number
  readonly filterState: FilterState
  readonly agitation: number
  readonly skimmer: number
  readonly turnoverPerH: number
  /** 0–1, of full flow. */
  readonly flow: number
}

export function filterOf(filter: Filter, answers: Answers, place = 0): AnsweredFilter {
  const headCm = answers.number('filters/*/headCm', filter.headCm, place)
  const media = answers.choice('filters/*/media', filter.media, 'usual')
  const realLPerH = filter.ratedLPerH === null ? null : realFlowLPerH(filter.ratedLPerH, headCm, media)
  const watts = filter.watts ?? (realLPerH === null ? 0 : realLPerH * answers.trait('pumpWPerLPerH', place))
  return { id: filter.id, ratedLPerH: filter.ratedLPerH, headCm, media, realLPerH, watts }
}

/** Turnover said outright, else from the filters, else a common value. */
export function flowOf({ flow, filters }: Pick<Plan, 'flow' | 'filters'>, answers: Answers, waterL: number): Flow {
  const answered = filters.map((filter, place) => filterOf(filter, answers, place))
  const known = answered.filter(({ realLPerH }) => realLPerH !== null)
  const pumpedLPerH = known.length === 0 ? null : known.reduce((sum, { realLPerH }) => sum + (realLPerH ?? 0), 0)
  const fromFilters = pumpedLPerH === null ? null : Math.min(MOST_TURNOVER_PER_H, pumpedLPerH / waterL)
  const turnoverPerH = flow.turnoverPerH ?? fromFilters ?? answers.number('flow/turnoverPerH', null)
  return {
    filters: answered,
    pumpedLPerH,
    pumpW: answered.reduce((sum, { watts }) => sum + watts, 0),
    filterState: flow.filter ?? 'new',
    agitation: AGITATION[answers.choice('flow/surface', flow.surface, USUAL_SURFACE)],
    skimmer: flow.hasSkimmer ? SKIMMER_SHARE : 0,
    turnoverPerH,
    flow: Math.min(1, turnoverPerH / FULL_TURNOVER_PER_H),
  }
}
