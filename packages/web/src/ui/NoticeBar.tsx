import { appWords } from '@jovrin/contract'
import { Button, Snackbar } from '@mui/material'
import type { Notice } from './notice.js'

/** The line itself; fetched once the first sheet stands, or with the first notice. */
export function NoticeBar({ notice, isOpen, onClose }: { notice: Notice; isOpen: boolean; onClose: () => void }) {
  const { text, action, isLasting = false } = notice
  return (
    <Snackbar
      open={isOpen}
      sx={{ bottom: { xs: 'calc(68px + env(safe-area-inset-bottom))', md: 24 } }}
      autoHideDuration={isLasting ? null : 8000}
      onClose={(_, reason) => reason !== 'clickaway' && onClose()}
      message={text}
      action={
        <>
          {action && (
            <Button
              color="inherit"
              onClick={() => {
                action.run()
                onClose()
              }}
            >
              {action.label}
            </Button>
          )}
          {isLasting && (
            <Button color="inherit" variant="text" onClick={onClose}>
              {appWords.close}
            </Button>
          )}
        </>
      }
    />
  )
}
