import { neededCoolerW, neededHeaterW, usualHeaterW } from '../tank/climateLoad.js'
import type { TankFigures } from '../ecosystem/tankFigures.js'
import { findingsOf, mendWith, raise, type Finding } from '../plan/finding.js'
import type { Plan } from '../plan/plan.js'
import { MENDS } from './mends.js'
import { deadCells, jetReachCm } from '../tank/filterFlow.js'

/** Real volumes an hour below which corners stand still; schools ask for 4 (gentle) to 10. */
const LOW_TURNOVER_PER_H = 3.5
const DEAD_SHARE = 0.35

/** What each outlet gives [L/h]: the flow is shared by the areas of the bores. */
export function outletFlowsLPerH(plan: Plan, figures: TankFigures): number[] {
  const flowLPerH = figures.pumpedLPerH ?? figures.turnoverPerH * figures.waterL
  const bores = plan.outlets.reduce((sum, { boreMm }) => sum + boreMm ** 2, 0)
  return plan.outlets.map(({ boreMm }) => (flowLPerH * boreMm ** 2) / bores)
}
/** Reach of each outlet's jet [cm]. */
export const outletReaches = (plan: Plan, figures: TankFigures): number[] =>
  outletFlowsLPerH(plan, figures).map((flowLPerH, index) => jetReachCm(flowLPerH, plan.outlets[index]?.boreMm ?? NaN))

export const KIT_FINDINGS = findingsOf('kit', {
  'flow-low': { severity: 'note', values: { turnover: 'ratio', least: 'ratio' } },
  'flow-dead-area': { severity: 'note', values: { dead: 'fraction' } },
  'heater-small': { severity: 'warn', values: { planned: 'power', needed: 'power' } },
  'cooler-small': { severity: 'note', values: { planned: 'power', needed: 'power' } },
})

export function checkKit(plan: Plan, figures: TankFigures): Finding[] {
  const found: Finding[] = []
  if (figures.turnoverPerH < LOW_TURNOVER_PER_H)
    found.push(raise(KIT_FINDINGS['flow-low'], { turnover: figures.turnoverPerH, least: LOW_TURNOVER_PER_H }))
  if (plan.outlets.length > 0) {
    const { share: dead } = deadCells(plan.outlets, outletReaches(plan, figures), figures.inner)
    if (dead > DEAD_SHARE) found.push(raise(KIT_FINDINGS['flow-dead-area'], { dead }))
  }
  const { heaterW, coolerW } = plan.climate
  const heat = neededHeaterW(figures)
  if (heaterW !== null && heaterW < heat) {
    const power = usualHeaterW(heat)
    const mend = mendWith(MENDS.heater, { power }, [{ path: '/climate/heaterW', from: heaterW, to: power }])
    found.push(raise(KIT_FINDINGS['heater-small'], { planned: heaterW, needed: heat }, { mend }))
  }
  const needed = neededCoolerW(figures)
  if (needed > 0 && (coolerW ?? 0) < needed) found.push(raise(KIT_FINDINGS['cooler-small'], { planned: coolerW ?? 0, needed }))
  return found
}
