import { GROUND } from '../ground/kinds.js'
import { zoneAt, type LaidZone } from '../ground/groundPlan.js'
import type { Spot } from '../numeric/ring.js'
import type { RootTab } from '../plan/plan.js'
import { PLANT_GROUPS, PLANT_KIND } from '../planting/kinds.js'
import { spotsOfBed } from '../planting/light/lightOfBeds.js'
import type { Parameters } from './parameters.js'
import type { TankFigures } from './tankFigures.js'

/** Roots find a tab within so much. Rule of thumb 5–10 cm. */
const TAB_REACH_CM = 8

const feeds = ({ layers }: LaidZone): boolean => layers.some(({ ground, volumeL }) => volumeL > 0 && GROUND[ground].reservoirMgPerL[0] > 0)

/** Of each group's own patches the share whose roots stand in ground that holds something, or near a tab; 1 for a group that the map does not hold, and where nothing in the tank holds any. */
export function rootReach({ beds, ground, inner }: TankFigures, tabs: readonly RootTab[]): readonly number[] {
  const hasStock = tabs.length > 0 || ground.zones.some(feeds)
  if (!hasStock || beds.length === 0) return PLANT_GROUPS.map(() => 1)
  const isFed = ({ xCm, yCm }: Spot): boolean =>
    feeds(zoneAt(ground, xCm, yCm)) || tabs.some((tab) => Math.hypot(tab.xCm - xCm, tab.yCm - yCm) <= TAB_REACH_CM)
  const shares = beds
    .filter(({ isFloating, areaCm2 }) => !isFloating && areaCm2 > 0)
    .map((bed) => {
      const spots = spotsOfBed(bed.ring, inner)
      return { bed, fed: spots.length === 0 ? 1 : spots.filter(isFed).length / spots.length }
    })
  return PLANT_GROUPS.map((group) => {
    let [area, fed] = [0, 0]
    for (const { bed, fed: share } of shares)
      for (const { plant, areaCm2 } of bed.plants)
        if (PLANT_KIND[plant.kind].group === group) {
          area += areaCm2
          fed += share * areaCm2
        }
    return area > 0 ? fed / area : 1
  })
}

/** Roots over bare sand take nothing from the soil beside it: what they do not find, leaves take from the water. The store itself stays one. */
export function withRootReach(parameters: Parameters, figures: TankFigures, tabs: readonly RootTab[]): Parameters {
  const reach = rootReach(figures, tabs)
  return reach.every((share) => share === 1)
    ? parameters
    : { ...parameters, rootShare: PLANT_GROUPS.map((_, group) => parameters.rootShare[group]! * reach[group]!) }
}
