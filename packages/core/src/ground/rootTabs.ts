import { boundsOf, distanceCm, isInside, type Ring, type Spot } from '../numeric/ring.js'

/** A ring of tabs around the crown of a large rosette: 3 to 5, 4 to 6 cm out. General practice. */
export function tabRing(crown: Spot, count: number, radiusCm: number): Spot[] {
  return Array.from({ length: count }, (_, index) => {
    const angle = Math.PI / 2 + (2 * Math.PI * index) / count
    return { xCm: crown.xCm + radiusCm * Math.cos(angle), yCm: crown.yCm + radiusCm * Math.sin(angle) }
  })
}

const FROM_EDGE_CM = 2
/** A triangular grid over an outline, no closer to its edge than 2 cm. Nitrogen-rich tabs 10–15 cm apart, lean clay 6–8 cm. General practice. */
export function tabGrid(ring: Ring, spacingCm: number): Spot[] {
  const { left, right, front, back } = boundsOf(ring)
  const rowCm = spacingCm * Math.sqrt(0.75)
  const spots: Spot[] = []
  const rows = Math.max(1, Math.floor((back - front - 2 * FROM_EDGE_CM) / rowCm) + 1)
  const startY = (front + back - (rows - 1) * rowCm) / 2
  for (let row = 0; row < rows; row++) {
    const yCm = startY + row * rowCm
    for (let xCm = left + spacingCm * (row % 2 === 0 ? 0.5 : 1); xCm < right; xCm += spacingCm)
      if (isInside(ring, xCm, yCm) && isClear(ring, { xCm, yCm })) spots.push({ xCm, yCm })
  }
  return spots
}
function isClear(ring: Ring, spot: Spot): boolean {
  return ring.every((from, index) => {
    const to = ring[(index + 1) % ring.length]!
    const length = distanceCm(from, to)
    const share =
      length < 1e-9
        ? 0
        : Math.min(
            1,
            Math.max(0, ((spot.xCm - from.xCm) * (to.xCm - from.xCm) + (spot.yCm - from.yCm) * (to.yCm - from.yCm)) / length ** 2),
          )
    return distanceCm(spot, { xCm: from.xCm + (to.xCm - from.xCm) * share, yCm: from.yCm + (to.yCm - from.yCm) * share }) >= FROM_EDGE_CM
  })
}

/** Until a tab of which nobody said so is spent: two to four months, by product. General practice. */
export const USUAL_RENEW_DAYS = 90

export interface TabCost {
  readonly packs: number
  readonly spare: number
  /** `null` without a price. */
  readonly costNow: number | null
  readonly costPerYear: number | null
}
/** Packs for so many tabs, and what renewing them costs a year. */
export function tabCost(tabs: number, pack: number, price: number | null, renewDays: number): TabCost {
  const packs = tabs === 0 ? 0 : Math.ceil(tabs / pack)
  return {
    packs,
    spare: packs * pack - tabs,
    costNow: price === null ? null : packs * price,
    costPerYear: price === null ? null : (tabs / pack) * price * (365 / renewDays),
  }
}
