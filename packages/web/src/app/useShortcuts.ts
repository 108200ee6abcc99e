import { useEffect, useRef } from 'react'

/** Keys in sequence ("g s") must follow within this time: a slow hand's, too. */
const SEQUENCE_MS = 1500

/** Listens for single keys and two-key sequences, never while text is typed or with a modifier held. */
export function useShortcuts(actions: Readonly<Record<string, () => unknown>>, isOn: boolean): void {
  const current = useRef(actions)
  useEffect(() => {
    current.current = actions
  })
  useEffect(() => {
    if (!isOn) return
    let first = ''
    let at = 0
    const listen = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return
      const sequence = `${first} ${event.key}`
      const action = (event.timeStamp - at < SEQUENCE_MS ? current.current[sequence] : undefined) ?? current.current[event.key]
      first = event.key
      at = event.timeStamp
      if (action) {
        event.preventDefault()
        action()
      }
    }
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  }, [isOn])
}

/** A dialog has the keys to itself, wherever in it the focus is. */
const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.closest('.MuiDialog-root') !== null ||
    target.isContentEditable ||
    (['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName) && (target as HTMLInputElement).type !== 'range'))
