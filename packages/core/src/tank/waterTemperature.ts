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
