import { co2AirEquilibriumMgPerL } from '../gas/airEquilibrium.js'
import { gasLevels, type GasLevels } from '../gas/gasDay.js'
import { commonLimitMgPerL, gasLinesOf, type AnsweredLine } from '../gas/linesOf.js'
import { groundOf } from '../ground/groundOf.js'
import type { GroundPlan, LaidLayer } from '../ground/groundPlan.js'
import { hardscapeOf, type WeighedPiece } from '../hardscape/piecesOf.js'
import { lightOf, type Light } from '../light/lampsOf.js'
import { levelGroundCm } from '../light/levelLight.js'
import { animalsOf, type Animals } from '../livestock/animalsOf.js'
import { Answers } from '../plan/answers.js'
import type { ChoicePath, NumberPath } from '../plan/fields.js'
import type { Plan } from '../plan/plan.js'
import { bedsOf, type LaidBed } from '../planting/bedsOf.js'
import { spotsOf, type LaidSpot } from '../planting/spotsOf.js'
import { standOf, type Stand } from '../planting/standOf.js'
import { flowOf, type Flow } from '../tank/flowOf.js'
import { roomOf, type Room } from '../tank/roomOf.js'
import { innerSize, tankVolumes, type InnerSize, type TankVolumes, type Vessel } from '../tank/vessel.js'
import { vesselOf } from '../tank/vesselOf.js'
import { DEFAULT_PARAMETERS, type Parameters } from './parameters.js'
import { CO2_OVER_OXYGEN, cleanTransferMPerH } from './processes/gasExchange.js'
import { transferOfTemperature } from './step.js'

/** Water that stays however full the tank is: below it the plan contradicts itself and the findings say so. */
const LEAST_WATER_FRACTION = 0.05
const LEAST_WATER_L = 0.1

/** Everything that follows from the description alone, before any day is run: the answered parts of all words, and what they make together. Drawings, checks and the kernel read the same figures. */
export interface TankFigures extends Light, Flow, Animals {
  readonly vessel: Vessel
  readonly inner: InnerSize
  readonly room: Room
  readonly volumes: TankVolumes
  /** Water the kernel works with: open water, at least a little. */
  readonly waterL: number
  readonly surfaceM2: number
  readonly ground: GroundPlan
  /** Of all zones, the rest of the floor first. */
  readonly layers: readonly LaidLayer[]
  readonly pieces: readonly WeighedPiece[]
  readonly hardscapeKg: number
  readonly woodTanninMgC: number
  readonly stand: Stand
  /** Of the planting map. */
  readonly beds: readonly LaidBed[]
  /** On wood and stone. */
  readonly spots: readonly LaidSpot[]
  readonly temperatureC: number
  /** Exchange of oxygen with the air [1/h] and, from it, of CO2. */
  readonly oxygenPerH: number
  readonly co2PerH: number
  /** Exchange over what the model expects of surface and skimmer: 1 until it was measured. */
  readonly transferTimes: number
  /** Lines that give gas, and what they give together. */
  readonly gasLines: readonly AnsweredLine[]
  readonly gasMgPerH: number
  readonly bubblesPerS: number
  /** CO2 of a day on which nothing takes it up [mg/L]. */
  readonly gasLevels: GasLevels
  /** Paths of what was answered "don't know". */
  readonly assumed: readonly (NumberPath | ChoicePath)[]
}

/** Plans are never changed in place: what follows from one by the common answers is found once. */
const commonOf = new WeakMap<Plan, TankFigures>()

/** `parameters`: of the drawn tank, for what its grower would tune by measuring. */
export function tankFigures(plan: Plan, answers?: Answers, parameters: Parameters = DEFAULT_PARAMETERS): TankFigures {
  if (answers !== undefined || parameters !== DEFAULT_PARAMETERS) return figuresOf(plan, answers ?? new Answers(), parameters)
  const known = commonOf.get(plan) ?? figuresOf(plan, new Answers(), parameters)
  commonOf.set(plan, known)
  return known
}

function figuresOf(plan: Plan, answers: Answers, parameters: Parameters): TankFigures {
  const vessel = vesselOf(plan, answers)
  const inner = innerSize(vessel)
  const room = roomOf(plan, answers)
  const surfaceM2 = (inner.lengthCm * inner.widthCm) / 10_000
  const ground = groundOf(plan, answers, inner)
  const { displacedL, ...hardscape } = hardscapeOf(plan, answers, ground)
  const volumes = tankVolumes(vessel, { groundL: ground.groundL, poreWaterL: ground.poreWaterL, hardscapeL: displacedL })
  const waterL = Math.max(volumes.openWaterL, volumes.fillL * LEAST_WATER_FRACTION, LEAST_WATER_L)
  const light = lightOf(plan, answers, inner, levelGroundCm({ inner, ground }), waterL)
  const flow = flowOf(plan, answers, waterL)
  const { lossTimes } = plan.flow
  const drawn = cleanTransferMPerH(parameters, flow.agitation, flow.skimmer)
  // What was measured leaves nothing to be drawn.
  const transferTimes = lossTimes === null ? 1 : (lossTimes * cleanTransferMPerH(DEFAULT_PARAMETERS, flow.agitation, flow.skimmer)) / drawn
  const speedMPerH = drawn * transferTimes * transferOfTemperature(room.waterC)
  const oxygenPerH = (speedMPerH * surfaceM2 * 1000) / waterL
  const stand = standOf(plan, answers, inner)
  const co2PerH = CO2_OVER_OXYGEN * oxygenPerH
  const gasWater = {
    waterL,
    kPerH: co2PerH,
    equilibriumMgPerL: co2AirEquilibriumMgPerL(room.waterC, room.co2Ppm),
  }
  const gasLines = gasLinesOf(plan, answers, { ...gasWater, dissolvedShare: parameters.dissolvedGasShare })
  return {
    vessel,
    inner,
    room,
    volumes,
    waterL,
    surfaceM2,
    ground,
    layers: ground.zones.flatMap((zone) => zone.layers),
    ...hardscape,
    ...light,
    ...flow,
    oxygenPerH,
    co2PerH,
    transferTimes,
    stand,
    beds: bedsOf(plan, inner),
    spots: spotsOf(plan),
    temperatureC: room.waterC,
    gasLines,
    gasMgPerH: gasLines.reduce((sum, { mgPerH }) => sum + mgPerH, 0),
    bubblesPerS: gasLines.reduce((sum, { bubblesPerS }) => sum + bubblesPerS, 0),
    gasLevels: gasLevels(gasLines, plan.lightWindows, gasWater, commonLimitMgPerL(gasLines)),
    ...animalsOf(plan, answers, waterL, room.waterC),
    assumed: [...answers.assumed],
  }
}
