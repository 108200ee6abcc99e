import type { TankFigures } from '../ecosystem/tankFigures.js'
import { isChangeDay } from '../ecosystem/changeDays.js'
import { dayDose } from '../feed/dayDose.js'
import type { CylinderForecast } from '../gas/cylinder.js'
import { daysBetween, instantMs } from '../plan/clock.js'
import type { Absence } from '../plan/planAbsence.js'
import type { TimelineEntry } from '../plan/plan.js'
import type { FeedProduct } from '../plan/planFeed.js'
import { entryAt } from '../plan/timelineAt.js'

/** Stocks last half as long again as the absence: trains are late, and guesses are guesses. General practice. */
export const SPARE = 1.5

export interface ProductStock {
  readonly product: FeedProduct
  readonly unit: 'g' | 'mL'
  /** What a pump gives in the days away. */
  readonly dosed: number
}
/** What the pump uses while nobody is there, by product; none where nothing goes on dosing. `timeline`: with the absence laid over it. */
export function awayDoses(timeline: readonly TimelineEntry[], absence: Absence, waterL: number): ProductStock[] {
  const used = new Map<string, ProductStock>()
  const startedOn = timeline[0]?.plan.startedOn
  if (startedOn === undefined || !absence.isDosed) return []
  const backDay = daysBetween(startedOn, absence.backOn)
  for (let day = daysBetween(startedOn, absence.leaveOn); day < backDay; day++) {
    const entry = entryAt(timeline, day)
    if (entry === undefined) continue
    for (const { product, unit, perL } of dayDose(entry, day, isChangeDay(entry.plan, day)).portions)
      used.set(product.id, { product, unit, dosed: (used.get(product.id)?.dosed ?? 0) + perL * waterL })
  }
  return [...used.values()]
}

/** `lasts`: to the end and half as long again by the cautious end of the range; `close`: to the end at least; `short`: not. */
export type GasStockIs = 'lasts' | 'close' | 'short' | 'unknown'
/** Whether the cylinder lasts. A forecast that weighed no empty cylinder knows no day. */
export function awayGas(forecast: CylinderForecast | null, { leaveOn, backOn }: Absence): GasStockIs {
  const swap = forecast?.swap ?? null
  if (swap === null) return 'unknown'
  const [leaveMs, backMs] = [instantMs(`${leaveOn}T00:00:00Z`), instantMs(`${backOn}T00:00:00Z`)]
  if (swap.earliestMs >= leaveMs + SPARE * (backMs - leaveMs)) return 'lasts'
  return swap.earliestMs >= backMs ? 'close' : 'short'
}

/** Dry food of one portion: what all of them are fed in a day [g]. */
export const portionG = ({ foodGPerDay }: Pick<TankFigures, 'foodGPerDay'>): number => foodGPerDay

/** Days without any food, at the longest. */
export function longestFastDays({ leaveOn, backOn, food, visitEveryDays }: Absence): number {
  const days = daysBetween(leaveOn, backOn)
  switch (food) {
    case 'none':
      return days
    case 'visits':
      return Math.min(days, visitEveryDays ?? days)
    case 'feeder':
      return 1
  }
}
/** Days on which somebody looks in, as days after leaving. */
export const visitDays = ({ leaveOn, backOn, visitEveryDays }: Absence): number[] =>
  visitEveryDays === null
    ? []
    : Array.from({ length: Math.floor((daysBetween(leaveOn, backOn) - 1) / visitEveryDays) }, (_, at) => (at + 1) * visitEveryDays)
