import type { TankFigures } from '../ecosystem/tankFigures.js'
import { GROUND } from '../ground/kinds.js'
import { MEQ_PER_DKH } from '../quantity/physicalConstants.js'
import type { Plan } from '../plan/plan.js'
import { START_METHODS, type StartMethod } from '../plan/planStart.js'
import { newWater } from '../water/newWater.js'
import { leachesAmmonia } from './feedPhases.js'

/** A dark cycle stands still below this alkalinity [meq/L]. General practice, KH 2 (1–3). */
export const CYCLE_MEQ_PER_L = 2 * MEQ_PER_DKH
/** Colder water makes it slow. General practice. */
export const CYCLE_C = 22
/** Below this pH bacteria hardly grow. General practice 6–6.5. */
export const CYCLE_PH = 6.5

export const START_REASONS = [
  'one-day',
  'ammonia-with-plants',
  'thin-planting',
  'cycle-first',
  'no-algae-in-dark',
  'nothing-to-cycle',
  'cycled-already',
  'water-too-soft',
  'carpet-roots',
  'no-carpet',
  'mostly-not-dry',
  'poor-ground',
  'weeks-of-mist',
] as const
export type StartReason = (typeof START_REASONS)[number]
export interface WayToStart {
  readonly method: StartMethod
  readonly fit: 'good' | 'possible' | 'poor'
  /** For it first, then against. */
  readonly for: readonly StartReason[]
  readonly against: readonly StartReason[]
}

/** Nitrogen in the slow store of a ground that feeds plants by itself [mg/L]. Rule of thumb 30–100. */
const RICH_MG_PER_L = 50
/** Some ground of the tank feeds roots by itself. */
export const feedsRoots = ({ layers }: Pick<TankFigures, 'layers'>): boolean =>
  layers.some(({ ground, volumeL }) => volumeL > 0 && GROUND[ground].reservoirMgPerL[0] > RICH_MG_PER_L)
/** Of the floor; less is a thin start. Rule of thumb 0.5–0.7. */
const WELL_PLANTED = 0.5

/** The ways in which this tank may begin, and what speaks for and against each: ground, planting, filter, water. All three are practised; a choice between them is the grower's. */
export function waysToStart(plan: Plan, figures: TankFigures): WayToStart[] {
  const leaches = leachesAmmonia(plan)
  const isRich = feedsRoots(figures)
  const isCycled = figures.filterState !== 'new'
  const { stand } = figures
  const planted = Object.entries(stand).reduce((sum, [kind, { footFraction }]) => sum + (kind === 'floater' ? 0 : footFraction), 0)
  const isSoft = newWater(plan).mineralised.alkalinityMeqPerL < CYCLE_MEQ_PER_L
  const onMap = [...figures.beds, ...figures.spots].flatMap(({ plants }) => plants.map(({ plant, massG }) => ({ plant, massG })))
  const mass = (isIn: (one: (typeof onMap)[number]) => boolean): number => onMap.filter(isIn).reduce((sum, { massG }) => sum + massG, 0)
  const notDry = mass(({ plant }) => plant.dryStart === 'no') > 0.3 * mass(() => true)
  const pick = (reasons: readonly (readonly [StartReason, boolean])[]): StartReason[] =>
    reasons.flatMap(([reason, holds]) => (holds ? [reason] : []))
  const ways: Readonly<Record<StartMethod, Omit<WayToStart, 'method' | 'fit'>>> = {
    wet: {
      for: pick([['one-day', true]]),
      against: pick([
        ['ammonia-with-plants', leaches && !isCycled],
        ['thin-planting', planted < WELL_PLANTED],
      ]),
    },
    dark: {
      for: pick([
        ['cycle-first', leaches],
        ['no-algae-in-dark', true],
      ]),
      against: pick([
        ['nothing-to-cycle', !leaches],
        ['cycled-already', isCycled],
        ['water-too-soft', isSoft],
      ]),
    },
    dry: {
      for: pick([['carpet-roots', stand.carpet.footFraction > 0]]),
      against: pick([
        ['no-carpet', stand.carpet.footFraction === 0],
        ['mostly-not-dry', notDry],
        ['poor-ground', !isRich],
        ['weeks-of-mist', true],
      ]),
    },
  }
  const isPoor: Readonly<Record<StartMethod, boolean>> = {
    wet: false,
    dark: !leaches,
    dry: notDry || stand.carpet.footFraction === 0,
  }
  return START_METHODS.map((method) => ({
    method,
    ...ways[method],
    fit: isPoor[method] ? 'poor' : ways[method].against.filter((reason) => reason !== 'weeks-of-mist').length === 0 ? 'good' : 'possible',
  }))
}
