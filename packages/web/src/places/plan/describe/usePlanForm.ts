import { PLAN_PARTS, PlanSchema } from '@jovrin/contract'
import { holdsTogether, valueAt, withValue, type Plan } from '@jovrin/core'
import { useCallback, useMemo, useRef, useState } from 'react'

/** Texts that are no values yet, by the pointer of the field that they were typed into. */
export type FieldTexts = Readonly<Record<string, string>>

export interface PlanForm {
  readonly draft: Plan
  /** What was typed and does not parse; beside it the draft keeps the field's last value. */
  readonly texts: FieldTexts
  /** The newest draft that the contract accepts; what is drawn and reckoned. Parts that did not change are the same objects as before. */
  readonly valid: Plan
  /** The draft is accepted, and nothing typed is still to be mended. */
  readonly isValid: boolean
  readonly set: <K extends keyof Plan>(key: K, value: Plan[K]) => void
  /** One answer by its pointer (`/lamps/l1/watts`). */
  readonly answer: (pointer: string, value: unknown) => void
  /** A field holds a text that is no value; `null` when it does no longer. */
  readonly write: (pointer: string, text: string | null) => void
  readonly replace: (plan: Plan) => void
  /** The draft of this very moment, for handlers that run before the next paint. */
  readonly now: () => Plan
  /** Whether it may be kept as it is at this very moment. */
  readonly isKeepable: () => boolean
}

interface Checked {
  readonly draft: Plan
  readonly texts: FieldTexts
  readonly valid: Plan
  /** The draft without its texts is one that the contract accepts. */
  readonly isAccepted: boolean
}

const keysOf = (plan: Plan) => Object.keys(plan) as (keyof Plan)[]

/** Parts that changed are checked by their own schemas, so that dragging one of many outlines costs the check of its own list; then the rules between parts. */
function check(draft: Plan, last: Checked): Checked {
  const texts = stillThere(last.texts, draft)
  const changed = keysOf(draft).filter((key) => draft[key] !== last.draft[key])
  if (changed.length === 0) return texts === last.texts ? last : { ...last, texts }
  if (!last.isAccepted) {
    const parsed = PlanSchema.safeParse(draft)
    return parsed.success ? { draft, texts, valid: parsed.data, isAccepted: true } : { draft, texts, valid: last.valid, isAccepted: false }
  }
  const parts: Partial<Record<keyof Plan, unknown>> = {}
  for (const key of changed) {
    const part = checkPart(key, draft, last)
    if (part === null) return { draft, texts, valid: last.valid, isAccepted: false }
    parts[key] = part.value
  }
  const valid = { ...last.valid, ...(parts as Partial<Plan>) } // each part was parsed by its own schema
  return holdsTogether(valid) ? { draft, texts, valid, isAccepted: true } : { draft, texts, valid: last.valid, isAccepted: false }
}

/** Texts of items that were taken away are gone with them. */
function stillThere(texts: FieldTexts, draft: Plan): FieldTexts {
  const kept = Object.entries(texts).filter(([pointer]) => valueAt(draft, pointer.slice(0, pointer.lastIndexOf('/'))) !== undefined)
  return kept.length === Object.keys(texts).length ? texts : Object.fromEntries(kept)
}

/** One part by its own schema. Of a list in which the same entries stand in the same order, only those that changed. */
function checkPart(key: keyof Plan, draft: Plan, last: Checked): { readonly value: unknown } | null {
  const [list, before, valid] = [draft[key], last.draft[key], last.valid[key]] as unknown[]
  if (
    Array.isArray(list) &&
    Array.isArray(before) &&
    Array.isArray(valid) &&
    list.length === before.length &&
    list.every((item, index) => idOf(item) !== null && idOf(item) === idOf(before[index]))
  ) {
    const changed = list.flatMap((item, index) => (item === before[index] ? [] : [index]))
    const parsed = PLAN_PARTS[key].safeParse(changed.map((index) => list[index] as unknown))
    if (!parsed.success) return null
    const fresh = parsed.data as unknown[] // the schema of a list
    return { value: list.map((_, index) => (changed.includes(index) ? fresh[changed.indexOf(index)] : (valid[index] as unknown))) }
  }
  const parsed = PLAN_PARTS[key].safeParse(list)
  return parsed.success ? { value: parsed.data } : null
}
const idOf = (item: unknown): string | null => (typeof item === 'object' && item !== null && 'id' in item ? String(item.id) : null)

/** A plan under the pen: the plan, and the texts that are no values yet. The schema is the contract's; a wrong text stays in its field and only blocks keeping. */
export function usePlanForm(initial: Plan, typed: FieldTexts = {}): PlanForm {
  const [checked, setChecked] = useState<Checked>(() => ({
    draft: initial,
    texts: typed,
    valid: initial,
    isAccepted: PlanSchema.safeParse(initial).success,
  }))
  const newest = useRef(checked)
  const become = useCallback((next: Checked) => {
    newest.current = next
    setChecked(next)
  }, [])
  const put = useCallback((draft: Plan) => become(check(draft, newest.current)), [become])
  const set = useCallback<PlanForm['set']>((key, value) => put({ ...newest.current.draft, [key]: value }), [put])
  const answer = useCallback<PlanForm['answer']>((pointer, value) => put(withValue(newest.current.draft, pointer, value)), [put])
  const write = useCallback<PlanForm['write']>(
    (pointer, text) => {
      const { [pointer]: _before, ...others } = newest.current.texts
      become({ ...newest.current, texts: text === null ? others : { ...others, [pointer]: text } })
    },
    [become],
  )
  const replace = useCallback((plan: Plan) => become(check(plan, { ...newest.current, texts: {} })), [become])
  const now = useCallback(() => newest.current.draft, [])
  const isKeepable = useCallback(() => newest.current.isAccepted && Object.keys(newest.current.texts).length === 0, [])
  return useMemo(() => {
    const { draft, texts, valid, isAccepted } = checked
    const isValid = isAccepted && Object.keys(texts).length === 0
    return { draft, texts, valid, isValid, set, answer, write, replace, now, isKeepable }
  }, [answer, checked, isKeepable, now, replace, set, write])
}
