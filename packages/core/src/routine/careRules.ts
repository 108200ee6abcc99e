import { isChangeDay } from '../ecosystem/changeDays.js'
import { SALT_IDS, type SaltId } from '../feed/salts.js'
import type { SaltDose } from '../feed/schoolDoses.js'
import { SCHOOL } from '../feed/schools.js'
import { stockG, stockMl } from '../feed/stock.js'
import { USUAL_RENEW_DAYS } from '../ground/rootTabs.js'
import type { Dimension } from '../quantity/dimensions.js'
import type { HeldPlants } from '../planting/stock/boxOf.js'
import type { FeedShare, GasLine, Plan } from '../plan/plan.js'
import type { Dimensions, NumbersOf } from '../quantity/quantity.js'
import { fromUnit } from '../quantity/units.js'
import type { LightStep } from '../startup/lightSteps.js'
import type { WorkMinutes } from './minutes.js'

/** What a rule looks at to say whether its work is due on a day of the tank's age. */
export interface CareDay {
  readonly plan: Plan
  readonly day: number
  /** Of the tank's own weeks, 0–6. */
  readonly weekDay: number
  readonly waterL: number
  readonly minutes: WorkMinutes
  readonly salts: readonly SaltDose[]
  /** Of an all-in-one bottle a day; `null` where the school has none. */
  readonly bottleMl: number | null
  /** The line that gives gas, if one does. */
  readonly gas: GasLine | undefined
  /** The step of the light that begins today. */
  readonly lightStep: LightStep | undefined
  /** What of the school's amounts the day gets. */
  readonly feed: FeedShare
  /** Ammonia and nitrite were both at zero twice before this day. */
  readonly isNitrogenClear: boolean
  /** Plants that were kept apart until today. */
  readonly released: readonly HeldPlants[]
}
export interface DueWork<Numbers> {
  readonly minutes: number
  readonly numbers: Numbers
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

/** Nitrogen is tested twice a week until it was at zero twice, by this kit's own lowest step; a tank that never shows it is let be after twelve weeks. */
const NITROGEN_UNTIL_DAY = 84
const TRIM_FROM_DAY = 21
const MELT_UNTIL_DAY = 21
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

const each = <Key extends string, Name extends Dimension>(keys: readonly Key[], dimension: Name): Readonly<Record<Key, Name>> =>
  Object.fromEntries(keys.map((key) => [key, dimension])) as Readonly<Record<Key, Name>> // one entry a key
/** Each salt that the school doses, the others are left out: in grams, and where that cannot be weighed in millilitres of a stock of so many grams. Or the bottle. */
const DOSES = {
  ...each(SALT_IDS, 'salt'),
  ...each(
    SALT_IDS.map((id): `${SaltId}.stock` => `${id}.stock`),
    'dosing',
  ),
  ...each(
    SALT_IDS.map((id): `${SaltId}.in` => `${id}.in`),
    'salt',
  ),
  bottle: 'dosing',
} as const
export type DoseKey = keyof typeof DOSES
const dose: CareRule<'dose', typeof DOSES, Partial<NumbersOf<typeof DOSES>>> = {
  kind: 'dose',
  values: DOSES,
  isTimer: true,
  due: ({ salts, bottleMl }) => {
    // A bottle is dosed as a bottle, never as the salts that it may hold.
    if (bottleMl !== null) return bottleMl === 0 ? null : { minutes: 0, numbers: { bottle: bottleMl } }
    if (salts.length === 0) return null
    const portions = salts.flatMap(({ salt, grams }): [DoseKey, number][] => {
      const inStock = stockMl(salt, grams)
      return inStock === null
        ? [[salt, grams]]
        : [
            [salt, grams],
            [`${salt}.stock`, inStock],
            [`${salt}.in`, stockG(salt)],
          ]
    })
    return { minutes: 0, numbers: Object.fromEntries(portions) }
  },
}

/** The care of a running tank, a rule each, in the order of a day. Minutes are rules of thumb. */
export const CARE_RULES = [
  rule({
    kind: 'change',
    values: { water: 'volume', share: 'fraction' },
    due: ({ plan, day, waterL, minutes }) =>
      isChangeDay(plan, day)
        ? { minutes: minutes.change, numbers: { water: waterL * plan.changes.fraction, share: plan.changes.fraction } }
        : null,
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
    due: ({ gas, day, weekDay }) => (gas && (weekDay === 2 || day < 7) ? work(4, gas.id) : null),
  }),
  dose,
  rule({
    kind: 'dose-to-level',
    ruleId: 'dose-level',
    values: { nitrate: 'nitrate', phosphate: 'phosphate', potassium: 'concentration', magnesium: 'concentration', iron: 'concentration' },
    due: ({ plan, weekDay, feed }) => {
      const { kind, amounts } = SCHOOL[plan.feeding]
      if (kind !== 'level' || weekDay !== 5) return null
      const nitrate = feed.nitrogenPhosphorus * fromUnit('nitrate', amounts.nitrate, 'mg NO3/L')
      const phosphate = feed.nitrogenPhosphorus * fromUnit('phosphate', amounts.phosphate, 'mg PO4/L')
      const rest = { potassium: feed.rest * amounts.potassium, magnesium: feed.rest * amounts.magnesium, iron: feed.rest * amounts.iron }
      return { minutes: 17, numbers: { ...rest, nitrate, phosphate } }
    },
  }),
  rule({
    kind: 'test-nitrogen',
    values: {},
    due: ({ day, weekDay, isNitrogenClear }) =>
      day > 0 && day <= NITROGEN_UNTIL_DAY && !isNitrogenClear && (weekDay === 3 || weekDay === 6) ? work(10) : null,
  }),
  rule({ kind: 'test-water', values: {}, due: ({ day, weekDay }) => (day >= 14 && weekDay === 6 ? work(15) : null) }),
  rule({
    kind: 'trim',
    values: {},
    due: ({ plan, day, weekDay, minutes }) => (plan.isTrimmed && day >= TRIM_FROM_DAY && weekDay === 0 ? work(minutes.trim) : null),
  }),
  rule({ kind: 'glass', values: {}, due: ({ day, weekDay, minutes }) => (day > 0 && weekDay === 0 ? work(minutes.glass) : null) }),
  rule({ kind: 'filter', values: {}, due: ({ day }) => (day > 0 && day % FILTER_EVERY_DAYS === 0 ? work(30) : null) }),
  rule({
    kind: 'diffuser',
    values: {},
    due: ({ gas, day }) => (gas && day > 0 && day % DIFFUSER_EVERY_DAYS === 0 ? work(12, gas.id) : null),
  }),
  rule({
    kind: 'counter',
    values: {},
    due: ({ gas, day }) => (gas && day > 0 && day % COUNTER_EVERY_DAYS === 0 ? work(5, gas.id) : null),
  }),
  rule({
    kind: 'tabs',
    values: { tabs: 'count' },
    // Capsules lie below the ground for good; tabs are spent.
    due: ({ plan: { tabs, tabProduct }, day }) => {
      const count = tabs.filter(({ kind }) => kind === 'tab').length
      const isDue = count > 0 && day > 0 && day % Math.round(tabProduct?.renewDays ?? USUAL_RENEW_DAYS) === 0
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
    due: ({ day, weekDay }) => (day > 2 && day < MELT_UNTIL_DAY && (weekDay === 2 || weekDay === 5) ? work(6) : null),
  }),
  rule({
    kind: 'grazers',
    values: { shrimps: 'count' },
    due: ({ plan: { animals }, day }) =>
      animals.grazers !== 0 && day === animals.grazersFromDay ? { minutes: 30, numbers: { shrimps: animals.grazers ?? 0 } } : null,
  }),
  rule({
    kind: 'fish',
    values: {},
    due: ({ plan: { animals }, day }) => (animals.foodGPerDay !== 0 && day === animals.fishFromDay ? work(30) : null),
  }),
] as const
export type CareKind = (typeof CARE_RULES)[number]['kind']
/** The values of each kind of care. */
export type CareValues = { readonly [Rule in (typeof CARE_RULES)[number] as Rule['kind']]: Rule['values'] }
