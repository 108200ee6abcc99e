import { describe, expect, test } from 'vitest'
import { plainPlan } from '../testing/testServer.js'
import { historyOf } from './history.js'
import type { StoredRevision } from './plan.repository.js'

const edit = (revision: number, temperatureC: number, effectiveOn: string | null = null): StoredRevision => ({
  revision,
  createdAt: '',
  effectiveOn,
  plan: plainPlan({ temperatureC }),
  act: 'edit',
  ofRevision: null,
})
const step = (revision: number, act: 'undo' | 'redo'): StoredRevision => ({ ...edit(revision, 0), act, ofRevision: 0 })
const numbers = (revisions: readonly StoredRevision[]): number[] => historyOf(revisions).standing.map(({ revision }) => revision)

describe('history', () => {
  test('the first description cannot be undone', () => expect(historyOf([edit(1, 20)])).toMatchObject({ undoable: null, redoable: null }))
  test('undo lifts, redo puts back, in order', () => {
    const acts = [edit(1, 20), edit(2, 21), edit(3, 22), step(4, 'undo'), step(5, 'undo'), step(6, 'redo')]
    expect(numbers(acts)).toEqual([1, 2])
    expect(historyOf(acts).redoable?.revision).toBe(3)
  })
  test('a new edit forgets what was lifted', () => {
    const acts = [edit(1, 20), edit(2, 21), step(3, 'undo'), edit(4, 25)]
    expect(numbers(acts)).toEqual([1, 4])
    expect(historyOf(acts).redoable).toBeNull()
  })
})
