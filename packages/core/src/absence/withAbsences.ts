import { absenceDays, absenceOn, type Absence, type AbsenceDay } from '../plan/planAbsence.js'
import type { FeedShare, Plan, TimelineEntry } from '../plan/plan.js'
import { phaseOn, plantedAge } from '../plan/startPhase.js'
import { entryAt } from '../plan/timelineAt.js'
import { isSameLight, lightSettingOf, lightTarget, withLight, type LightSetting } from '../startup/lightSteps.js'
import { programmed, type ProgrammedLife, type ProgrammeFacts } from '../startup/programmed.js'
import { PROGRAMME_DAYS } from '../startup/programmeDays.js'

/** Light of a tank that is left alone: at most so many hours, and so much of the usual power. General practice, 6 h at 70 %. */
export const LEFT_ALONE = { hours: 6, power: 0.7 } as const

/** A tank's life with its start and its absences laid over what was set: the one timeline of forecast, jobs, calendar and day strip. */
export function plannedLife(settings: readonly TimelineEntry[], facts: ProgrammeFacts): ProgrammedLife {
  const life = programmed(settings, facts)
  return { ...life, timeline: withAbsences(life.timeline, settings) }
}

/** Settings with an absence in them, in place of what they knew of it. */
export const settingsWith = (settings: readonly TimelineEntry[], absence: Absence): TimelineEntry[] =>
  settings.map((entry) => {
    const others = entry.plan.absences.filter(({ id }) => id !== absence.id)
    return { ...entry, plan: { ...entry.plan, absences: [...others, absence] } }
  })

/** Less light and feed from the days before leaving until the days after the return. `settings`: what was set, before the start was laid over it. */
function withAbsences(timeline: readonly TimelineEntry[], settings: readonly TimelineEntry[]): readonly TimelineEntry[] {
  const newest = settings.at(-1)?.plan
  if (newest === undefined || newest.absences.length === 0) return timeline
  const days = [...new Set([...timeline.map(({ fromDay }) => fromDay), ...absenceDays(newest)])].sort((a, b) => a - b)
  return days.flatMap((day) => {
    const entry = entryAt(timeline, day)
    const set = entryAt(settings, day)?.plan
    if (entry === undefined || set === undefined) return []
    const found = phaseOn(entry.plan, day) === 'planted' ? absenceOn(newest, day) : null
    return [found === null ? { ...entry, fromDay: day } : lowered({ ...entry, fromDay: day }, found, usualOf(settings, set, day))]
  })
}

/** What light works towards in a young tank, which is on its way there; what is set in a grown one. */
const usualOf = (settings: readonly TimelineEntry[], set: Plan, day: number): LightSetting =>
  plantedAge(set, day) < PROGRAMME_DAYS ? lightTarget(settings.map(({ plan }) => lightSettingOf(plan))) : lightSettingOf(set)

function lowered(entry: TimelineEntry, { stage, absence, lowered: part }: AbsenceDay, usual: LightSetting): TimelineEntry {
  const now = lightSettingOf(entry.plan)
  const towards = (full: number, left: number, step: number): number =>
    full <= left || part === 0 ? full : Math.round((full - part * (full - left)) / step) * step
  const light: LightSetting = {
    hours: towards(now.hours, LEFT_ALONE.hours, TIMER_H),
    dimFraction: towards(now.dimFraction, LEFT_ALONE.power * usual.dimFraction, DIMMER),
  }
  const usualDose = now.hours * now.dimFraction
  // Feed goes down in proportion to the light that plants get.
  const share = stage === 'away' && !absence.isDosed ? 0 : usualDose > 0 ? (light.hours * light.dimFraction) / usualDose : 1
  const plan = isSameLight(now, light) ? entry.plan : withLight(entry.plan, light)
  return share === 1 ? { ...entry, plan } : { ...entry, plan, feed: scaled(entry.feed, share) }
}

/** As timers and dimmers are set. */
const TIMER_H = 0.25
const DIMMER = 0.01

const scaled = (feed: FeedShare | undefined, share: number): FeedShare => ({
  nitrogenPhosphorus: (feed?.nitrogenPhosphorus ?? 1) * share,
  rest: (feed?.rest ?? 1) * share,
})
