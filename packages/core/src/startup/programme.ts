import { hasGas } from '../gas/linesOf.js'
import { lightHoursOf } from '../light/lampsOf.js'
import { commonAnswers } from '../plan/answers.js'
import { longestRampMin } from '../plan/fields.js'
import { GROUND } from '../ground/kinds.js'
import type { Lamp, Plan, TimelineEntry } from '../plan/plan.js'
import { quantities, type Dimensions, type NumbersOf, type Quantities } from '../quantity/quantity.js'

interface StepRow {
  readonly lane: 'change' | 'light' | 'gas' | 'feed' | 'animals' | 'work' | 'normal'
  readonly values: Dimensions
}
/** The steps of the first weeks: their lane, and the values that their sentence tells. */
export const PROGRAMME_STEPS = {
  'change-daily': { lane: 'change', values: { share: 'fraction' } },
  'change-every-other': { lane: 'change', values: { share: 'fraction' } },
  'change-twice': { lane: 'change', values: { share: 'fraction' } },
  'change-regular': { lane: 'change', values: { share: 'fraction', every: 'days' } },
  'light-step': { lane: 'light', values: { light: 'hours', power: 'fraction' } },
  'gas-high': { lane: 'gas', values: {} },
  'gas-turn-down': { lane: 'gas', values: {} },
  'gas-with-animals': { lane: 'gas', values: {} },
  'feed-no-nitrogen': { lane: 'feed', values: {} },
  'feed-by-signs': { lane: 'feed', values: {} },
  'feed-quarter': { lane: 'feed', values: {} },
  'feed-half': { lane: 'feed', values: {} },
  'feed-full': { lane: 'feed', values: {} },
  'animals-grazers': { lane: 'animals', values: {} },
  'animals-fish': { lane: 'animals', values: {} },
  'work-melt': { lane: 'work', values: {} },
  'work-tests': { lane: 'work', values: {} },
  'normal-haze': { lane: 'normal', values: {} },
  'normal-melt': { lane: 'normal', values: {} },
  'normal-brown-film': { lane: 'normal', values: {} },
  'normal-green-dust': { lane: 'normal', values: {} },
  'normal-settling': { lane: 'normal', values: {} },
} as const satisfies Readonly<Record<string, StepRow>>
export type ProgrammeCode = keyof typeof PROGRAMME_STEPS
type StepNumbers<Code extends ProgrammeCode> = NumbersOf<(typeof PROGRAMME_STEPS)[Code]['values']>

/** One step of the first weeks. Days of the tank's age; `toDay` exclusive. Codes; the sentences are in contract's catalogue. */
export interface ProgrammeStep {
  readonly lane: StepRow['lane']
  readonly code: ProgrammeCode
  readonly fromDay: number
  readonly toDay: number
  readonly values: Quantities
}
const stepOf = <Code extends ProgrammeCode>(code: Code, fromDay: number, toDay: number, numbers: StepNumbers<Code>): ProgrammeStep => {
  const { lane, values } = PROGRAMME_STEPS[code]
  return { lane, code, fromDay, toDay, values: quantities(values, numbers) }
}

/** The programme of the first weeks covers this long. */
export const PROGRAMME_DAYS = 56
/** Light of a new tank against its target: 6 h at 50–60 % for two weeks, then half an hour a week more. General practice. */
const LIGHT_STEPS = [
  { day: 0, lessH: 2, power: 0.55 },
  { day: 14, lessH: 2, power: 0.7 },
  { day: 21, lessH: 1.5, power: 0.8 },
  { day: 28, lessH: 1, power: 0.9 },
  { day: 35, lessH: 0.5, power: 1 },
  { day: 42, lessH: 0, power: 1 },
] as const
const LEAST_FIRST_H = 5

export interface LightTarget {
  readonly hours: number
  readonly dimFraction: number
}
/** What the light works towards: the most that any setting so far gave. Steps taken on the way do not lower it. */
export function lightTarget(timeline: readonly TimelineEntry[]): LightTarget {
  const plans = timeline.map(({ plan }) => plan)
  return {
    hours: Math.max(0, ...plans.map(lightHoursOf)),
    dimFraction: Math.max(0, ...plans.map(({ lamps }) => Math.max(0, ...lamps.map(dimmedTo)))),
  }
}

const dimmedTo = ({ dimFraction }: Lamp): number => commonAnswers().number('lamps/*/dimFraction', dimFraction)

/** A step of the light: what it is set to, from which day to which. */
export interface LightStep extends LightTarget {
  readonly fromDay: number
  readonly toDay: number
}
export const lightSteps = (target: LightTarget): LightStep[] =>
  LIGHT_STEPS.map(({ day, lessH, power }, index) => ({
    fromDay: day,
    toDay: LIGHT_STEPS[index + 1]?.day ?? PROGRAMME_DAYS,
    hours: Math.min(target.hours, Math.max(LEAST_FIRST_H, target.hours - lessH)),
    dimFraction: target.dimFraction * power,
  }))

/** A plan with a step's hours and power in force; the ramps keep to half of the hours each. */
export function withLightStep(plan: Plan, { hours, dimFraction }: LightTarget): Plan {
  const [window, ...rest] = plan.lightWindows
  return {
    ...plan,
    lamps: plan.lamps.map((lamp) => ({ ...lamp, dimFraction: Math.min(1, dimFraction) })),
    lightWindows: window === undefined ? [] : [{ ...window, hours, rampMin: Math.min(window.rampMin, longestRampMin(hours)) }, ...rest],
  }
}

/** The first eight weeks of a wet start, by ground. A test decides, not the calendar: days are when to look. */
export function wetStartProgramme(plan: Plan, timeline: readonly TimelineEntry[]): ProgrammeStep[] {
  const steps: ProgrammeStep[] = []
  const step = <Code extends ProgrammeCode>(code: Code, fromDay: number, toDay: number, numbers: StepNumbers<Code>): void =>
    void steps.push(stepOf(code, fromDay, toDay, numbers))
  const isActive = [plan, ...plan.zones].some(({ layers }) => layers.some(({ ground }) => GROUND[ground].leaches))
  const { fraction, everyDays, firstWeeksMore } = plan.changes
  if (firstWeeksMore) {
    step('change-daily', 1, 7, { share: fraction })
    step('change-every-other', 7, 14, { share: fraction })
    step('change-twice', 14, 28, { share: fraction })
    step('change-regular', 28, PROGRAMME_DAYS, { share: fraction, every: everyDays })
  } else step('change-regular', 1, PROGRAMME_DAYS, { share: fraction, every: everyDays })
  for (const { fromDay, toDay, hours, dimFraction } of lightSteps(lightTarget(timeline)))
    step('light-step', fromDay, toDay, { light: hours, power: dimFraction })
  if (hasGas(plan)) {
    const firstAnimals = Math.min(plan.animals.grazersFromDay, plan.animals.fishFromDay)
    step('gas-high', 0, Math.max(1, firstAnimals - 7), {})
    step('gas-turn-down', Math.max(1, firstAnimals - 7), Math.max(2, firstAnimals), {})
    step('gas-with-animals', Math.max(2, firstAnimals), PROGRAMME_DAYS, {})
  }
  if (plan.feeding !== 'none') {
    if (isActive) {
      step('feed-no-nitrogen', 0, 14, {})
      step('feed-by-signs', 14, 28, {})
    } else {
      step('feed-quarter', 0, 7, {})
      step('feed-half', 7, 28, {})
    }
    step('feed-full', 28, PROGRAMME_DAYS, {})
  }
  if (plan.animals.grazers !== 0) step('animals-grazers', plan.animals.grazersFromDay, plan.animals.grazersFromDay + 7, {})
  if (plan.animals.foodGPerDay !== 0) step('animals-fish', plan.animals.fishFromDay, plan.animals.fishFromDay + 7, {})
  step('work-melt', 3, 21, {})
  step('work-tests', 3, 42, {})
  step('normal-haze', 0, 7, {})
  step('normal-melt', 5, 21, {})
  step('normal-brown-film', 14, 28, {})
  step('normal-green-dust', 21, 42, {})
  step('normal-settling', 28, PROGRAMME_DAYS, {})
  return steps
    .filter(({ fromDay, toDay }) => fromDay < PROGRAMME_DAYS && toDay > fromDay)
    .map((entry) => ({ ...entry, toDay: Math.min(entry.toDay, PROGRAMME_DAYS) }))
}

/** Steps in force on a day. */
export const stepsOn = (steps: readonly ProgrammeStep[], day: number): ProgrammeStep[] =>
  steps.filter(({ fromDay, toDay }) => day >= fromDay && day < toDay)
