import { useEffect, useLayoutEffect, useRef } from 'react'
import { NavigationType, useLocation, useNavigationType } from 'react-router'
import { placeOf, titleOf } from './placeOf.js'

const scrolledTo = new Map<string, number>()

/**
 * What a page's reader expects of a new page: its title, its beginning, and the focus there; going back, the spot one left.
 * The router's own helper begins at the top whenever the address changes, also when only a chosen week or zone does.
 */
export function useArrival(tankName: string | null): void {
  const { pathname, key, hash } = useLocation()
  const kind = useNavigationType()
  const place = placeOf(pathname).key
  const before = useRef(place)
  useEffect(() => {
    document.title = titleOf(pathname, tankName)
  }, [pathname, tankName])
  // Before the next page is laid out: a shorter one scrolls to its top by itself.
  useLayoutEffect(() => {
    const remember = (): void => void scrolledTo.set(key, window.scrollY)
    window.addEventListener('scroll', remember, { passive: true })
    return () => window.removeEventListener('scroll', remember)
  }, [key])
  useLayoutEffect(() => {
    if (before.current === place) return
    before.current = place
    const top = kind === NavigationType.Pop ? (scrolledTo.get(key) ?? 0) : 0
    if (hash === '') window.scrollTo({ top, behavior: 'instant' })
    // The page may arrive after its address, and somebody may have opened a dialog meanwhile: that keeps the focus.
    if (document.querySelector('.MuiDialog-root') === null) document.getElementById('sheet')?.focus({ preventScroll: true })
  }, [hash, key, kind, place])
}
