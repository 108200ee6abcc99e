import { WET_START } from '../plan/planStart.js'
import { startEndDay } from '../plan/startPhase.js'
import { isChangeDay } from '../ecosystem/changeDays.js'
import { isSaltId, type Act, type Deeds, type Omission } from '../ecosystem/deeds.js'
import { nutrientsBy, type NutrientAmounts } from '../feed/nutrients.js'
import { contentOf } from '../feed/products.js'
import { daysBetween, wallClock } from '../plan/clock.js'
import type { JobRecord, JournalEvent } from '../plan/journal.js'
import type { Plan, TimelineEntry } from '../plan/plan.js'
import { planAt } from '../plan/timelineAt.js'
import { PlantLog } from './plantLog.js'

/** Scheduled care that a rule of the calendar stands for. */
const CARE_OF_RULE: Readonly<Record<string, Omission['what']>> = { change: 'change', trim: 'trim', dose: 'dose' }
/** A trim within so many days of the weekly one takes its place. */
const TRIM_REACH_DAYS = 3
const UNSTARTED = { start: WET_START }

interface Happenings {
  readonly timeline: readonly TimelineEntry[]
  readonly startedOn: string
  readonly timeZone: string
  readonly events: readonly JournalEvent[]
  readonly jobs: readonly JobRecord[]
}

/** What the journal adds to the plan and takes from it. Scheduled care is assumed done; a logged change stands for that day's scheduled one, a logged trim for the nearest weekly one; skipped jobs are left out, moved ones take place on their new day. */
export function deedsOf({ timeline, startedOn, timeZone, events, jobs }: Happenings): Deeds {
  const acts: Act[] = []
  const omitted: Omission[] = []
  const plants = new PlantLog(timeline.at(-1)?.plan)
  for (const event of [...events].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0))) {
    const { date, minute } = wallClock(event.at, timeZone)
    const day = daysBetween(startedOn, date)
    if (day < 0) continue
    const when = { day, minute }
    if (event.kind === 'change') {
      acts.push({ kind: 'change', ...when, fraction: event.fraction, hasWiped: event.hasWiped })
      const plan = planAt(timeline, day)
      if (plan && isChangeDay(plan, day)) omitted.push({ what: 'change', day })
    } else if (event.kind === 'dose' && event.salt !== null && event.grams !== null && isSaltId(event.salt))
      acts.push({ kind: 'dose', ...when, salt: event.salt, grams: event.grams })
    else if (event.kind === 'dose' && event.salt === null && event.bottle !== null && event.millilitres !== null) {
      const nutrientsMg = pouredMg(planAt(timeline, day), event.bottle, event.millilitres)
      if (nutrientsMg !== null) acts.push({ kind: 'pour', ...when, nutrientsMg })
    } else if (event.kind === 'trim') {
      acts.push({ kind: 'trim', ...when, wetG: event.wetG, kinds: event.kinds })
      const start = startEndDay(timeline.at(-1)?.plan ?? UNSTARTED)
      const weekly = start + Math.round((day - start) / 7) * 7
      if (Math.abs(weekly - day) <= TRIM_REACH_DAYS && event.kinds.length === 0) omitted.push({ what: 'trim', day: weekly })
    } else if (event.kind === 'plants') {
      const act = plants.actOf(event, when)
      if (act !== null) acts.push(act)
    }
  }
  for (const { ruleId, dueOn, state, movedTo } of jobs) {
    const what = CARE_OF_RULE[ruleId]
    const day = daysBetween(startedOn, dueOn)
    if (what === undefined || state === 'done' || day < 0) continue
    omitted.push({ what, day })
    const plan = planAt(timeline, day)
    const newDay = movedTo === null ? -1 : daysBetween(startedOn, movedTo)
    if (state !== 'moved' || plan === undefined || newDay < 0) continue
    if (what === 'change') acts.push({ kind: 'change', day: newDay, minute: 540, fraction: plan.changes.fraction, hasWiped: true })
    if (what === 'trim') acts.push({ kind: 'trim', day: newDay, minute: 540, wetG: null, kinds: [] })
  }
  return { acts: acts.sort((a, b) => a.day - b.day || a.minute - b.minute), omitted: omitted.sort((a, b) => a.day - b.day) }
}

const plain = (name: string): string => name.trim().toLocaleLowerCase('en')
/** What so much of a bottle brought, where the cupboard has one of that name; `null` where nobody knows what it holds. */
function pouredMg(plan: Plan | undefined, bottle: string, millilitres: number): NutrientAmounts | null {
  const product = plan?.feed.cupboard.find(({ name, form }) => form !== 'salt' && plain(name) === plain(bottle))
  const content = product === undefined ? null : contentOf(product)
  return content === null ? null : nutrientsBy((nutrient) => content.nutrientsMg[nutrient] * millilitres)
}
