import { describe, expect, test } from 'vitest'
import { plainPlan } from '../testing/testServer.js'
import { historyOf, timelineOf } from './history.js'
import type { StoredRevision } from './plan.repository.js'

const edit = (revision: number, temperatureC: number, effectiveOn: string | null = null): StoredRevision => ({ revision, createdAt: '', effectiveOn, plan: plainPlan({ temperatureC }), act: 'edit', ofRevision: null })
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

describe('timeline', () => {
  const shown = (revisions: readonly StoredRevision[]): (readonly [string, number | null])[] => timelineOf(revisions).map(({ from, plan }) => [from, plan.temperatureC])
  test('corrections replace, dated changes add', () => expect(shown([edit(1, 20), edit(2, 21), edit(3, 25, '2026-10-01'), edit(4, 26)])).toEqual([['2026-09-01', 21], ['2026-10-01', 26]]))
  test('a date on or before the start is a correction', () => expect(shown([edit(1, 20), edit(2, 21, '2026-09-01'), edit(3, 22, '2020-01-01')])).toEqual([['2026-09-01', 22]]))
  test('the same day twice is the later one; an earlier day replaces what came after', () =>
    expect(shown([edit(1, 20), edit(2, 25, '2026-10-01'), edit(3, 26, '2026-10-01'), edit(4, 27, '2026-09-15')])).toEqual([['2026-09-01', 20], ['2026-09-15', 27]]))
  test('a corrected start day moves the first entry', () => {
    const moved = { ...edit(2, 20), plan: plainPlan({ temperatureC: 20, startedOn: '2026-08-01' }) }
    expect(shown([edit(1, 20), moved])).toEqual([['2026-08-01', 20]])
  })
})
