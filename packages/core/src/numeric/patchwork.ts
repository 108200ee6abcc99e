import type { Ring } from './ring.js'

/** A four-sided cell of a floor with two sides along x: `y0` to `y1`, left and right edge at both. All of it belongs to one owner. */
export interface Trapezoid {
  /** Index into the list of rings; −1 where none covers the floor. */
  readonly owner: number
  readonly y0: number
  readonly y1: number
  readonly left0: number
  readonly right0: number
  readonly left1: number
  readonly right1: number
}

/** Flat rows of 5: ring, x at the front, y at the front, x at the back, y at the back. Edges along x bound nothing. */
const EDGE_STRIDE = 5
const FLOOR = -1
const EPSILON_CM = 1e-9

/** Cuts a rectangular floor into cells, each owned by the last ring of the list that covers it (even-odd). Exact: sums over the cells are sums over the parts, whatever overlaps or crosses itself. */
export function patchwork(rings: readonly Ring[], lengthCm: number, widthCm: number): Trapezoid[] {
  const edges = edgesOf(rings, lengthCm, widthCm)
  const order = Array.from({ length: edges.length / EDGE_STRIDE }, (_, edge) => edge).sort(
    (a, b) => edges[a * EDGE_STRIDE + 2]! - edges[b * EDGE_STRIDE + 2]!,
  )
  const levels = levelsOf(edges, order, widthCm)
  const cells: Trapezoid[] = []
  let active: number[] = []
  let next = 0
  for (let level = 0; level + 1 < levels.length; level++) {
    const y0 = levels[level]!
    const y1 = levels[level + 1]!
    const middle = (y0 + y1) / 2
    while (next < order.length && edges[order[next]! * EDGE_STRIDE + 2]! <= middle) active.push(order[next++]!)
    active = active.filter((edge) => edges[edge * EDGE_STRIDE + 4]! > middle)
    addRow(cells, edges, active, y0, y1, rings.length)
  }
  return cells
}

function edgesOf(rings: readonly Ring[], lengthCm: number, widthCm: number): Float64Array {
  const rows: number[] = [FLOOR, 0, 0, 0, widthCm, FLOOR, lengthCm, 0, lengthCm, widthCm]
  rings.forEach((ring, owner) => {
    for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
      const [a, b] = ring[j]!.yCm < ring[i]!.yCm ? [ring[j]!, ring[i]!] : [ring[i]!, ring[j]!]
      if (b.yCm - a.yCm > EPSILON_CM) rows.push(owner, a.xCm, a.yCm, b.xCm, b.yCm)
    }
  })
  return Float64Array.from(rows)
}

/** All y at which an edge begins, ends or meets another; within 0…width, ascending, no two the same. `order` lists the edges by where they begin. */
function levelsOf(edges: Float64Array, order: readonly number[], widthCm: number): number[] {
  const levels = [0, widthCm]
  const add = (y: number): void => {
    if (y > 0 && y < widthCm) levels.push(y)
  }
  for (let i = 0; i < order.length; i++) {
    const at = order[i]! * EDGE_STRIDE
    const ax = edges[at + 1]!
    const ay = edges[at + 2]!
    const bx = edges[at + 3]!
    const by = edges[at + 4]!
    const slopeA = (bx - ax) / (by - ay)
    add(ay)
    add(by)
    // Those that begin farther back than this one ends cannot meet it.
    for (let j = i + 1; j < order.length; j++) {
      const other = order[j]! * EDGE_STRIDE
      const cy = edges[other + 2]!
      if (cy >= by) break
      const cx = edges[other + 1]!
      const dx = edges[other + 3]!
      if (Math.max(cx, dx) < Math.min(ax, bx) || Math.min(cx, dx) > Math.max(ax, bx)) continue
      const dy = edges[other + 4]!
      const slopeB = (dx - cx) / (dy - cy)
      if (slopeA === slopeB) continue
      const y = (cx - slopeB * cy - ax + slopeA * ay) / (slopeA - slopeB)
      if (y > cy && y < Math.min(by, dy)) add(y)
    }
  }
  levels.sort((a, b) => a - b)
  return levels.filter((y, index) => index === 0 || y - levels[index - 1]! > EPSILON_CM)
}

function addRow(cells: Trapezoid[], edges: Float64Array, active: readonly number[], y0: number, y1: number, rings: number): void {
  const middle = (y0 + y1) / 2
  const xAt = (edge: number, y: number): number => {
    const at = edge * EDGE_STRIDE
    return edges[at + 1]! + ((edges[at + 3]! - edges[at + 1]!) * (y - edges[at + 2]!)) / (edges[at + 4]! - edges[at + 2]!)
  }
  const sorted = active.map((edge) => ({ edge, x: xAt(edge, middle) })).sort((a, b) => a.x - b.x)
  const isOpen = new Uint8Array(rings)
  let isOnFloor = false
  for (let index = 0; index + 1 < sorted.length; index++) {
    const { edge, x } = sorted[index]!
    const ring = edges[edge * EDGE_STRIDE]!
    if (ring === FLOOR) isOnFloor = !isOnFloor
    else isOpen[ring] = 1 - isOpen[ring]!
    const right = sorted[index + 1]!
    if (!isOnFloor || right.x - x < EPSILON_CM) continue
    cells.push({
      owner: isOpen.lastIndexOf(1),
      y0,
      y1,
      left0: xAt(edge, y0),
      right0: xAt(right.edge, y0),
      left1: xAt(edge, y1),
      right1: xAt(right.edge, y1),
    })
  }
}

export const cellAreaCm2 = ({ y0, y1, left0, right0, left1, right1 }: Trapezoid): number =>
  ((right0 - left0 + right1 - left1) / 2) * (y1 - y0)

/** Integral over a cell of a function of y alone that is at most linear there: exact (Simpson 1743 on a quadratic). */
export function integrateOverY(cell: Trapezoid, ofY: (yCm: number) => number): number {
  const { y0, y1 } = cell
  const wide0 = cell.right0 - cell.left0
  const wide1 = cell.right1 - cell.left1
  const middle = (y0 + y1) / 2
  return ((y1 - y0) / 6) * (wide0 * ofY(y0) + 4 * ((wide0 + wide1) / 2) * ofY(middle) + wide1 * ofY(y1))
}

/** Integral over a cell of any smooth function, by midpoints of pieces no larger than a step. */
export function integrateOverCell(cell: Trapezoid, stepCm: number, of: (xCm: number, yCm: number) => number): number {
  const { y0, y1 } = cell
  const rows = Math.max(1, Math.ceil((y1 - y0) / stepCm))
  const dy = (y1 - y0) / rows
  let sum = 0
  for (let row = 0; row < rows; row++) {
    const share = (row + 0.5) / rows
    const left = cell.left0 + (cell.left1 - cell.left0) * share
    const right = cell.right0 + (cell.right1 - cell.right0) * share
    const columns = Math.max(1, Math.ceil((right - left) / stepCm))
    const dx = (right - left) / columns
    for (let column = 0; column < columns; column++) sum += of(left + (column + 0.5) * dx, y0 + (row + 0.5) * dy) * dx * dy
  }
  return sum
}
