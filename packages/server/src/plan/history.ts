import type { Plan } from '@jovrin/core'
import type { StoredRevision } from './plan.repository.js'

/** What of a tank's revisions is in force, and what can be taken back or done again. */
export interface History {
  /** Revisions whose edits stand, oldest first; the first is the original description. */
  readonly standing: readonly StoredRevision[]
  readonly undoable: StoredRevision | null
  readonly redoable: StoredRevision | null
}

/** Replays acts: an undo lifts the newest standing edit, a redo puts it back, a new edit forgets what was lifted. */
export function historyOf(revisions: readonly StoredRevision[]): History {
  const standing: StoredRevision[] = []
  const lifted: StoredRevision[] = []
  for (const revision of revisions) {
    if (revision.act === 'edit') {
      standing.push(revision)
      lifted.length = 0
    } else if (revision.act === 'undo') {
      const top = standing.pop()
      if (top) lifted.push(top)
    } else {
      const top = lifted.pop()
      if (top) standing.push(top)
    }
  }
  return { standing, undoable: standing.length > 1 ? (standing.at(-1) ?? null) : null, redoable: lifted.at(-1) ?? null }
}

/** Plans by the day they hold from. A revision with a day opens a new entry and replaces later ones; one without corrects the newest entry. */
export function timelineOf(standing: readonly StoredRevision[]): { from: string; plan: Plan }[] {
  const entries: { from: string; plan: Plan }[] = []
  for (const { effectiveOn, plan } of standing) {
    const newest = entries.at(-1)
    if (newest === undefined) entries.push({ from: plan.startedOn, plan })
    else if (effectiveOn === null || effectiveOn <= plan.startedOn) entries[entries.length - 1] = { from: newest.from, plan }
    else {
      while (entries.length > 1 && (entries.at(-1)?.from ?? '') >= effectiveOn) entries.pop()
      entries.push({ from: effectiveOn, plan })
    }
  }
  const first = entries[0]
  const newest = entries.at(-1)
  if (first && newest) entries[0] = { from: newest.plan.startedOn, plan: first.plan }
  return entries
}
