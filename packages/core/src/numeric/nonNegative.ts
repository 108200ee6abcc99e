/** Columns of equal length, one for each unknown. */
type Columns = readonly (readonly number[])[]

const MOST_TURNS = 200
/** Of the slope of columns that are scaled to length one. */
const LEAST_SLOPE = 1e-12
/** A column that turns another by less than this says nothing new. */
const LEAST_TURN = 1e-11

/** The non-negative amounts whose weighted columns come nearest to `right` by least squares: active sets (Lawson & Hanson 1974, ch. 23). */
export function nonNegativeLeastSquares(columns: Columns, right: readonly number[]): number[] {
  const lengths = columns.map((column) => Math.hypot(...column) || 1)
  const scaled = columns.map((column, at) => column.map((value) => value / lengths[at]!))
  let amounts = columns.map(() => 0)
  const free: number[] = []
  const barred = new Set<number>()
  for (let turn = 0; turn < MOST_TURNS; turn++) {
    const left = right.map((wanted, row) => wanted - free.reduce((sum, at) => sum + amounts[at]! * scaled[at]![row]!, 0))
    const slope = scaled.map((column) => product(column, left))
    const next = slope.reduce(
      (best, value, at) => (!free.includes(at) && !barred.has(at) && value > Math.max(LEAST_SLOPE, slope[best] ?? 0) ? at : best),
      -1,
    )
    if (next < 0) break
    free.push(next)
    let found = unbounded(
      free.map((at) => scaled[at]!),
      right,
    )
    if (found === null || found.at(-1)! <= 0) {
      // Nothing that the others do not say, or rounding made it look worth while.
      free.pop()
      barred.add(next)
      continue
    }
    barred.clear()
    while (found.some((amount) => amount <= 0)) {
      const step = Math.min(...found.map((amount, place) => (amount <= 0 ? amounts[free[place]!]! / (amounts[free[place]!]! - amount) : 1)))
      const moved = amounts.map((amount, at) => (free.includes(at) ? amount + step * (found![free.indexOf(at)]! - amount) : 0))
      const kept = free.filter((at, place) => moved[at]! > 1e-15 && !(found![place]! <= 0 && moved[at]! <= 1e-12))
      free.splice(0, free.length, ...kept)
      amounts = moved.map((amount, at) => (free.includes(at) ? amount : 0))
      found = unbounded(
        free.map((at) => scaled[at]!),
        right,
      )
      if (found === null) break
    }
    if (found === null) break
    amounts = amounts.map((_, at) => (free.includes(at) ? found[free.indexOf(at)]! : 0))
  }
  return amounts.map((amount, at) => amount / lengths[at]!)
}

const product = (a: readonly number[], b: readonly number[]): number => a.reduce((sum, value, row) => sum + value * b[row]!, 0)

/** Least squares without bounds, by columns made upright to each other one by one (Gram and Schmidt, modified, done twice); `null` where one column follows from the others. */
function unbounded(columns: Columns, right: readonly number[]): number[] | null {
  const upright: number[][] = []
  const triangle: number[][] = []
  for (const column of columns) {
    const rest = [...column]
    const shares = upright.map(() => 0)
    for (let pass = 0; pass < 2; pass++)
      upright.forEach((axis, at) => {
        const share = product(axis, rest)
        shares[at]! += share
        for (let row = 0; row < rest.length; row++) rest[row]! -= share * axis[row]!
      })
    const length = Math.hypot(...rest)
    if (!(length > LEAST_TURN)) return null
    upright.push(rest.map((value) => value / length))
    triangle.push([...shares, length])
  }
  const wanted = [...right]
  const shares = upright.map((axis) => {
    const share = product(axis, wanted)
    for (let row = 0; row < wanted.length; row++) wanted[row]! -= share * axis[row]!
    return share
  })
  const found = columns.map(() => 0)
  for (let at = columns.length - 1; at >= 0; at--) {
    const later = found.reduce((sum, value, other) => (other > at ? sum + value * triangle[other]![at]! : sum), 0)
    found[at] = (shares[at]! - later) / triangle[at]![at]!
  }
  return found
}
