import { changeFractionOn } from '../ecosystem/changeDays.js'
import { datePlusDays, daysBetween } from '../plan/clock.js'
import type { Absence, AwayFood } from '../plan/planAbsence.js'
import type { Plan } from '../plan/plan.js'

/** Light comes down two weeks before. General practice. */
const LOWER_DAYS = 14
/** Under so many days away a tank is left as it is. Rule of thumb 4–7. */
export const SHORT_DAYS = 5
/** The large clean-up, days before leaving: late enough to last, early enough to see what it does. General practice, 4–5; a usual change nearby is taken for it. */
const CLEAN = { usual: 5, from: 3, to: 7 } as const
/** Grown fish fast so long without harm. General practice, 7–10. */
export const FAST_DAYS = 7
/** Who looks in does so twice a week. Rule of thumb. */
const VISIT_DAYS = 3

/** What is usual for days away; the grower changes what they like. A day that is past by today moves to today, one that would come too late is left out. */
export function proposedAbsence(
  plan: Plan,
  id: string,
  { leaveOn, backOn, today }: { readonly leaveOn: string; readonly backOn: string; readonly today: string },
): Absence {
  const days = daysBetween(leaveOn, backOn)
  const isShort = days < SHORT_DAYS
  const before = (date: string): string | null => {
    const on = date < today ? today : date
    return isShort || on >= leaveOn ? null : on
  }
  const isLong = days > FAST_DAYS
  const food: AwayFood = isLong ? 'visits' : 'none'
  return {
    id,
    leaveOn,
    backOn,
    lowerFrom: before(datePlusDays(leaveOn, -LOWER_DAYS)),
    cleanOn: before(datePlusDays(leaveOn, -cleanBefore(plan, leaveOn))),
    visitEveryDays: isLong ? VISIT_DAYS : null,
    food,
    isDosed: plan.feed.cupboard.some(({ pumpMlPerMin }) => pumpMlPerMin !== null),
    topUpL: null,
    mayFallCm: null,
    note: '',
  }
}

function cleanBefore(plan: Plan, leaveOn: string): number {
  const leaveDay = daysBetween(plan.startedOn, leaveOn)
  const near = Array.from({ length: CLEAN.to - CLEAN.from + 1 }, (_, at) => CLEAN.from + at)
    .filter((days) => changeFractionOn({ ...plan, absences: [] }, leaveDay - days) > 0)
    .sort((a, b) => Math.abs(a - CLEAN.usual) - Math.abs(b - CLEAN.usual))
  return near[0] ?? CLEAN.usual
}
