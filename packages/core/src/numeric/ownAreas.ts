import { cellAreaCm2, patchwork } from './patchwork.js'
import { boundsOf, doBoundsMeet, type Ring } from './ring.js'

interface OwnArea {
  readonly over: readonly Ring[]
  readonly lengthCm: number
  readonly widthCm: number
  readonly areaCm2: number
}
const known = new WeakMap<Ring, OwnArea>()

/** Of each of the rings what lies within the floor and under no later ring and none of the covers [cm²], even-odd; exact, as the cells of a patchwork are. Reckoned anew only for a ring that has changed or meets one that has: while one is dragged, all others keep theirs. */
export function ownAreasCm2(rings: readonly Ring[], covers: readonly Ring[], lengthCm: number, widthCm: number): number[] {
  const bounded = [...rings, ...covers].map((ring) => ({ ring, bounds: boundsOf(ring) }))
  return rings.map((ring, index) => {
    const own = bounded[index]!.bounds
    const over = bounded.flatMap((other, at) => (at > index && doBoundsMeet(own, other.bounds) ? [other.ring] : []))
    const before = known.get(ring)
    if (before?.lengthCm === lengthCm && before.widthCm === widthCm && isSame(before.over, over)) return before.areaCm2
    let areaCm2 = 0
    for (const cell of patchwork([ring, ...over], lengthCm, widthCm)) if (cell.owner === 0) areaCm2 += cellAreaCm2(cell)
    known.set(ring, { over, lengthCm, widthCm, areaCm2 })
    return areaCm2
  })
}
const isSame = (some: readonly Ring[], others: readonly Ring[]): boolean =>
  some.length === others.length && some.every((ring, index) => ring === others[index])
