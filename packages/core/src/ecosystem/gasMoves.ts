import { co2AirEquilibriumMgPerL } from '../gas/airEquilibrium.js'
import { gasDayCurve, gasLevels, type GasLevels, type GasWater } from '../gas/gasDay.js'
import { gasGPerDay } from '../gas/linesOf.js'
import { SURFACES, type Plan, type Surface } from '../plan/plan.js'
import { USUAL_SURFACE } from '../tank/flowOf.js'
import { tankFigures, type TankFigures } from './tankFigures.js'

/** What changes how fast gas leaves: the surface by day and night, a skimmer, air by night alone. */
export type GasMoveKind = Surface | 'skimmer' | 'no-skimmer' | 'night-air'

export interface GasMove extends GasLevels {
  readonly kind: GasMoveKind
  /** As it is planned. */
  readonly isNow: boolean
  /** Exchange with the air in the light [1/h]. */
  readonly kPerH: number
  /** Before the gas opens, the least of the day. */
  readonly least: number
  /** Gas over the gas now that brings the same peak. */
  readonly gasTimes: number
  /** Of that gas [g]. */
  readonly gramsPerDay: number
}

/** The day's course with the same gas after each change of the surface, and the gas that would bring the peak back. Empty without gas or light. */
export function gasMoves(plan: Plan, figures: TankFigures): GasMove[] {
  if (figures.gasLines.length === 0 || plan.lightWindows.length === 0) return []
  const waterOf = ({ waterL, co2PerH, temperatureC, room }: TankFigures): GasWater => ({
    waterL,
    kPerH: co2PerH,
    equilibriumMgPerL: co2AirEquilibriumMgPerL(temperatureC, room.co2Ppm),
  })
  const withFlow = (flow: Partial<Plan['flow']>): GasWater => waterOf(tankFigures({ ...plan, flow: { ...plan.flow, ...flow } }))
  const peakNow = gasLevels(figures.gasLines, plan.lightWindows, waterOf(figures), null).peak
  const gramsNow = gasGPerDay(plan, figures.gasLines)
  const move = (kind: GasMoveKind, water: GasWater, isNow: boolean): GasMove => {
    const levels = gasLevels(figures.gasLines, plan.lightWindows, water, null)
    const air = water.equilibriumMgPerL
    const gasTimes = levels.peak - air > 1e-6 ? (peakNow - air) / (levels.peak - air) : 1
    return {
      kind,
      isNow,
      ...levels,
      kPerH: water.kPerH,
      least: Math.min(...gasDayCurve(figures.gasLines, plan.lightWindows, water, null)),
      gasTimes,
      gramsPerDay: gramsNow * gasTimes,
    }
  }
  const now = waterOf(figures)
  const surface = plan.flow.surface ?? USUAL_SURFACE
  const skimmer = plan.flow.hasSkimmer ? ('no-skimmer' as const) : ('skimmer' as const)
  return [
    ...SURFACES.map((one) => move(one, withFlow({ surface: one }), one === surface)),
    move(skimmer, withFlow({ hasSkimmer: !plan.flow.hasSkimmer }), false),
    move('night-air', { ...now, nightKPerH: withFlow({ surface: 'strong' }).kPerH }, false),
  ]
}
