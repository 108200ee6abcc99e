import { lightHoursOf } from '../light/lampsOf.js'
import { commonAnswers } from '../plan/answers.js'
import { longestRampMin } from '../plan/fields.js'
import type { Lamp, LightStart, Plan, TimelineEntry } from '../plan/plan.js'
import { PROGRAMME_DAYS } from './programmeDays.js'

interface StartRow {
  readonly day: number
  readonly mostH: number
  /** Of its target's. */
  readonly power: number
}
/** Light of a new tank: at most so many hours, and so much of its target's power. Three schools, all general practice: 6 h at 50–60 % for two to three weeks, then half an hour a week more to 8 h; full hours at two thirds from the first day over dense plants, which outgrow the algae; or next to no light for weeks, while roots and filter settle. */
const LIGHT_STEPS: Readonly<Record<LightStart, readonly StartRow[]>> = {
  ramp: [
    { day: 0, mostH: 6, power: 0.55 },
    { day: 14, mostH: 6, power: 0.7 },
    { day: 21, mostH: 6.5, power: 0.8 },
    { day: 28, mostH: 7, power: 0.9 },
    { day: 35, mostH: 7.5, power: 1 },
    { day: 42, mostH: 8, power: 1 },
    { day: 49, mostH: 9, power: 1 },
  ],
  moderate: [
    { day: 0, mostH: 8, power: 0.7 },
    { day: 28, mostH: 8, power: 0.85 },
    { day: 42, mostH: 9, power: 1 },
  ],
  'very-dim': [
    { day: 0, mostH: 6, power: 0.25 },
    { day: 14, mostH: 6, power: 0.35 },
    { day: 21, mostH: 6.5, power: 0.5 },
    { day: 28, mostH: 7, power: 0.65 },
    { day: 35, mostH: 7.5, power: 0.8 },
    { day: 42, mostH: 8, power: 0.9 },
    { day: 49, mostH: 9, power: 1 },
  ],
}

export interface LightSetting {
  /** Of all windows together. */
  readonly hours: number
  /** Of the brightest lamp. */
  readonly dimFraction: number
}
export const lightSettingOf = (plan: Plan): LightSetting => ({
  hours: lightHoursOf(plan),
  dimFraction: Math.max(0, ...plan.lamps.map(dimmedTo)),
})
const dimmedTo = ({ dimFraction }: Lamp): number => commonAnswers().number('lamps/*/dimFraction', dimFraction)

/** The light of each setting, by date. */
export interface DatedLight extends LightSetting {
  readonly fromDay: number
}
export const lightsOf = (timeline: readonly TimelineEntry[]): DatedLight[] =>
  timeline.map(({ fromDay, plan }) => ({ fromDay, ...lightSettingOf(plan) }))

/** What the light works towards: the most that any setting gives. Steps taken on the way do not lower it. */
export function lightTarget(settings: readonly LightSetting[]): LightSetting {
  return {
    hours: Math.max(0, ...settings.map(({ hours }) => hours)),
    dimFraction: Math.max(0, ...settings.map(({ dimFraction }) => dimFraction)),
  }
}

/** A step of the light: what it is set to, from which day to which. */
export interface LightStep extends LightSetting {
  readonly fromDay: number
  readonly toDay: number
}
/** Steps that change nothing are left out: a short target is reached early. */
export function lightStepsTo(target: LightSetting, start: LightStart = 'ramp'): LightStep[] {
  const steps = LIGHT_STEPS[start]
    .map(({ day, mostH, power }) => ({
      fromDay: day,
      hours: Math.min(target.hours, mostH),
      dimFraction: target.dimFraction * power,
    }))
    .filter((step, place, all) => place === 0 || !isSameLight(step, all[place - 1]!))
  return steps.map((step, place) => ({ ...step, toDay: steps[place + 1]?.fromDay ?? PROGRAMME_DAYS }))
}

/** A step that the grower left out (`null`) or put off to another day; days of the tank's age. */
export interface StepPutOff {
  readonly day: number
  readonly toDay: number | null
}
/** The steps as they are taken. The first is what a tank begins with; one put off beyond the next is overtaken by it. */
export function stepsTaken(steps: readonly LightStep[], putOff: readonly StepPutOff[]): LightStep[] {
  const taken: LightStep[] = []
  for (const step of [...steps].reverse()) {
    const told = step.fromDay === 0 ? undefined : putOff.find(({ day }) => day === step.fromDay)
    const fromDay = told === undefined ? step.fromDay : told.toDay
    const next = taken[0]?.fromDay ?? Infinity
    if (fromDay !== null && fromDay < next) taken.unshift({ ...step, fromDay })
  }
  return taken
}

const ALIKE: LightSetting = { hours: 0.01, dimFraction: 0.011 }
/** Hours and power go their own ways: one may be cut while the other follows. */
export type LightPart = keyof LightSetting
export const isSameLight = (a: LightSetting, b: LightSetting): boolean =>
  Math.abs(a.hours - b.hours) < ALIKE.hours && Math.abs(a.dimFraction - b.dimFraction) < ALIKE.dimFraction

/** A step may be kept some days before its day. */
const EARLY_DAYS = 3

/** How one part of the light was set on a day. */
export interface LightPartSet {
  readonly value: number
  /** Decided after the start: the first setting is what the tank works towards, a later one is meant. */
  readonly isMeant: boolean
  /** It goes along with the steps: as much as the day's step or more, or the step of the day on which it was set. Less is a deliberate cut. */
  readonly follows: boolean
}
export function lightPartOn(settings: readonly DatedLight[], steps: readonly LightStep[], day: number, part: LightPart): LightPartSet {
  const isSame = (a: number, b: number): boolean => Math.abs(a - b) < ALIKE[part]
  const inForce = Math.max(
    0,
    settings.findLastIndex(({ fromDay }) => fromDay <= day),
  )
  const value = settings[inForce]![part]
  let lastOther = inForce
  while (lastOther >= 0 && isSame(settings[lastOther]![part], value)) lastOther--
  const setOn = settings[lastOther + 1]!.fromDay
  const stepOn = (when: number): number | undefined => steps.findLast(({ fromDay }) => fromDay <= when)?.[part]
  const asked = stepOn(day) ?? value
  const isTaken = [setOn, setOn + EARLY_DAYS].some((when) => isSame(value, stepOn(when) ?? NaN))
  return { value, isMeant: lastOther >= 0, follows: value > asked - ALIKE[part] || isTaken }
}

/** A plan with other hours and power in force. Lamps keep their ratio, further windows their hours; ramps keep to half of the hours each. */
export function withLight(plan: Plan, { hours, dimFraction }: LightSetting): Plan {
  const [window, ...rest] = plan.lightWindows
  const now = lightSettingOf(plan)
  const factor = now.dimFraction > 0 ? dimFraction / now.dimFraction : null
  // Rounded, so that a setting taken twice is the same setting.
  const dimmed = (lamp: Lamp): number => Math.min(1, Math.round((factor === null ? dimFraction : dimmedTo(lamp) * factor) * 1e6) / 1e6)
  const first = Math.max(0, hours - rest.reduce((sum, other) => sum + other.hours, 0))
  return {
    ...plan,
    lamps: plan.lamps.map((lamp) => ({ ...lamp, dimFraction: dimmed(lamp) })),
    lightWindows:
      window === undefined ? [] : [{ ...window, hours: first, rampMin: Math.min(window.rampMin, longestRampMin(first)) }, ...rest],
  }
}
