import { nextChange } from '../ecosystem/changeDays.js'
import type { TankFigures } from '../ecosystem/tankFigures.js'
import { wantsSensitive } from '../gas/limits.js'
import { hasAnimalsAt } from '../livestock/presence.js'
import { copperKillsSome } from '../plan/planAnimals.js'
import type { Plan } from '../plan/plan.js'
import { changeCard, type ChangeCard } from '../water/changeCard.js'

/** What is told for one change alone; what is left open is as the plan has it. */
export interface TodaysChange {
  readonly fraction: number | null
  readonly tankC: number | null
  readonly roomC: number | null
}
export const AS_PLANNED: TodaysChange = { fraction: null, tankC: null, roomC: null }
export interface PlannedCard {
  readonly card: ChangeCard
  readonly fraction: number
  readonly tankC: number
  readonly roomC: number
  readonly hasAnimals: boolean
}
export interface PlannedCardTask {
  readonly plan: Plan
  readonly figures: TankFigures
  readonly ageDays: number
  /** 0 for January: water stands at the room's warmth. */
  readonly month: number
  readonly today?: TodaysChange
}
/** Of a tank whose plan changes no water. */
const USUAL_FRACTION = 0.5

/** The card of a tank's next change at its age, or of one told for today. */
export function plannedCard({ plan, figures, ageDays, month, today = AS_PLANNED }: PlannedCardTask): PlannedCard {
  const fraction = today.fraction ?? nextChange(plan, ageDays)?.fraction ?? USUAL_FRACTION
  const tankC = today.tankC ?? figures.temperatureC
  const roomC = today.roomC ?? figures.room.monthlyC[month] ?? figures.temperatureC
  const hasAnimals = hasAnimalsAt(plan, ageDays)
  const hasShrimps = hasAnimals && (wantsSensitive(plan) || copperKillsSome(plan))
  const card = changeCard({ plan, tank: figures, waterL: figures.waterL, fraction, tankC, roomC, hasAnimals, hasShrimps })
  return { card, fraction, tankC, roomC, hasAnimals }
}
