import { instantMs } from '../../plan/clock.js'
import type { JournalRecord } from '../../plan/journal.js'

/** A glance of the day before yesterday says little about today. */
const LAST_MS = 48 * 3_600_000
const CLOCK_SLACK_MS = 10 * 60_000
/** So many in a day are no single case. */
const MANY_DEAD = 3
const DAY_MS = 24 * 3_600_000

/** Whether animals were seen at the surface, or died in numbers, and nobody has seen them calm since. */
export function areSuffering(records: readonly JournalRecord[], nowMs: number): boolean {
  const recent = records
    .map((record) => ({ record, ageMs: nowMs - instantMs(record.at) }))
    .filter(({ ageMs }) => ageMs >= -CLOCK_SLACK_MS && ageMs <= LAST_MS)
    .sort((a, b) => a.ageMs - b.ageMs)
  let dead = 0
  for (const { record, ageMs } of recent) {
    if (record.kind === 'glance') {
      if (record.animals === 'gasping') return true
      if (record.isAllFine || record.animals === 'lively') return false
    }
    if (record.kind === 'sign' && record.sign === 'gasping') return true
    if (record.kind === 'death' && ageMs <= DAY_MS) dead += record.count
    if (dead >= MANY_DEAD) return true
  }
  return false
}

/** Whether the journal tells of living animals: somebody saw some. */
export const areAnimalsSeen = (records: readonly JournalRecord[], nowMs: number): boolean =>
  records.some(
    (record) =>
      instantMs(record.at) <= nowMs + CLOCK_SLACK_MS &&
      ((record.kind === 'glance' && record.animals !== null && record.animals !== 'dead') ||
        (record.kind === 'sign' && record.sign === 'gasping')),
  )
