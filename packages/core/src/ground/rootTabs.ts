import type { Plan, TabKind, TabProduct } from '../plan/plan.js'
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

/** Nitrogen, phosphorus, potassium and iron of one [mg of the element]. A tab is some grams of clay with a little fertiliser, a capsule half a gram of coated fertiliser. Rules of thumb, ×/÷3 between products. */
const USUAL_CONTENT_MG = { tab: [30, 6, 25, 3], capsule: [75, 20, 50, 2] } as const satisfies Readonly<
  Record<TabKind, readonly [number, number, number, number]>
>
/** What one tab or capsule brings to the ground [mg of N, P, K and Fe]: as its pack says, else as usual. A capsule has no pack of its own here. */
export const tabContentMg = (kind: TabKind, product: TabProduct | null): readonly [number, number, number, number] => {
  const [n, p, k, fe] = USUAL_CONTENT_MG[kind]
  if (kind === 'capsule' || product === null) return [n, p, k, fe]
  return [product.nitrogenMg ?? n, product.phosphorusMg ?? p, product.potassiumMg ?? k, product.ironMg ?? fe]
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
/** Days after the start between two rounds of new tabs. */
export const renewalDays = (product: TabProduct | null): number => Math.round(product?.renewDays ?? USUAL_RENEW_DAYS)

/** What is pressed into the ground on a day of the tank's age [mg of N, P, K and Fe]: all on the first, new tabs when the old are spent; capsules lie below for good. */
export function tabsLaidMg(
  { tabs, tabProduct }: Pick<Plan, 'tabs' | 'tabProduct'>,
  day: number,
): readonly [number, number, number, number] {
  const isRenewal = day > 0 && day % renewalDays(tabProduct) === 0
  const sum: [number, number, number, number] = [0, 0, 0, 0]
  if (day > 0 && !isRenewal) return sum
  for (const { kind } of tabs)
    if (day === 0 || kind === 'tab') tabContentMg(kind, tabProduct).forEach((mg, nutrient) => (sum[nutrient]! += mg))
  return sum
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
