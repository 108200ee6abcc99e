import { useSyncExternalStore } from 'react'

/** One timer that runs, whatever page is open. */
export interface RunningTimer {
  readonly id: string
  readonly name: string
  /** Epoch milliseconds. */
  readonly endsAt: number
}

const KEY = 'jovrin.timers'
/** What nobody stopped for so long is nobody's timer any more. */
const FORGOTTEN_MS = 12 * 3_600_000
const listeners = new Set<() => void>()
let kept: readonly RunningTimer[] | null = null

const isTimer = (value: unknown): value is RunningTimer => {
  const { id, name, endsAt } = (value ?? {}) as Partial<RunningTimer>
  return typeof id === 'string' && typeof name === 'string' && typeof endsAt === 'number' && endsAt > Date.now() - FORGOTTEN_MS
}
function read(): readonly RunningTimer[] {
  try {
    const found: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]')
    return Array.isArray(found) ? (found as unknown[]).filter(isTimer) : []
  } catch {
    return []
  }
}
const all = (): readonly RunningTimer[] => (kept ??= read())
function keep(timers: readonly RunningTimer[]): void {
  kept = timers
  try {
    localStorage.setItem(KEY, JSON.stringify(timers))
  } catch {
    // Without storage it runs as long as the page.
  }
  listeners.forEach((listener) => listener())
}
/** Another window started or stopped one. */
const heard = ({ key }: StorageEvent): void => {
  if (key !== KEY) return
  kept = read()
  listeners.forEach((listener) => listener())
}

export const timers = {
  /** One of the same id begins anew. */
  start: (id: string, name: string, seconds: number): void =>
    keep([...all().filter((timer) => timer.id !== id), { id, name, endsAt: Date.now() + seconds * 1000 }]),
  stop: (id: string): void => keep(all().filter((timer) => timer.id !== id)),
  subscribe: (listener: () => void): (() => void) => {
    if (listeners.size === 0) window.addEventListener('storage', heard)
    listeners.add(listener)
    return () => {
      listeners.delete(listener)
      if (listeners.size === 0) window.removeEventListener('storage', heard)
    }
  },
}
export const useTimers = (): readonly RunningTimer[] => useSyncExternalStore(timers.subscribe, all)

/** 0:05, 12:30, 1:02:00. */
export function clockSpan(ms: number): string {
  const seconds = Math.max(0, Math.ceil(ms / 1000))
  const [h, m, s] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60]
  const two = (value: number): string => String(value).padStart(2, '0')
  return h > 0 ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`
}
