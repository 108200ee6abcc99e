import type { Plan } from '../plan/plan.js'
import { answered, defineSum, openSum, reckoned, type OpenedSum, type Word } from '../quantity/sum.js'
import { dliWorking, FIELD_SOURCE, FLOOR_SPREAD } from './light.workings.js'
import { MOL_PER_UMOL_H_PER_S } from './dailyLight.js'
import type { Light } from './lampsOf.js'

export const floorLightSum = defineSum({
  id: 'light.floor',
  dimension: 'ppfd',
  terms: { fluxUmolPerS: 'photonFlux', reachingShare: 'ratio', surfaceM2: 'surface' },
  each: { fullWatts: 'power', dimFraction: 'fraction', aboveWaterCm: 'length', lampLengthCm: 'length' },
  formula: 'fluxUmolPerS·reachingShare/surfaceM2',
  source: FIELD_SOURCE,
})
export const dailyLightSum = defineSum({
  id: 'light.daily',
  dimension: 'dailyLight',
  terms: { ppfd: 'ppfd' },
  each: { hours: 'hours', rampMin: 'minutes' },
  formula: `ppfd·Σ(hours − rampMin/60)·${MOL_PER_UMOL_H_PER_S}`,
  source: `${dliWorking.source}; a ramp up and one down give half of theirs each`,
})

/** A name for one of several, none for the only one. */
const oneOf = (list: 'lamp' | 'lightWindow', all: readonly unknown[], place: number): Word | undefined =>
  all.length > 1 ? [list, String(place + 1)] : undefined

/** Mean light on the bare floor. */
export function openFloorLight({ lamps: asked }: Pick<Plan, 'lamps'>, tank: Light & { readonly surfaceM2: number }): OpenedSum {
  const { lamps, fluxUmolPerS, ppfd, surfaceM2 } = tank
  return openSum(
    floorLightSum,
    { value: ppfd, low: ppfd / FLOOR_SPREAD, high: ppfd * FLOOR_SPREAD },
    {
      fluxUmolPerS: reckoned(fluxUmolPerS),
      reachingShare: reckoned(fluxUmolPerS === 0 ? 0 : (ppfd * surfaceM2) / fluxUmolPerS),
      surfaceM2: reckoned(surfaceM2),
    },
    lamps.map((lamp, place) => ({
      of: oneOf('lamp', lamps, place),
      fullWatts: answered(lamp.fullWatts, asked[place]?.watts),
      dimFraction: answered(lamp.dimFraction, asked[place]?.dimFraction),
      aboveWaterCm: answered(lamp.aboveWaterCm, asked[place]?.aboveWaterCm),
      lampLengthCm: answered(lamp.lengthCm, asked[place]?.lengthCm),
    })),
  )
}

/** Light of a day on the bare floor, every window with its own ramps. */
export const openDailyLight = ({ lightWindows }: Pick<Plan, 'lightWindows'>, { ppfd, dliMolPerM2 }: Light): OpenedSum =>
  openSum(
    dailyLightSum,
    { value: dliMolPerM2, low: dliMolPerM2 / FLOOR_SPREAD, high: dliMolPerM2 * FLOOR_SPREAD },
    { ppfd: reckoned(ppfd) },
    lightWindows.map(({ hours, rampMin }, place) => ({
      of: oneOf('lightWindow', lightWindows, place),
      hours: answered(hours, hours),
      rampMin: answered(rampMin, rampMin),
    })),
  )
