import { firstFill, hasAnimalsAt, type FirstFill } from '@jovrin/core'
import { useMemo } from 'react'
import { useKeptState } from '../../../../ui/useKeptState.js'
import type { Desk } from '../../desk.js'
import { roomNowC } from '../../../shared/water/roomNow.js'

export interface FillState {
  readonly fill: FirstFill
  readonly wantedC: number
  readonly setWanted: (wantedC: number) => void
  readonly hasAnimals: boolean
}

/** The first fill of the tank as it is planned, to a wanted warmth. */
export function useFirstFill({ tankId, plan, figures }: Desk, age: number): FillState {
  const [typed, setWanted] = useKeptState<number | null>(`jovrin.fill.${tankId}`, null, (kept) => (typeof kept === 'number' ? kept : null))
  const wantedC = typed ?? figures.temperatureC
  const fill = useMemo(
    () =>
      firstFill({
        plan,
        tank: figures,
        waterL: figures.waterL,
        poreWaterL: figures.volumes.poreWaterL,
        wantedC,
        roomC: roomNowC(figures),
      }),
    [plan, figures, wantedC],
  )
  return { fill, wantedC, setWanted, hasAnimals: hasAnimalsAt(plan, age) }
}
