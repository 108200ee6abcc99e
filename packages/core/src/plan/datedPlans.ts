import { keysOf, placeKeyOf, valueAt, withValue } from './edit.js'
import type { SettingChange } from './journal.js'
import type { Plan } from './plan.js'
import { heldTogether } from './rules.js'

/** One place in a plan that has changed, or holds one that has. */
interface Place {
  /** What stands here on the day that is being made; none where only something below has changed. */
  inForce: { readonly value: unknown } | null
  readonly below: Map<string, Place>
}
interface Segment {
  readonly on: string
  readonly value: unknown
}
interface Field {
  readonly path: string
  readonly first: unknown
  readonly segments: Segment[]
  readonly place: Place
}

/** Plans by the day they hold from, made from the newest plan and the dated changes that led to it (by revision).
 *  A correction without a date changed the newest plan alone, so it holds for the last value of its field; a later change of the same field from an earlier day replaces what came after that day.
 *  The work grows with the number of changes: each day's plan is the one of the day before with that day's changes in it. */
export function datedPlans(newest: Plan, changes: readonly SettingChange[]): { readonly from: string; readonly plan: Plan }[] {
  const fields = fieldsOf(newest, changes)
  const byDay = new Map<string, { field: Field; value: unknown }[]>()
  for (const field of fields) for (const { on, value } of field.segments) byDay.set(on, [...(byDay.get(on) ?? []), { field, value }])
  let plan: Plan = fields.reduce((made, { path, place }) => laid(made, path, place), newest)
  const dated = [{ from: newest.startedOn, plan: heldTogether(plan) }]
  for (const [from, changed] of [...byDay].sort(([a], [b]) => (a < b ? -1 : 1))) {
    for (const { field, value } of changed) field.place.inForce = { value }
    plan = changed.reduce((made, { field: { path, place } }) => laid(made, path, place), plan)
    dated.push({ from, plan: heldTogether(plan) })
  }
  return dated
}

/** Each changed field with its values by day, whole lists before their items. */
function fieldsOf(newest: Plan, changes: readonly SettingChange[]): Field[] {
  const root: Place = { inForce: null, below: new Map() }
  const fields = new Map<string, Field>()
  for (const { path, from, to, effectiveOn } of [...changes].sort(
    (a, b) => a.planRevision - b.planRevision || (a.effectiveOn < b.effectiveOn ? -1 : a.effectiveOn > b.effectiveOn ? 1 : 0),
  )) {
    if (effectiveOn <= newest.startedOn) continue // in force from the first day: no other value was
    const field = fields.get(path) ?? { path, first: from, segments: [], place: placeAt(root, path) }
    while ((field.segments.at(-1)?.on ?? '') >= effectiveOn) field.segments.pop()
    field.segments.push({ on: effectiveOn, value: to })
    fields.set(path, field)
  }
  for (const { path, first, segments, place } of fields.values()) {
    place.inForce = { value: first }
    // The newest plan knows the last value of each field best: it holds corrections too.
    const last = segments.pop()
    const value = valueAt(newest, path)
    if (last) segments.push(value === undefined ? last : { on: last.on, value })
  }
  return [...fields.values()].sort((a, b) => a.path.length - b.path.length)
}

function placeAt(root: Place, path: string): Place {
  let place = root
  for (const key of keysOf(path)) {
    const known = place.below.get(key) ?? { inForce: null, below: new Map<string, Place>() }
    place.below.set(key, known)
    place = known
  }
  return place
}

const laid = (plan: Plan, path: string, place: Place): Plan => withValue(plan, path, withBelow(place.inForce?.value, place))

/** A value with what is in force of its own parts. Walks the value, not the changes: a list has few items, its past may have many. */
function withBelow(value: unknown, { below }: Place): unknown {
  if (below.size === 0 || typeof value !== 'object' || value === null) return value
  const inForce = (key: string, part: unknown): unknown => {
    const place = below.get(key)
    return place === undefined ? part : withBelow(place.inForce === null ? part : place.inForce.value, place)
  }
  if (Array.isArray(value)) return (value as readonly unknown[]).map((item, index) => inForce(placeKeyOf(item, index), item))
  return Object.fromEntries(Object.entries(value).map(([key, part]) => [key, inForce(key, part)]))
}
