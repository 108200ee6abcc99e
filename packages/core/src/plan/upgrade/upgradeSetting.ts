import type { SettingChange } from '../journal.js'
import { UNKNOWN_LAMP, UNKNOWN_SOURCE, UNKNOWN_TAB, UNPLACED } from '../unplanned.js'
import { UNASKED_OF_LINE } from './v2to3.js'

/** Parts, and lists whose items, have more fields today than in an older version. */
const ADDED: Readonly<Record<string, object>> = {
  '/sources': UNKNOWN_SOURCE,
  '/layers': { product: null },
  '/hardscape': UNPLACED,
  '/tabProduct': UNKNOWN_TAB,
  '/lamps': UNKNOWN_LAMP,
  '/gasLines': { ...UNASKED_OF_LINE, dissolvedFraction: null, emptyKg: null, regulator: null, workingBar: null, sharedWith: null },
}

/** A dated change with values in today's form. What is none of these comes back as it is. */
export function upgradeSetting(change: SettingChange): SettingChange {
  if (!Object.hasOwn(ADDED, change.path)) return change
  const added = ADDED[change.path]
  const whole = (value: unknown): unknown => (typeof value === 'object' && value !== null ? { ...added, ...value } : value)
  const today = (value: unknown): unknown => (Array.isArray(value) ? (value as unknown[]).map(whole) : whole(value))
  return { ...change, from: today(change.from), to: today(change.to) }
}
