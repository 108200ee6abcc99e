import { RANGE_TRAITS, type PlantTrait, type RangeTrait } from './traits.js'
import type { PlantSpecies } from './plantSpecies.js'

/** What cannot be true of one plant, or is not believed without another look. `stop`: contradicts itself. `doubt`: unlikely. */
export interface SanityFault {
  readonly code: SanityCode
  readonly weight: 'stop' | 'doubt'
  /** The trait to look at first. */
  readonly trait: PlantTrait
}
export const SANITY_CODES = [
  'range-turned',
  'wide-and-sure',
  'light-turned',
  'temperature-turned',
  'planted-taller',
  'carpet-tall',
  'gas-in-the-dark',
  'floater-elsewhere',
  'rhizome-buried',
  'rise-turned',
  'internode-turned',
  'whorl-of-few',
  'red-without-red',
  'moss-with-roots',
  'kind-of-form',
  'too-close',
] as const
export type SanityCode = (typeof SANITY_CODES)[number]

/** A carpet is kept under 10 cm; what is taller than this on its own is no carpet. Rule of thumb. */
const TALLEST_CARPET_CM = 12
/** Who dwindles without gas does so for want of carbon at the light it needs. Rule of thumb 35–50. */
const DIM_PPFD = 40
/** A range wider than this is an estimate, whoever reports it. Rule of thumb. */
const WIDEST_REPORTED = 4
/** Ends are written in two digits. */
const ROUNDING = 1.03
const WARM_SHADES = ['bronze', 'brown', 'orange', 'pink', 'red', 'purple', 'yellow'] as const
const LEAST_WHORL = 3

/** Every sanity fault of a plant whose traits are all answered. */
export function sanityFaults(plant: PlantSpecies): SanityFault[] {
  const found: SanityFault[] = []
  const say = (code: SanityCode, trait: PlantTrait, weight: SanityFault['weight'] = 'stop'): void =>
    void found.push({ code, weight, trait })
  for (const trait of Object.keys(RANGE_TRAITS) as RangeTrait[]) {
    const { value, low, high } = plant[trait]
    if (!(low <= value && value <= high)) say('range-turned', trait)
    if (plant[trait].confidence !== 'C' && low > 0 && high / low > WIDEST_REPORTED * ROUNDING) say('wide-and-sure', trait, 'doubt')
  }
  const { min, good, goodLow, goodHigh } = plant.light
  if (!(min <= goodLow && goodLow <= good && good <= goodHigh)) say('light-turned', 'light')
  const warm = plant.temperatureC
  if (!(warm.min <= warm.goodLow && warm.goodLow < warm.goodHigh && warm.goodHigh <= warm.max)) say('temperature-turned', 'temperatureC')
  if (plant.plantingHeightCm.value > plant.matureHeightCm.value) say('planted-taller', 'plantingHeightCm')
  if (plant.kind === 'carpet' && plant.matureHeightCm.value > TALLEST_CARPET_CM) say('carpet-tall', 'matureHeightCm')
  if (plant.carbon.includes('needed') && good < DIM_PPFD) say('gas-in-the-dark', 'carbon')
  if ((plant.kind === 'floater') !== (plant.form === 'floater')) say('kind-of-form', 'kind')
  if (plant.form === 'floater' && (!plant.places.includes('surface') || !plant.reachesSurface)) say('floater-elsewhere', 'places')
  if (plant.kind === 'rhizome' && plant.attaches === 'no') say('rhizome-buried', 'attaches')
  if (plant.riseWeakCmPerWeek.value > plant.riseStrongCmPerWeek.value) say('rise-turned', 'riseWeakCmPerWeek', 'doubt')
  if (plant.internodeStrongCm.value > plant.internodeWeakCm.value) say('internode-turned', 'internodeStrongCm', 'doubt')
  if (plant.arrangement === 'whorl' && plant.leavesPerNode.value < LEAST_WHORL) say('whorl-of-few', 'leavesPerNode')
  if (plant.redNeeds !== 'none' && !plant.colour.strong.some((shade) => WARM_SHADES.some((one) => one === shade)))
    say('red-without-red', 'colour', 'doubt')
  if (plant.kind === 'moss' && plant.feeding === 'root') say('moss-with-roots', 'feeding')
  if (plant.spacingCm.value > plant.spreadCm.value * 2) say('too-close', 'spacingCm', 'doubt')
  return found
}
