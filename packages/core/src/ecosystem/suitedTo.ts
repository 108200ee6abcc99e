import type { LaidPlant } from '../planting/bedsOf.js'
import { PLANT_GROUPS, PLANT_KIND, type PlantGroup } from '../planting/kinds.js'
import type { BedStart } from '../plan/plan.js'
import type { PlantSpecies } from '../species/plantSpecies.js'
import type { CarbonNeed, FeedingRoute, Melt } from '../species/traits.js'
import { DEFAULT_PARAMETERS, type Parameters, type PerKind } from './parameters.js'

/** A group's usual plant, which its standard parameters stand for: best growth [1/d], light in which it has its form [µmol/m²/s], warmest good water [°C]. Rules of thumb. */
const USUAL: Readonly<Record<PlantGroup, { readonly perDay: number; readonly goodPpfd: number; readonly goodHighC: number }>> = {
  carpet: { perDay: 0.043, goodPpfd: 80, goodHighC: 26 },
  stems: { perDay: 0.091, goodPpfd: 80, goodHighC: 28 },
  rhizome: { perDay: 0.014, goodPpfd: 35, goodHighC: 28 },
  rosette: { perDay: 0.031, goodPpfd: 50, goodHighC: 28 },
  moss: { perDay: 0.025, goodPpfd: 40, goodHighC: 25 },
  floater: { perDay: 0.064, goodPpfd: 120, goodHighC: 29 },
}
/** What species may make of their group: rule of thumb, about what a single tank may differ by. */
const GROWTH_LEAST = 0.4
const GROWTH_MOST = 1.8
const LIGHT_MOST = 1.4
const WARMTH_MOST_C = 2
/** Rules of thumb. */
const CARBON_OVER_USUAL: Readonly<Record<CarbonNeed, number>> = { none: 0.7, helps: 1, needed: 1.4 }
const MELT_PER_DAY: Readonly<Record<Melt, number>> = { none: 0.005, slight: 0.02, marked: 0.07, full: 0.18 }
const ROOT_SHARE: Readonly<Record<FeedingRoute, number>> = { root: 0.8, both: 0.45, column: 0.05 }
const MOST_ROOT_SHARE = 0.98

/** A bed of the map, or a spot on wood or stone. */
interface Planted {
  readonly plants: readonly LaidPlant[]
}
interface Suit {
  readonly growth: number
  readonly light: number
  readonly carbon: number
  readonly meltPerDay: number
  readonly warmerC: number
  readonly rootShare: number
}

/** The parameters of each group as its species on the map let them be: means of the species, weighted by mass. What was drawn apart from the standard stays apart by as much. A group without a map keeps what it has; warnings go by the species where it stands, never by these means. */
export function suitedTo(beds: readonly Planted[], parameters: Parameters): Parameters {
  const suits = PLANT_GROUPS.map((group) => suitOf(beds, group))
  if (suits.every((suit) => suit === null)) return parameters
  const per = (name: keyof Parameters, change: (value: number, suit: Suit, standard: number) => number): number[] =>
    PLANT_GROUPS.map((_, group) => {
      const value = (parameters[name] as PerKind)[group]! // only lists per group are named below
      const suit = suits[group] ?? null
      return suit === null ? value : change(value, suit, (DEFAULT_PARAMETERS[name] as PerKind)[group]!)
    })
  const grown = (value: number, { growth }: Suit): number => value * growth
  const warmed = (value: number, { warmerC }: Suit): number => value + warmerC
  return {
    ...parameters,
    // What grows fast burns and sheds fast.
    maxGrowthPerH: per('maxGrowthPerH', grown),
    respirationPerDay: per('respirationPerDay', grown),
    turnoverPerDay: per('turnoverPerDay', grown),
    halfLightPpfd: per('halfLightPpfd', (value, { light }) => value * light),
    halfCo2MgPerL: per('halfCo2MgPerL', (value, { carbon }) => value * carbon),
    meltPerDay: per('meltPerDay', (value, { meltPerDay }, standard) => (value * meltPerDay) / standard),
    optimumC: per('optimumC', warmed),
    maximumC: per('maximumC', warmed),
    // Without roots in the ground there is nothing to share.
    rootShare: per('rootShare', (value, { rootShare }, standard) =>
      standard === 0 ? value : Math.min(MOST_ROOT_SHARE, Math.max(0, value + rootShare - standard)),
    ),
  }
}

/** `null`: none of the group stands on the map. */
function suitOf(beds: readonly Planted[], group: PlantGroup): Suit | null {
  const standing = beds.flatMap(({ plants }) => plants.filter(({ plant, massG }) => PLANT_KIND[plant.kind].group === group && massG > 0))
  const totalG = standing.reduce((sum, { massG }) => sum + massG, 0)
  if (totalG === 0) return null
  const mean = (of: (plant: PlantSpecies, start: BedStart) => number): number =>
    standing.reduce((sum, { plant, massG, retail }) => sum + massG * of(plant, retail === 'cup' ? 'cup' : 'pot'), 0) / totalG
  const usual = USUAL[group]
  const between = (least: number, value: number, most: number): number => Math.min(most, Math.max(least, value))
  return {
    growth: between(GROWTH_LEAST, mean(({ doublingDays }) => Math.LN2 / doublingDays.value) / usual.perDay, GROWTH_MOST),
    light: between(1 / LIGHT_MOST, mean(({ light }) => light.good) / usual.goodPpfd, LIGHT_MOST),
    carbon: mean(({ carbon }) => carbon.reduce((sum, need) => sum + CARBON_OVER_USUAL[need], 0) / carbon.length),
    meltPerDay: mean(({ melt }, start) => MELT_PER_DAY[melt[start]]),
    warmerC: between(-WARMTH_MOST_C, mean(({ temperatureC }) => temperatureC.goodHigh) - usual.goodHighC, WARMTH_MOST_C),
    rootShare: mean(({ feeding }) => ROOT_SHARE[feeding]),
  }
}
