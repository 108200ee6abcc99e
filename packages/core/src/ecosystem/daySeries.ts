import {
  ALGAE,
  ALKALINITY,
  AMMONIA_OXIDISERS,
  AMMONIUM,
  biomassOf,
  BIOFILM,
  CALCIUM,
  CARPET,
  CO2_SWING,
  DETRITUS,
  DISSOLVED,
  FEEDERS,
  FILM,
  FLOATER,
  GROUND,
  GROUP_COUNT,
  GUILD_COUNT,
  IRON,
  MAGNESIUM,
  N,
  NITRATE,
  NITRITE,
  NITRITE_OXIDISERS,
  NUTRIENT_COUNT,
  OXYGEN,
  PHOSPHATE,
  POTASSIUM,
  RESERVOIR,
  SILICON,
  STEMS,
  TANNIN,
} from './state.js'
import { GOOD_LAI } from './care.js'
import { ableLeafG } from './processes/photosynthesis.js'
import type { Step } from './step.js'

/** Columns of one day's row: first those with a value per plant group or guild, then single ones. Pools are end-of-day values. */
const GROUPED = [
  'biomassG',
  'lai',
  'light',
  'carbon',
  'storeN',
  'storeP',
  'storeK',
  'storeFe',
  'feed',
  'room',
  'openLight',
  'warmth',
  'growthPerDay',
  'trimmedG',
] as const
const GUILDED = ['algaeG', 'invasionPerDay'] as const
const SINGLE = [
  'ammonium',
  'nitrite',
  'nitrate',
  'phosphate',
  'potassium',
  'iron',
  'calcium',
  'magnesium',
  'silicon',
  'alkalinity',
  'pH',
  'pHMin',
  'pHMax',
  'dissolvedC',
  'detritusC',
  'tannin',
  'ammoniaOxidisers',
  'nitriteOxidisers',
  'biofilm',
  'film',
  'oxygenMin',
  'oxygenMax',
  'co2AtLightsOn',
  'co2Day',
  'co2Max',
  'co2Swing',
  'stress',
  'grossG',
  'algaeGrossG',
  'uptakeN',
  'rootN',
  'redness',
  'baseLossStems',
  'carpetLift',
  'lightH',
  'braidLight',
  'braidCarbon',
  'braidFeed',
  'braidWarmth',
  'braidRoom',
  'growthShare',
  'minerals',
  'fedAmmonia',
  'fedOrganics',
  'fedSwings',
  'fedStress',
  'fedBareness',
  'healthyLeaf',
  'dustOnGlass',
  'groundN',
  'groundP',
  'groundK',
  'groundFe',
] as const
type Grouped = (typeof GROUPED)[number]
type Guilded = (typeof GUILDED)[number]
type Single = (typeof SINGLE)[number]

/** First column of each quantity; grouped ones are followed by their groups in the order of `state.ts`. */
export const DAY: { readonly [C in Grouped | Guilded | Single]: number } = (() => {
  const offsets: Record<string, number> = {}
  let next = 0
  for (const name of GROUPED) next = (offsets[name] = next) + GROUP_COUNT
  for (const name of GUILDED) next = (offsets[name] = next) + GUILD_COUNT
  for (const name of SINGLE) next = (offsets[name] = next) + 1
  return offsets as { [C in Grouped | Guilded | Single]: number }
})()
export const DAY_STRIDE = GROUPED.length * GROUP_COUNT + GUILDED.length * GUILD_COUNT + SINGLE.length

/** Peak stress of fish from CO2: half at 38 mg/L, steep. Thresholds depend on the species; rule of thumb. */
export const co2Stress = (co2MgPerL: number): number => 1 / (1 + Math.exp(-(co2MgPerL - 38) / 4))

// Read once: the recorder runs in the innermost loop. The four store columns follow one another.
const GROWTH_PER_DAY = DAY.growthPerDay
const INVASION_PER_DAY = DAY.invasionPerDay
const LIGHT = DAY.light
const CARBON_COLUMN = DAY.carbon
const FEED = DAY.feed
const STORE_N = DAY.storeN
const ROOM = DAY.room
const OPEN_LIGHT = DAY.openLight
const WARMTH = DAY.warmth
const FED = DAY.fedAmmonia
const STORES = [DAY.storeN, DAY.storeP, DAY.storeK, DAY.storeFe] as const

/** Gathers one row per day while the kernel runs. */
export class DayRecorder {
  readonly rows: Float64Array
  private readonly row = new Float64Array(DAY_STRIDE)
  readonly trimmedG = new Float64Array(GROUP_COUNT)
  private braidWeight = 0
  private allowedG = 0
  private hydrogenMin = Infinity
  private hydrogenMax = 0

  constructor(days: number) {
    this.rows = new Float64Array(days * DAY_STRIDE)
  }

  beginDay(): void {
    this.row.fill(0)
    this.row[DAY.oxygenMin] = 99
    this.row[DAY.co2AtLightsOn] = -1
    this.braidWeight = 0
    this.allowedG = 0
    this.hydrogenMin = Infinity
    this.hydrogenMax = 0
    this.trimmedG.fill(0)
  }

  /** After each step. `isAfterLightsOn`: lights have come on today. */
  addStep(step: Step, isAfterLightsOn: boolean): void {
    const { row } = this
    const { dtH, state, site } = step
    let gross = 0
    let rootN = 0
    for (let group = 0; group < GROUP_COUNT; group++) {
      if (step.foot[group]! === 0) continue
      const biomass = Math.max(biomassOf(state, group), 1e-9)
      add(row, GROWTH_PER_DAY + group, (dtH * (step.netG[group]! - step.respiredG[group]!)) / biomass)
      gross += step.grossG[group]!
      rootN += step.rootUptake[group * NUTRIENT_COUNT + N]!
    }
    add(row, DAY.grossG, dtH * gross)
    add(row, DAY.rootN, (dtH * rootN) / site.waterL)
    let algae = 0
    for (let guild = 0; guild < GUILD_COUNT; guild++) {
      add(row, INVASION_PER_DAY + guild, dtH * step.invasionPerH[guild]!)
      algae += step.algaeGrowthG[guild]!
    }
    add(row, DAY.algaeGrossG, dtH * algae)
    add(row, DAY.dustOnGlass, dtH * step.dustOnGlassPerH)
    add(row, DAY.uptakeN, (step.waterUptakeAmmoniumMg + step.waterUptakeNitrateMg) / site.waterL)
    if (isAfterLightsOn && row[DAY.co2AtLightsOn]! < 0) row[DAY.co2AtLightsOn] = step.co2MgPerL
    row[DAY.co2Max] = Math.max(row[DAY.co2Max]!, step.co2MgPerL)
    if (step.water.hydrogen < this.hydrogenMin) this.hydrogenMin = step.water.hydrogen
    if (step.water.hydrogen > this.hydrogenMax) this.hydrogenMax = step.water.hydrogen
    row[DAY.oxygenMin] = Math.min(row[DAY.oxygenMin]!, state[OXYGEN]!)
    row[DAY.oxygenMax] = Math.max(row[DAY.oxygenMax]!, state[OXYGEN]!)
    for (let feeder = 0; feeder < FEEDERS.length; feeder++) add(row, FED + feeder, dtH * step.algaeFed[feeder]!)
    if (step.lightShare > 0) this.addLight(step, step.lightShare * dtH)
  }

  /** Means over the light hours, weighted by light; those of the braid by biomass too. */
  private addLight(step: Step, weight: number): void {
    const { row } = this
    const { state, parameters, dtH } = step
    const ppfd = step.conditions.ppfd * step.lightShare
    add(row, DAY.lightH, weight)
    add(row, DAY.co2Day, step.co2MgPerL * weight)
    add(row, DAY.minerals, step.fCalciumMagnesium * weight)
    let braidLight = 0
    let braidCarbon = 0
    let braidFeed = 0
    let braidWarmth = 0
    let braidRoom = 0
    for (let group = 0; group < GROUP_COUNT; group++) {
      if (step.foot[group]! === 0) continue
      const light = step.fLight[group]!
      const half = parameters.halfLightPpfd[group]!
      // What the lamp would give in the open, and what neighbours and a canopy deeper than a good one leave of it.
      const openLight = Math.tanh(
        (ppfd * (group === FLOATER ? 1 : step.clearShare) * step.conditions.lightOfGroup[group]! * parameters.heightLight[group]!) / half,
      )
      const room =
        openLight > 0
          ? (Math.tanh(step.topPpfd[group]! / half) / openLight) * Math.min(1, GOOD_LAI[group]! / Math.max(step.lai[group]!, 1e-9))
          : 1
      const warmth = step.daily.growthOfTemperature[group]!
      add(row, LIGHT + group, light * weight)
      add(row, CARBON_COLUMN + group, step.fCarbon[group]! * weight)
      add(row, FEED + group, step.fNutrients[group]! * weight)
      add(row, ROOM + group, room * weight)
      add(row, OPEN_LIGHT + group, openLight * weight)
      add(row, WARMTH + group, warmth * weight)
      for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++)
        add(row, STORE_N + nutrient * GROUP_COUNT + group, step.fStore[group * NUTRIENT_COUNT + nutrient]! * weight)
      const braid = weight * biomassOf(state, group)
      if (light > 0) {
        this.braidWeight += braid
        braidLight += openLight * braid
        braidCarbon += Math.min(1, step.fCarbon[group]! / light) * braid
        braidFeed += Math.min(1, step.fNutrients[group]! / light) * braid
        braidWarmth += warmth * braid
        braidRoom += room * braid
        const leaves = ableLeafG(step, group)
        this.allowedG += dtH * parameters.maxGrowthPerH[group]! * light * leaves
      }
    }
    add(row, DAY.braidLight, braidLight)
    add(row, DAY.braidCarbon, braidCarbon)
    add(row, DAY.braidFeed, braidFeed)
    add(row, DAY.braidWarmth, braidWarmth)
    add(row, DAY.braidRoom, braidRoom)
    add(row, DAY.redness, weight * Math.tanh(step.topPpfd[STEMS]! / 150) * (1 - 0.8 * step.fStore[STEMS * NUTRIENT_COUNT + N]!))
  }

  endDay(day: number, step: Step): void {
    const { row } = this
    const { state } = step
    // A day without light has no moment of it: what stands at its end counts.
    if (row[DAY.co2AtLightsOn]! < 0) row[DAY.co2AtLightsOn] = step.co2MgPerL
    const hours = Math.max(row[DAY.lightH]!, 1e-9)
    for (const column of [DAY.light, DAY.carbon, DAY.feed, DAY.room, DAY.openLight, DAY.warmth, ...STORES])
      for (let group = 0; group < GROUP_COUNT; group++) row[column + group] = row[column + group]! / hours
    for (const column of [DAY.co2Day, DAY.redness, DAY.minerals]) row[column] = row[column]! / hours
    const braided = Math.max(this.braidWeight, 1e-12)
    for (const column of [DAY.braidLight, DAY.braidCarbon, DAY.braidFeed, DAY.braidWarmth, DAY.braidRoom])
      row[column] = row[column]! / braided
    row[DAY.growthShare] = this.allowedG > 1e-12 ? row[DAY.grossG]! / this.allowedG : 0
    for (let group = 0; group < GROUP_COUNT; group++) {
      row[DAY.biomassG + group] = biomassOf(state, group)
      row[DAY.lai + group] = step.lai[group]!
      row[DAY.trimmedG + group] = this.trimmedG[group]!
    }
    for (let guild = 0; guild < GUILD_COUNT; guild++) row[DAY.algaeG + guild] = state[ALGAE + guild]!
    for (const [column, slot] of END_OF_DAY) row[column] = state[slot]!
    for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++)
      row[DAY.groundN + nutrient] = state[GROUND + nutrient]! + state[RESERVOIR + nutrient]!
    row[DAY.pH] = -Math.log10(step.water.hydrogen)
    row[DAY.pHMin] = -Math.log10(this.hydrogenMax)
    row[DAY.pHMax] = -Math.log10(this.hydrogenMin)
    row[DAY.stress] = co2Stress(row[DAY.co2Max]!)
    row[DAY.baseLossStems] = step.baseLoss[STEMS]!
    row[DAY.carpetLift] = step.lift[CARPET]!
    row[DAY.healthyLeaf] = step.healthyLeafM2PerM2
    this.rows.set(row, day * DAY_STRIDE)
  }
}

const END_OF_DAY: readonly (readonly [column: number, slot: number])[] = [
  [DAY.ammonium, AMMONIUM],
  [DAY.nitrite, NITRITE],
  [DAY.nitrate, NITRATE],
  [DAY.phosphate, PHOSPHATE],
  [DAY.potassium, POTASSIUM],
  [DAY.iron, IRON],
  [DAY.calcium, CALCIUM],
  [DAY.magnesium, MAGNESIUM],
  [DAY.silicon, SILICON],
  [DAY.alkalinity, ALKALINITY],
  [DAY.dissolvedC, DISSOLVED],
  [DAY.detritusC, DETRITUS],
  [DAY.tannin, TANNIN],
  [DAY.ammoniaOxidisers, AMMONIA_OXIDISERS],
  [DAY.nitriteOxidisers, NITRITE_OXIDISERS],
  [DAY.biofilm, BIOFILM],
  [DAY.film, FILM],
  [DAY.co2Swing, CO2_SWING],
]

const add = (row: Float64Array, column: number, amount: number): void => {
  row[column] = row[column]! + amount
}
