import { DEFAULT_PARAMETERS } from '../../ecosystem/parameters.js'
import type { TankFigures } from '../../ecosystem/tankFigures.js'
import { cleanTransferMPerH } from '../../ecosystem/processes/gasExchange.js'
import { PLANT_KINDS } from '../../species/plantKinds.js'
import { WATER_J_PER_L_K } from '../../quantity/physicalConstants.js'
import { equilibriumC, lossPerKelvinW, type ClimateLoad } from '../../tank/climate.js'
import { oxygenSaturationMgPerL } from '../../water/oxygen.js'
import { animalsNow } from './animalsNow.js'

export interface PowerCut {
  /** Hours until still water without light falls to what troubles animals; `null` where it does not get there by itself. */
  readonly hoursToTrouble: { readonly low: number; readonly value: number; readonly high: number } | null
  /** Water temperature after so many hours without heater, lamp and pump. */
  readonly temperatureAfterC: number
  /** A canister that stood so long is rinsed before it runs again. */
  readonly mustRinse: boolean
  readonly hasGas: boolean
}

/** Below it animals suffer [mg/L]. Rule of thumb 4–5. */
const TROUBLE_MG_PER_L = 4
/** At the end of a lit day water holds about what air gives. Rule of thumb. */
const START_SHARE = 0.95
/** Of fish, shrimps and snails at 25 °C [mg O2 per g wet and hour]; rule of thumb 0.2–0.6 for small resting fish. */
const ANIMAL_MG_PER_G_H = 0.4
/** Oxygen for a gram of dry plant that is respired [mg]: 0.4 g of carbon, one O2 to each (Redfield-like quotient 1). */
const MG_O2_PER_G_DW = 0.4 * (32 / 12) * 1000
/** A grown tank holds so many times what was planted, from so many days on. Rule of thumb 3–8; the more is the safer to count with. */
const GROWN = { times: 6, afterDays: 56 }
/** Bacteria, ground and leftovers use about as much again as the plants. Rule of thumb 0.5–2. */
const BACTERIA_TIMES = 2
/** All of it is known to a factor of two. */
const EITHER_WAY = 2
/** Bacteria of a closed canister suffocate in two to three hours. General practice. */
export const RINSE_AFTER_H = 2

interface Cut {
  readonly hours: number
  readonly ageDays: number
  readonly roomC: number
}

/** What a power cut of so many hours does to the water, by night and without anybody's help: the cautious case. */
export function powerCut(figures: TankFigures, { hours, ageDays, roomC }: Cut): PowerCut {
  const { room, waterL, surfaceM2, stand, vessel } = figures
  const plantMgPerH = PLANT_KINDS.reduce(
    (sum, kind, at) => sum + (stand[kind].massG * (DEFAULT_PARAMETERS.respirationPerDay[at] ?? 0) * MG_O2_PER_G_DW) / 24,
    0,
  )
  const animalMgPerH = animalsNow(figures, ageDays).wetG * ANIMAL_MG_PER_G_H
  const grown = 1 + (GROWN.times - 1) * Math.min(1, ageDays / GROWN.afterDays)
  const usedPerH = (plantMgPerH * grown * BACTERIA_TIMES + animalMgPerH) / waterL
  const stillPerH = (cleanTransferMPerH(DEFAULT_PARAMETERS, 0, 0) * surfaceM2 * 1000) / waterL
  const saturation = oxygenSaturationMgPerL(Math.min(40, Math.max(0, room.waterC)))
  const hoursAt = (used: number): number => hoursDown(saturation, stillPerH, used)
  const [value, low, high] = [hoursAt(usedPerH), hoursAt(usedPerH * EITHER_WAY), hoursAt(usedPerH / EITHER_WAY)]
  const load: Omit<ClimateLoad, 'targetC'> = {
    vessel,
    top: room.top,
    air: { roomC, humidityFraction: room.humidityFraction },
    lampW: 0,
    litFraction: 0,
    pumpW: 0,
  }
  const endsAt = equilibriumC(load)
  const perKelvin = lossPerKelvinW({ ...load, targetC: room.waterC })
  const share = Math.exp((-hours * 3600 * perKelvin) / (waterL * WATER_J_PER_L_K))
  return {
    hoursToTrouble: Number.isFinite(low) ? { low, value: Math.min(value, LONGEST_H), high: Math.min(high, LONGEST_H) } : null,
    temperatureAfterC: endsAt + (room.waterC - endsAt) * share,
    mustRinse: hours >= RINSE_AFTER_H,
    hasGas: figures.gasLines.length > 0,
  }
}
/** Longer than this nobody counts. */
const LONGEST_H = 48

/** Until oxygen falls to what troubles: it nears saturation less use over exchange, by the film model (Lewis & Whitman 1924). `Infinity` where it stops above. */
function hoursDown(saturation: number, perH: number, used: number): number {
  const start = saturation * START_SHARE
  const end = saturation - used / perH
  if (end >= TROUBLE_MG_PER_L) return Infinity
  return Math.log((start - end) / (TROUBLE_MG_PER_L - end)) / perH
}
