import type { PlacedPiece } from '../hardscape/piece.js'
import type { WeighedPiece } from '../hardscape/piecesOf.js'
import type { Plan, PlantSpot } from '../plan/plan.js'
import type { PlantSpecies } from '../species/plantSpecies.js'
import { laidPlant, type LaidPlant } from './bedsOf.js'
import { portionsRaw, roundedUp } from './portions.js'

export interface LaidSpot {
  readonly spot: PlantSpot
  /** Of the ellipse. */
  readonly areaCm2: number
  /** One, or none until it is chosen. */
  readonly plants: readonly LaidPlant[]
  /** Gel glue [g] and thread [cm] that hold it. */
  readonly glueG: number
  readonly threadCm: number
}

/** Bought on top: on wood and stone growers regularly run a quarter short. General practice. */
const RESERVE = 1.25
/** Chopped fine, a portion goes about twice as far. Rule of thumb 1.5–3. */
const CHOPPED_GOES = 2
/** Gel glue: a drop under each clump [g], rule of thumb 0.1–0.3; a thin film under chopped moss [g/cm²], 0.02–0.05; corners of a mesh [g]. */
const GLUE_G = { clump: 0.15, choppedPerCm2: 0.03, mesh: 0.4 } as const
/** Thread: a few turns round each clump [cm], rule of thumb 15–40; round what is spread [cm/cm²]. */
const THREAD_CM = { clump: 25, spreadPerCm2: 1.5 } as const

/** Every spot on wood and stone with its plants, counted. */
export function spotsOf({ spots, flora }: Pick<Plan, 'spots' | 'flora'>): LaidSpot[] {
  const speciesOfId = new Map(flora.map((plant) => [plant.id, plant]))
  return spots.map((spot) => laidSpot(spot, spot.species === null ? undefined : speciesOfId.get(spot.species)))
}

function laidSpot(spot: PlantSpot, plant: PlantSpecies | undefined): LaidSpot {
  const areaCm2 = (Math.PI / 4) * spot.widthCm * spot.heightCm
  if (plant === undefined) return { spot, areaCm2, plants: [], glueG: 0, threadCm: 0 }
  const goes = spot.laying === 'chopped' ? CHOPPED_GOES : 1
  const covering = portionsRaw(areaCm2, plant.spacingCm.value) / goes
  const portions = Math.max(1, roundedUp(covering * RESERVE))
  const clumps = Math.max(1, Math.round(covering))
  const { fixing, laying } = spot
  const glue = { clump: GLUE_G.clump * clumps, chopped: GLUE_G.choppedPerCm2 * areaCm2, mesh: GLUE_G.mesh }[laying]
  const thread = laying === 'clump' ? THREAD_CM.clump * clumps : THREAD_CM.spreadPerCm2 * areaCm2
  return {
    spot,
    areaCm2,
    plants: [laidPlant({ start: spot.start, spacingCm: null, cutCm: null }, spot.id, plant, areaCm2, portions)],
    glueG: fixing === 'glue' ? glue : 0,
    threadCm: fixing === 'tie' ? thread : 0,
  }
}

/** Where a spot is. */
export interface SpotPlace {
  readonly xCm: number
  /** Above the glass. */
  readonly zCm: number
  readonly placed: PlacedPiece
}
/** `null`: its piece is gone, or has no place yet. */
export function placeOfSpot(
  { piece, alongFraction, upFraction }: Pick<PlantSpot, 'piece' | 'alongFraction' | 'upFraction'>,
  pieces: readonly WeighedPiece[],
): SpotPlace | null {
  const placed = pieces.find((one) => one.piece.id === piece)?.placed ?? null
  if (placed === null) return null
  const { left, right } = spanOf(placed)
  return { placed, xCm: left + alongFraction * (right - left), zCm: placed.footCm + upFraction * (placed.topCm - placed.footCm) }
}
/** The other way round: a point of the front view as shares of a piece, held to its face. */
export function sharesOnPiece(placed: PlacedPiece, xCm: number, zCm: number): Pick<PlantSpot, 'alongFraction' | 'upFraction'> {
  const { left, right } = spanOf(placed)
  const share = (part: number, whole: number): number =>
    whole <= 0 ? 0.5 : Math.round(1000 * Math.min(1, Math.max(0, part / whole))) / 1000
  return { alongFraction: share(xCm - left, right - left), upFraction: share(zCm - placed.footCm, placed.topCm - placed.footCm) }
}
/** From end to end of what is seen from the front. */
function spanOf({ silhouette, bounds }: PlacedPiece): { readonly left: number; readonly right: number } {
  if (silhouette.length === 0) return bounds
  const along = silhouette.map(({ xCm }) => xCm)
  return { left: Math.min(...along), right: Math.max(...along) }
}
