import { gasHoursOf } from '../gas/linesOf.js'
import { tankFigures } from '../ecosystem/tankFigures.js'
import { co2AirEquilibriumMgPerL } from '../gas/airEquilibrium.js'
import { SURFACES, type Plan, type Surface } from '../plan/plan.js'

/** CO2 held in the lit hours when gas use is compared. */
export const HELD_MG_PER_L = 25

export interface SurfaceGas {
  readonly surface: Surface
  readonly gasMgPerH: number
  readonly openH: number
  /** CO2 exchanged with the air [1/h]. */
  readonly lossPerH: number
  readonly equilibriumMgPerL: number
  readonly waterL: number
  /** Gas let in on a day, with the solved rate [g]. */
  readonly gramsPerDay: number
  /** Of it, lost to the air while the level is held [g]. */
  readonly lostGPerDay: number
}

/** What each liveliness of the surface costs in gas, all else as planned. Empty without gas. */
export function gasBySurface(plan: Plan): SurfaceGas[] {
  const [line] = plan.gasLines.filter(({ control }) => control !== 'none')
  if (line === undefined) return []
  const openH = gasHoursOf(plan, line)
  return SURFACES.map((surface) => {
    const figures = tankFigures({ ...plan, flow: { ...plan.flow, surface }, gasLines: [{ ...line, bubblesPerS: null }] })
    const { gasMgPerH, waterL } = figures
    const equilibriumMgPerL = co2AirEquilibriumMgPerL(figures.temperatureC, figures.room.co2Ppm)
    const lossPerH = figures.co2PerH
    return {
      surface,
      gasMgPerH,
      openH,
      lossPerH,
      equilibriumMgPerL,
      waterL,
      gramsPerDay: (gasMgPerH * openH) / 1000,
      lostGPerDay: (lossPerH * (HELD_MG_PER_L - equilibriumMgPerL) * waterL * openH) / 1000,
    }
  })
}
