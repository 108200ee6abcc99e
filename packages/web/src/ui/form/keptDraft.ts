import { useEffect } from 'react'
import type { FieldValues } from 'react-hook-form'
import type { z } from 'zod'
import type { JudgedForm } from './useJudgedForm.js'

/** What was typed under this name before the page was loaded anew, in this tab. */
export function keptDraft<Draft>(key: string, schema: z.ZodType<Draft>): Draft | null {
  try {
    return schema.safeParse(JSON.parse(sessionStorage.getItem(key) ?? 'null')).data ?? null
  } catch {
    return null // storage may be off or hold something else
  }
}

export function forgetDraft(key: string): void {
  try {
    sessionStorage.removeItem(key)
  } catch {
    // Without storage nothing was kept.
  }
}

/** Keeps what is typed, so that a reload loses nothing of it; `null` keeps nothing. */
export function useKeepDraft<Draft extends FieldValues, Kept>({ subscribe }: JudgedForm<Draft, Kept>, key: string | null): void {
  useEffect(() => {
    if (key === null) return
    return subscribe({
      formState: { values: true },
      callback: ({ values }) => {
        try {
          sessionStorage.setItem(key, JSON.stringify(values))
        } catch {
          // Typing goes on without it.
        }
      },
    })
  }, [subscribe, key])
}
