import type { TankFigures } from '../ecosystem/tankFigures.js'
import { bySeverity, type Finding } from '../plan/finding.js'
import type { Plan } from '../plan/plan.js'
import type { StartDensity } from '../startup/startDensity.js'
import { checkAnimals } from './checkAnimals.js'
import { checkDensity } from './checkDensity.js'
import { checkFeed } from './checkFeed.js'
import { checkGas } from './checkGas.js'
import { checkGround } from './checkGround.js'
import { checkGroups } from './checkGroups.js'
import { checkHardscape } from './checkHardscape.js'
import { checkLight } from './checkLight.js'
import { checkIntent } from './checkIntent.js'
import { checkKit } from './checkKit.js'
import { checkPlanting } from './checkPlanting.js'
import { checkSpots } from './checkSpots.js'
import { checkStart } from './checkStart.js'
import { checkTank, TANK_FINDINGS } from './checkTank.js'
import { checkVessel } from './checkVessel.js'
import { checkWater } from './checkWater.js'

/** What is known of the tank besides its plan. */
export interface CheckedFacts {
  /** As `animalsAllowedFromDay` reckons it; `null` in a tank that is long past its start. */
  readonly animalsAllowedFromDay?: number | null | undefined
  /** Since it was planted; 0 until then. */
  readonly ageDays?: number
  /** As the model found it; `null` where nothing is planned. Told until the tank is planted: then pots of the planting day are past. */
  readonly density?: StartDensity | null | undefined
}

/** Everything that can be said of a plan, most serious first. Remarks on building rest once plants grow, and what has been measured since speaks for itself. */
export function checkPlan(
  plan: Plan,
  figures: TankFigures,
  { animalsAllowedFromDay, ageDays = 0, density = null }: CheckedFacts = {},
): Finding[] {
  const isPlanted = ageDays > 0 && (plan.patches.length > 0 || plan.beds.length > 0)
  // What the model makes of a thin start says more than the share of the floor does.
  const thin = density === null || ageDays > 0 ? [] : checkDensity(plan, figures, density)
  return bySeverity([
    ...checkTank(plan, figures).filter(({ code }) => thin.length === 0 || code !== TANK_FINDINGS['thin-start'].code),
    ...checkLight(plan, figures),
    ...checkGas(plan, figures),
    ...checkFeed(plan, figures, { allowedFromDay: animalsAllowedFromDay, ageDays }),
    ...checkWater(plan),
    ...checkStart(plan, figures, { allowedFromDay: animalsAllowedFromDay, ageDays }),
    ...checkVessel(plan, figures),
    ...checkGround(plan, figures),
    ...checkHardscape(plan, figures),
    ...thin,
    ...checkPlanting(plan, figures),
    ...checkGroups(plan, figures),
    ...checkSpots(plan, figures),
    ...checkAnimals(plan, figures, { allowedFromDay: animalsAllowedFromDay, ageDays }),
    ...checkKit(plan, figures),
    ...checkIntent(plan, figures),
  ]).filter(({ restsOncePlanted }) => !(isPlanted && restsOncePlanted))
}
