import { FIRST_DAY_MG_PER_L } from '../../gas/limits.js'
import type { GasDoubt, GasEvidence } from '../gas/evidence.js'

/** Lags make a colour late, and never too high. */
const HARMLESS: readonly GasDoubt[] = ['lags']

/** CO2 at gas-off as the gate takes it [mg/L]: the worst of what was measured and is fresh. What is old, was measured before a change or is doubted, and what only the plan says, can speak against animals and never for them. `null`: nothing known says how much it is. */
export function gasAtGate(evidence: readonly GasEvidence[], plannedPeakMgPerL: number): number | null {
  const atPeak = evidence.filter(({ source, moment }) => source !== 'plan' && (moment === 'peak' || moment === 'some-time'))
  const isFresh = ({ doubts }: GasEvidence): boolean => doubts.every((doubt) => HARMLESS.includes(doubt))
  const fresh = atPeak.filter(isFresh).map(({ co2 }) => co2.value)
  const against = [
    ...atPeak.filter((piece) => !isFresh(piece)).map(({ co2 }) => co2.low),
    ...(fresh.length === 0 ? [plannedPeakMgPerL] : []),
  ].filter((mgPerL) => mgPerL > FIRST_DAY_MG_PER_L)
  const known = [...fresh, ...against]
  return known.length === 0 ? null : Math.ceil(Math.max(...known)) // no measure knows it better than whole mg/L
}
