/** How a tank's life begins: shapes only. */

export const START_METHODS = ['wet', 'dark', 'dry'] as const
/** Planted and filled on the first day; filled, without plants and light, until the cycle is done; or planted in moist ground under film, and filled weeks later. */
export type StartMethod = (typeof START_METHODS)[number]

/** Of a dark or dry start; a wet one asks for none of it. */
export interface PlanStart {
  readonly method: StartMethod
  /** Day of the tank's age on which the dark weeks end with planting, or the dry weeks with flooding. */
  readonly endsOnDay: number | null
  /** Light a day while dry. */
  readonly dryLightHours: number | null
}
export const WET_START = { method: 'wet', endsOnDay: null, dryLightHours: null } as const satisfies PlanStart
