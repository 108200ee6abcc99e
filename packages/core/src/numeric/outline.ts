import { clipToFloor, thinned } from './reshape.js'
import { areaCm2, isSimple, type Ring, type Spot } from './ring.js'

/** A drawn corner; a round one is a pull, not a point of the line: the edge bends from the middle of one side to the middle of the next. */
export interface DrawnCorner extends Spot {
  readonly isRound: boolean
}

const STEPS_PER_BEND = 8

const lines = new WeakMap<readonly DrawnCorner[], Spot[]>()

/** The line that an outline draws; reckoned once for each outline, which never changes. Round corners are quadratic Bézier curves (de Casteljau 1959), which never leave the corners' hull. */
export function lineOf(outline: readonly DrawnCorner[]): readonly Spot[] {
  let line = lines.get(outline)
  if (line === undefined) lines.set(outline, (line = drawLine(outline)))
  return line
}

function drawLine(outline: readonly DrawnCorner[]): Spot[] {
  return outline.flatMap((corner, index) => {
    if (!corner.isRound || outline.length < 3) return [{ xCm: corner.xCm, yCm: corner.yCm }]
    const before = outline[(index + outline.length - 1) % outline.length]!
    const after = outline[(index + 1) % outline.length]!
    const from = middle(before, corner)
    const to = middle(corner, after)
    return Array.from({ length: STEPS_PER_BEND + 1 }, (_, step) => {
      const t = step / STEPS_PER_BEND
      const along = (a: number, b: number, c: number): number => (1 - t) ** 2 * a + 2 * t * (1 - t) * b + t * t * c
      return { xCm: along(from.xCm, corner.xCm, to.xCm), yCm: along(from.yCm, corner.yCm, to.yCm) }
    }).filter((_, step) => step > 0 || !before.isRound) // two bends meet in one point
  })
}
const middle = (a: Spot, b: Spot): Spot => ({ xCm: (a.xCm + b.xCm) / 2, yCm: (a.yCm + b.yCm) / 2 })

/** More corners than a hand draws; an outline is thinned to fewer. */
export const MOST_CORNERS = 200
/** Less is a slip of the pen. */
export const LEAST_AREA_CM2 = 1
const THINNED_CM = 0.2
const FLAT_CM = 0.02

export type OutlineFault = 'few-points' | 'no-area' | 'crosses-itself'
/** Why an outline bounds nothing; `null` when it does. */
export function outlineFault(outline: readonly DrawnCorner[]): OutlineFault | null {
  if (outline.length < 3) return 'few-points'
  const line = lineOf(outline)
  if (thinned(line, FLAT_CM).length < 3) return 'no-area'
  if (!isSimple(line)) return 'crosses-itself'
  return areaCm2(line) < LEAST_AREA_CM2 ? 'no-area' : null
}

export type OutlineMend = 'closed' | 'doubled' | 'thinned' | 'outside'
export interface MendedOutline {
  readonly outline: readonly DrawnCorner[] | null
  readonly mends: readonly OutlineMend[]
  readonly fault: OutlineFault | 'outside-glass' | null
}

/** Makes an outline from somewhere else fit: leaves out repeated points, thins too many, cuts what lies outside the glass. What then still bounds nothing is refused, with the reason. */
export function mendOutline(given: Ring, lengthCm: number, widthCm: number): MendedOutline {
  const mends: OutlineMend[] = []
  let ring: Spot[] = given.filter(
    (spot, index) => index === 0 || Math.hypot(spot.xCm - given[index - 1]!.xCm, spot.yCm - given[index - 1]!.yCm) > 0.01,
  )
  if (ring.length < given.length) mends.push('doubled')
  const [first, last] = [ring[0], ring.at(-1)]
  if (ring.length > 3 && first && last && Math.hypot(first.xCm - last.xCm, first.yCm - last.yCm) <= 0.01) {
    ring = ring.slice(0, -1)
    mends.push('closed')
  }
  for (let tolerance = THINNED_CM; ring.length > MOST_CORNERS; tolerance *= 2) {
    ring = thinned(ring, tolerance)
    if (!mends.includes('thinned')) mends.push('thinned')
  }
  if (ring.length < 3) return { outline: null, mends, fault: 'few-points' }
  if (ring.some(({ xCm, yCm }) => xCm < 0 || yCm < 0 || xCm > lengthCm || yCm > widthCm)) {
    ring = clipToFloor(ring, lengthCm, widthCm)
    if (ring.length < 3) return { outline: null, mends, fault: 'outside-glass' }
    mends.push('outside')
  }
  const outline = ring.map((spot) => ({ ...spot, isRound: false }))
  const fault = outlineFault(outline)
  return { outline: fault === null ? outline : null, mends, fault }
}
