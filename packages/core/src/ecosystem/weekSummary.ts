import { mean } from '../numeric/statistics.js'
import { DAY, DAY_STRIDE } from './daySeries.js'
import { ALGAE_GUILDS, DIATOM, FEEDERS, GROUP_COUNT, GUILD_COUNT } from './state.js'
import { PLANT_GROUPS } from '../planting/kinds.js'

/** What growth needs: light as the lamp gives it; of what that light allows, the shares that carbon, feed, warmth and room let through. */
export const STRANDS = ['light', 'carbon', 'feed', 'warmth', 'room'] as const
export type Strand = (typeof STRANDS)[number]
/** What can hold a plant kind back, each against what its light allows; light itself against the most that it can use. */
export const SUPPLIES = ['light', 'carbon', 'storeN', 'storeP', 'storeK', 'storeFe', 'minerals', 'warmth', 'room'] as const
export type Supply = (typeof SUPPLIES)[number]

const PLAIN = [
  'algaeGPerM2',
  'lead',
  'plantGrowth',
  'dustOnGlass',
  'totalG',
  'grossGPerDay',
  'trimmedGPerDay',
  'co2AtLightsOn',
  'co2Max',
  'oxygenMin',
  'pH',
  'alkalinity',
  'ammonium',
  'nitrite',
  'nitrate',
  'phosphate',
  'potassium',
  'iron',
  'magnesium',
  'stress',
  'redness',
  'baseLossStems',
  'groundN',
  'groundP',
  'groundK',
  'groundFe',
  'lightShare',
  'growthShare',
  ...FEEDERS.map((feeder) => `fed.${feeder}` as const),
] as const
const NAMES: readonly string[] = [
  ...STRANDS,
  ...PLAIN,
  ...PLANT_GROUPS.map((group) => `biomass.${group}`),
  ...ALGAE_GUILDS.map((guild) => `algae.${guild}`),
  ...PLANT_GROUPS.flatMap((group) => SUPPLIES.map((supply) => `${group}.${supply}`)),
]
export type WeekColumn =
  | Strand
  | (typeof PLAIN)[number]
  | `biomass.${(typeof PLANT_GROUPS)[number]}`
  | `algae.${(typeof ALGAE_GUILDS)[number]}`
  | `${(typeof PLANT_GROUPS)[number]}.${Supply}`
const OFFSET = new Map(NAMES.map((name, index) => [name, index]))
export const WEEK_STRIDE = NAMES.length
export function weekColumn(name: WeekColumn): number {
  const offset = OFFSET.get(name)
  if (offset === undefined) throw new RangeError(`no weekly column ${name}`)
  return offset
}

/** Supplies that are enough where they reach as far as the light. */
const OF_LIGHT = ['carbon', 'storeN', 'storeP', 'storeK', 'storeFe'] as const

/** Diatoms of a young tank pass by themselves: after this week they count, before it they don't. */
const DIATOMS_COUNT_UNTIL_WEEK = 4

/** Lead [1/day]: relative growth of the plants less the fastest algae invasion, means of one week. Diatoms are left out after week 4 of the tank. */
export function leadOfWeek(
  rows: Float64Array,
  firstDay: number,
  weekOfTank: number,
): { readonly lead: number; readonly plantGrowth: number } {
  let fastest = -Infinity
  for (let guild = 0; guild < GUILD_COUNT; guild++) {
    if (guild === DIATOM && weekOfTank > DIATOMS_COUNT_UNTIL_WEEK) continue
    fastest = Math.max(fastest, weekMean(rows, firstDay, DAY.invasionPerDay + guild))
  }
  let growth = 0
  for (let day = firstDay; day < firstDay + 7; day++) {
    let total = 0
    let weighted = 0
    for (let group = 0; group < GROUP_COUNT; group++) {
      const mass = rows[day * DAY_STRIDE + DAY.biomassG + group]!
      total += mass
      weighted += mass * rows[day * DAY_STRIDE + DAY.growthPerDay + group]!
    }
    growth += total > 1e-9 ? weighted / total / 7 : 0
  }
  return { lead: growth - fastest, plantGrowth: growth }
}

/** Condenses a run into weekly rows of WEEK_STRIDE. `fromDay`: days since plants and water are together, at the first row. */
export function summariseWeeks(rows: Float64Array, weeks: number, fromDay: number, surfaceM2: number): Float64Array {
  const summary = new Float64Array(weeks * WEEK_STRIDE)
  for (let week = 0; week < weeks; week++) {
    const firstDay = week * 7
    const at = (name: WeekColumn, value: number): void => {
      summary[week * WEEK_STRIDE + weekColumn(name)] = value
    }
    const avg = (column: number): number => weekMean(rows, firstDay, column)
    at('light', avg(DAY.braidLight))
    at('carbon', avg(DAY.braidCarbon))
    at('feed', avg(DAY.braidFeed))
    at('warmth', avg(DAY.braidWarmth))
    at('room', avg(DAY.braidRoom))
    at('growthShare', avg(DAY.growthShare))
    FEEDERS.forEach((feeder, index) => at(`fed.${feeder}`, avg(DAY.fedAmmonia + index)))
    const algaeG = mean(ALGAE_GUILDS.map((_, guild) => avg(DAY.algaeG + guild))) * GUILD_COUNT
    at('algaeGPerM2', algaeG / surfaceM2)
    const { lead, plantGrowth } = leadOfWeek(rows, firstDay, Math.floor((fromDay + firstDay) / 7) + 1)
    at('lead', lead)
    at('plantGrowth', plantGrowth)
    at('dustOnGlass', avg(DAY.dustOnGlass))
    at('grossGPerDay', avg(DAY.grossG))
    at('lightShare', avg(DAY.lightH) / 24)
    for (const name of [
      'co2AtLightsOn',
      'co2Max',
      'oxygenMin',
      'pH',
      'alkalinity',
      'ammonium',
      'nitrite',
      'nitrate',
      'phosphate',
      'potassium',
      'iron',
      'magnesium',
      'stress',
      'redness',
      'baseLossStems',
      'groundN',
      'groundP',
      'groundK',
      'groundFe',
    ] as const)
      at(name, avg(DAY[name]))
    let total = 0
    let trimmed = 0
    PLANT_GROUPS.forEach((group, index) => {
      const mass = avg(DAY.biomassG + index)
      at(`biomass.${group}`, mass)
      total += mass
      trimmed += avg(DAY.trimmedG + index)
      const light = Math.max(avg(DAY.light + index), 1e-6)
      const ofLight = (value: number): number => Math.min(1, value / light)
      at(`${group}.light`, avg(DAY.openLight + index))
      for (const supply of OF_LIGHT) at(`${group}.${supply}`, ofLight(avg(DAY[supply] + index)))
      at(`${group}.minerals`, ofLight(avg(DAY.minerals)))
      at(`${group}.warmth`, avg(DAY.warmth + index))
      at(`${group}.room`, avg(DAY.room + index))
    })
    at('totalG', total)
    at('trimmedGPerDay', trimmed)
    ALGAE_GUILDS.forEach((guild, index) => at(`algae.${guild}`, avg(DAY.algaeG + index)))
  }
  return summary
}

function weekMean(rows: Float64Array, firstDay: number, column: number): number {
  let sum = 0
  for (let day = firstDay; day < firstDay + 7; day++) sum += rows[day * DAY_STRIDE + column]!
  return sum / 7
}
