import type { TankFigures } from '../ecosystem/tankFigures.js'
import type { Plan } from '../plan/plan.js'
import { atNight, coolerNeededW, heaterNeededW, heatLossW, whileLit, type ClimateLoad } from '../tank/climate.js'
import { USUAL_HUMIDITY } from '../tank/evaporation.js'
import { realFlowLPerH, USUAL_HEAD_CM } from '../tank/filterFlow.js'

/** Pump power by real flow where it is not given [W per L/h]; rule of thumb 0.01–0.03. */
const PUMP_W_PER_L_PER_H = 0.02
export const lampWatts = (plan: Plan): number =>
  plan.lamps.reduce((sum, lamp) => sum + (lamp.watts ?? (lamp.fluxUmolPerS ?? 0) / 1.8) * (lamp.dimFraction ?? 1), 0)
export const pumpWatts = (plan: Plan): number =>
  plan.filters.reduce(
    (sum, filter) =>
      sum +
      (filter.watts ??
        (filter.ratedLPerH === null
          ? 0
          : realFlowLPerH(filter.ratedLPerH, filter.headCm ?? USUAL_HEAD_CM, filter.media ?? 'usual') * PUMP_W_PER_L_PER_H)),
    0,
  )

/** Rooms that nobody measured: 20 °C in winter, 23 °C in summer. Rule of thumb. */
const USUAL_ROOM_C = [20, 20, 20, 20.5, 21.5, 22.5, 23, 23, 22, 21, 20, 20] as const
export const roomMonths = (plan: Pick<Plan, 'room'>): number[] => USUAL_ROOM_C.map((usual, month) => plan.room.monthlyC[month] ?? usual)

const loadOf = (plan: Plan, figures: TankFigures, roomC: number, targetC = figures.temperatureC): Omit<ClimateLoad, 'litFraction'> => ({
  vessel: figures.vessel,
  top: plan.vessel.top ?? 'open',
  targetC,
  air: { roomC, humidityFraction: plan.room.humidityFraction ?? USUAL_HUMIDITY },
  lampW: lampWatts(plan),
  pumpW: pumpWatts(plan),
})
/** A degree or two over the target is let pass. */
const LET_PASS_C = 2
/** By night in the coldest month. */
export const heaterLoad = (plan: Plan, figures: TankFigures): ClimateLoad => atNight(loadOf(plan, figures, Math.min(...roomMonths(plan))))
/** While the lamp burns in the warmest month. */
export const coolerLoad = (plan: Plan, figures: TankFigures): ClimateLoad =>
  whileLit(loadOf(plan, figures, Math.max(...roomMonths(plan)), figures.temperatureC + LET_PASS_C))
export const neededHeaterW = (plan: Plan, figures: TankFigures): number => heaterNeededW(heaterLoad(plan, figures))
export const neededCoolerW = (plan: Plan, figures: TankFigures): number => coolerNeededW(coolerLoad(plan, figures))

/** Heaters are sold in these sizes. */
const HEATER_SIZES_W = [25, 50, 75, 100, 150, 200, 300, 400, 500] as const
export const usualHeaterW = (neededW: number): number => HEATER_SIZES_W.find((size) => size >= neededW) ?? Math.ceil(neededW / 100) * 100

/** Mean heating power over the twelve months [W]; a month warmer than the tank needs none. */
export function heatingW(plan: Plan, figures: TankFigures): number {
  const months = roomMonths(plan)
  return (
    months.reduce(
      (sum, roomC) => sum + Math.max(0, heatLossW({ ...loadOf(plan, figures, roomC), litFraction: figures.lightHours / 24 })),
      0,
    ) / months.length
  )
}
