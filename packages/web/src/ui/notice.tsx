import { createContext, lazy, Suspense, useCallback, useContext, useState, type ReactNode } from 'react'

export interface Notice {
  readonly text: string
  readonly action?: { readonly label: string; readonly run: () => void }
}
const NoticeBar = lazy(async () => ({ default: (await import('./NoticeBar.js')).NoticeBar }))
const Context = createContext<((notice: Notice) => void) | null>(null)

/** One quiet line at the foot of the page: what was done, and how to take it back. */
export function NoticeProvider({ children }: { children: ReactNode }) {
  const [notice, setNotice] = useState<Notice | null>(null)
  const [isOpen, setOpen] = useState(false)
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
