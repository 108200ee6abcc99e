import { lineOf } from '../numeric/outline.js'
import { areaCm2, boundsOf, centreOf, type Bounds, type Ring, type Spot } from '../numeric/ring.js'
import type { HardscapeMaterial, Piece, ProfilePoint } from '../plan/plan.js'
import { GRAVITY_M_PER_S2 } from '../quantity/physicalConstants.js'
import { MATERIAL } from './materials.js'

export interface PlacedPiece {
  readonly piece: Piece
  readonly ring: Ring
  readonly centre: Spot
  readonly bounds: Bounds
  readonly footCm2: number
  /** Above its own foot. */
  readonly heightCm: number
  /** Foot and top above the glass. */
  readonly footCm: number
  readonly topCm: number
  /** Silhouette from the front; x along the tank, z above the glass. */
  readonly silhouette: readonly ProfilePoint[]
}

/** Where the mass of a piece comes from. */
export type MassFrom = 'mass' | 'volume' | 'drawing' | 'unknown'

/** Height of a piece that nobody measured [cm]: as high as its outline is wide, by a third. */
const heightOf = (piece: Piece, bounds: Bounds): number =>
  piece.heightCm ??
  (piece.profile
    ? Math.max(...piece.profile.map(({ zCm }) => zCm))
    : Math.max(3, Math.min(bounds.right - bounds.left, (bounds.back - bounds.front) * 1.5) * 0.7))

/** Mass [kg] of a piece: as weighed, else volume times density, else from its drawing. `null` when nothing is known. */
export function pieceMassKg(piece: Piece): { readonly massKg: number | null; readonly from: MassFrom } {
  const { densityKgPerL, solidShare } = MATERIAL[piece.material]
  if (piece.massKg !== null) return { massKg: piece.massKg, from: 'mass' }
  if (piece.volumeL !== null) return { massKg: piece.volumeL * densityKgPerL, from: 'volume' }
  if (piece.outline === null) return { massKg: null, from: 'unknown' }
  const ring = lineOf(piece.outline)
  return { massKg: ((areaCm2(ring) * heightOf(piece, boundsOf(ring)) * solidShare) / 1000) * densityKgPerL, from: 'drawing' }
}

/** Stands a piece on the ground. `groundCm` tells the ground's height above the glass at a spot. */
export function placePiece(piece: Piece, groundCm: (xCm: number, yCm: number) => number): PlacedPiece | null {
  if (piece.outline === null) return null
  const ring = lineOf(piece.outline)
  const bounds = boundsOf(ring)
  const centre = centreOf(ring)
  const heightCm = heightOf(piece, bounds)
  const footCm = Math.max(0, groundCm(centre.xCm, centre.yCm) - piece.sunkCm)
  const silhouette = (piece.profile ?? plainProfile(piece.material, bounds, heightCm)).map(({ xCm, zCm }) => ({ xCm, zCm: footCm + zCm }))
  return { piece, ring, centre, bounds, footCm2: areaCm2(ring), heightCm, footCm, topCm: footCm + heightCm, silhouette }
}

/** A silhouette for a piece of which only outline and height are known. */
export function plainProfile(
  material: HardscapeMaterial,
  { left, right }: Pick<Bounds, 'left' | 'right'>,
  heightCm: number,
): ProfilePoint[] {
  const wide = right - left
  const { isWood } = MATERIAL[material]
  const shape = isWood
    ? [
        [0, 0],
        [0.04, 0.12],
        [0.25, 0.3],
        [0.5, 0.5],
        [0.7, 0.78],
        [0.94, 1],
        [1, 0.93],
        [0.8, 0.6],
        [0.62, 0.36],
        [0.72, 0.1],
        [0.6, 0],
      ]
    : [
        [0, 0],
        [0.06, 0.42],
        [0.24, 0.72],
        [0.42, 1],
        [0.63, 0.86],
        [0.84, 0.55],
        [1, 0.1],
        [0.97, 0],
      ]
  return shape.map(([x = 0, z = 0]) => ({ xCm: left + x * wide, zCm: z * heightCm }))
}

export interface Buoyancy {
  /** Net force that lifts the dry piece [N]; negative: it lies by itself. */
  readonly liftN: number
  /** Stone that holds it down, weighed in air [kg]. */
  readonly ballastKg: number
}
const BALLAST_DENSITY_KG_PER_L = 2.65

/** Lift of a new piece and the stone that holds it: V·(1 − density)·g, and the stone is lifted too (Archimedes). */
export function buoyancyOf(massKg: number, material: HardscapeMaterial): Buoyancy {
  const density = MATERIAL[material].newDensityKgPerL
  const liftKg = (massKg / density) * (1 - density)
  return { liftN: liftKg * GRAVITY_M_PER_S2, ballastKg: Math.max(0, liftKg) / (1 - 1 / BALLAST_DENSITY_KG_PER_L) }
}

/** Pressure under a piece that stands on a tenth of its outline [kPa]: stones touch with a few edges only. Rule of thumb 0.05–0.2 of the outline. */
export const glassPressureKPa = (massKg: number, footCm2: number): number =>
  (massKg * GRAVITY_M_PER_S2) / ((Math.max(footCm2, 0.5) * 0.1) / 10_000) / 1000
