export { lineOf, MOST_CORNERS, mendOutline, outlineFault, type MendedOutline, type OutlineFault, type OutlineMend } from './outline.js'
export { randomOf, type Random } from './random.js'
export { clipToFloor, splitByLine, thinned } from './reshape.js'
export {
  areaCm2,
  boundsOf,
  centreOf,
  distanceCm,
  doBoundsMeet,
  isInside,
  isSimple,
  signedAreaCm2,
  type Bounds,
  type Ring,
  type Spot,
} from './ring.js'
export { bandOver, type Band } from './band.js'
export { quantileOfSorted } from './statistics.js'
