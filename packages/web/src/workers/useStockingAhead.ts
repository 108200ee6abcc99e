import { stockingAhead, type AheadTask, type StockingAhead } from '@jovrin/core'
import { useMembers } from './useMembers.js'

/** A tank's life with the animals that are planned, by drawn tanks; `null` until all have answered. */
export const useStockingAhead = (task: AheadTask | null): StockingAhead | null => useMembers('stocking', task, stockingAhead)
