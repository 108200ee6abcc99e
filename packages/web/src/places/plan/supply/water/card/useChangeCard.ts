import { AS_PLANNED, plannedCard, type PlannedCard, type TodaysChange } from '@jovrin/core'
import { useMemo } from 'react'
import { useKeptState } from '../../../../../ui/useKeptState.js'
import { monthNow } from '../../../../shared/water/roomNow.js'
import type { Desk } from '../../../desk.js'

export interface CardState extends PlannedCard {
  readonly age: number
  readonly set: (part: Partial<TodaysChange>) => void
}
const orNull = (value: unknown): number | null => (typeof value === 'number' && Number.isFinite(value) ? value : null)
function readKept(kept: unknown): TodaysChange | null {
  if (typeof kept !== 'object' || kept === null) return null
  const { fraction, tankC, roomC } = kept as Partial<Record<keyof TodaysChange, unknown>>
  return { fraction: orNull(fraction), tankC: orNull(tankC), roomC: orNull(roomC) }
}

/** The card of this tank, with what is typed for today. */
export function useChangeCard({ tankId, plan, figures }: Desk, age: number): CardState {
  const [typed, type] = useKeptState<TodaysChange>(`jovrin.change.${tankId}`, AS_PLANNED, readKept)
  const planned = useMemo(() => plannedCard({ plan, figures, ageDays: age, month: monthNow(), today: typed }), [plan, figures, age, typed])
  return { ...planned, age, set: (part) => type({ ...typed, ...part }) }
}
