import { useCallback, useState } from 'react'

/** State that a reload does not lose, for what is being typed. Kept for this tab only, or with `onDevice` until it is taken out; without storage it lives as long as the page. `read` checks what was kept. */
export function useKeptState<T>(
  key: string,
  initial: T,
  read: (kept: unknown) => T | null,
  { onDevice = false } = {},
): readonly [T, (next: T) => void] {
  const [state, setState] = useState<T>(() => {
    try {
      return read(JSON.parse(storeOf(onDevice).getItem(key) ?? 'null')) ?? initial
    } catch {
      return initial
    }
  })
  const set = useCallback(
    (next: T) => {
      setState(next)
      try {
        storeOf(onDevice).setItem(key, JSON.stringify(next))
      } catch {
        // Typing goes on without it.
      }
    },
    [key, onDevice],
  )
  return [state, set]
}

const storeOf = (onDevice: boolean): Storage => (onDevice ? localStorage : sessionStorage)
