export { compositionOf, GOLDEN, SIZE_STEP, type Composition } from './composition.js'
export { FIXING_TIME, MATERIAL } from './materials.js'
export { buoyancyOf, glassPressureKPa, pieceMassKg, plainProfile, type PlacedPiece } from './piece.js'
export { type WeighedPiece } from './piecesOf.js'
export {
  addPiece,
  duplicatePiece,
  mirrored,
  placeUnplaced,
  removePiece,
  reorderPiece,
  scaled,
  turned,
  withDrawnProfile,
  withOutline,
  withPiece,
} from './pieceEdits.js'
export { openAllWater, openDisplaced, openOpenWater } from './water.sums.js'
export { openComposition, type CompositionRow } from './composition.sums.js'
