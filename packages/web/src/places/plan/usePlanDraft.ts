import { PlanSchema } from '@jovrin/contract'
import { applyEdits, diff, type Plan } from '@jovrin/core'
import { useEffect, useRef } from 'react'
import { z } from 'zod'
import type { FieldTexts, PlanForm } from './describe/usePlanForm.js'

const keyOf = (tankId: string): string => `jovrin.planDraft.${tankId}`
const WRITE_AFTER_MS = 120

/** What a page that was closed in the middle of a gesture had not yet kept. */
export interface Unkept {
  readonly plan: Plan
  /** Texts that were no values yet, back in their fields. */
  readonly texts: FieldTexts
}
const Stored = z.object({
  edits: z.array(z.object({ path: z.string(), from: z.unknown(), to: z.unknown() })),
  texts: z.record(z.string(), z.string()),
})

/** That, on top of the plan as it is now. Edits that no longer fit are let go (they may have been stored while the page went); what stood in the fields comes back all the same. `null` when there is nothing. */
export function unkeptPlan(tankId: string, stored: Plan): Unkept | null {
  try {
    const kept = Stored.safeParse(JSON.parse(localStorage.getItem(keyOf(tankId)) ?? 'null'))
    if (!kept.success) return null
    const parsed = PlanSchema.safeParse(applyEdits(stored, kept.data.edits))
    const { texts } = kept.data
    if (parsed.success) return { plan: parsed.data, texts }
    return Object.keys(texts).length === 0 ? null : { plan: stored, texts }
  } catch {
    return null
  }
}

/** Keeps what is not yet stored on this device, so that a reload in the middle of a gesture loses nothing. */
export function usePlanDraft(tankId: string, stored: Plan, { valid, texts }: Pick<PlanForm, 'valid' | 'texts'>): void {
  const latest = useRef({ stored, valid, texts })
  useEffect(() => {
    latest.current = { stored, valid, texts }
    const write = (): void => {
      try {
        const { current } = latest
        const edits = diff(current.stored, current.valid)
        if (edits.length === 0 && Object.keys(current.texts).length === 0) localStorage.removeItem(keyOf(tankId))
        else localStorage.setItem(keyOf(tankId), JSON.stringify({ edits, texts: current.texts }))
      } catch {
        // Without storage only the last gesture is at risk.
      }
    }
    const timer = setTimeout(write, WRITE_AFTER_MS)
    window.addEventListener('pagehide', write)
    return () => {
      clearTimeout(timer)
      window.removeEventListener('pagehide', write)
    }
  }, [tankId, stored, valid, texts])
}
