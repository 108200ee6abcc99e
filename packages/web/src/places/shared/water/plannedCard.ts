import { changeCard, hasAnimalsAt, nextChange, wantsSensitive, type ChangeCard, type Plan, type TankFigures } from '@jovrin/core'
import { roomNowC } from './roomNow.js'

/** What is typed for today's change alone; what is left open is as the plan has it. */
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

/** Of a tank whose plan changes no water. */
const USUAL_FRACTION = 0.5

/** The card of at its age, or of one typed for today. */
export function plannedCard(plan: Plan, figures: TankFigures, age: number, today: TodaysChange = AS_PLANNED): PlannedCard {
  const fraction = today.fraction ?? nextChange(plan, age)?.fraction ?? USUAL_FRACTION
  const tankC = today.tankC ?? figures.temperatureC
  const roomC = today.roomC ?? roomNowC(figures.room.monthlyC)
  const hasAnimals = hasAnimalsAt(plan, age)
  const hasShrimps = hasAnimals && (wantsSensitive(plan.intent) || plan.animals.grazers !== 0)
  const card = changeCard({ plan, tank: figures, waterL: figures.waterL, fraction, tankC, roomC, hasAnimals, hasShrimps })
  return { card, fraction, tankC, roomC, hasAnimals }
}
