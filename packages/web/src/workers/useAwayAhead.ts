import { awayAhead, type AwayAhead, type AwayTask } from '@jovrin/core'
import { useMembers } from './useMembers.js'

/** An absence, prepared and not, by drawn tanks; `null` until all have answered. */
export const useAwayAhead = (task: AwayTask | null): AwayAhead | null => useMembers('away', task, awayAhead)
