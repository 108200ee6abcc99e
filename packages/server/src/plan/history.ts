import type { RevisionAct } from './plan.repository.js'

/** What of a tank's revisions is in force, and what can be taken back or done again. */
export interface History {
  /** Revisions whose edits stand, oldest first; the first is the original description. */
  readonly standing: readonly RevisionAct[]
  readonly undoable: RevisionAct | null
  readonly redoable: RevisionAct | null
  /** The first revision that takes back or repeats what is not there; `null` where the acts make sense. */
  readonly fault: number | null
}

/** Replays acts: an undo lifts the newest standing edit, a redo puts it back, a new edit forgets what was lifted. */
export function historyOf(revisions: readonly RevisionAct[]): History {
  const standing: RevisionAct[] = []
  const lifted: RevisionAct[] = []
  let fault: number | null = null
  for (const revision of revisions) {
    if (revision.act === 'edit') {
      standing.push(revision)
      lifted.length = 0
    } else if (revision.act === 'undo') {
      // The original description is not taken back.
      const top = standing.length > 1 ? standing.pop() : undefined
      if (top) lifted.push(top)
      else fault ??= revision.revision
    } else {
      const top = lifted.pop()
      if (top) standing.push(top)
      else fault ??= revision.revision
    }
  }
  return { standing, undoable: standing.length > 1 ? (standing.at(-1) ?? null) : null, redoable: lifted.at(-1) ?? null, fault }
}
