import { zodResolver } from '@hookform/resolvers/zod'
import { PlanSchema } from '@jovrin/contract'
import type { Plan } from '@jovrin/core'
import { useCallback, useMemo, useRef } from 'react'
import { useForm, useWatch, type Resolver } from 'react-hook-form'

export interface PlanForm {
  /** As typed: numbers that are no numbers are NaN. */
  readonly draft: Plan
  /** The newest draft that the contract accepts; what is drawn and reckoned. */
  readonly valid: Plan
  readonly isValid: boolean
  readonly set: <K extends keyof Plan>(key: K, value: Plan[K]) => void
  readonly replace: (plan: Plan) => void
  /** The draft of this very moment, for handlers that run before the next paint. */
  readonly now: () => Plan
}

/** A plan under the pen. The schema is the contract's; text that is no number stays in its field and only blocks keeping. */
export function usePlanForm(initial: Plan): PlanForm {
  const form = useForm<Plan>({ defaultValues: initial as never, resolver: zodResolver(PlanSchema as never) as unknown as Resolver<Plan>, mode: 'onChange' }) // the schema's own type is Plan
  const draft = useWatch({ control: form.control }) as Plan // every field has a default
  const parsed = useMemo(() => PlanSchema.safeParse(draft), [draft])
  const lastValid = useRef(initial)
  // eslint-disable-next-line react-hooks/refs -- remembers the last accepted draft across renders; it only ever follows `draft`
  if (parsed.success) lastValid.current = parsed.data
  const set = useCallback<PlanForm['set']>((key, value) => form.setValue(key as never, value as never, { shouldDirty: true }), [form])
  const replace = useCallback((plan: Plan) => form.reset(plan as never), [form])
  const now = useCallback(() => form.getValues(), [form])
  // eslint-disable-next-line react-hooks/refs -- as above
  return { draft, valid: lastValid.current, isValid: parsed.success, set, replace, now }
}
