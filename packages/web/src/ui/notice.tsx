import { Button, Snackbar } from '@mui/material'
import { createContext, useCallback, useContext, useState, type ReactNode } from 'react'

interface Notice {
  readonly text: string
  readonly action?: { readonly label: string; readonly run: () => void }
}
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
      <Snackbar
        open={isOpen}
        autoHideDuration={8000}
        onClose={(_, reason) => reason !== 'clickaway' && setOpen(false)}
        message={notice?.text ?? ''}
        action={
          notice?.action && (
            <Button
              color="inherit"
              onClick={() => {
                notice.action?.run()
                setOpen(false)
              }}
            >
              {notice.action.label}
            </Button>
          )
        }
      />
    </Context>
  )
}

export function useNotice(): (notice: Notice) => void {
  const tell = useContext(Context)
  if (tell === null) throw new Error('NoticeProvider is missing')
  return tell
}
