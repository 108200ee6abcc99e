/** First-order exchange with the air and a daily injection window. Film model: Lewis & Whitman (1924). */
export interface GasStep {
  readonly kPerH: number
  readonly equilibriumMgPerL: number
  /** Constant source while injecting [mg/(L h)]. */
  readonly sourceMgPerLH: number
}

/** Concentration after `hours` under a constant source: C* + (C0 − C*) e^(−kt) + s (1 − e^(−kt))/k. With k = 0 the source simply adds up. */
export function gasAfter(startMgPerL: number, { kPerH, equilibriumMgPerL, sourceMgPerLH }: GasStep, hours: number): number {
  if (kPerH === 0) return startMgPerL + sourceMgPerLH * hours
  const left = Math.exp(-kPerH * hours)
  return equilibriumMgPerL + (startMgPerL - equilibriumMgPerL) * left + (sourceMgPerLH * (1 - left)) / kPerH
}

/** Highest and lowest concentration once every day is alike, with `onHours` of injection in 24. Needs k > 0. */
export function gasDayLimits(
  { kPerH, equilibriumMgPerL, sourceMgPerLH }: GasStep,
  onHours: number,
): { readonly max: number; readonly min: number } {
  const max = equilibriumMgPerL + ((sourceMgPerLH / kPerH) * (1 - Math.exp(-kPerH * onHours))) / (1 - Math.exp(-kPerH * 24))
  return { max, min: equilibriumMgPerL + (max - equilibriumMgPerL) * Math.exp(-kPerH * (24 - onHours)) }
}
