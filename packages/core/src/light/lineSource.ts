import { integrate } from '../numeric/quadrature.js'

/** PPFD [µmol m⁻² s⁻¹] below one Lambertian point emitter facing down: Φ h²/(π D⁴). Lambert (1760). Lengths in m, no water. */
export function pointPpfd(fluxUmolPerS: number, xM: number, yM: number, heightM: number): number {
  const d2 = xM * xM + yM * yM + heightM * heightM
  return (fluxUmolPerS * heightM * heightM) / (Math.PI * d2 * d2)
}

/** PPFD below a line of Lambertian emitters along x, centred above the origin, uniform flux per length. Closed form of Φ/(πL) ∫ h²/((x−s)²+y²+h²)² ds. Lambert (1760). */
export function linePpfd(fluxUmolPerS: number, lengthM: number, xM: number, yM: number, heightM: number): number {
  const c2 = yM * yM + heightM * heightM
  const span = antiderivative(lengthM / 2 - xM, c2) - antiderivative(-lengthM / 2 - xM, c2)
  return ((fluxUmolPerS * heightM * heightM) / (Math.PI * lengthM)) * span
}

/** ∫ du/(u²+c²)² = u/(2c²(u²+c²)) + atan(u/c)/(2c³). */
function antiderivative(u: number, c2: number): number {
  const c = Math.sqrt(c2)
  return u / (2 * c2 * (u * u + c2)) + Math.atan(u / c) / (2 * c2 * c)
}

/** PPFD below a rectangular Lambertian panel, edges along x and y, centred above the origin: the line's closed form integrated across the width. */
export function panelPpfd(fluxUmolPerS: number, lengthM: number, widthM: number, xM: number, yM: number, heightM: number): number {
  return integrate((v) => linePpfd(fluxUmolPerS / widthM, lengthM, xM, yM - v, heightM), -widthM / 2, widthM / 2, 1e-9)
}
