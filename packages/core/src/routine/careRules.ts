import { changeFractionOn } from '../ecosystem/changeDays.js'
import type { NutrientAmounts } from '../feed/nutrients.js'
import { renewalDays } from '../ground/rootTabs.js'
import type { HeldPlants } from '../planting/stock/boxOf.js'
import { animalGroups, isCleaner } from '../plan/planAnimals.js'
import type { GasLine, Plan } from '../plan/plan.js'
import type { StartPhase } from '../plan/startPhase.js'
import type { Dimensions, NumbersOf } from '../quantity/quantity.js'
import type { LightStep } from '../startup/lightSteps.js'
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
  due(day: CareDay): DueWork<Numbers> | null
}
const rule = <const Kind extends string, const Values extends Dimensions>(definition: CareRule<Kind, Values>): CareRule<Kind, Values> =>
  definition

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
    due: ({ plan, lightStep }) =>
      lightStep && plan.lightWindows[0]
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
    due: ({ plan, age, weekDay, minutes }) => (plan.isTrimmed && age >= TRIM_FROM_DAY && weekDay === 0 ? work(minutes.trim) : null),
  }),
  rule({ kind: 'glass', values: {}, due: ({ age, weekDay, minutes }) => (age > 0 && weekDay === 0 ? work(minutes.glass) : null) }),
  rule({ kind: 'filter', values: {}, due: ({ age }) => (age > 0 && age % FILTER_EVERY_DAYS === 0 ? work(30) : null) }),
  rule({
    kind: 'diffuser',
    values: {},
    due: ({ gas, age }) => (gas && age > 0 && age % DIFFUSER_EVERY_DAYS === 0 ? work(12, gas.id) : null),
  }),
  rule({
    kind: 'counter',
    values: {},
    due: ({ gas, age }) => (gas && age > 0 && age % COUNTER_EVERY_DAYS === 0 ? work(5, gas.id) : null),
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
] as const
export type CareKind = (typeof CARE_RULES)[number]['kind']
/** The values of each kind of care. */
export type CareValues = { readonly [Rule in (typeof CARE_RULES)[number] as Rule['kind']]: Rule['values'] }
