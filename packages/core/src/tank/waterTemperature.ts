import type { Plan } from '../plan/plan.js'

/** Water temperature [°C] in a month, 0 for January. A heater that is there, or of which nobody told, holds it from below; only a cooler holds it from above; what nothing holds follows the room. Months that nobody told of change nothing. */
export function waterCInMonth({ room, climate }: Pick<Plan, 'room' | 'climate'>, heldC: number, month: number): number {
  const roomC = room.monthlyC[month] ?? null
  if (roomC === null) return heldC
  if (roomC > heldC) return (climate.coolerW ?? 0) > 0 ? heldC : roomC
  return climate.heaterW === 0 ? Math.max(COLDEST_C, roomC) : heldC
}
/** Below it nothing in the model is known. */
const COLDEST_C = 5

/** First days of the calendar months from one day of the tank's age to another, each with its month; the first is the day itself. */
export function monthsBetween(startedOn: string, fromDay: number, toDay: number): { readonly day: number; readonly month: number }[] {
  const start = Date.parse(`${startedOn}T00:00:00Z`)
  const first = new Date(start + fromDay * DAY_MS)
  const months = [{ day: fromDay, month: first.getUTCMonth() }]
  for (let step = 1; ; step++) {
    const next = Date.UTC(first.getUTCFullYear(), first.getUTCMonth() + step, 1)
    const day = Math.round((next - start) / DAY_MS)
    if (day >= toDay) return months
    months.push({ day, month: new Date(next).getUTCMonth() })
  }
}
const DAY_MS = 86_400_000
