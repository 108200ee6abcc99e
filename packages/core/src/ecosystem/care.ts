/** What the usual weekly care does to the tank. Rules of thumb. */

/** Share of the detritus that a change takes along. */
export const DETRITUS_VACUUMED = 0.08
/** Half of what can be wiped is wiped at the weekly care. */
export const WIPED = 0.5
/** Leaf area index at which each kind is in good shape; the weekly trim brings it back towards it. */
export const GOOD_LAI = [4, 3.6, 4, 4.8, 4, 1] as const
export const MOST_CUT = 0.5
