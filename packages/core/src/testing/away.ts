import type { Absence } from '../plan/planAbsence.js'
import type { Plan } from '../plan/plan.js'

/** Ten days away from 5 December 2026: day 95 of the sample plan; lowered for two weeks, cleaned five days before. */
export const TEN_DAYS: Absence = {
  id: 'w1',
  leaveOn: '2026-12-05',
  backOn: '2026-12-15',
  lowerFrom: '2026-11-21',
  cleanOn: '2026-11-30',
  visitEveryDays: null,
  food: 'none',
  isDosed: false,
  topUpL: null,
  mayFallCm: null,
  note: '',
}
export const away = (plan: Plan, change: Partial<Absence> = {}): Plan => ({ ...plan, absences: [{ ...TEN_DAYS, ...change }] })
