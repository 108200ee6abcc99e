import { neededCoolerW, neededHeaterW, usualHeaterW } from '../budget/climateLoad.js'
import { filterFlowLPerH, type TankFigures } from '../ecosystem/tankFigures.js'
import type { Finding } from '../plan/finding.js'
import type { Plan } from '../plan/plan.js'
import { deadCells, jetReachCm } from '../tank/filterFlow.js'

/** Real volumes an hour below which corners stand still; schools ask for 4 (gentle) to 10. */
const LOW_TURNOVER_PER_H = 3.5
const DEAD_SHARE = 0.35

/** What each outlet gives [L/h]: the flow is shared by the areas of the bores. */
export function outletFlowsLPerH(plan: Plan, figures: TankFigures): number[] {
  const flowLPerH = filterFlowLPerH(plan) ?? figures.turnoverPerH * figures.waterL
  const bores = plan.outlets.reduce((sum, { boreMm }) => sum + boreMm ** 2, 0)
  return plan.outlets.map(({ boreMm }) => (flowLPerH * boreMm ** 2) / bores)
}
/** Reach of each outlet's jet [cm]. */
export const outletReaches = (plan: Plan, figures: TankFigures): number[] =>
  outletFlowsLPerH(plan, figures).map((flowLPerH, index) => jetReachCm(flowLPerH, plan.outlets[index]?.boreMm ?? NaN))

export function checkKit(plan: Plan, figures: TankFigures): Finding[] {
  const found: Finding[] = []
  const add = (code: Finding['code'], severity: Finding['severity'], values: Finding['values'], mend?: Finding['mend']): void =>
    void found.push({ code, severity, sheet: 'kit', values, ...(mend ? { mend } : {}) })
  if (figures.turnoverPerH < LOW_TURNOVER_PER_H) add('flow-low', 'note', { turnover: figures.turnoverPerH, least: LOW_TURNOVER_PER_H })
  if (plan.outlets.length > 0) {
    const { share } = deadCells(plan.outlets, outletReaches(plan, figures), figures.inner)
    if (share > DEAD_SHARE) add('flow-dead-area', 'note', { percent: share * 100 })
  }
  const heaterW = neededHeaterW(plan, figures)
  if (plan.climate.heaterW !== null && plan.climate.heaterW < heaterW) {
    const watts = usualHeaterW(heaterW)
    add(
      'heater-small',
      'warn',
      { watts: plan.climate.heaterW, needW: heaterW },
      { code: 'heater', values: { watts }, edits: [{ path: '/climate/heaterW', from: plan.climate.heaterW, to: watts }] },
    )
  }
  const coolerW = neededCoolerW(plan, figures)
  if (coolerW > 0 && (plan.climate.coolerW ?? 0) < coolerW)
    add('cooler-small', 'note', { watts: plan.climate.coolerW ?? 0, needW: coolerW })
  return found
}
