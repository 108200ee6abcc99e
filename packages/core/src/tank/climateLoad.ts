import { atNight, coolerNeededW, heaterNeededW, heatLossW, whileLit, type ClimateLoad } from './climate.js'
import type { Room } from './roomOf.js'
import type { Vessel } from './vessel.js'

/** What warms and cools a tank. `TankFigures` is one. */
export interface WarmedTank {
  readonly vessel: Vessel
  readonly room: Room
  /** Drawn while the lamps burn, as dimmed. */
  readonly lampW: number
  readonly pumpW: number
  readonly lightHours: number
}

const loadOf = ({ vessel, room, lampW, pumpW }: WarmedTank, roomC: number, targetC = room.waterC): Omit<ClimateLoad, 'litFraction'> => ({
  vessel,
  top: room.top,
  targetC,
  air: { roomC, humidityFraction: room.humidityFraction },
  lampW,
  pumpW,
})
/** A degree or two over the target is let pass. */
export const LET_PASS_C = 2
/** By night in the coldest month. */
export const heaterLoad = (tank: WarmedTank): ClimateLoad => atNight(loadOf(tank, Math.min(...tank.room.monthlyC)))
/** While the lamp burns in the warmest month. */
export const coolerLoad = (tank: WarmedTank): ClimateLoad =>
  whileLit(loadOf(tank, Math.max(...tank.room.monthlyC), tank.room.waterC + LET_PASS_C))
export const neededHeaterW = (tank: WarmedTank): number => heaterNeededW(heaterLoad(tank))
export const neededCoolerW = (tank: WarmedTank): number => coolerNeededW(coolerLoad(tank))

/** Heaters are sold in these sizes. */
const HEATER_SIZES_W = [25, 50, 75, 100, 150, 200, 300, 400, 500] as const
export const usualHeaterW = (neededW: number): number => HEATER_SIZES_W.find((size) => size >= neededW) ?? Math.ceil(neededW / 100) * 100

/** Mean heating power over the twelve months [W]; a month warmer than the tank needs none. */
export function heatingW(tank: WarmedTank): number {
  const { monthlyC } = tank.room
  const litFraction = tank.lightHours / 24
  return monthlyC.reduce((sum, roomC) => sum + Math.max(0, heatLossW({ ...loadOf(tank, roomC), litFraction })), 0) / monthlyC.length
}
