export interface HardscapePiece {
  readonly massKg: number
  readonly densityKgPerL: number
}

/** Volume [L] that pieces push aside, wholly under water. */
export const displacementL = (pieces: readonly HardscapePiece[]): number =>
  pieces.reduce((sum, piece) => sum + piece.massKg / piece.densityKgPerL, 0)
