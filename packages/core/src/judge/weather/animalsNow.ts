import type { TankFigures } from '../../ecosystem/tankFigures.js'
import { SOME_FISH } from '../../species/animals/index.js'

/** Wet mass of a grown animal [g/cm³ of length³]; rule of thumb 0.006–0.015. */
const WET_G_PER_CM3 = 0.009
/** Dry food a day is about so much of the wet mass of fish that nobody counted. Rule of thumb 0.01–0.025. */
const FED_SHARE = 0.02

/** Wet mass of the animals that are in at an age of the tank. */
export function animalsNow({ kept }: Pick<TankFigures, 'kept'>, ageDays: number): { readonly wetG: number } {
  return {
    wetG: kept.reduce((sum, { group, species, count, foodGPerDay }) => {
      if (group.fromDay > ageDays) return sum
      if (species.id === SOME_FISH.id) return sum + foodGPerDay / FED_SHARE
      return sum + count * WET_G_PER_CM3 * species.adultCm.value ** 3
    }, 0),
  }
}
