import polygonClipping, { type Polygon } from 'polygon-clipping'
import { areaCm2, boundsOf, doBoundsMeet, type Ring, type Spot } from './ring.js'

/** Corners are taken to a hundredth of a millimetre: nearly equal ones would confuse the sweep. */
const GRID_PER_CM = 1000
const onGrid = (cm: number): number => Math.round(cm * GRID_PER_CM) / GRID_PER_CM
const polygonOf = (ring: Ring): Polygon => [[...ring, ...ring.slice(0, 1)].map(({ xCm, yCm }) => [onGrid(xCm), onGrid(yCm)])]
const spotsOf = (outer: Polygon[number]): Spot[] => outer.slice(0, -1).map(([xCm, yCm]) => ({ xCm, yCm }))

/** What is left of a ring when others are taken out of it, one after another (Martinez, Rueda and Feito 2009): many at once confuse the sweep as well. An outline has no holes, so a part with one is halved through it. */
export function partsWithout(ring: Ring, taken: readonly Ring[]): Spot[][] {
  let left: Polygon[] = [polygonOf(ring)]
  for (const other of taken)
    left = left.flatMap((part) => (doMeet(part, other) ? polygonClipping.difference(part, polygonOf(other)).map(regridded) : [part]))
  return left.flatMap((part) => solid(part))
}
const regridded = (part: Polygon): Polygon => part.map((line) => line.map(([x, y]) => [onGrid(x), onGrid(y)]))
const doMeet = ([outer = []]: Polygon, ring: Ring): boolean => doBoundsMeet(boundsOf(ring), boundsOf(spotsOf(outer)))

/** Rings that overlap as one, the largest where they are several; holes are filled. They are joined one after another. */
export function joined([first, ...rest]: readonly Ring[]): Spot[] {
  if (first === undefined) return []
  let all: Polygon[] = [polygonOf(first)]
  for (const ring of rest) all = polygonClipping.union(all, polygonOf(ring)).map(regridded)
  const outer = all.flatMap(([line]) => (line === undefined ? [] : [spotsOf(line)]))
  return outer.sort((a, b) => areaCm2(b) - areaCm2(a))[0] ?? []
}

const FAR_CM = 1e4
function solid([outer = [], ...holes]: Polygon): Spot[][] {
  const [hole] = holes
  if (hole === undefined) return [spotsOf(outer)]
  const middle = onGrid(hole.reduce((sum, [x]) => sum + x, 0) / hole.length)
  const side = (left: number, right: number): Polygon => [
    [
      [left, -FAR_CM],
      [right, -FAR_CM],
      [right, FAR_CM],
      [left, FAR_CM],
    ],
  ]
  return [side(-FAR_CM, middle), side(middle, FAR_CM)].flatMap((half) =>
    polygonClipping.intersection([outer, ...holes], half).flatMap((part) => solid(part)),
  )
}
