import type { GroundKind, Plan, TimelineEntry } from '../plan/plan.js'

/** One step of the first weeks. Days of the tank's age; `toDay` exclusive. Codes; the sentences are in contract's catalogue. */
export interface ProgrammeStep {
  readonly lane: 'change' | 'light' | 'gas' | 'feed' | 'animals' | 'work' | 'normal'
  readonly code: string
  readonly fromDay: number
  readonly toDay: number
  readonly values: Readonly<Record<string, number>>
}

/** The programme of the first weeks covers this long. */
export const PROGRAMME_DAYS = 56
/** Ground that leaches nitrogen for weeks starts without nitrogen and phosphorus in the water; others start with a quarter. */
const FEEDS_ITSELF: Readonly<Record<GroundKind, boolean>> = {
  'rich-soil': true,
  'capped-soil': true,
  'lean-soil': false,
  sand: false,
  gravel: false,
  'porous-base': false,
  'carbonate-sand': false,
}

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
    hours: Math.max(0, ...plans.map(hoursOf)),
    dimFraction: Math.max(0, ...plans.map(({ lamps }) => Math.max(0, ...lamps.map(({ dimFraction }) => dimFraction ?? 1)))),
  }
}
const hoursOf = ({ lightWindows }: Plan): number =>
  Math.min(
    24,
    lightWindows.reduce((sum, { hours }) => sum + hours, 0),
  )

export function lightSteps(target: LightTarget): ProgrammeStep[] {
  return LIGHT_STEPS.map(({ day, lessH, power }, index) => ({
    lane: 'light',
    code: 'light-step',
    fromDay: day,
    toDay: LIGHT_STEPS[index + 1]?.day ?? PROGRAMME_DAYS,
    values: { hours: Math.min(target.hours, Math.max(LEAST_FIRST_H, target.hours - lessH)), dimFraction: target.dimFraction * power },
  }))
}

/** A plan with a step's hours and power in force; the ramps keep to half of the hours each. */
export function withLightStep(plan: Plan, { hours, dimFraction }: LightTarget): Plan {
  const [window, ...rest] = plan.lightWindows
  return {
    ...plan,
    lamps: plan.lamps.map((lamp) => ({ ...lamp, dimFraction: Math.min(1, dimFraction) })),
    lightWindows: window === undefined ? [] : [{ ...window, hours, rampMin: Math.min(window.rampMin, hours * 30) }, ...rest],
  }
}

/** The first eight weeks of a wet start, by ground. A test decides, not the calendar: days are when to look. */
export function wetStartProgramme(plan: Plan, timeline: readonly TimelineEntry[]): ProgrammeStep[] {
  const steps: ProgrammeStep[] = []
  const step = (lane: ProgrammeStep['lane'], code: string, fromDay: number, toDay: number, values: ProgrammeStep['values'] = {}): void =>
    void steps.push({ lane, code, fromDay, toDay, values })
  const isActive = [plan, ...plan.zones].some(({ layers }) => layers.some(({ ground }) => FEEDS_ITSELF[ground]))
  const { fraction, everyDays, firstWeeksMore } = plan.changes
  if (firstWeeksMore) {
    step('change', 'change-daily', 1, 7, { fraction })
    step('change', 'change-every-other', 7, 14, { fraction })
    step('change', 'change-twice', 14, 28, { fraction })
    step('change', 'change-regular', 28, PROGRAMME_DAYS, { fraction, everyDays })
  } else step('change', 'change-regular', 1, PROGRAMME_DAYS, { fraction, everyDays })
  steps.push(...lightSteps(lightTarget(timeline)))
  if (plan.gasLines.some(({ control }) => control !== 'none')) {
    const firstAnimals = Math.min(plan.animals.grazersFromDay, plan.animals.fishFromDay)
    step('gas', 'gas-high', 0, Math.max(1, firstAnimals - 7))
    step('gas', 'gas-turn-down', Math.max(1, firstAnimals - 7), Math.max(2, firstAnimals))
    step('gas', 'gas-with-animals', Math.max(2, firstAnimals), PROGRAMME_DAYS)
  }
  if (plan.feeding !== 'none') {
    if (isActive) {
      step('feed', 'feed-no-nitrogen', 0, 14)
      step('feed', 'feed-by-signs', 14, 28)
    } else {
      step('feed', 'feed-quarter', 0, 7)
      step('feed', 'feed-half', 7, 28)
    }
    step('feed', 'feed-full', 28, PROGRAMME_DAYS)
  }
  if (plan.animals.grazers !== 0)
    step('animals', 'animals-grazers', plan.animals.grazersFromDay, plan.animals.grazersFromDay + 7, { count: plan.animals.grazers ?? 0 })
  if (plan.animals.foodGPerDay !== 0) step('animals', 'animals-fish', plan.animals.fishFromDay, plan.animals.fishFromDay + 7)
  step('work', 'work-melt', 3, 21)
  step('work', 'work-tests', 3, 42)
  step('normal', 'normal-haze', 0, 7)
  step('normal', 'normal-melt', 5, 21)
  step('normal', 'normal-brown-film', 14, 28)
  step('normal', 'normal-green-dust', 21, 42)
  step('normal', 'normal-settling', 28, PROGRAMME_DAYS)
  return steps
    .filter(({ fromDay, toDay }) => fromDay < PROGRAMME_DAYS && toDay > fromDay)
    .map((entry) => ({ ...entry, toDay: Math.min(entry.toDay, PROGRAMME_DAYS) }))
}

/** Steps in force on a day. */
export const stepsOn = (steps: readonly ProgrammeStep[], day: number): ProgrammeStep[] =>
  steps.filter(({ fromDay, toDay }) => day >= fromDay && day < toDay)
