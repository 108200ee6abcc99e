import type { Notice } from './notice.js'

/** The same line without its dress: for a page whose server went away before the other could be fetched. */
export function PlainNotice({ notice: { text, action }, isOpen, onClose }: { notice: Notice; isOpen: boolean; onClose: () => void }) {
  if (!isOpen) return null
  return (
    <div role="status" style={{ position: 'fixed', bottom: 0, left: 0, padding: 12, background: 'var(--ink)', color: 'var(--sheet)' }}>
      {text}{' '}
      {action && (
        <button
          onClick={() => {
            action.run()
            onClose()
          }}
        >
          {action.label}
        </button>
      )}
    </div>
  )
}
