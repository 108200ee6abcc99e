import { absenceOn } from '../plan/planAbsence.js'
import type { Plan } from '../plan/plan.js'
import { plantedAge } from '../plan/startPhase.js'

type Handled = Pick<Plan, 'start' | 'absences' | 'startedOn'>

/** Whether the glass is wiped on a day of the tank's age: weekly from the day on which plants and water are together; before an absence and on the return instead of in it. */
export function isGlassDay(plan: Handled, day: number): boolean {
  const age = plantedAge(plan, day)
  if (age <= 0) return false
  const stage = absenceOn(plan, day)?.stage
  return stage !== 'away' && (stage === 'clean' || stage === 'back' || age % 7 === 0)
}

/** Whether plants are cut: on the days of the glass, but neither on the return, when animals and water come first, nor in the last days before leaving. */
export function isTrimDay(plan: Handled, day: number): boolean {
  const found = absenceOn(plan, day)
  const isLeft = found !== null && (found.stage === 'back' || (found.stage === 'still' && found.absence.cleanOn !== null))
  return !isLeft && isGlassDay(plan, day)
}
