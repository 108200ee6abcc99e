import { changeFractionOn } from '../ecosystem/changeDays.js'
import { isGlassDay, isTrimDay } from '../ecosystem/handsOnDays.js'
import type { NutrientAmounts } from '../feed/nutrients.js'
import { renewalDays } from '../ground/rootTabs.js'
import type { HeldPlants } from '../planting/stock/boxOf.js'
import { daysBetween } from '../plan/clock.js'
import { isVisitDay, type Absence, type AbsenceDay } from '../plan/planAbsence.js'
import { animalGroups, isCleaner } from '../plan/planAnimals.js'
import type { GasLine, Plan } from '../plan/plan.js'
import type { StartPhase } from '../plan/startPhase.js'
import type { Dimensions, NumbersOf } from '../quantity/quantity.js'
import { lightSettingOf, type LightStep } from '../startup/lightSteps.js'
import type { JobPortion } from './jobPortion.js'
import type { WorkMinutes } from './minutes.js'

/** What a rule looks at to say whether its work is due on a day of the tank's age. */
export interface CareDay {
  readonly plan: Plan
  readonly day: number
  /** Days since plants and water are together; below zero before that. */
  readonly age: number
  readonly phase: StartPhase
  /** Of the weeks since then, 0–6. */
  readonly weekDay: number
  readonly waterL: number
  readonly minutes: WorkMinutes
  /** What is dosed on the day. */
  readonly portions: readonly JobPortion[]
  /** Levels to dose up to, mg/L of the element; `null` where the school does not measure. */
  readonly levels: NutrientAmounts | null
  /** The line that gives gas, if one does. */
  readonly gas: GasLine | undefined
  /** The step of the light that begins today. */
  readonly lightStep: LightStep | undefined
  /** What an absence means for it. */
  readonly absence: AbsenceDay | null
  /** Ammonia and nitrite were both at zero twice before this day. */
  readonly isNitrogenClear: boolean
  /** Plants that were kept apart until today. */
  readonly released: readonly HeldPlants[]
}
export interface DueWork<Numbers> {
  readonly minutes: number
  readonly numbers: Numbers
  readonly portions?: readonly JobPortion[]
  /** Id of the part of the plan, or of the record, that it is about, so that a changed rule orphans no record of what was done. */
  readonly of?: string
}
/** One kind of care: when it is due, how long it takes, and the values that its sentence tells. A record of it keys on `ruleId`, by default its kind. */
export interface CareRule<Kind extends string = string, Values extends Dimensions = Dimensions, Numbers = NumbersOf<Values>> {
  readonly kind: Kind
  readonly values: Values
  readonly ruleId?: string
  /** A timer or a pump does it: assumed done, asked by exception. */
  readonly isTimer?: boolean
  /** Work of an absence: asked for, or done by who looks in, while the grower is away too. */
  readonly isOfAbsence?: boolean
  due(day: CareDay): DueWork<Numbers> | null
}
const rule = <const Kind extends string, const Values extends Dimensions>(definition: CareRule<Kind, Values>): CareRule<Kind, Values> =>
  definition

/** Who leaves in so many days. */
const leavingIn = ({ absences, startedOn }: Plan, day: number, days: number): Absence | undefined =>
  absences.find(({ leaveOn }) => daysBetween(startedOn, leaveOn) - days === day)

/** Animals that come on the day: those that graze or live without backbone, or the others. An unknown number is told as none. */
function arrivalOn({ plan, day }: CareDay, areCleaners: boolean): DueWork<{ readonly animals: number }> | null {
  const come = animalGroups(plan).filter(({ group, species }) => group.fromDay === day && isCleaner(species) === areCleaners)
  if (come.length === 0) return null
  return { minutes: ARRIVAL_MIN, numbers: { animals: come.reduce((sum, { group }) => sum + (group.count ?? 0), 0) } }
}
/** Bag afloat, then drip by drip: the acclimatisation tells its own time. Rule of thumb 45–120. */
const ARRIVAL_MIN = 60

/** Nitrogen is tested twice a week until it was at zero twice, by this kit's own lowest step; a tank that never shows it is let be after twelve weeks. */
const NITROGEN_UNTIL_DAY = 84
const TRIM_FROM_DAY = 21
const MELT_UNTIL_DAY = 21
/** Stocks are looked through a week before leaving, so that what is missing can still come. Rule of thumb. */
const STOCK_DAYS = 7
/** Rules of thumb. */
const AWAY_MIN = { stock: 20, check: 15, visit: 5, back: 20 } as const

/** Whether work of a fixed rhythm is due. What would fall into an absence is done at the clean-up before it, or else on the return; nothing is taken apart in the last days. */
function isRound({ age, day, absence }: CareDay, everyDays: number): boolean {
  const isOn = (later: number): boolean => age + later > 0 && (age + later) % everyDays === 0
  if (absence === null) return isOn(0)
  const { stage, leaveDay, backDay, absence: its } = absence
  const isAny = (from: number, to: number): boolean => Array.from({ length: Math.max(0, to - from) }, (_, at) => from + at - day).some(isOn)
  switch (stage) {
    case 'away':
      return false
    case 'still':
      return its.cleanOn === null && isOn(0)
    case 'clean':
      return isAny(day, backDay)
    case 'back':
      return isOn(0) || (its.cleanOn === null && isAny(leaveDay, backDay))
    case 'lowered':
    case 'rising':
      return isOn(0)
  }
}

/** Spraying until the leaves shine, film off for some minutes, a look at the water line. Rule of thumb 2–6. */
const MIST_MIN = 4
/** Weeks between cleanings; filter 4–8, diffuser 3–6. */
const FILTER_EVERY_DAYS = 35
const DIFFUSER_EVERY_DAYS = 28
/** Water in a counter is gone in one to three months; glycerine or oil lasts. */
const COUNTER_EVERY_DAYS = 56

/** Tweezers ready, then each tab to its place. Rules of thumb. */
const TABS_SETUP_MIN = 3
const TAB_MIN = 0.5
/** Looking plants through for snails and pests, rinsing, then planting each portion. Rules of thumb. */
const RELEASE_SETUP_MIN = 10
const RELEASE_MIN = 0.4

/** Work without values of its own. */
const work = (minutes: number, of?: string): DueWork<Readonly<Record<never, number>>> => ({
  minutes,
  numbers: {},
  ...(of === undefined ? {} : { of }),
})

/** The care of a running tank, a rule each, in the order of a day. Minutes are rules of thumb. */
export const CARE_RULES = [
  rule({ kind: 'mist', values: {}, due: ({ phase }) => (phase === 'dry' ? work(MIST_MIN) : null) }),
  rule({ kind: 'mould', values: {}, due: ({ phase, day }) => (phase === 'dry' && day > 2 && day % 3 === 0 ? work(3) : null) }),
  rule({
    kind: 'change',
    values: { water: 'volume', share: 'fraction' },
    due: ({ plan, day, waterL, minutes }) => {
      const share = changeFractionOn(plan, day)
      return share > 0 ? { minutes: minutes.change, numbers: { water: waterL * share, share } } : null
    },
  }),
  rule({
    kind: 'light-step',
    values: { light: 'hours', power: 'fraction' },
    // While an absence holds the light lower, its own steps tell what to set.
    due: ({ plan, lightStep, absence }) =>
      lightStep && plan.lightWindows[0] && (absence === null || absence.lowered === 0)
        ? { minutes: 2, numbers: { light: lightStep.hours, power: lightStep.dimFraction }, of: plan.lightWindows[0].id }
        : null,
  }),
  rule({
    kind: 'gas-check',
    values: {},
    due: ({ gas, age, weekDay }) => (gas && (weekDay === 2 || age < 7) ? work(4, gas.id) : null),
  }),
  rule({
    kind: 'dose',
    values: {},
    isTimer: true,
    due: ({ portions }) => (portions.length === 0 ? null : { minutes: 0, numbers: {}, portions }),
  }),
  rule({
    kind: 'dose-to-level',
    ruleId: 'dose-level',
    values: { nitrate: 'nitrate', phosphate: 'phosphate', potassium: 'concentration', magnesium: 'concentration', iron: 'concentration' },
    due: ({ plan, levels, weekDay }) => {
      if (levels === null || (plan.feed.macroDays.length === 0 && weekDay !== 5)) return null
      const { nitrateN, phosphateP, potassium, magnesium, iron } = levels
      return { minutes: 17, numbers: { nitrate: nitrateN, phosphate: phosphateP, potassium, magnesium, iron } }
    },
  }),
  rule({
    kind: 'test-nitrogen',
    values: {},
    due: ({ day, age, phase, weekDay, isNitrogenClear }) =>
      day > 0 && phase !== 'dry' && age <= NITROGEN_UNTIL_DAY && !isNitrogenClear && (weekDay === 3 || weekDay === 6) ? work(10) : null,
  }),
  rule({ kind: 'test-water', values: {}, due: ({ age, weekDay }) => (age >= 14 && weekDay === 6 ? work(15) : null) }),
  rule({
    kind: 'trim',
    values: {},
    due: ({ plan, day, age, minutes }) => (plan.isTrimmed && age >= TRIM_FROM_DAY && isTrimDay(plan, day) ? work(minutes.trim) : null),
  }),
  rule({ kind: 'glass', values: {}, due: ({ plan, day, minutes }) => (isGlassDay(plan, day) ? work(minutes.glass) : null) }),
  rule({
    kind: 'filter',
    values: {},
    due: (day) => ((day.age > 0 && day.absence?.stage === 'clean') || isRound(day, FILTER_EVERY_DAYS) ? work(30) : null),
  }),
  rule({
    kind: 'diffuser',
    values: {},
    due: (day) => (day.gas && isRound(day, DIFFUSER_EVERY_DAYS) ? work(12, day.gas.id) : null),
  }),
  rule({
    kind: 'counter',
    values: {},
    due: (day) => (day.gas && isRound(day, COUNTER_EVERY_DAYS) ? work(5, day.gas.id) : null),
  }),
  rule({
    kind: 'tabs',
    values: { tabs: 'count' },
    // Capsules lie below the ground for good; tabs are spent.
    due: ({ plan: { tabs, tabProduct }, day }) => {
      const count = tabs.filter(({ kind }) => kind === 'tab').length
      const isDue = count > 0 && day > 0 && day % renewalDays(tabProduct) === 0
      return isDue ? { minutes: TABS_SETUP_MIN + TAB_MIN * count, numbers: { tabs: count } } : null
    },
  }),
  rule({
    kind: 'release',
    values: { portions: 'count' },
    due: ({ released }) => {
      const [first] = released
      if (first === undefined) return null
      const portions = Math.round(released.reduce((sum, held) => sum + held.portions, 0))
      return { minutes: RELEASE_SETUP_MIN + RELEASE_MIN * portions, numbers: { portions }, of: first.id }
    },
  }),
  rule({
    kind: 'weigh-cylinder',
    ruleId: 'weigh',
    values: {},
    // Another tank's cylinder is weighed there.
    due: ({ gas, weekDay }) => (gas?.sharedWith === null && weekDay === 1 ? work(2, gas.id) : null),
  }),
  rule({ kind: 'photo', values: {}, due: ({ weekDay }) => (weekDay === 4 ? work(2) : null) }),
  rule({
    kind: 'melt',
    values: {},
    due: ({ age, weekDay }) => (age > 2 && age < MELT_UNTIL_DAY && (weekDay === 2 || weekDay === 5) ? work(6) : null),
  }),
  rule({
    kind: 'grazers',
    values: { animals: 'count' },
    due: (day) => arrivalOn(day, true),
  }),
  rule({
    kind: 'fish',
    values: { animals: 'count' },
    due: (day) => arrivalOn(day, false),
  }),
  rule({
    kind: 'away-stock',
    values: {},
    isOfAbsence: true,
    due: ({ plan, day }) => {
      const leaving = leavingIn(plan, day, STOCK_DAYS)
      return leaving === undefined ? null : work(AWAY_MIN.stock, leaving.id)
    },
  }),
  rule({
    kind: 'away-light',
    values: { light: 'hours', power: 'fraction' },
    isOfAbsence: true,
    due: ({ plan, absence }) => {
      if (absence === null || !absence.isLightDay || plan.lightWindows.length === 0) return null
      const { hours, dimFraction } = lightSettingOf(plan)
      return { minutes: 2, numbers: { light: hours, power: dimFraction }, of: absence.absence.id }
    },
  }),
  rule({
    kind: 'away-check',
    values: {},
    isOfAbsence: true,
    due: ({ plan, day }) => {
      const leaving = leavingIn(plan, day, 1)
      return leaving === undefined ? null : work(AWAY_MIN.check, leaving.id)
    },
  }),
  rule({
    kind: 'away-visit',
    values: {},
    isOfAbsence: true,
    due: ({ day, absence }) => (absence !== null && isVisitDay(absence, day) ? work(AWAY_MIN.visit, absence.absence.id) : null),
  }),
  rule({
    kind: 'away-back',
    values: {},
    isOfAbsence: true,
    due: ({ absence }) => (absence?.stage === 'back' ? work(AWAY_MIN.back, absence.absence.id) : null),
  }),
] as const
export type CareKind = (typeof CARE_RULES)[number]['kind']
/** The values of each kind of care. */
export type CareValues = { readonly [Rule in (typeof CARE_RULES)[number] as Rule['kind']]: Rule['values'] }
