import { describe, expect, test } from 'vitest'
import { historyOf } from './history.js'
import type { RevisionAct } from './plan.repository.js'

const edit = (revision: number): RevisionAct => ({ revision, act: 'edit' })
const step = (revision: number, act: 'undo' | 'redo'): RevisionAct => ({ revision, act })
const numbers = (revisions: readonly RevisionAct[]): number[] => historyOf(revisions).standing.map(({ revision }) => revision)

describe('history', () => {
  test('the first description cannot be undone', () => expect(historyOf([edit(1)])).toMatchObject({ undoable: null, redoable: null }))
  test('undo lifts, redo puts back, in order', () => {
    const acts = [edit(1), edit(2), edit(3), step(4, 'undo'), step(5, 'undo'), step(6, 'redo')]
    expect(numbers(acts)).toEqual([1, 2])
    expect(historyOf(acts).redoable?.revision).toBe(3)
  })
  test('a new edit forgets what was lifted', () => {
    const acts = [edit(1), edit(2), step(3, 'undo'), edit(4)]
    expect(numbers(acts)).toEqual([1, 4])
    expect(historyOf(acts).redoable).toBeNull()
  })
})
