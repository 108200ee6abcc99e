export { groundStockMg, GROUND, type GroundProperties } from './kinds.js'
export { bagsOf } from './layer.js'
export { GROUND_METHODS, METHOD, methodLayers, type GroundMethod, type MethodFacts } from './compare.js'
export { cutGround, type CutSpan } from './cut.js'
export { groundHeightCm, layerTopsCm, surfaceCm, zoneAt, type GroundPlan, type LaidLayer, type LaidZone } from './groundPlan.js'
export { groundNeeds, layingOrder, type GroundNeed, type LayingStep } from './layering.js'
export { SAMPLE_PRODUCTS, type Product } from './products.js'
export { tabContentMg, tabCost, tabGrid, tabRing } from './rootTabs.js'
export {
  addPath,
  addZone,
  duplicateZone,
  mergeZones,
  removeZone,
  reorderZone,
  ringOutline,
  splitZone,
  withEdgeBarrier,
  withEdgeLength,
  withZone,
  zoneOf,
  type MergeFault,
  type PathShape,
} from './zoneEdits.js'
export { withTabs } from './tabEdits.js'
export { openGroundVolume, openNeed, openPoreWater } from './ground.sums.js'
