/** Share of light left after a vertical path in water: e^(−kz), natural-logarithm coefficient. Bouguer (1729), Beer (1852).
 *  Rule of thumb for k: clear tank water 0.3–0.6 /m, stained 1–3 /m. */
export const transmittance = (kPerM: number, depthM: number): number => Math.exp(-kPerM * depthM)
