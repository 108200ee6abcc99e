import type { TankFigures } from '../ecosystem/tankFigures.js'
import { bySeverity, type Finding } from '../plan/finding.js'
import type { Plan } from '../plan/plan.js'
import { checkGas } from './checkGas.js'
import { checkGround } from './checkGround.js'
import { checkHardscape } from './checkHardscape.js'
import { checkIntent } from './checkIntent.js'
import { checkKit } from './checkKit.js'
import { checkPlanting } from './checkPlanting.js'
import { checkStart } from './checkStart.js'
import { checkTank } from './checkTank.js'
import { checkVessel } from './checkVessel.js'

/** What is known of the tank besides its plan. */
export interface CheckedFacts {
  /** As `animalsAllowedFromDay` reckons it; `null` in a tank that is long past its start. */
  readonly animalsAllowedFromDay?: number | null | undefined
  /** Since it was planted; 0 until then. */
  readonly ageDays?: number
}

/** Everything that can be said of a plan, most serious first. Remarks on building rest once plants grow, and what has been measured since speaks for itself. */
export function checkPlan(plan: Plan, figures: TankFigures, { animalsAllowedFromDay, ageDays = 0 }: CheckedFacts = {}): Finding[] {
  const isPlanted = ageDays > 0 && (plan.patches.length > 0 || plan.beds.length > 0)
  return bySeverity([
    ...checkTank(plan, figures),
    ...checkGas(plan, figures),
    ...checkStart(plan, figures, { allowedFromDay: animalsAllowedFromDay, ageDays }),
    ...checkVessel(plan, figures),
    ...checkGround(plan, figures),
    ...checkHardscape(plan, figures),
    ...checkPlanting(plan, figures),
    ...checkKit(plan, figures),
    ...checkIntent(plan, figures),
  ]).filter(({ restsOncePlanted }) => !(isPlanted && restsOncePlanted))
}
