import { createContext, lazy, Suspense, useCallback, useContext, useEffect, useState, type ReactNode } from 'react'
import { PlainNotice } from './PlainNotice.js'

export interface Notice {
  readonly text: string
  /** Stays until it is closed: for what would be missed. */
  readonly isLasting?: boolean
  readonly action?: { readonly label: string; readonly run: () => void }
}
const fetchBar = () => import('./NoticeBar.js').catch(() => null)
const NoticeBar = lazy(async () => ({ default: (await fetchBar())?.NoticeBar ?? PlainNotice }))
/** The page has its first sheet by then, and a phone may lose its server at any moment after it. */
const FETCHED_AFTER_MS = 1500
const Context = createContext<((notice: Notice) => void) | null>(null)

/** One quiet line at the foot of the page: what was done, and how to take it back. */
export function NoticeProvider({ children }: { children: ReactNode }) {
  const [notice, setNotice] = useState<Notice | null>(null)
  const [isOpen, setOpen] = useState(false)
  useEffect(() => {
    const timer = setTimeout(() => void fetchBar(), FETCHED_AFTER_MS)
    return () => clearTimeout(timer)
  }, [])
  const tell = useCallback((next: Notice) => {
    setNotice(next)
    setOpen(true)
  }, [])
  return (
    <Context value={tell}>
      {children}
      {notice !== null && (
        <Suspense fallback={null}>
          <NoticeBar notice={notice} isOpen={isOpen} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </Context>
  )
}

export function useNotice(): (notice: Notice) => void {
  const tell = useContext(Context)
  if (tell === null) throw new Error('NoticeProvider is missing')
  return tell
}
