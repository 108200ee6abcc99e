import { valueAt } from '@jovrin/core'
import { createContext, useContext } from 'react'
import type { PlanForm } from './describe/usePlanForm.js'

/** The plan under the pen, and what ends a gesture. */
export interface Pen {
  readonly form: PlanForm
  /** A field was left. `today`: what was changed is a setting from today on, whatever the bar says. */
  readonly commit: (from?: 'today') => void
}
/** The plan that the fields below it write to. */
export const PenContext = createContext<Pen | null>(null)
export function usePen(): Pen {
  const pen = useContext(PenContext)
  if (pen === null) throw new Error('PenContext is missing')
  return pen
}

/** Which of several an answer belongs to. */
export interface Place {
  /** The item of the list, for the first `*` of the path; one that the plan does not hold yet is added with its first answer. */
  readonly item?: { readonly id: string }
  /** Ids or places in lists, for each `*` that `item` does not stand for. */
  readonly of?: readonly string[]
  /** Pointer of the part that the path begins in: ground of a zone is written under that zone. */
  readonly within?: string
}

/** The pointer of an answer in the plan. */
export function pointerOf(path: string, { item, of = [], within = '' }: Place): string {
  const items = [...(item ? [item.id] : []), ...of]
  return `${within}/${path.replaceAll('*', () => items.shift() ?? '')}`
}

/** What is answered now: in the plan, else in the item that is not there yet. */
export function answerAt({ draft }: PlanForm, path: string, place: Place): unknown {
  const stored = valueAt(draft, pointerOf(path, place))
  const key = path.slice(path.lastIndexOf('/') + 1)
  return stored === undefined && place.item ? (place.item as unknown as Readonly<Record<string, unknown>>)[key] : stored // an item of the plan
}

/** Writes one answer; the item of a list that is not there yet comes with it. */
export function give(form: PlanForm, path: string, place: Place, value: unknown): void {
  const pointer = pointerOf(path, place)
  const { item } = place
  const list = `/${path.slice(0, path.indexOf('/*'))}`
  if (item && valueAt(form.now(), `${list}/${item.id}`) === undefined && place.within === undefined)
    form.answer(list, [...((valueAt(form.now(), list) as readonly unknown[] | undefined) ?? []), item]) // a list of the plan
  form.answer(pointer, value)
}
