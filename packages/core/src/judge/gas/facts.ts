import { toldNewWater } from '../../water/newWater.js'
import type { TankFigures } from '../../ecosystem/tankFigures.js'
import { GROUND } from '../../ground/kinds.js'
import { lightsOnMin } from '../../light/lampsOf.js'
import { wantsSensitive } from '../../gas/limits.js'
import { animalsFromDay } from '../../livestock/presence.js'
import type { Plan } from '../../plan/plan.js'
import { commonLimitMgPerL, hasGas } from '../../gas/linesOf.js'
import type { Co2Range, GasAnimals } from '../../gas/grade.js'
import { isTrouble, type NitrogenDanger } from '../judgeNitrogen.js'

/** What a tank is, as far as its gas is judged by it. */
export interface GasFacts {
  readonly timeZone: string
  readonly hasGas: boolean
  readonly animals: GasAnimals
  /** Days since the first came; `null` without any. */
  readonly daysWithAnimals: number | null
  /** Ammonia or nitrite troubles animals: whatever their gills bear of gas, they bear less now. */
  readonly hasNitrogenTrouble: boolean
  /** What the plan gives [mg/L]. */
  readonly planned: { readonly atLightsOn: Co2Range; readonly peak: Co2Range } | null
  /** The level at which a controller shuts all gas. */
  readonly limitMgPerL: number | null
  readonly temperatureC: number
  /** `null` where nobody told. */
  readonly roomCo2Ppm: number | null
  /** Of the source; tank readings come before it. */
  readonly hardnessMmolPerL: number | null
  /** Acids beside carbonic acid make pH and KH show gas that is not there. */
  readonly hasTannin: boolean
  readonly hasNewSoil: boolean
  /** Tank-local minutes after midnight; `null` without gas or light. */
  readonly clock: { readonly gasOnMin: number; readonly lightsOnMin: number; readonly gasOffMin: number } | null
  /** When gas, hours or surface were last set; `null` if never since the start. */
  readonly changedOn: string | null
}

/** Wood gives off tannin for months, soil its acids for weeks. Rules of thumb. */
const TANNIN_DAYS = 120
const NEW_SOIL_DAYS = 56

export interface Circumstances {
  readonly ageDays: number
  /** The journal tells of animals, whatever the plan says. */
  readonly areSeen: boolean
  /** Civil date on which gas, hours or surface were last set. */
  readonly changedOn: string | null
  readonly nitrogen: NitrogenDanger
}

export function gasFactsOf(plan: Plan, figures: TankFigures, { ageDays, areSeen, changedOn, nitrogen }: Circumstances): GasFacts {
  const fromDay = animalsFromDay(plan)
  const areIn = areSeen || (fromDay !== null && ageDays >= fromDay)
  const [window] = plan.lightWindows
  const [line] = figures.gasLines
  const onMin = lightsOnMin(plan)
  return {
    timeZone: plan.timeZone,
    hasGas: hasGas(plan),
    animals: !areIn ? 'none' : wantsSensitive(plan) ? 'sensitive' : 'some',
    daysWithAnimals: !areIn ? null : fromDay === null || ageDays < fromDay ? 0 : ageDays - fromDay,
    hasNitrogenTrouble: isTrouble(nitrogen),
    planned: hasGas(plan) ? plannedCo2(figures) : null,
    limitMgPerL: commonLimitMgPerL(figures.gasLines),
    temperatureC: figures.temperatureC,
    roomCo2Ppm: plan.roomCo2Ppm,
    hardnessMmolPerL: toldNewWater(plan).hardnessMmolPerL,
    ...standingAcids(figures, ageDays),
    clock:
      window === undefined || line === undefined
        ? null
        : {
            gasOnMin: onMin - line.beforeLightMin,
            lightsOnMin: onMin,
            gasOffMin: onMin + window.hours * 60 - line.beforeDarkMin,
          },
    changedOn,
  }
}

/** Acids beside carbonic acid that a tank of this age has. */
export const standingAcids = (
  { woodTanninMgC, layers }: Pick<TankFigures, 'woodTanninMgC' | 'layers'>,
  ageDays: number,
): Pick<GasFacts, 'hasTannin' | 'hasNewSoil'> => ({
  hasTannin: woodTanninMgC > 0 && ageDays < TANNIN_DAYS,
  hasNewSoil: ageDays < NEW_SOIL_DAYS && layers.some(({ ground, volumeL }) => volumeL > 0 && GROUND[ground].isSoftener),
})

/** A level that somebody tuned to; one reckoned from counted bubbles, which nobody measured; what plants and ground move. Rules of thumb. */
const TUNED = { down: 1.3, up: 1.17 }
const COUNTED = { down: 2, up: 1.5 }

/** What the plan's gas comes to at lights-on and at its peak. The middle is the day on which nothing takes gas up; plants make it less. */
export function plannedCo2({ gasLevels, gasLines }: Pick<TankFigures, 'gasLevels' | 'gasLines'>): {
  readonly atLightsOn: Co2Range
  readonly peak: Co2Range
} {
  const { down, up } = gasLines.every(({ tunedToMgPerL }) => tunedToMgPerL !== null) ? TUNED : COUNTED
  const limit = commonLimitMgPerL(gasLines) ?? Infinity
  const around = (value: number): Co2Range => ({ low: value / down, value, high: Math.max(value, Math.min(value * up, limit * 1.1)) })
  return { atLightsOn: around(gasLevels.atLightsOn), peak: around(gasLevels.peak) }
}
