import { useCallback } from 'react'
import { useSearchParams } from 'react-router'

/** Sets one parameter of the address, or takes it out; the others and the way back stay as they are. */
export function useSetParam(): (name: string, value: string | null) => void {
  const [, setSearch] = useSearchParams()
  return useCallback(
    (name, value) =>
      setSearch(
        (before) => {
          const next = new URLSearchParams(before)
          if (value === null) next.delete(name)
          else next.set(name, value)
          return next
        },
        { replace: true },
      ),
    [setSearch],
  )
}
