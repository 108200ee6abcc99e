import { useState } from 'react'
import { useKeptState } from '../../ui/useKeptState.js'

const isTexts = (kept: unknown): kept is string[] => Array.isArray(kept) && kept.every((name) => typeof name === 'string')

/** Items in the order that was kept; whatever is new follows behind. */
export function inKeptOrder<T>(items: readonly T[], nameOf: (item: T) => string, order: readonly string[]): T[] {
  const placeOf = (item: T): number => {
    const place = order.indexOf(nameOf(item))
    return place < 0 ? order.length : place
  }
  return [...items].sort((a, b) => placeOf(a) - placeOf(b))
}

/**
 * A list that is being worked keeps the order in which it was first seen that day: nothing moves under the hand when it is fetched anew.
 * `renew` takes today's own order.
 */
export function useKeptOrder<T>(
  list: string,
  items: readonly T[],
  nameOf: (item: T) => string,
): { readonly items: T[]; readonly renew: () => void } {
  const [kept, keep] = useKeptState<readonly string[] | null>(`jovrin.order.${list}`, null, (text) => (isTexts(text) ? text : null))
  const names = items.map(nameOf)
  const order = kept ?? names
  const missing = names.filter((name) => !order.includes(name))
  const grown = missing.length > 0 ? [...order, ...missing] : order
  // A first look, or something new: kept before it is shown, so that the next answer cannot turn it round.
  if (kept === null || missing.length > 0) keep(grown)
  return { items: inKeptOrder(items, nameOf, grown), renew: () => keep(names) }
}

/** The same within one visit. */
export function useSeenOrder<T>(items: readonly T[], nameOf: (item: T) => string): T[] {
  const [order, setOrder] = useState<readonly string[]>(() => items.map(nameOf))
  const missing = items.map(nameOf).filter((name) => !order.includes(name))
  if (missing.length > 0) setOrder([...order, ...missing])
  return inKeptOrder(items, nameOf, [...order, ...missing])
}
