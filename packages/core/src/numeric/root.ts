export interface RootOutcome {
  readonly x: number
  readonly outcome: 'converged' | 'not-bracketed' | 'step-limit'
}

/** Root of a continuous function between `low` and `high` by bisection; the two ends must have opposite signs. */
export function bisect(f: (x: number) => number, low: number, high: number, tolerance: number): RootOutcome {
  let a = low
  let b = high
  const fa = f(a)
  if (fa === 0) return { x: a, outcome: 'converged' }
  if (Math.sign(fa) === Math.sign(f(b))) return { x: Math.abs(fa) < Math.abs(f(b)) ? a : b, outcome: 'not-bracketed' }
  for (let step = 0; step < 200; step++) {
    const middle = (a + b) / 2
    if (b - a <= tolerance) return { x: middle, outcome: 'converged' }
    if (Math.sign(f(middle)) === Math.sign(fa)) a = middle
    else b = middle
  }
  return { x: (a + b) / 2, outcome: 'step-limit' }
}
