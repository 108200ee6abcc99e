import type { TankFigures } from '../ecosystem/tankFigures.js'
import { fieldOf, type LightGrid } from '../light/field/fieldOf.js'
import { spreadOf } from '../light/levelLight.js'
import { boxOf, centresOf } from '../light/litPlane.js'
import { supplyAt } from '../planting/bedSupply.js'
import { lightMap, lightOfTops } from '../planting/light/lightMap.js'
import type { BedLight } from '../planting/light/lightOfBeds.js'
import type { Grown } from '../planting/sight/standing.js'
import type { PlantSpecies } from '../species/plantSpecies.js'

/** How the light is looked at. */
export interface LightView {
  /** Of the plane above the glass; `null` follows the ground. */
  readonly heightCm: number | null
  /** After planting: plants of that week, stones and wood take light. `null` looks at the bare tank. */
  readonly weeks: number | null
  /** Taken by stain on top of the clear water [1/m]. */
  readonly stainPerM: number
  /** Let through by a film on the surface, 0–1. */
  readonly filmKeeps: number
}
export interface LightPicture {
  readonly grid: LightGrid
  readonly mean: number
  readonly least: number
  readonly most: number
  /** At the tops of the beds on the planting day and in the week looked at. */
  readonly tops: ReadonlyMap<string, { readonly planted: BedLight; readonly then: BedLight }>
}

/** Floating plants keep so much of what they cover. Rule of thumb 0.8–0.9. */
const FLOATERS_KEEP = 0.85
/** Weeks until floaters have covered what they are meant to. Rule of thumb. */
const FLOATERS_SPREAD_WEEKS = 4

export const growthOf = (figures: TankFigures, weeks: number): Grown => {
  const { ppfd, gasMgPerH, gasLevels } = figures
  const site = { light: { low: ppfd, value: ppfd, high: ppfd }, hasGas: gasMgPerH > 0, co2MgPerL: gasLevels.atLightsOn }
  return { weeks, supplyOf: (plant: PlantSpecies) => supplyAt(plant, site), cutAtPpfd: ppfd }
}
const surfaceKeeps = ({ stand }: TankFigures, weeks: number | null, filmKeeps: number): number =>
  filmKeeps * (1 - FLOATERS_KEEP * stand.floater.footFraction * (weeks === null ? 0 : Math.min(1, weeks / FLOATERS_SPREAD_WEEKS)))

/** The field over the floor, cell by cell. `cellCm`: coarse while something is dragged. */
export function lightOverFloor(figures: TankFigures, { heightCm, weeks, stainPerM, filmKeeps }: LightView, cellCm: number): LightGrid {
  return lightMap(
    { ...figures, attenuationPerM: figures.attenuationPerM + stainPerM },
    {
      heightCm,
      cellCm,
      grown: weeks === null ? undefined : growthOf(figures, weeks),
      surfaceKeeps: surfaceKeeps(figures, weeks, filmKeeps),
    },
  )
}

/** The field over the floor, and what every bed gets of it. */
export function lightPicture(figures: TankFigures, view: LightView, cellCm: number): LightPicture {
  const grid = lightOverFloor(figures, view, cellCm)
  const tank = { ...figures, attenuationPerM: figures.attenuationPerM + view.stainPerM }
  const planted = lightOfTops(tank, growthOf(figures, 0), surfaceKeeps(figures, 0, view.filmKeeps))
  const weeks = view.weeks ?? 0
  const then = weeks === 0 ? planted : lightOfTops(tank, growthOf(figures, weeks), surfaceKeeps(figures, weeks, view.filmKeeps))
  const tops = new Map([...planted].map(([id, light]) => [id, { planted: light, then: then.get(id) ?? light }]))
  return { grid, ...spreadOf(grid), tops }
}

/** Light in an upright cut through clear water, from the glass to the surface, row by row from below. `across`: from front to back at `atCm` from the left; else along the tank at `atCm` from the front. */
export function lightInCut(
  { inner, lamps, attenuationPerM }: Pick<TankFigures, 'inner' | 'lamps' | 'attenuationPerM'>,
  cut: { readonly across: boolean; readonly atCm: number },
): LightGrid {
  const sizeCm = cut.across ? inner.widthCm : inner.lengthCm
  const places = centresOf(sizeCm, Math.max(6, Math.round(sizeCm / CUT_CELL_CM)))
  const rows = Math.max(4, Math.round(inner.waterDepthCm / CUT_CELL_CM))
  const heights = centresOf(inner.waterDepthCm, rows)
  const at = Float64Array.of(cut.atCm)
  const ppfd = new Float64Array(places.length * rows)
  heights.forEach((heightCm, row) => {
    const box = boxOf({ attenuationPerM, inner, heightCm })
    const line = cut.across ? fieldOf(lamps, box, at, places, CUT_PITCH) : fieldOf(lamps, box, places, at, CUT_PITCH)
    ppfd.set(line.ppfd, row * places.length)
  })
  return { xsCm: places, ysCm: heights, ppfd }
}
const CUT_CELL_CM = 4
const CUT_PITCH = { pitchCm: 6 }
