import { gasSheetWords } from '@jovrin/contract'
import type { CylinderForecast } from '@jovrin/core'
import { locale } from '../../ui/locale.js'

/** A day in the reader's order, by a tank's zone. */
export const dayIn =
  (timeZone: string) =>
  (ms: number): string =>
    new Date(ms).toLocaleDateString(locale(), { dateStyle: 'medium', timeZone })

/** When to swap the cylinder, or what is missing to tell. */
export function SwapDay({ forecast: { swap, weighings }, timeZone }: { readonly forecast: CylinderForecast; readonly timeZone: string }) {
  if (swap === null) return <span>{gasSheetWords.swapUnknown}</span>
  const day = dayIn(timeZone)
  const isOver = swap.onMs <= (weighings.at(-1)?.atMs ?? 0)
  return <b>{isOver ? gasSheetWords.swapNow : gasSheetWords.swapTold(day(swap.onMs), day(swap.earliestMs), day(swap.latestMs))}</b>
}
