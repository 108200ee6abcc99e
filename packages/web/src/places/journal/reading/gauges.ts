import { READING_QUANTITIES, type ReadingQuantity } from '@jovrin/core'

const STORE = 'jovrin.gauges'
const FIRST: readonly ReadingQuantity[] = ['pH', 'alkalinity', 'temperature', 'nitrate', 'phosphate']

/** The quantities that this device has fields for. */
export function storedGauges(): readonly ReadingQuantity[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(STORE) ?? 'null')
    const known = Array.isArray(kept) ? READING_QUANTITIES.filter((quantity) => kept.includes(quantity)) : []
    return known.length > 0 ? known : FIRST
  } catch {
    return FIRST // storage may be off or hold something else
  }
}

export function storeGauges(gauges: readonly ReadingQuantity[]): void {
  try {
    localStorage.setItem(STORE, JSON.stringify(gauges))
  } catch {
    // Without storage the choice holds until the page is closed.
  }
}
