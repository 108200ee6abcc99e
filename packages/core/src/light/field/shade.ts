/** What stands between the surface and a spot of a grid. */
export interface Shade {
  /** Share let through to spot number `spot` from a side, by the sine of the ray in water against the plumb line. */
  readonly passes: (spot: number, towardsX: number, towardsY: number, sinWater: number) => number
}
