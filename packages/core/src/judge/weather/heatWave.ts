import type { TankFigures } from '../../ecosystem/tankFigures.js'
import { animalGroups, nameOfAnimal } from '../../plan/planAnimals.js'
import type { Plan } from '../../plan/plan.js'
import { requireWithin } from '../../quantity/outOfRange.js'
import { WATER_J_PER_L_K } from '../../quantity/physicalConstants.js'
import { equilibriumC, lossPerKelvinW, type ClimateLoad } from '../../tank/climate.js'
import { evaporationMmPerDay } from '../../tank/evaporation.js'
import { oxygenSaturationMgPerL } from '../../water/oxygen.js'

/** What the next days bring, in the room. */
export interface HeatForecast {
  /** Highest of the day, 20–50 °C. */
  readonly highC: number
  /** Lowest of the night; eight degrees lower where nobody told. */
  readonly nightC: number | null
  readonly humidityFraction: number | null
}
/** The water of a hot day, once it lasts. */
export interface HotWater {
  readonly meanC: number
  readonly highestC: number
  /** Lost from the surface in a day. */
  readonly lostL: number
}
export interface Sufferer {
  readonly name: string
  readonly kind: 'animal' | 'plant'
  readonly goodHighC: number
  readonly maxC: number
}
export interface HeatWave {
  /** As it is set now. */
  readonly asIs: HotWater
  /** Lamps a third lower. */
  readonly dimmed: HotWater
  /** And a fan over the open surface. */
  readonly blown: HotWater
  readonly nowC: number
  readonly saturationNowMgPerL: number
  readonly saturationHotMgPerL: number
  /** Whose good range the hottest water leaves: animals before plants, the most delicate first. */
  readonly sufferers: readonly Sufferer[]
  /** Days until the water is nine tenths of the way. */
  readonly daysToGo: number
}

/** By a night of a heat wave rooms cool by so much [°C]. Rule of thumb 5–10. */
const USUAL_NIGHT_K = 8
/** A heat balance without sun and draughts is no better known [K]. Rule of thumb 1.5–3. */
export const HEAT_UNSURE_K = 2
/** Cool carpets and mosses dwindle above it. General practice. */
export const COOL_PLANTS_C = 28
/** A fan that brings less is not worth its noise [K]. Rule of thumb. */
export const FAN_WORTH_K = 0.7
/** What a hot day asks of the lamps. General practice: a third less. */
export const DIMMED_SHARE = 0.7
const DAY_S = 86_400

/** How warm the water gets in a heat wave, what lamps and a fan change, and who suffers first. A heat balance of the mean day, with the day's swing damped by the water's mass; sun on the glass is left out. */
export function heatWave(plan: Plan, figures: TankFigures, { highC, nightC, humidityFraction }: HeatForecast): HeatWave {
  requireWithin('highC', highC, 10, 50)
  const night = Math.min(highC, nightC ?? highC - USUAL_NIGHT_K)
  const { vessel, room, lampW, pumpW, lightHours, surfaceM2, waterL } = figures
  const load: Omit<ClimateLoad, 'targetC'> = {
    vessel,
    top: room.top,
    air: { roomC: (highC + night) / 2, humidityFraction: humidityFraction ?? room.humidityFraction },
    lampW,
    litFraction: lightHours / 24,
    pumpW,
  }
  const isCooled = plan.climate.coolerW !== null && plan.climate.coolerW > 0
  const water = (its: Omit<ClimateLoad, 'targetC'>): HotWater => {
    // A heater holds the water from below; a cooler that is planned is trusted to hold it from above.
    const free = equilibriumC(its)
    const meanC = isCooled ? Math.min(free, room.waterC) : Math.max(free, room.waterC)
    const perKelvin = lossPerKelvinW({ ...its, targetC: meanC })
    const lagDays = (waterL * WATER_J_PER_L_K) / Math.max(perKelvin, 1e-6) / DAY_S
    const swing = isCooled ? 0 : (highC - night) / 2 / Math.hypot(1, 2 * Math.PI * lagDays)
    return { meanC, highestC: meanC + swing, lostL: evaporationMmPerDay(meanC, its.air, its.top) * surfaceM2 }
  }
  const asIs = water(load)
  const dimmed = water({ ...load, lampW: lampW * DIMMED_SHARE })
  const blown = water({ ...load, lampW: lampW * DIMMED_SHARE, air: { ...load.air, isBlown: true } })
  const perKelvin = lossPerKelvinW({ ...load, targetC: asIs.meanC })
  return {
    asIs,
    dimmed,
    blown,
    nowC: room.waterC,
    saturationNowMgPerL: oxygenSaturationMgPerL(clamped(room.waterC)),
    saturationHotMgPerL: oxygenSaturationMgPerL(clamped(asIs.highestC)),
    sufferers: sufferersAt(plan, figures, asIs.highestC),
    daysToGo: (Math.LN10 * waterL * WATER_J_PER_L_K) / Math.max(perKelvin, 1e-6) / DAY_S,
  }
}
const clamped = (temperatureC: number): number => Math.min(40, Math.max(0, temperatureC))

function sufferersAt(plan: Plan, { beds, spots }: TankFigures, hottestC: number): Sufferer[] {
  const animals = animalGroups(plan)
    .filter(({ species }) => nameOfAnimal(species) !== '')
    .map(({ species }): Sufferer => ({ name: species.name, kind: 'animal', ...warmth(species.temperatureC) }))
  const plants = [...beds.filter(({ isOut }) => !isOut), ...spots]
    .flatMap(({ plants: standing }) => standing.map(({ plant }) => plant))
    .map((plant): Sufferer => ({ name: plant.name, kind: 'plant', ...warmth(plant.temperatureC) }))
  const once = new Map([...animals, ...plants].map((one) => [one.name, one]))
  const isPlant = ({ kind }: Sufferer): number => (kind === 'plant' ? 1 : 0)
  return [...once.values()]
    .filter(({ goodHighC }) => hottestC > goodHighC)
    .sort((a, b) => isPlant(a) - isPlant(b) || a.maxC - b.maxC || a.goodHighC - b.goodHighC)
}
const warmth = ({ goodHigh, max }: { readonly goodHigh: number; readonly max: number }) => ({ goodHighC: goodHigh, maxC: max })
