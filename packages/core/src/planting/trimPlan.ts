import type { PlantSpecies } from '../species/plantSpecies.js'
import type { PlantForm } from '../species/traits.js'
import type { LaidPlant } from './bedsOf.js'
import { PLANT_KIND } from './kinds.js'
import { standsStillWeeks } from './rise.js'

/** How a plant is cut. */
export const TRIM_WAYS = ['hedge', 'lawn', 'old-leaves', 'scoop', 'turn'] as const
export type TrimWay = (typeof TRIM_WAYS)[number]
const WAY_OF_FORM: Readonly<Record<PlantForm, TrimWay>> = {
  carpet: 'lawn',
  'grass-runner': 'lawn',
  stem: 'hedge',
  'free-stem': 'hedge',
  rosette: 'old-leaves',
  'runner-rosette': 'old-leaves',
  bulb: 'old-leaves',
  rhizome: 'old-leaves',
  moss: 'lawn',
  liverwort: 'lawn',
  'alga-ball': 'turn',
  floater: 'scoop',
}

/** Growth, and with it the scissors, goes with the light: a share of a bright tank's work. Rule of thumb. */
export const trimGrowth = (ppfd: number): number => Math.min(MOST_GROWTH, Math.max(LEAST_GROWTH, ppfd / BRIGHT_PPFD))
const BRIGHT_PPFD = 70
const LEAST_GROWTH = 0.35
const MOST_GROWTH = 1.3

/** One plant of a patch or a spot, and its scissors. */
export interface TrimOfPlant {
  readonly plant: PlantSpecies
  readonly way: TrimWay
  /** Between two cuts. */
  readonly everyWeeks: number
  /** Weeks from planting to the first cut: leaves that come anew, then one interval. */
  readonly firstWeek: number
  /** What stays [cm]; `null` where it is not cut to a height. */
  readonly cutToCm: number | null
  /** One visit to this patch. Rule of thumb, half to twice as long is common. */
  readonly minutesAVisit: number
}

/** How a planted patch is trimmed under a light: intervals of the species, longer in weaker light; minutes by the area of its kind, as the week's hour reckons them. */
export function trimOf(
  { plant, areaCm2, retail, cutCm }: Pick<LaidPlant, 'plant' | 'areaCm2' | 'retail' | 'cutCm'>,
  ppfd: number,
): TrimOfPlant {
  const growth = trimGrowth(ppfd)
  const everyWeeks = plant.trimIntervalWeeks.value / Math.min(1, growth)
  const way = WAY_OF_FORM[plant.form]
  return {
    plant,
    way,
    everyWeeks,
    firstWeek: standsStillWeeks(plant, retail === 'cup' ? 'cup' : 'pot') + everyWeeks,
    cutToCm: way === 'hedge' || way === 'lawn' ? cutCm : null,
    minutesAVisit: (PLANT_KIND[plant.kind].trimMinPerM2 * areaCm2 * growth * everyWeeks) / 10_000,
  }
}
