import type { Plan } from '../plan/plan.js'
import { GRAVITY_M_PER_S2 } from '../quantity/physicalConstants.js'
import { answered, defineSum, openSum, reckoned, type Given, type OpenedSum } from '../quantity/sum.js'
import {
  type Air,
  EVAPORATION_SOURCE,
  evaporationFormula,
  evaporationMmPerDay,
  EVAPORATION_SPREAD,
  TOP_SHARE,
  vapourKPa,
} from './evaporation.js'
import { PANE_SOURCE, paneSafety, paneSafetySpan, paneShape, STRENGTH_N_PER_MM2 } from './pane.js'
import type { Room } from './roomOf.js'
import type { InnerSize, TankVolumes, Vessel } from './vessel.js'

const GEOMETRY = 'Geometry'
const OUTER = { lengthCm: 'length', widthCm: 'length', heightCm: 'length' } as const
/** Outer sizes, glass and freeboard: what the water of an empty tank follows from. */
export const SIZES = { ...OUTER, glassCm: 'length', freeboardCm: 'length' } as const
export const FILL_FORMULA = '(lengthCm − 2·glassCm)·(widthCm − 2·glassCm)·(heightCm − glassCm − freeboardCm)/1000'

export const grossSum = defineSum({
  id: 'vessel.gross',
  dimension: 'volume',
  terms: OUTER,
  formula: 'lengthCm·widthCm·heightCm/1000',
  source: GEOMETRY,
})
export const fillSum = defineSum({ id: 'vessel.fill', dimension: 'volume', terms: SIZES, formula: FILL_FORMULA, source: GEOMETRY })

/** The vessel's own answers, as sums take them. */
export const sizesOf = (vessel: Vessel, asked: Plan['vessel']): { readonly [Name in keyof typeof SIZES]: Given } => ({
  lengthCm: answered(vessel.lengthCm, asked.lengthCm),
  widthCm: answered(vessel.widthCm, asked.widthCm),
  heightCm: answered(vessel.heightCm, asked.heightCm),
  glassCm: answered(vessel.glassCm, asked.glassCm),
  freeboardCm: answered(vessel.freeboardCm, asked.freeboardCm),
})
interface Filled {
  readonly vessel: Vessel
  readonly volumes: TankVolumes
}
export const openGross = ({ vessel: asked }: Pick<Plan, 'vessel'>, { vessel, volumes }: Filled): OpenedSum =>
  openSum(grossSum, volumes.outerL, sizesOf(vessel, asked))
export const openFill = ({ vessel: asked }: Pick<Plan, 'vessel'>, { vessel, volumes }: Filled): OpenedSum =>
  openSum(fillSum, volumes.fillL, sizesOf(vessel, asked))

export const paneSum = defineSum({
  id: 'vessel.pane',
  dimension: 'ratio',
  terms: { glassCm: 'length', waterDepthCm: 'length', innerLengthCm: 'length', plateShape: 'ratio' },
  formula: `${STRENGTH_N_PER_MM2}·(10·glassCm)²/(plateShape·${GRAVITY_M_PER_S2}/1000000·(10·waterDepthCm)³)`,
  source: PANE_SOURCE,
})
/** The long pane against bending. */
export function openPane({ vessel: asked }: Pick<Plan, 'vessel'>, { vessel, inner }: { vessel: Vessel; inner: InnerSize }): OpenedSum {
  const value = paneSafety(inner.lengthCm, inner.waterDepthCm, vessel.glassCm)
  const [low, high] = paneSafetySpan(value)
  return openSum(
    paneSum,
    { value, low, high },
    {
      glassCm: answered(vessel.glassCm, asked.glassCm),
      waterDepthCm: reckoned(inner.waterDepthCm),
      innerLengthCm: reckoned(inner.lengthCm),
      plateShape: reckoned(paneShape(inner.lengthCm, inner.waterDepthCm)),
    },
  )
}

export const evaporationSum = defineSum({
  id: 'vessel.evaporation',
  dimension: 'volume',
  terms: {
    waterC: 'temperature',
    waterKPa: 'press',
    roomC: 'temperature',
    roomKPa: 'press',
    humidityFraction: 'fraction',
    topShare: 'ratio',
    surfaceM2: 'surface',
  },
  formula: `${evaporationFormula('waterKPa − humidityFraction·roomKPa', 'topShare')}·surfaceM2`,
  source: EVAPORATION_SOURCE,
})
interface AiredTank {
  readonly room: Room
  readonly surfaceM2: number
}
/** The room in the mean of the year. */
const yearsAir = ({ monthlyC, humidityFraction }: Room): Air => ({
  roomC: monthlyC.reduce((sum, c) => sum + c, 0) / monthlyC.length,
  humidityFraction,
})
/** Water lost in a day of the year's mean room. */
export function evaporationOf({ room, surfaceM2 }: AiredTank): { readonly mmPerDay: number; readonly litresPerDay: number } {
  const mmPerDay = evaporationMmPerDay(room.waterC, yearsAir(room), room.top)
  return { mmPerDay, litresPerDay: mmPerDay * surfaceM2 }
}
export function openEvaporation(plan: Pick<Plan, 'vessel' | 'room' | 'temperatureC'>, tank: AiredTank): OpenedSum {
  const { waterC, top } = tank.room
  const { roomC, humidityFraction } = yearsAir(tank.room)
  const value = evaporationOf(tank).litresPerDay
  return openSum(
    evaporationSum,
    { value, low: value / EVAPORATION_SPREAD, high: value * EVAPORATION_SPREAD },
    {
      waterC: answered(waterC, plan.temperatureC),
      waterKPa: reckoned(vapourKPa(waterC)),
      roomC: answered(roomC, plan.room.monthlyC.includes(null) ? null : roomC),
      roomKPa: reckoned(vapourKPa(roomC)),
      humidityFraction: answered(humidityFraction, plan.room.humidityFraction),
      topShare: answered(TOP_SHARE[top], plan.vessel.top, ['top', top]),
      surfaceM2: reckoned(tank.surfaceM2),
    },
  )
}

export const floorLoadSum = defineSum({
  id: 'vessel.floor-load',
  dimension: 'load',
  terms: { filledKg: 'mass', lengthCm: 'length', widthCm: 'length' },
  formula: 'filledKg/(lengthCm·widthCm/10000)',
  source: 'Geometry; the mean under the whole tank',
})
export const basePressureSum = defineSum({
  id: 'vessel.base-pressure',
  dimension: 'press',
  terms: { filledKg: 'mass', areaCm2: 'area' },
  formula: `filledKg·${GRAVITY_M_PER_S2}/(areaCm2/10000)/1000`,
  source: 'Geometry; the base carries alike everywhere',
})
export const footPressureSum = defineSum({
  id: 'vessel.foot-pressure',
  dimension: 'press',
  terms: { filledKg: 'mass', feet: 'count', areaCm2: 'area' },
  formula: `filledKg/feet·${GRAVITY_M_PER_S2}/(areaCm2/10000)/1000`,
  source: 'Geometry; all feet carry alike, which they do on an even floor only',
})
