import type { Regulator } from '../plan/plan.js'

/** Rise of the working pressure over the fall of the cylinder's, in one stage. Rule of thumb 0.5–3 %; two stages multiply. */
const RISE_OF_STAGE = { low: 0.005, value: 0.012, high: 0.03 } as const
/** A cylinder falls from here while gas alone is left [bar], until it is swapped too late. */
const FALL_BAR = 50
/** Above the air's pressure. */
const AIR_BAR = 1.013

/** By how much the gas grows at the end of a cylinder with the needle as it is: flow through a needle goes with the pressure before it (choked flow). */
export function surgeTimes(
  regulator: Regulator,
  workingBar: number,
): { readonly low: number; readonly value: number; readonly high: number } {
  const times = (rise: number): number => {
    const share = regulator === 'dual' ? rise * rise : rise
    return (workingBar + share * FALL_BAR + AIR_BAR) / (workingBar + AIR_BAR)
  }
  return { low: times(RISE_OF_STAGE.low), value: times(RISE_OF_STAGE.value), high: times(RISE_OF_STAGE.high) }
}

/** Peak [mg/L] of a day on which the gas is so many times as much: levels over the air's are linear in it. */
export const surgedPeakMgPerL = (peakMgPerL: number, equilibriumMgPerL: number, times: number): number =>
  equilibriumMgPerL + (peakMgPerL - equilibriumMgPerL) * times
