import { newPlan } from '../plan/newPlan.js'
import { forecastMember } from './forecast.js'

/** A plain tank; only the time it takes matters. */
const PLAIN = newPlan('warm-up', '2026-01-01', 'UTC')

/** Runs the kernel a few times, so that the engine has compiled it before a person waits for it. */
export function warmUp(members = 4): void {
  for (let member = 1; member <= members; member++)
    forecastMember({ timeline: [{ fromDay: 0, plan: PLAIN }], today: 0, weeks: 8, seed: 1, levers: {} }, member, new Map())
}
