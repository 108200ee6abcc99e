/** What a fit found: the values, and how they vary together. */
export interface Fit {
  readonly values: readonly number[]
  /** Inverse of the curvature; times the variance of one residual it is the covariance of the values. */
  readonly spread: readonly (readonly number[])[]
  readonly sumOfSquares: number
}
interface Task {
  readonly start: readonly number[]
  readonly residuals: (values: readonly number[]) => readonly number[]
  /** For the slopes: small against each value's own range. */
  readonly steps: readonly number[]
}

const TURNS = 60
const DAMPINGS = 12

/** Least squares by damped steps of Gauss and Newton (Marquardt 1963), slopes by differences to both sides. `null` where the residuals say nothing about some value. */
export function leastSquares({ start, residuals, steps }: Task): Fit | null {
  let values = [...start]
  let now = residuals(values)
  let sum = squared(now)
  let damping = 1e-3
  for (let turn = 0; turn < TURNS; turn++) {
    const { curvature, slope } = normalOf(values, now, residuals, steps)
    let isBetter = false
    for (let attempt = 0; attempt < DAMPINGS && !isBetter; attempt++) {
      const damped = curvature.map((row, i) => row.map((value, j) => (i === j ? value * (1 + damping) + 1e-12 : value)))
      const step = solved(damped, slope)
      if (step === null) return null
      const next = values.map((value, i) => value - step[i]!)
      const there = residuals(next)
      const least = squared(there)
      if (least <= sum) {
        const isSettled = sum - least < 1e-10 * (sum + 1e-12)
        values = next
        now = there
        sum = least
        damping = Math.max(1e-9, damping / 10)
        isBetter = true
        if (isSettled) turn = TURNS
      } else damping *= 10
    }
    if (!isBetter) break
  }
  const spread = inverse(normalOf(values, now, residuals, steps).curvature)
  return spread === null ? null : { values, spread, sumOfSquares: sum }
}

const squared = (values: readonly number[]): number => values.reduce((sum, value) => sum + value * value, 0)

function normalOf(values: readonly number[], now: readonly number[], residuals: Task['residuals'], steps: readonly number[]) {
  const slopes = values.map((value, i) => {
    const moved = (by: number): readonly number[] => residuals(values.map((other, j) => (i === j ? value + by : other)))
    const [up, down] = [moved(steps[i]!), moved(-steps[i]!)]
    return up.map((high, row) => (high - down[row]!) / (2 * steps[i]!))
  })
  const product = (a: readonly number[], b: readonly number[]): number => a.reduce((sum, value, row) => sum + value * b[row]!, 0)
  return { curvature: slopes.map((a) => slopes.map((b) => product(a, b))), slope: slopes.map((a) => product(a, now)) }
}

const LEAST_PIVOT = 1e-14
/** Solution of a set of linear equations, by elimination with the largest pivot; `null` where there is none. */
export function solved(matrix: readonly (readonly number[])[], right: readonly number[]): number[] | null {
  const rows = matrix.map((row, i) => [...row, right[i]!])
  const size = rows.length
  for (let column = 0; column < size; column++) {
    let best = column
    for (let row = column + 1; row < size; row++) if (Math.abs(rows[row]![column]!) > Math.abs(rows[best]![column]!)) best = row
    if (!(Math.abs(rows[best]![column]!) > LEAST_PIVOT)) return null
    ;[rows[column], rows[best]] = [rows[best]!, rows[column]!]
    for (let row = 0; row < size; row++) {
      if (row === column) continue
      const factor = rows[row]![column]! / rows[column]![column]!
      for (let at = column; at <= size; at++) rows[row]![at]! -= factor * rows[column]![at]!
    }
  }
  return rows.map((row, i) => row[size]! / row[i]!)
}

function inverse(matrix: readonly (readonly number[])[]): number[][] | null {
  const columns = matrix.map((_, i) =>
    solved(
      matrix,
      matrix.map((__, j) => (i === j ? 1 : 0)),
    ),
  )
  return columns.some((column) => column === null) ? null : matrix.map((_, row) => columns.map((column) => column![row]!))
}
