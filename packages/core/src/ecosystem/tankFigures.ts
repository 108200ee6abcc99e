import { bubblesPerSOfRate, gasRateMgPerH } from '../gas/bubble.js'
import { co2AirEquilibriumMgPerL } from '../gas/airEquilibrium.js'
import { defaultGasRateMgPerH } from '../gas/defaultRate.js'
import { GROUND } from '../ground/kinds.js'
import { layOutGround, groundHeightCm, type GroundPlan, type KnownLayer, type KnownZone, type LaidLayer } from '../ground/groundPlan.js'
import { displacementL } from '../hardscape/displacement.js'
import { MATERIAL } from '../hardscape/materials.js'
import { pieceMassKg, placePiece, type PlacedPiece } from '../hardscape/piece.js'
import { floorPpfd } from '../light/floorLight.js'
import { minutesOf } from '../plan/clock.js'
import { PLANT_KINDS, type GroundLayer, type Piece, type Plan, type PlantKind } from '../plan/plan.js'
import { POT_G, START_G_PER_M2 } from '../planting/density.js'
import { realFlowLPerH, USUAL_HEAD_CM } from '../tank/filterFlow.js'
import { innerSize, tankVolumes, type InnerSize, type TankVolumes, type Vessel } from '../tank/vessel.js'
import { Answers } from './assumptions.js'
import { DEFAULT_PARAMETERS } from './parameters.js'
import { CO2_OVER_OXYGEN, cleanTransferMPerH } from './processes/gasExchange.js'
import { transferOfTemperature } from './step.js'

/** Share of the floor each kind gets where the grower does not know. */
const USUAL_FOOT: Readonly<Record<PlantKind, number>> = { carpet: 0.35, stems: 0.35, rhizome: 0.1, rosette: 0.15, moss: 0.05, floater: 0.3 }
export const AGITATION = { still: 0.15, ripple: 0.5, strong: 0.8 } as const
const SKIMMER_SHARE = 0.5
/** A smaller share of the floor is none: leaf area per floor area would grow beyond sense. */
const LEAST_FOOT = 0.002
/** Less than a grain is no layer. */
const LEAST_LAYER_CM = 0.1
/** Water that stays however full the tank is: below it the plan contradicts itself and the findings say so. */
const LEAST_WATER_FRACTION = 0.05

export type FilledLayer = LaidLayer

/** A piece with the mass that the sums use. */
export interface WeighedPiece {
  readonly piece: Piece
  readonly massKg: number
  /** `null` until it has its place. */
  readonly placed: PlacedPiece | null
}

/** Everything that follows from the description alone, before any day is run. The drawings and the kernel read the same figures. */
export interface TankFigures {
  readonly vessel: Vessel
  readonly inner: InnerSize
  readonly volumes: TankVolumes
  /** Water the kernel works with: open water, at least a little. */
  readonly waterL: number
  readonly surfaceM2: number
  readonly ground: GroundPlan
  /** Of all zones, the rest of the floor first. */
  readonly layers: readonly FilledLayer[]
  readonly pieces: readonly WeighedPiece[]
  readonly hardscapeKg: number
  readonly woodTanninMgC: number
  /** Mean on the bare floor at full planned light, clear water. */
  readonly ppfd: number
  readonly fluxUmolPerS: number
  readonly dliMolPerM2: number
  readonly lightHours: number
  /** Oxygen transfer [1/h] and, from it, CO2's. */
  readonly oxygenPerH: number
  readonly agitation: number
  readonly skimmer: number
  readonly flow: number
  readonly turnoverPerH: number
  readonly temperatureC: number
  readonly roomCo2Ppm: number
  readonly gasMgPerH: number
  readonly bubblesPerS: number
  /** True where the rate was solved for, not given. */
  readonly isGasSolved: boolean
  readonly plantG: readonly number[]
  readonly footOfGroup: readonly number[]
  readonly foodGPerDay: number
  readonly grazers: number
  /** Fields that were answered "don't know". */
  readonly assumed: readonly string[]
}

export function tankFigures(plan: Plan, answers = new Answers(null)): TankFigures {
  const vessel = vesselOf(plan, answers)
  const inner = innerSize(vessel)
  const surfaceM2 = (inner.lengthCm * inner.widthCm) / 10_000
  const ground = commonGround(plan, answers, inner)
  const layers = ground.zones.flatMap((zone) => zone.layers)
  const pieces = plan.hardscape.map((piece, place): WeighedPiece => ({
    piece,
    massKg: pieceMassKg(piece).massKg ?? answers.number('massKg', null, place),
    placed: placedOn(piece, ground),
  }))
  const volumes = tankVolumes(vessel, {
    groundL: ground.groundL,
    poreWaterL: ground.poreWaterL,
    hardscapeL: displacementL(pieces.map(({ piece, massKg }) => ({ massKg, densityKgPerL: MATERIAL[piece.material].densityKgPerL }))),
  })
  const waterL = Math.max(volumes.openWaterL, volumes.fillL * LEAST_WATER_FRACTION, 0.1)
  const light = lightOf(plan, answers, inner, ground, waterL)
  const flow = flowOf(plan, answers, surfaceM2, waterL)
  const { plantG, footOfGroup } = plantsOf(plan, answers, surfaceM2)
  const gas = gasOf(plan, answers, { waterL, oxygenPerH: flow.oxygenPerH, temperatureC: flow.temperatureC, roomCo2Ppm: flow.roomCo2Ppm })
  return {
    vessel,
    inner,
    volumes,
    waterL,
    surfaceM2,
    ground,
    layers,
    pieces,
    hardscapeKg: pieces.reduce((sum, piece) => sum + piece.massKg, 0),
    woodTanninMgC: pieces.reduce((sum, { piece, massKg }) => sum + massKg * MATERIAL[piece.material].tanninMgCPerKg, 0),
    ...light,
    ...flow,
    ...gas,
    plantG,
    footOfGroup,
    foodGPerDay: plan.animals.foodGPerDay ?? answers.number('foodGPerDayPerL', null) * waterL,
    grazers: plan.animals.grazers ?? answers.number('grazersPerL', null) * waterL,
    assumed: [...answers.assumed],
  }
}

function vesselOf({ vessel }: Plan, answers: Answers): Vessel {
  const heightCm = answers.number('heightCm', vessel.heightCm)
  const lengthCm = answers.number('lengthCm', vessel.lengthCm)
  const widthCm = answers.number('widthCm', vessel.widthCm)
  const glassCm = Math.min(answers.number('glassCm', vessel.glassCm), Math.min(lengthCm, widthCm, heightCm) * 0.2)
  return {
    lengthCm,
    widthCm,
    heightCm,
    glassCm,
    freeboardCm: Math.min(answers.number('freeboardCm', vessel.freeboardCm), (heightCm - glassCm) * 0.9),
  }
}

interface LaidOnce {
  readonly layers: Plan['layers']
  readonly lengthCm: number
  readonly widthCm: number
  readonly ground: GroundPlan
}
/** Grounds laid before, by the zones they were laid from: moving a stone does not lay the ground anew. Plans never change, so neither does what follows from them. */
const laidOnce = new WeakMap<Plan['zones'], LaidOnce>()
const placedOnce = new WeakMap<Piece, { readonly ground: GroundPlan; readonly placed: PlacedPiece | null }>()

/** The ground with the common answers, which is the same for the same plan. */
function commonGround(plan: Plan, answers: Answers, inner: InnerSize): GroundPlan {
  const before = laidOnce.get(plan.zones)
  const isKnown = [plan, ...plan.zones].every(({ layers }) => layers.every(({ frontCm, backCm }) => frontCm !== null && backCm !== null))
  if (!isKnown) return groundOf(plan, answers, inner)
  if (before?.layers === plan.layers && before.lengthCm === inner.lengthCm && before.widthCm === inner.widthCm) return before.ground
  const ground = groundOf(plan, answers, inner)
  laidOnce.set(plan.zones, { layers: plan.layers, lengthCm: inner.lengthCm, widthCm: inner.widthCm, ground })
  return ground
}

function placedOn(piece: Piece, ground: GroundPlan): PlacedPiece | null {
  const before = placedOnce.get(piece)
  if (before?.ground === ground) return before.placed
  const placed = placePiece(piece, (xCm, yCm) => groundHeightCm(ground, xCm, yCm))
  placedOnce.set(piece, { ground, placed })
  return placed
}

/** The whole floor, every layer answered. Less than a grain is no layer. */
function groundOf(plan: Plan, answers: Answers, inner: InnerSize): GroundPlan {
  let place = 0
  const known = (layer: GroundLayer): KnownLayer => {
    const given = { frontCm: answers.number('frontCm', layer.frontCm, place), backCm: answers.number('backCm', layer.backCm, place) }
    place++
    const sizes = given.frontCm + given.backCm < 2 * LEAST_LAYER_CM ? { frontCm: 0, backCm: 0 } : given
    return {
      id: layer.id,
      ground: layer.ground,
      ...sizes,
      porosity: layer.product?.porosity ?? GROUND[layer.ground].porosity,
      bulkKgPerL: layer.product?.bulkKgPerL ?? GROUND[layer.ground].bulkKgPerL,
    }
  }
  const zones: KnownZone[] = [
    { id: null, purpose: plan.layers.length === 0 ? 'bare' : 'planted', outline: null, layers: plan.layers.map(known), heights: [] },
    ...plan.zones.map((zone): KnownZone => ({
      id: zone.id,
      purpose: zone.purpose,
      outline: zone.outline,
      layers: zone.layers.map(known),
      heights: zone.heights,
    })),
  ]
  return layOutGround(inner.lengthCm, inner.widthCm, zones)
}

/** What all filters of a plan really move; `null` while no rated flow is known. */
export function filterFlowLPerH(plan: Pick<Plan, 'filters'>): number | null {
  const known = plan.filters.filter(({ ratedLPerH }) => ratedLPerH !== null)
  return known.length === 0
    ? null
    : known.reduce(
        (sum, { ratedLPerH, headCm, media }) => sum + realFlowLPerH(ratedLPerH ?? 0, headCm ?? USUAL_HEAD_CM, media ?? 'usual'),
        0,
      )
}

function lightOf(plan: Plan, answers: Answers, inner: InnerSize, ground: GroundPlan, waterL: number) {
  const groundCm = (ground.groundL * 1000) / (inner.lengthCm * inner.widthCm)
  const waterDepthM = Math.max(inner.waterDepthCm - groundCm, 1) / 100
  let ppfd = 0
  let flux = 0
  plan.lamps.forEach((lamp, place) => {
    const full =
      lamp.fluxUmolPerS ?? answers.number('efficacy', null, place) * (lamp.watts ?? answers.number('wattsPerL', null, place) * waterL)
    const fluxUmolPerS = full * answers.number('dimFraction', lamp.dimFraction, place)
    flux += fluxUmolPerS
    ppfd += floorPpfd({
      fluxUmolPerS,
      lampLengthM: Math.max(lamp.lengthCm ?? answers.number('lampLengthFraction', null, place) * inner.lengthCm, 1) / 100,
      aboveWaterM: answers.number('aboveWaterCm', lamp.aboveWaterCm, place) / 100,
      lengthM: inner.lengthCm / 100,
      widthM: inner.widthCm / 100,
      waterDepthM,
      attenuationPerM: answers.number('waterAttenuationPerM', null),
    })
  })
  const lightHours = Math.min(
    24,
    plan.lightWindows.reduce((sum, window) => sum + window.hours, 0),
  )
  const effectiveH = plan.lightWindows.reduce((sum, window) => sum + Math.max(0, window.hours - window.rampMin / 60), 0)
  return { ppfd, fluxUmolPerS: flux, lightHours, dliMolPerM2: ppfd * effectiveH * 0.0036 }
}

function flowOf(plan: Plan, answers: Answers, surfaceM2: number, waterL: number) {
  const agitation = AGITATION[answers.choice('surface', plan.flow.surface, 'ripple', ['still', 'ripple', 'strong'])]
  const skimmer = plan.flow.hasSkimmer ? SKIMMER_SHARE : 0
  const temperatureC = answers.number('temperatureC', plan.temperatureC)
  // Said outright, else from the filters, else a common value.
  const pumpedLPerH = filterFlowLPerH(plan)
  const turnoverPerH =
    plan.flow.turnoverPerH ?? (pumpedLPerH === null ? answers.number('turnoverPerH', null) : Math.min(40, pumpedLPerH / waterL))
  const speedMPerH = cleanTransferMPerH(DEFAULT_PARAMETERS, agitation, skimmer) * transferOfTemperature(temperatureC)
  return {
    agitation,
    skimmer,
    temperatureC,
    roomCo2Ppm: answers.number('roomCo2Ppm', plan.roomCo2Ppm),
    turnoverPerH,
    // Ten volumes an hour count as full flow.
    flow: Math.min(1, turnoverPerH / 10),
    oxygenPerH: (speedMPerH * surfaceM2 * 1000) / waterL,
  }
}

function gasOf(plan: Plan, answers: Answers, water: { waterL: number; oxygenPerH: number; temperatureC: number; roomCo2Ppm: number }) {
  const line = plan.gasLines.find((candidate) => candidate.control !== 'none')
  if (line === undefined) return { gasMgPerH: 0, bubblesPerS: 0, isGasSolved: false }
  const counter = {
    bubbleMl: answers.number('bubbleMl', line.bubbleMl),
    linePressureBar: answers.number('linePressureBar', line.linePressureBar),
  }
  if (line.bubblesPerS !== null)
    return { gasMgPerH: gasRateMgPerH({ ...counter, bubblesPerS: line.bubblesPerS }), bubblesPerS: line.bubblesPerS, isGasSolved: false }
  const first = plan.lightWindows[0]
  const gasMgPerH = defaultGasRateMgPerH({
    kPerH: CO2_OVER_OXYGEN * water.oxygenPerH,
    equilibriumMgPerL: co2AirEquilibriumMgPerL(water.temperatureC, water.roomCo2Ppm),
    waterL: water.waterL,
    beforeLightH: line.beforeLightMin / 60,
    openH: first === undefined ? 0 : Math.min(24, first.hours + (line.beforeLightMin - line.beforeDarkMin) / 60),
    dissolvedShare: DEFAULT_PARAMETERS.dissolvedGasShare,
  })
  return { gasMgPerH, bubblesPerS: bubblesPerSOfRate(gasMgPerH, counter), isGasSolved: true }
}

function plantsOf(plan: Plan, answers: Answers, surfaceM2: number): { plantG: number[]; footOfGroup: number[] } {
  const plantG = PLANT_KINDS.map(() => 0)
  const footOfGroup = PLANT_KINDS.map(() => 0)
  for (const patch of plan.patches) {
    const group = PLANT_KINDS.indexOf(patch.kind)
    if (patch.footFraction === null) answers.assumed.add('footFraction')
    const foot = patch.footFraction ?? USUAL_FOOT[patch.kind]
    if (foot < LEAST_FOOT) continue
    footOfGroup[group] = footOfGroup[group]! + foot
    const density = answers.choice('density', patch.density, 'half', ['thin', 'half', 'full'])
    const mass = patch.pots === null ? START_G_PER_M2[patch.kind][density] * foot * surfaceM2 : POT_G[patch.kind] * patch.pots
    plantG[group] = plantG[group]! + mass
  }
  // Rooted kinds share one floor: more than the whole is scaled back. Floaters have the surface to themselves, but never all of it.
  const rooted = footOfGroup.slice(0, -1).reduce((sum, foot) => sum + foot, 0)
  return {
    plantG,
    footOfGroup: footOfGroup.map((foot, group) =>
      PLANT_KINDS[group] === 'floater' ? Math.min(foot, 0.9) : rooted > 1 ? foot / rooted : foot,
    ),
  }
}

/** First light of the plan in minutes after midnight; noon where there is none. */
export const lightsOnMin = (plan: Plan): number => (plan.lightWindows[0] === undefined ? 720 : minutesOf(plan.lightWindows[0].on))
