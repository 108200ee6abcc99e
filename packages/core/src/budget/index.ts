export { compareGrounds, withMethod, type GroundComparison } from './compareGrounds.js'
export { gasBySurface, type SurfaceGas } from './gasBySurface.js'
export { monthlyCost, runningParts, USUAL_RATE, type Rate, type RunningPart } from './running.js'
export {
  columnTotals,
  priceOf,
  shoppingList,
  SHOPPING_GROUPS,
  SHOPPING_LINES,
  USUAL_SPLIT,
  type ColumnTotal,
  type ShoppingGroup,
  type ShoppingItem,
  type ShoppingLine,
} from './shopping.js'
export { openSurfaceGas } from './gasBySurface.sums.js'
export { openMonth, openRunningPart } from './running.sums.js'
export { openStockLasts } from './stockLasts.sums.js'
export { feedNeeds, type FeedNeed } from './feedNeed.js'
