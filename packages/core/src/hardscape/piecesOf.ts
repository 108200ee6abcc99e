import { groundHeightCm, type GroundPlan } from '../ground/groundPlan.js'
import type { Answers } from '../plan/answers.js'
import type { Piece, Plan } from '../plan/plan.js'
import { displacementL } from './displacement.js'
import { MATERIAL } from './materials.js'
import { pieceMassKg, placePiece, type PlacedPiece } from './piece.js'

/** A piece with the mass that the sums use. */
export interface WeighedPiece {
  readonly piece: Piece
  readonly massKg: number
  /** `null` until it has its place. */
  readonly placed: PlacedPiece | null
}
export interface Hardscape {
  readonly pieces: readonly WeighedPiece[]
  readonly hardscapeKg: number
  readonly displacedL: number
  readonly woodTanninMgC: number
}

const placedOnce = new WeakMap<Piece, { readonly ground: GroundPlan; readonly placed: PlacedPiece | null }>()
/** Where a piece stands on this ground; found once as long as neither changes. */
function placedOn(piece: Piece, ground: GroundPlan): PlacedPiece | null {
  const before = placedOnce.get(piece)
  if (before?.ground === ground) return before.placed
  const placed = placePiece(piece, (xCm, yCm) => groundHeightCm(ground, xCm, yCm))
  placedOnce.set(piece, { ground, placed })
  return placed
}

/** All stones and wood, weighed or answered. */
export function hardscapeOf({ hardscape }: Pick<Plan, 'hardscape'>, answers: Answers, ground: GroundPlan): Hardscape {
  const pieces = hardscape.map((piece, place): WeighedPiece => ({
    piece,
    massKg: pieceMassKg(piece).massKg ?? answers.number('hardscape/*/massKg', null, place),
    placed: placedOn(piece, ground),
  }))
  return {
    pieces,
    hardscapeKg: pieces.reduce((sum, { massKg }) => sum + massKg, 0),
    displacedL: displacementL(pieces.map(({ piece, massKg }) => ({ massKg, densityKgPerL: MATERIAL[piece.material].densityKgPerL }))),
    woodTanninMgC: pieces.reduce((sum, { piece, massKg }) => sum + massKg * MATERIAL[piece.material].tanninMgCPerKg, 0),
  }
}
