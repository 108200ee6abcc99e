import { valueAt, withValue } from './edit.js'
import type { SettingChange } from './journal.js'
import type { Plan } from './plan.js'

interface Segment {
  readonly on: string
  readonly value: unknown
}

/** Plans by the day they hold from, made from the newest plan and the dated changes that led to it (by revision).
 *  A correction without a date changed the newest plan alone, so it holds for the last value of its field; a later change of the same field from an earlier day replaces what came after that day. */
export function datedPlans(newest: Plan, changes: readonly SettingChange[]): { readonly from: string; readonly plan: Plan }[] {
  const fields = new Map<string, { readonly first: unknown; segments: Segment[] }>()
  for (const { path, from, to, effectiveOn } of [...changes].sort((a, b) => a.planRevision - b.planRevision)) {
    if (effectiveOn <= newest.startedOn) continue // in force from the first day: no other value was
    const field = fields.get(path) ?? { first: from, segments: [] }
    field.segments = [...field.segments.filter((segment) => segment.on < effectiveOn), { on: effectiveOn, value: to }]
    fields.set(path, field)
  }
  // The newest plan knows the last value of each field best: it holds corrections too.
  for (const [path, field] of fields) {
    const last = field.segments.at(-1)
    const value = valueAt(newest, path)
    if (last && value !== undefined) field.segments = [...field.segments.slice(0, -1), { on: last.on, value }]
  }
  const days = [newest.startedOn, ...new Set([...fields.values()].flatMap(({ segments }) => segments.map(({ on }) => on)))].sort()
  // Whole lists before their items.
  const paths = [...fields].sort(([a], [b]) => a.length - b.length)
  return days.map((day) => ({
    from: day,
    plan: paths.reduce(
      (plan, [path, { first, segments }]) =>
        withValue(plan, path, (segments.filter(({ on }) => on <= day).at(-1) ?? { value: first }).value),
      newest,
    ),
  }))
}
