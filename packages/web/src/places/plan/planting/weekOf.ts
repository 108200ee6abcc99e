/** The views go so far after planting. */
export const MOST_WEEKS = 12

/** The week in the address: where the hand let the slider go. */
export const weekOf = (search: URLSearchParams): number => Math.min(MOST_WEEKS, Math.max(0, Number(search.get('week') ?? 4) || 0))
