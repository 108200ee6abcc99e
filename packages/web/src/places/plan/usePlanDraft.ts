import { PlanSchema } from '@jovrin/contract'
import { applyEdits, diff, type Edit, type Plan } from '@jovrin/core'
import { useEffect, useRef } from 'react'

const keyOf = (tankId: string): string => `jovrin.planDraft.${tankId}`
const WRITE_AFTER_MS = 120

/** What a page that was closed in the middle of a gesture had not yet kept, applied to the plan as it is now. `null` when there is nothing, or when it no longer fits. */
export function unkeptPlan(tankId: string, stored: Plan): Plan | null {
  try {
    const edits = JSON.parse(localStorage.getItem(keyOf(tankId)) ?? 'null') as Edit[] | null // written below; the schema checks what comes of it
    if (!Array.isArray(edits) || edits.length === 0) return null
    const parsed = PlanSchema.safeParse(applyEdits(stored, edits))
    return parsed.success ? parsed.data : null
  } catch {
    return null
  }
}

/** Keeps the edits that are not yet stored on this device, so that a reload in the middle of a gesture loses nothing. */
export function usePlanDraft(tankId: string, stored: Plan, valid: Plan): void {
  const latest = useRef({ stored, valid })
  useEffect(() => {
    latest.current = { stored, valid }
    const write = (): void => {
      try {
        const edits = diff(latest.current.stored, latest.current.valid)
        if (edits.length === 0) localStorage.removeItem(keyOf(tankId))
        else localStorage.setItem(keyOf(tankId), JSON.stringify(edits))
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
  }, [tankId, stored, valid])
}
