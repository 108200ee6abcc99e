import { groundHeightCm, type GroundPlan } from '../../ground/groundPlan.js'
import type { WeighedPiece } from '../../hardscape/piecesOf.js'
import type { FieldLamp } from '../../light/field/fieldLamp.js'
import { fieldOf, type LightGrid } from '../../light/field/fieldOf.js'
import { shadeOf, type Obstacles, type Shade } from '../../light/field/shade.js'
import { boxOf, centresOf } from '../../light/litPlane.js'
import type { LaidBed } from '../bedsOf.js'
import { CELL_CM, floorGrid, type Scene } from '../sight/floorGrid.js'
import { standingOf, topOf, type Grown } from '../sight/standing.js'
import { over, spotsOfBed, type BedLight } from './lightOfBeds.js'

/** A tank of which a map is drawn. */
export interface MappedTank {
  readonly lamps: readonly FieldLamp[]
  readonly attenuationPerM: number
  readonly inner: { readonly lengthCm: number; readonly widthCm: number; readonly waterDepthCm: number }
  readonly ground: GroundPlan
  readonly beds: readonly LaidBed[]
  readonly pieces: readonly WeighedPiece[]
}
export interface MapOptions {
  /** Above the glass; `null` follows the ground. */
  readonly heightCm: number | null
  /** Side of a cell. */
  readonly cellCm: number
  /** Stones, wood and plants of that week take light; left out: bare. */
  readonly grown?: Grown | undefined
  /** Let through by floating plants and film, 0–1. */
  readonly surfaceKeeps: number
}

/** Tall plants let a part through: stems and leaves with gaps between them. Rule of thumb 0.2–0.5. */
export const PLANTS_PASS = 0.35
/** Ground that rises less than that is taken for level. */
const LEVEL_CM = 1.5
const COARSE_CM = 2.5

/** Light over the floor, cell by cell [µmol m⁻² s⁻¹]. Over rising ground it is reckoned on the lowest and the highest level and goes between them by its logarithm. */
export function lightMap(tank: MappedTank, options: MapOptions): LightGrid {
  const { inner, ground } = tank
  const [xsCm, ysCm] = [inner.lengthCm, inner.widthCm].map((size) => centresOf(size, Math.max(3, Math.round(size / options.cellCm)))) as [
    Float64Array,
    Float64Array,
  ] // two sizes, two axes
  const standsCm = new Float64Array(xsCm.length * ysCm.length)
  for (let spot = 0; spot < standsCm.length; spot++)
    standsCm[spot] = Math.min(
      inner.waterDepthCm,
      options.heightCm ?? groundHeightCm(ground, xsCm[spot % xsCm.length]!, ysCm[Math.floor(spot / xsCm.length)]!),
    )
  const shade = options.grown === undefined ? undefined : shadeOver(tank, { xsCm, ysCm, standsCm }, options.grown)
  const [lowestCm, highestCm] = [Math.min(...standsCm), Math.max(...standsCm)]
  const plane = (heightCm: number): Float64Array =>
    fieldOf(tank.lamps, { ...boxOf({ ...tank, heightCm }), surfaceKeeps: options.surfaceKeeps }, xsCm, ysCm, {
      shade,
      ...(options.cellCm >= COARSE_CM ? { pitchCm: Math.max(8, inner.lengthCm / 16) } : {}),
    }).ppfd
  if (highestCm - lowestCm < LEVEL_CM) return { xsCm, ysCm, ppfd: plane((lowestCm + highestCm) / 2) }
  const [low, high] = [plane(lowestCm), plane(highestCm)]
  const ppfd = low.map((dark, spot) => {
    const share = (standsCm[spot]! - lowestCm) / (highestCm - lowestCm)
    return dark <= 0 || high[spot]! <= 0 ? dark + (high[spot]! - dark) * share : dark * (high[spot]! / dark) ** share
  })
  return { xsCm, ysCm, ppfd }
}

/** Light at the tops of the beds so many weeks on, by id: what a bed's own leaves meet below its taller neighbours, stones and wood. In week 0 that is its ground. */
export function lightOfTops(tank: MappedTank, grown: Grown, surfaceKeeps: number): ReadonlyMap<string, BedLight> {
  const { inner, ground } = tank
  const heights = new Map<number, LaidBed[]>()
  for (const bed of tank.beds) {
    if (bed.isOut || spotsOfBed(bed.ring, inner).length === 0) continue
    const spots = spotsOfBed(bed.ring, inner)
    const groundCm = spots.reduce((sum, { xCm, yCm }) => sum + groundHeightCm(ground, xCm, yCm), 0) / spots.length
    const topCm = bed.isFloating ? inner.waterDepthCm : Math.min(inner.waterDepthCm, groundCm + standingOf(bed, grown).heightCm)
    const levelCm = Math.round(topCm / LEVEL_STEP_CM) * LEVEL_STEP_CM
    heights.set(levelCm, [...(heights.get(levelCm) ?? []), bed])
  }
  const found = new Map<string, BedLight>()
  for (const [heightCm, beds] of heights) {
    const isAfloat = beds.every(({ isFloating }) => isFloating)
    const plane = lightMap(tank, { heightCm, cellCm: COARSE_CM, grown, surfaceKeeps: isAfloat ? 1 : surfaceKeeps })
    for (const bed of beds) found.set(bed.bed.id, over(spotsOfBed(bed.ring, inner), plane))
  }
  return found
}
const LEVEL_STEP_CM = 2

function shadeOver(tank: MappedTank, at: Pick<LightGrid, 'xsCm' | 'ysCm'> & { readonly standsCm: Float64Array }, grown: Grown): Shade {
  const scene: Scene = { ...tank, pieces: tank.pieces.flatMap(({ placed }) => (placed === null ? [] : [placed])) }
  const floor = floorGrid(scene)
  const standing = scene.beds.map((bed) => standingOf(bed, grown))
  const { lengthCm, widthCm, waterDepthCm } = tank.inner
  const [columns, rows] = [Math.ceil(lengthCm / CELL_CM), Math.ceil(widthCm / CELL_CM)]
  const [hardCm, softCm] = [new Float64Array(columns * rows), new Float64Array(columns * rows)]
  for (let cell = 0; cell < hardCm.length; cell++) {
    const [xCm, yCm] = [((cell % columns) + 0.5) * CELL_CM, (Math.floor(cell / columns) + 0.5) * CELL_CM]
    const owner = floor.ownerAt(Math.min(xCm, lengthCm - 0.01), Math.min(yCm, widthCm - 0.01))
    if (owner >= scene.beds.length) hardCm[cell] = topOf(scene.pieces[owner - scene.beds.length]!, xCm)
    else if (owner >= 0 && standing[owner]!.closed >= CLOSED)
      softCm[cell] = Math.min(waterDepthCm, floor.groundCmAt(xCm, yCm) + standing[owner]!.heightCm)
  }
  const obstacle = (topsCm: Float64Array, passes: number): Obstacles => ({
    topCmAt: (xCm, yCm) =>
      topsCm[Math.min(rows - 1, Math.floor(yCm / CELL_CM)) * columns + Math.min(columns - 1, Math.floor(xCm / CELL_CM))]!,
    highestCm: topsCm.reduce((most, top) => Math.max(most, top), 0),
    passes,
  })
  return shadeOf({ ...at, lengthCm, widthCm, obstacles: [obstacle(hardCm, 0), obstacle(softCm, PLANTS_PASS)] })
}
/** A bed that has closed less throws no shade to speak of. Rule of thumb. */
const CLOSED = 0.4
