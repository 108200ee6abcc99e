import { planInPhase } from '../ecosystem/planInPhase.js'
import type { FeedShare, Plan, TimelineEntry } from '../plan/plan.js'
import { phaseOn, startEndDay } from '../plan/startPhase.js'
import { entryAt } from '../plan/timelineAt.js'
import { feedPhasesOf } from './feedPhases.js'
import {
  isSameLight,
  lightPartOn,
  lightsOf,
  lightSettingOf,
  lightStepsTo,
  lightTarget,
  stepsTaken,
  withLight,
  type LightPart,
  type LightStep,
  type StepPutOff,
} from './lightSteps.js'
import { PROGRAMME_DAYS } from './programmeDays.js'

export interface ProgrammeFacts {
  /** The tank's age. */
  readonly today: number
  /** Day from which tests can allow animals, by the model's common tank; `null` where nobody asked. */
  readonly animalsAllowedFromDay: number | null
  /** Steps of the light that were left out or put off. */
  readonly lightPutOff?: readonly StepPutOff[]
}
export interface ProgrammedLife {
  /** Dated settings with the programme of the first weeks laid over them. */
  readonly timeline: readonly TimelineEntry[]
  /** Steps of the light that the grower is asked to take. */
  readonly lightSteps: readonly LightStep[]
}

/** A tank's life as its calendar tells it: dated settings, held back by the steps of the first weeks. The one timeline of forecast, jobs, calendar and day strip.
 *  A step that was left out or put off holds the light where it was. What was set before today stands as it was set, but for light that nobody had held back; a deliberate cut is never undone; animals that are still to come wait until tests can allow them. */
export function programmed(
  settings: readonly TimelineEntry[],
  { today, animalsAllowedFromDay, lightPutOff = [] }: ProgrammeFacts,
): ProgrammedLife {
  const newest = settings.at(-1)?.plan
  const end = newest === undefined ? 0 : startEndDay(newest)
  // Steps of the light count from the day on which plants and water are together.
  const lights = lightsOf(settings).map((light) => ({ ...light, fromDay: light.fromDay - end }))
  const target = lightTarget(lights)
  const steps = lightStepsTo(target, entryAt(settings, today)?.plan.light.start ?? 'ramp')
  const taken = stepsTaken(
    steps,
    lightPutOff.map(({ day, toDay }) => ({ day: day - end, toDay: toDay === null ? null : toDay - end })),
  )
  const isYoung = today - end < PROGRAMME_DAYS
  const setToday = entryAt(settings, today)

  /** One part of the light on a day since planting; `entry` is what was set for it. */
  const partOn = (age: number, entry: TimelineEntry, part: LightPart): number => {
    const { value, isMeant } = lightPartOn(lights, steps, age, part)
    // What is still to come rises from what is followed today; the last step is reached, though it was never kept by hand.
    const isAhead = isYoung && age > today - end && entry === setToday && lightPartOn(lights, steps, Math.max(0, today - end), part).follows
    const asked = age < PROGRAMME_DAYS ? taken.findLast(({ fromDay }) => fromDay <= age)?.[part] : isAhead ? target[part] : undefined
    if (asked === undefined) return value
    if (isAhead) return isMeant ? Math.max(value, asked) : asked
    return isMeant ? value : Math.min(value, asked)
  }
  const planOn = (day: number, entry: TimelineEntry): Plan => {
    const plan = withAnimalsAllowed(entry.plan, today, animalsAllowedFromDay)
    const phase = phaseOn(plan, day)
    if (phase !== 'planted') return planInPhase(plan, phase)
    const age = day - end
    if (age >= PROGRAMME_DAYS && !(isYoung && day > today && entry === setToday)) return plan
    const light = { hours: partOn(age, entry, 'hours'), dimFraction: partOn(age, entry, 'dimFraction') }
    return isSameLight(light, lightSettingOf(plan)) ? plan : withLight(plan, light)
  }
  /** What a step asks for: of a part that was cut, what it was cut to. */
  const askedOf = (step: LightStep): LightStep | null => {
    const before = Math.max(0, step.fromDay - 1)
    const hours = lightPartOn(lights, steps, before, 'hours')
    const power = lightPartOn(lights, steps, before, 'dimFraction')
    if (!hours.follows && !power.follows) return null
    return {
      fromDay: step.fromDay + end,
      toDay: step.toDay + end,
      hours: hours.follows ? step.hours : hours.value,
      dimFraction: power.follows ? step.dimFraction : power.value,
    }
  }
  const feedOn = (day: number, { plan }: TimelineEntry): FeedShare | undefined =>
    feedPhasesOf(plan).find(({ fromDay, toDay }) => day >= fromDay && day < toDay)?.share

  const days = new Set(settings.map(({ fromDay }) => fromDay))
  for (const { plan } of settings) for (const { fromDay } of feedPhasesOf(plan)) days.add(fromDay)
  days.add(end)
  if ((settings[0]?.fromDay ?? 0) - end < PROGRAMME_DAYS) {
    for (const { fromDay } of [...steps, ...taken]) days.add(fromDay + end)
    days.add(PROGRAMME_DAYS + end)
    if (isYoung) days.add(today + 1)
  }
  const timeline: TimelineEntry[] = []
  for (const day of [...days].sort((a, b) => a - b)) {
    const entry = entryAt(settings, day)
    if (entry === undefined) continue
    const plan = planOn(day, entry)
    const feed = feedOn(day, entry)
    const last = timeline.at(-1)
    if (last !== undefined && last.plan === plan && isSameFeed(last.feed, feed)) continue
    timeline.push({ fromDay: day, plan, ...(feed === undefined || isSameFeed(feed, undefined) ? {} : { feed }) })
  }
  return { timeline, lightSteps: steps.flatMap((step) => askedOf(step) ?? []) }
}

const isSameFeed = (a: FeedShare | undefined, b: FeedShare | undefined): boolean =>
  (a?.nitrogenPhosphorus ?? 1) === (b?.nitrogenPhosphorus ?? 1) && (a?.rest ?? 1) === (b?.rest ?? 1)

/** First animals come so long after plants and water are together, where nobody asked the model. General practice, two to six weeks. */
const USUAL_WAIT_DAYS = 28

/** Those that are there stay; those to come wait. */
function withAnimalsAllowed(plan: Plan, today: number, allowedFromDay: number | null): Plan {
  const end = startEndDay(plan)
  // None lives where plants and water are not together yet: what was planned for before that waits for tests as what is still to come does.
  const later = (planned: number): number =>
    planned <= today && planned >= end
      ? planned
      : Math.max(end, planned, allowedFromDay ?? (planned < end ? end + USUAL_WAIT_DAYS : planned))
  const groups = plan.animals.groups.map((group) => {
    const fromDay = group.count === 0 ? group.fromDay : later(group.fromDay)
    return fromDay === group.fromDay ? group : { ...group, fromDay }
  })
  return groups.every((group, at) => group === plan.animals.groups[at]) ? plan : { ...plan, animals: { ...plan.animals, groups } }
}
