import { MOST_ASIDE } from './fieldOf.js'

/** What stands between the surface and a spot of a grid. */
export interface Shade {
  /** Share let through to spot number `spot` from a side, by the sine of the ray in water against the plumb line. */
  readonly passes: (spot: number, towardsX: number, towardsY: number, sinWater: number) => number
}

/** What throws shade over a floor: how high it stands over a place [cm above the glass], and what it lets through, 0–1. */
export interface Obstacles {
  readonly topCmAt: (xCm: number, yCm: number) => number
  /** Nothing of it stands higher. */
  readonly highestCm: number
  readonly passes: number
}
interface ShadeScene {
  readonly xsCm: Float64Array
  readonly ysCm: Float64Array
  /** Height of each spot above the glass, row by row. */
  readonly standsCm: Float64Array
  readonly lengthCm: number
  readonly widthCm: number
  readonly obstacles: readonly Obstacles[]
}

const SECTORS = 24
const STEP_CM = 1.25

/** Round each spot the flattest ray that still passes what stands there, in sectors; panes mirror what stands before them. Rays through an edge are taken whole or not at all. */
export function shadeOf({ xsCm, ysCm, standsCm, lengthCm, widthCm, obstacles }: ShadeScene): Shade {
  const count = xsCm.length * ysCm.length
  const horizons = obstacles.map((obstacle) => {
    const tangents = new Float64Array(count * SECTORS).fill(Infinity)
    for (let row = 0; row < ysCm.length; row++)
      for (let column = 0; column < xsCm.length; column++) {
        const spot = row * xsCm.length + column
        const mostOverCm = obstacle.highestCm - standsCm[spot]!
        if (mostOverCm <= LEAST_OVER_CM) continue
        for (let sector = 0; sector < SECTORS; sector++) {
          const angle = (2 * Math.PI * (sector + 0.5)) / SECTORS
          const [dx, dy] = [Math.cos(angle), Math.sin(angle)]
          let least = Infinity
          for (let awayCm = STEP_CM / 2; awayCm < Math.min(MOST_ASIDE, least) * mostOverCm; awayCm += STEP_CM) {
            const overCm =
              obstacle.topCmAt(folded(xsCm[column]! + dx * awayCm, lengthCm), folded(ysCm[row]! + dy * awayCm, widthCm)) - standsCm[spot]!
            if (overCm > LEAST_OVER_CM) least = Math.min(least, awayCm / overCm)
          }
          tangents[spot * SECTORS + sector] = least
        }
      }
    return { tangents, passes: obstacle.passes }
  })
  return {
    passes(spot, towardsX, towardsY, sinWater) {
      const turn = Math.atan2(towardsY, towardsX) / (2 * Math.PI)
      const sector = Math.min(SECTORS - 1, Math.floor((turn < 0 ? turn + 1 : turn) * SECTORS))
      const tangent = sinWater / Math.sqrt(1 - sinWater * sinWater)
      let passed = 1
      for (const { tangents, passes } of horizons) if (tangent > tangents[spot * SECTORS + sector]!) passed *= passes
      return passed
    },
  }
}
const LEAST_OVER_CM = 0.5

/** A place beyond a pane is its mirror image within. */
function folded(at: number, sizeCm: number): number {
  const turn = ((at % (2 * sizeCm)) + 2 * sizeCm) % (2 * sizeCm)
  return turn <= sizeCm ? turn : 2 * sizeCm - turn
}
