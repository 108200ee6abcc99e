import { compile } from '../ecosystem/compile.js'
import { DAY, DAY_STRIDE } from '../ecosystem/daySeries.js'
import { simulate } from '../ecosystem/simulate.js'
import { mean } from '../numeric/statistics.js'
import type { Plan } from '../plan/plan.js'
import type { PlantSpecies } from '../species/plantSpecies.js'
import type { Shade } from '../species/traits.js'
import { startEndDay } from '../plan/startPhase.js'
import { programmed } from './programmed.js'

/** How the plants of a tank stand in one week, by the model's common tank. */
export interface OutlookOfWeek {
  /** Weeks since plants and water are together. */
  readonly week: number
  /** Of carpets: shade below them and their thickness together, against where they begin to come off; 1 and more lifts. */
  readonly lift: number
  /** Of stems: leaves lost at their bases, a share of the mass a week. */
  readonly baseLossPerWeek: number
  /** Of stems that can be red: their colour against the most that light and lean nitrogen give, 0–1. */
  readonly redness: number
}
export const OUTLOOK_WEEKS = [4, 12, 26] as const

/** `null` where nothing is planted. One run over half a year, with trims and the programme of the first weeks; deterministic. The model grows kinds, so patches of one kind share their outlook. */
export function standOutlook(plan: Plan): readonly OutlookOfWeek[] | null {
  if (plan.patches.length === 0 && plan.beds.length === 0) return null
  const end = startEndDay(plan)
  const days = end + 7 * Math.max(...OUTLOOK_WEEKS)
  const { timeline } = programmed([{ fromDay: 0, plan }], { today: 0, animalsAllowedFromDay: null })
  const { forcing, startState, parameters } = compile({ timeline, days, stepMin: 60 })
  const { rows } = simulate({ forcing, startState, parameters, days })
  const ofWeek = (week: number, column: number): number =>
    mean(Array.from({ length: 7 }, (_, day) => rows[(end + (week - 1) * 7 + day) * DAY_STRIDE + column]!))
  return OUTLOOK_WEEKS.map((week) => ({
    week,
    lift: ofWeek(week, DAY.carpetLift) / parameters.liftThreshold,
    baseLossPerWeek: 1 - Math.exp(-7 * ofWeek(week, DAY.baseLossStems)),
    redness: ofWeek(week, DAY.redness),
  }))
}

/** What of an outlook is about a plant: carpets lift, stems lose their bases, some stems are red. */
export const OUTLOOK_ASPECTS = ['lift', 'base', 'red'] as const
export type OutlookAspect = (typeof OUTLOOK_ASPECTS)[number]
export const outlookAspects = ({ kind, form, colour, redNeeds }: PlantSpecies): readonly OutlookAspect[] => [
  ...(kind === 'carpet' ? (['lift'] as const) : []),
  ...(kind === 'stems' && form === 'stem' ? (['base'] as const) : []),
  ...(kind === 'stems' && redNeeds !== 'none' && colour.strong.some((shade) => REDDISH.has(shade)) ? (['red'] as const) : []),
]
const REDDISH: ReadonlySet<Shade> = new Set(['orange', 'pink', 'red', 'purple'])
