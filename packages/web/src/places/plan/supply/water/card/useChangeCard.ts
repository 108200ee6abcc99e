import { changeCard, hasAnimalsAt, nextChange, wantsSensitive, type ChangeCard } from '@jovrin/core'
import { useMemo } from 'react'
import { useKeptState } from '../../../../../ui/useKeptState.js'
import type { Desk } from '../../../desk.js'
import { roomNowC } from '../roomNow.js'

/** What is typed for today's change alone; what is left open is as the plan has it. */
interface TodaysChange {
  readonly fraction: number | null
  readonly tankC: number | null
  readonly roomC: number | null
}
export interface CardState {
  readonly card: ChangeCard
  readonly fraction: number
  readonly tankC: number
  readonly roomC: number
  readonly hasAnimals: boolean
  readonly set: (part: Partial<TodaysChange>) => void
}
const NOTHING: TodaysChange = { fraction: null, tankC: null, roomC: null }
const orNull = (value: unknown): number | null => (typeof value === 'number' && Number.isFinite(value) ? value : null)
function readKept(kept: unknown): TodaysChange | null {
  if (typeof kept !== 'object' || kept === null) return null
  const { fraction, tankC, roomC } = kept as Partial<Record<keyof TodaysChange, unknown>>
  return { fraction: orNull(fraction), tankC: orNull(tankC), roomC: orNull(roomC) }
}

/** The card of the next change, or of one typed for today. */
export function useChangeCard({ tankId, plan, figures }: Desk, age: number): CardState {
  const [typed, type] = useKeptState<TodaysChange>(`jovrin.change.${tankId}`, NOTHING, readKept)
  const fraction = typed.fraction ?? nextChange(plan, age)?.fraction ?? plan.changes.fraction
  const tankC = typed.tankC ?? figures.temperatureC
  const roomC = typed.roomC ?? roomNowC(figures.room.monthlyC)
  const hasAnimals = hasAnimalsAt(plan, age)
  const card = useMemo(
    () =>
      changeCard({
        plan,
        tank: figures,
        waterL: figures.waterL,
        fraction,
        tankC,
        roomC,
        hasAnimals,
        hasShrimps: hasAnimals && (wantsSensitive(plan.intent) || plan.animals.grazers !== 0),
      }),
    [plan, figures, fraction, tankC, roomC, hasAnimals],
  )
  return { card, fraction, tankC, roomC, hasAnimals, set: (part) => type({ ...typed, ...part }) }
}
