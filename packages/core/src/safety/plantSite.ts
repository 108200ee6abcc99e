import { toldNewWater } from '../water/newWater.js'
import type { TankFigures } from '../ecosystem/tankFigures.js'
import { hasGas } from '../gas/linesOf.js'
import { GROUND } from '../ground/kinds.js'
import { groundHeightCm } from '../ground/groundPlan.js'
import { lightAt } from '../light/lightAt.js'
import { litPlane } from '../light/litPlane.js'
import type { FeedingSchool, Plan } from '../plan/plan.js'
import type { LaidBed } from '../planting/bedsOf.js'
import { lightOfBed, type BedLight } from '../planting/light/lightOfBeds.js'
import { placeOfBed } from '../planting/placeOfBed.js'
import type { PlantSite } from '../species/standing.js'
import type { PlantPlace } from '../species/traits.js'

/** From the front pane, as a share of the width. */
const DEPTH_OF_PLACE: Readonly<Record<PlantPlace, number>> = { front: 0.15, mid: 0.5, back: 0.85, hardscape: 0.5, surface: 0.5 }
/** What stands on wood and stone begins about a third of the free water up. Rule of thumb 0.2–0.6. */
const ON_HARDSCAPE = 0.33
/** What a maker prints, dirt and aim against the field. Rule of thumb. */
const LAMP_SPREAD = 1.2
/** How far to the front and the back of it a place reaches, as a share of the width. */
const DEEP = 0.12
/** Schools that leave food in the water. */
const FEEDS_COLUMN: readonly FeedingSchool[] = ['rich-column', 'lean-column', 'measured-ratio', 'all-in-one']

/** A place of a described tank as a plant meets it, at full planned light; shade of stones and other plants is left out. `atCm`: how high above the glass it stands, where that is known. */
export function plantSiteOf(plan: Plan, figures: TankFigures, place: PlantPlace, atCm?: number): PlantSite {
  const { ground, inner, room, gasLevels } = figures
  const groundCm = groundHeightCm(ground, inner.lengthCm / 2, DEPTH_OF_PLACE[place] * inner.widthCm)
  const freeCm = Math.max(0, inner.waterDepthCm - groundCm)
  const usualCm = place === 'surface' ? inner.waterDepthCm : place === 'hardscape' ? groundCm + ON_HARDSCAPE * freeCm : groundCm
  const standsCm = Math.min(inner.waterDepthCm, atCm ?? usualCm)
  const light = lightAcross(figures, standsCm, DEPTH_OF_PLACE[place] * inner.widthCm)
  const isSoft = figures.layers.some((layer) => layer.volumeL > 0 && GROUND[layer.ground].isSoftener)
  const alkalinity = toldNewWater(plan).alkalinityMeqPerL
  const { waterC } = room
  return {
    place,
    light: bandOf(light),
    hasGas: hasGas(plan),
    co2MgPerL: gasLevels.atLightsOn,
    waterC,
    warmestC: plan.climate.coolerW === null || plan.climate.coolerW === 0 ? Math.max(waterC, ...room.monthlyC) : waterC,
    headroomCm: Math.max(0, inner.waterDepthCm - standsCm),
    alkalinity:
      alkalinity === null
        ? null
        : { low: isSoft ? 0 : alkalinity, value: isSoft ? Math.min(alkalinity, SOFTENED_MEQ_PER_L) : alkalinity, high: alkalinity },
    hasRootFood: plan.tabs.length > 0 || figures.layers.some((layer) => layer.volumeL > 0 && feedsRoots(layer.ground)),
    hasColumnFood: FEEDS_COLUMN.includes(plan.feeding) || figures.foodGPerDay > 0,
    hoursPerWeek: plan.intent.hoursPerWeek,
    hasDiggers: plan.intent.wishes.includes('diggers'),
  }
}

/** Light of a strip of a level plane from one end of the tank to the other. */
function lightAcross({ lamps, attenuationPerM, inner }: TankFigures, heightCm: number, yCm: number): BedLight {
  const plane = litPlane({ lamps, attenuationPerM, inner, heightCm })
  const offs = [-DEEP, 0, DEEP].map((share) => yCm + share * inner.widthCm)
  const values = [...plane.xsCm].flatMap((xCm) => offs.map((y) => lightAt(plane, xCm, y)))
  return { least: Math.min(...values), mean: values.reduce((sum, value) => sum + value, 0) / values.length, most: Math.max(...values) }
}

/** A bed as its plants meet it: its own light, read over its own floor. */
export function siteOfBed(plan: Plan, figures: TankFigures, bed: Pick<LaidBed, 'ring' | 'isFloating'>): PlantSite {
  const site = plantSiteOf(plan, figures, placeOfBed(bed, figures.inner.widthCm))
  const light = lightOfBed(bed, figures)
  return light === null ? site : { ...site, light: bandOf(light) }
}
const bandOf = ({ least, mean, most }: BedLight): PlantSite['light'] => ({
  low: least / LAMP_SPREAD,
  value: mean,
  high: most * LAMP_SPREAD,
})

/** Over a softening ground, for its first months. Rule of thumb 0–2 °dKH. */
const SOFTENED_MEQ_PER_L = 0.5
const feedsRoots = (ground: Plan['layers'][number]['ground']): boolean => {
  const [nitrogen] = GROUND[ground].reservoirMgPerL
  return nitrogen > 0
}
