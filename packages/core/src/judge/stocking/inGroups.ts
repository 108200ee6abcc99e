import { ARRIVAL_APART_DAYS } from '../../livestock/arrivals.js'
import { animalGroups } from '../../plan/planAnimals.js'
import type { Plan } from '../../plan/plan.js'
import { ownEarliestDay } from '../../livestock/earliest.js'
import { usualOrder } from './gate.js'

/** The same animals, those that are still to come in their usual order, a week or more apart, none before its own week nor before tests can allow it. Those that are in stay. */
export function inGroups(plan: Plan, ageDays: number, allowedFromDay: number | null): Plan {
  const waiting = animalGroups(plan)
    .filter(({ group }) => group.fromDay > ageDays)
    .sort((a, b) => usualOrder(a.species, b.species) || a.group.fromDay - b.group.fromDay)
  let next = Math.max(ageDays + 1, allowedFromDay ?? 0)
  const dayOf = new Map<string, number>()
  for (const { group, species } of waiting) {
    const day = Math.max(next, ownEarliestDay(plan, species))
    dayOf.set(group.id, day)
    next = day + ARRIVAL_APART_DAYS
  }
  const groups = plan.animals.groups.map((group) => ({ ...group, fromDay: dayOf.get(group.id) ?? group.fromDay }))
  return { ...plan, animals: { ...plan.animals, groups } }
}
