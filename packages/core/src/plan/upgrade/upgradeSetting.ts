import type { SettingChange } from '../journal.js'
import { UNKNOWN_SOURCE } from '../planWater.js'
import { UNKNOWN_LAMP, UNKNOWN_TAB, UNPLACED } from '../unplanned.js'
import { UNASKED_OF_LINE } from './v2to3.js'
import { firstWeeksOf } from './v7to8.js'
import { patternOf } from './v8to9.js'
import { UNNAMED_GROUPS } from './v9to10.js'

/** Parts, and lists whose items, have more fields today than in an older version. */
const ADDED: Readonly<Record<string, object>> = {
  '/sources': UNKNOWN_SOURCE,
  '/layers': { product: null },
  '/hardscape': UNPLACED,
  '/tabProduct': UNKNOWN_TAB,
  '/lamps': UNKNOWN_LAMP,
  '/gasLines': { ...UNASKED_OF_LINE, dissolvedFraction: null, emptyKg: null, regulator: null, workingBar: null, sharedWith: null },
}

/** Two numbers and their days are groups of animals today. */
const OF_ANIMALS: Readonly<Record<string, string>> = {
  '/animals/grazers': `/animals/groups/${UNNAMED_GROUPS.grazers}/count`,
  '/animals/grazersFromDay': `/animals/groups/${UNNAMED_GROUPS.grazers}/fromDay`,
  '/animals/fishFromDay': `/animals/groups/${UNNAMED_GROUPS.fish}/fromDay`,
}
const whole = (value: unknown): unknown => (typeof value === 'number' ? Math.round(value) : value)

/** A dated change with values in today's form. What is none of these comes back as it is. */
export function upgradeSetting(change: SettingChange): SettingChange {
  if (change.path === '/changes/firstWeeksMore') {
    const today = (value: unknown): unknown => (typeof value === 'boolean' ? firstWeeksOf(value) : value)
    return { ...change, path: '/changes/firstWeeks', from: today(change.from), to: today(change.to) }
  }
  if (change.path === '/changes/firstWeeks') {
    const today = (value: unknown): unknown => (value === 'one-large' ? patternOf(value) : value)
    return { ...change, from: today(change.from), to: today(change.to) }
  }
  if (change.path === '/changes/largeOnDay') return { ...change, path: '/start/endsOnDay' }
  const ofAnimals = OF_ANIMALS[change.path]
  if (ofAnimals !== undefined) return { ...change, path: ofAnimals, from: whole(change.from), to: whole(change.to) }
  if (!Object.hasOwn(ADDED, change.path)) return change
  const added = ADDED[change.path]
  // Of several sources only the first was used.
  const addedAt = (at: number): object | undefined => (change.path === '/sources' && at > 0 ? { ...added, part: 0 } : added)
  const withAdded = (value: unknown, at = 0): unknown =>
    typeof value === 'object' && value !== null ? { ...addedAt(at), ...value } : value
  const today = (value: unknown): unknown => (Array.isArray(value) ? (value as unknown[]).map(withAdded) : withAdded(value))
  return { ...change, from: today(change.from), to: today(change.to) }
}
