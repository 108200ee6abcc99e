import { daysBetween } from './clock.js'
import type { Plan } from './plan.js'

export const AWAY_FOODS = ['none', 'visits', 'feeder'] as const
/** Who is away lets the animals fast, has a portion given at each visit, or has a feeder give less. */
export type AwayFood = (typeof AWAY_FOODS)[number]

/** Days on which nobody who knows the tank is there. Civil dates by the tank's clock. */
export interface Absence {
  readonly id: string
  /** The first day away. */
  readonly leaveOn: string
  /** The first day back. */
  readonly backOn: string
  /** Light and feed are less from this day on; `null`: they stay. */
  readonly lowerFrom: string | null
  /** Large trim, change and filter; `null`: none is meant. */
  readonly cleanOn: string | null
  /** Somebody looks in; `null`: nobody does. */
  readonly visitEveryDays: number | null
  readonly food: AwayFood
  /** A pump goes on dosing. */
  readonly isDosed: boolean
  /** Of the store of an automatic top-up; `null`: none. */
  readonly topUpL: number | null
  /** From the full line down to where a skimmer, a heater or an intake stands in the air. */
  readonly mayFallCm: number | null
  /** For who looks in: telephone numbers, where the valve is, which jug. */
  readonly note: string
}
type Left = Pick<Plan, 'absences' | 'startedOn'>

/** Whether no two of them share a day away; one may end on the day on which the next begins. */
export const areApart = (absences: readonly Pick<Absence, 'leaveOn' | 'backOn'>[]): boolean =>
  absences.every((one, at) => absences.every((other, of) => at === of || one.backOn <= other.leaveOn || other.backOn <= one.leaveOn))

export const isSameAbsence = (a: Absence, b: Absence): boolean => (Object.keys(a) as (keyof Absence)[]).every((key) => a[key] === b[key]) // its own keys

export const ABSENCE_STAGES = ['rising', 'lowered', 'still', 'clean', 'back', 'away'] as const
/** Where in an absence a day lies; where two meet, the later in this list goes first. `still`: nothing new any more, from the clean-up on. */
export type AbsenceStage = (typeof ABSENCE_STAGES)[number]
export interface AbsenceDay {
  readonly absence: Absence
  readonly stage: AbsenceStage
  /** Days of the tank's age. */
  readonly leaveDay: number
  readonly backDay: number
  /** How much of the lowering holds: 1 all of it, 0 none. */
  readonly lowered: number
  /** Light is set to another value today. */
  readonly isLightDay: boolean
}

/** Nothing new in the last days: what goes wrong must show while somebody is there. General practice, three days. */
export const STILL_DAYS = 3
/** After the return light comes back in steps over ten days. General practice. */
const RISE: readonly { readonly afterDays: number; readonly lowered: number }[] = [
  { afterDays: 3, lowered: 2 / 3 },
  { afterDays: 7, lowered: 1 / 3 },
  { afterDays: 10, lowered: 0 },
]
/** Days after the return on which light takes a step back up. */
export const RISE_AFTER_DAYS: readonly number[] = RISE.map(({ afterDays }) => afterDays)
export const RISE_DAYS = Math.max(...RISE_AFTER_DAYS)

/** What an absence means for a day of the tank's age; `null` on a day like any other. */
export function absenceOn({ absences, startedOn }: Left, day: number): AbsenceDay | null {
  if (absences.length === 0) return null
  const dayOf = (date: string): number => daysBetween(startedOn, date)
  let found: AbsenceDay | null = null
  for (const absence of absences) {
    const [leaveDay, backDay] = [dayOf(absence.leaveOn), dayOf(absence.backOn)]
    const lowerDay = absence.lowerFrom === null ? null : dayOf(absence.lowerFrom)
    const cleanDay = absence.cleanOn === null ? null : dayOf(absence.cleanOn)
    const stage = stageOn(day, { leaveDay, backDay, lowerDay, cleanDay })
    if (stage === null || (found !== null && ABSENCE_STAGES.indexOf(found.stage) > ABSENCE_STAGES.indexOf(stage))) continue
    const lowered = lowerDay === null || day < lowerDay ? 0 : (RISE.findLast(({ afterDays }) => day >= backDay + afterDays)?.lowered ?? 1)
    const isLightDay = lowerDay !== null && (day === lowerDay || RISE.some(({ afterDays }) => day === backDay + afterDays))
    found = { absence, stage, leaveDay, backDay, lowered, isLightDay }
  }
  return found
}

interface Days {
  readonly leaveDay: number
  readonly backDay: number
  readonly lowerDay: number | null
  readonly cleanDay: number | null
}
function stageOn(day: number, { leaveDay, backDay, lowerDay, cleanDay }: Days): AbsenceStage | null {
  if (day >= leaveDay && day < backDay) return 'away'
  if (day === backDay) return 'back'
  if (day === cleanDay) return 'clean'
  if (day >= leaveDay - STILL_DAYS && day < leaveDay) return 'still'
  if (cleanDay !== null && day > cleanDay && day < leaveDay) return 'still'
  if (lowerDay !== null && day >= lowerDay && day < leaveDay) return 'lowered'
  return lowerDay !== null && day > backDay && day <= backDay + RISE_DAYS ? 'rising' : null
}

/** Days of the tank's age on which something changes by an absence. */
export const absenceDays = ({ absences, startedOn }: Left): number[] =>
  absences.flatMap(({ leaveOn, backOn, lowerFrom }) => {
    const [leaveDay, backDay] = [daysBetween(startedOn, leaveOn), daysBetween(startedOn, backOn)]
    const rises = lowerFrom === null ? [] : [daysBetween(startedOn, lowerFrom), ...RISE.map(({ afterDays }) => backDay + afterDays)]
    return [...rises, leaveDay, backDay].filter((day) => day >= 0)
  })

/** A feeder is set to half: what rots in it while nobody looks is worse than hunger. Rule of thumb. */
export const FEEDER_SHARE = 0.5

/** Of the usual food of a day; a mean where somebody gives a portion now and then. */
export function foodShareOn(plan: Left, day: number): number {
  const found = absenceOn(plan, day)
  if (found?.stage !== 'away') return 1
  const { food, visitEveryDays } = found.absence
  switch (food) {
    case 'none':
      return 0
    case 'visits':
      return visitEveryDays === null ? 0 : 1 / visitEveryDays
    case 'feeder':
      return FEEDER_SHARE
  }
}

/** Whether somebody looks in on a day of an absence. */
export const isVisitDay = ({ absence: { visitEveryDays }, stage, leaveDay }: AbsenceDay, day: number): boolean =>
  stage === 'away' && visitEveryDays !== null && day > leaveDay && (day - leaveDay) % visitEveryDays === 0
