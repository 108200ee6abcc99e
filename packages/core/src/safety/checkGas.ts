import type { TankFigures } from '../ecosystem/tankFigures.js'
import { co2AirEquilibriumMgPerL } from '../gas/airEquilibrium.js'
import { leadMinutes, type GasWater } from '../gas/gasDay.js'
import { gradeOf } from '../gas/grade.js'
import { hasGas } from '../gas/linesOf.js'
import { aimedPeakMgPerL, OF_COUNTED, wantsSensitive, WASTED_MG_PER_L } from '../gas/limits.js'
import { plannedCo2 } from '../judge/gas/facts.js'
import { animalsFromDay } from '../livestock/presence.js'
import { findingsOf, mendWith, raise, type Finding, type Mend } from '../plan/finding.js'
import type { Plan } from '../plan/plan.js'
import { MENDS } from './mends.js'

/** Lights-on against the day's peak below which plants start the day short, and what a mend aims at. Rules of thumb. */
const LATE_SHARE = 0.45
const MENDED_SHARE = 0.55

export const GAS_FINDINGS = findingsOf('gas', {
  'gas-overdose': { severity: 'stop', values: { peak: 'concentration', limit: 'concentration' } },
  'gas-much': { severity: 'warn', values: { peak: 'concentration', limit: 'concentration' }, restsOncePlanted: true },
  'gas-wasted': { severity: 'note', values: { peak: 'concentration', limit: 'concentration' }, restsOncePlanted: true },
  'gas-late': { severity: 'note', values: { atLightsOn: 'concentration', peak: 'concentration' }, restsOncePlanted: true },
})

/** Whether the gas that is planned is safe for the animals that are planned, and there when the lights come on. Judged on a day without plants: what a new tank has. */
export function checkGas(plan: Plan, figures: TankFigures): Finding[] {
  if (!hasGas(plan) || plan.lightWindows.length === 0) return []
  const found: Finding[] = []
  const areSensitive = wantsSensitive(plan)
  const limit = aimedPeakMgPerL(areSensitive)
  const { peak } = plannedCo2(figures)
  const grade = gradeOf(peak, animalsFromDay(plan) === null ? 'none' : areSensitive ? 'sensitive' : 'some')
  const numbers = { peak: Math.round(peak.value), limit }
  const mend = loweredGas(plan, figures, limit)
  if (grade === 'dangerous' || grade === 'too-much') found.push(raise(GAS_FINDINGS['gas-overdose'], numbers, { mend }))
  else if (grade === 'much') found.push(raise(GAS_FINDINGS['gas-much'], numbers, { mend }))
  else if (grade === 'wasted') found.push(raise(GAS_FINDINGS['gas-wasted'], { ...numbers, limit: WASTED_MG_PER_L }))
  const { atLightsOn, peak: ofDay } = figures.gasLevels
  const { equilibriumMgPerL } = gasWaterOf(figures)
  if (ofDay > equilibriumMgPerL + 1 && atLightsOn - equilibriumMgPerL < LATE_SHARE * (ofDay - equilibriumMgPerL)) {
    const earlier = earlierGas(plan, figures)
    found.push(
      raise(
        GAS_FINDINGS['gas-late'],
        { atLightsOn: Math.round(atLightsOn), peak: Math.round(ofDay) },
        earlier === null ? {} : { mend: earlier },
      ),
    )
  }
  return found
}

/** What the tank's water makes of its gas. */
export const gasWaterOf = ({ waterL, co2PerH, temperatureC, room }: TankFigures): GasWater => ({
  waterL,
  kPerH: co2PerH,
  equilibriumMgPerL: co2AirEquilibriumMgPerL(temperatureC, room.co2Ppm),
})

/** Levels are linear in the bubbles; a line that is tuned is tuned lower. */
function loweredGas(plan: Plan, figures: TankFigures, limit: number): Mend {
  const air = gasWaterOf(figures).equilibriumMgPerL
  const aimed = figures.gasLines.every(({ tunedToMgPerL }) => tunedToMgPerL !== null) ? limit : Math.floor(limit * OF_COUNTED)
  const factor = (aimed - air) / (figures.gasLevels.peak - air)
  const edits = plan.gasLines.flatMap((line) => {
    if (line.control === 'none') return []
    if (line.bubblesPerS === null) return [{ path: `/gasLines/${line.id}/peakMgPerL`, from: line.peakMgPerL, to: Math.min(aimed, limit) }]
    const lower = Math.floor(line.bubblesPerS * factor * 100) / 100
    return [{ path: `/gasLines/${line.id}/bubblesPerS`, from: line.bubblesPerS, to: lower }]
  })
  return mendWith(MENDS['lower-gas'], { peak: aimed }, edits)
}

function earlierGas(plan: Plan, figures: TankFigures): Mend | null {
  const lines = plan.gasLines.filter(({ control }) => control !== 'none')
  const [line] = lines
  if (line === undefined || lines.length > 1) return null
  const lead = leadMinutes(MENDED_SHARE, line, plan.lightWindows, gasWaterOf(figures))
  if (lead === null) return null
  return mendWith(MENDS['earlier-gas'], { lead }, [{ path: `/gasLines/${line.id}/beforeLightMin`, from: line.beforeLightMin, to: lead }])
}
