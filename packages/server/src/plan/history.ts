import type { RevisionAct } from './plan.repository.js'

/** What of a tank's revisions is in force, and what can be taken back or done again. */
export interface History {
  /** Revisions whose edits stand, oldest first; the first is the original description. */
  readonly standing: readonly RevisionAct[]
  readonly undoable: RevisionAct | null
  readonly redoable: RevisionAct | null
}

/** Replays acts: an undo lifts the newest standing edit, a redo puts it back, a new edit forgets what was lifted. */
export function historyOf(revisions: readonly RevisionAct[]): History {
  const standing: RevisionAct[] = []
  const lifted: RevisionAct[] = []
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
