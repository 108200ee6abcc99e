/** Integral of a smooth function over [a, b] by adaptive Simpson halving (Lyness 1969); relative tolerance. */
export function integrate(f: (x: number) => number, a: number, b: number, relativeTolerance: number): number {
  const fa = f(a)
  const fb = f(b)
  const middle = (a + b) / 2
  const fm = f(middle)
  const whole = ((b - a) / 6) * (fa + 4 * fm + fb)
  // Depth 40 halves a metre below the spacing of doubles; it is never reached by the light integrals.
  return halve(f, a, fa, b, fb, fm, whole, relativeTolerance * Math.max(Math.abs(whole), Number.MIN_VALUE), 40)
}

function halve(
  f: (x: number) => number,
  a: number,
  fa: number,
  b: number,
  fb: number,
  fm: number,
  whole: number,
  tolerance: number,
  depth: number,
): number {
  const m = (a + b) / 2
  const fl = f((a + m) / 2)
  const fr = f((m + b) / 2)
  const left = ((m - a) / 6) * (fa + 4 * fl + fm)
  const right = ((b - m) / 6) * (fm + 4 * fr + fb)
  const error = left + right - whole
  if (depth === 0 || Math.abs(error) <= 15 * tolerance) return left + right + error / 15
  return halve(f, a, fa, m, fm, fl, left, tolerance / 2, depth - 1) + halve(f, m, fm, b, fb, fr, right, tolerance / 2, depth - 1)
}
