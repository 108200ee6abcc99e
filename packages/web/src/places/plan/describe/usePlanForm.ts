import { PLAN_PARTS, PlanSchema } from '@jovrin/contract'
import type { Plan } from '@jovrin/core'
import { useCallback, useMemo, useRef, useState } from 'react'

export interface PlanForm {
  /** As typed: numbers that are no numbers are NaN. */
  readonly draft: Plan
  /** The newest draft that the contract accepts; what is drawn and reckoned. Parts that did not change are the same objects as before. */
  readonly valid: Plan
  readonly isValid: boolean
  readonly set: <K extends keyof Plan>(key: K, value: Plan[K]) => void
  readonly replace: (plan: Plan) => void
  /** The draft of this very moment, for handlers that run before the next paint. */
  readonly now: () => Plan
}

interface Checked {
  readonly draft: Plan
  readonly valid: Plan
  readonly isValid: boolean
}

/** Parts that no rule of the whole plan looks at: they are checked by themselves, so that dragging one of many outlines costs the check of its own list. */
const ALONE: readonly (keyof Plan)[] = [
  'zones',
  'hardscape',
  'barriers',
  'tabs',
  'layers',
  'outlets',
  'filters',
  'money',
  'intent',
  'stand',
  'room',
  'climate',
  'logistics',
  'tabProduct',
  'sources',
  'patches',
  'lamps',
  'gasLines',
  'muted',
]
const keysOf = (plan: Plan) => Object.keys(plan) as (keyof Plan)[]

function check(draft: Plan, last: Checked): Checked {
  const changed = keysOf(draft).filter((key) => draft[key] !== last.draft[key])
  if (changed.length === 0) return last
  if (last.isValid && changed.every((key) => ALONE.includes(key))) {
    const parts: Partial<Record<keyof Plan, unknown>> = {}
    for (const key of changed) {
      const part = checkPart(key, draft, last)
      if (part === null) return { draft, valid: last.valid, isValid: false }
      parts[key] = part.value
    }
    return { draft, valid: { ...last.valid, ...(parts as Partial<Plan>) }, isValid: true } // each part was parsed by its own schema
  }
  const parsed = PlanSchema.safeParse(draft)
  if (!parsed.success) return { draft, valid: last.valid, isValid: false }
  const same = keysOf(draft).filter((key) => last.isValid && !changed.includes(key))
  return {
    draft,
    valid: { ...parsed.data, ...(Object.fromEntries(same.map((key) => [key, last.valid[key]])) as Partial<Plan>) },
    isValid: true,
  }
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

/** A plan under the pen. The schema is the contract's; text that is no number stays in its field and only blocks keeping. */
export function usePlanForm(initial: Plan): PlanForm {
  const [checked, setChecked] = useState<Checked>(() => ({
    draft: initial,
    valid: initial,
    isValid: PlanSchema.safeParse(initial).success,
  }))
  const newest = useRef(checked)
  const put = useCallback((draft: Plan) => {
    newest.current = check(draft, newest.current)
    setChecked(newest.current)
  }, [])
  const set = useCallback<PlanForm['set']>((key, value) => put({ ...newest.current.draft, [key]: value }), [put])
  const now = useCallback(() => newest.current.draft, [])
  return useMemo(() => ({ ...checked, set, replace: put, now }), [checked, now, put, set])
}
