import {
  MOST_STEP_FRACTION,
  newWater,
  stepwiseChange,
  USUAL_PER_DAY,
  warming,
  WATER_QUALITIES,
  type Stepwise,
  type WaterState,
} from '@jovrin/core'
import { useMemo } from 'react'
import { useKeptState } from '../../../../../ui/useKeptState.js'
import type { Desk } from '../../../desk.js'
import { roomNowC } from '../../../../shared/water/roomNow.js'

interface Typed {
  /** As the tank is now; as the plan has it where nobody tested. */
  readonly tank: Readonly<Partial<WaterState>>
  readonly most: WaterState
}
export interface StepwiseState {
  readonly stepwise: Stepwise
  readonly tank: WaterState
  readonly to: WaterState
  readonly most: WaterState
  readonly setTank: (part: Partial<WaterState>) => void
  readonly setMost: (part: Partial<WaterState>) => void
}
const isState = (value: unknown): value is Partial<WaterState> =>
  typeof value === 'object' && value !== null && Object.values(value).every((one) => typeof one === 'number' && one >= 0)
const readKept = (kept: unknown): Typed | null => {
  const { tank, most } = (kept ?? {}) as Partial<Record<keyof Typed, unknown>>
  return isState(tank) && isState(most) && WATER_QUALITIES.every((quality) => (most[quality] ?? 0) > 0)
    ? { tank, most: most as WaterState }
    : null // each was looked at
}

/** From the tank's water to what is mixed now, in steps that animals bear. */
export function useStepwise({ tankId, plan, figures }: Desk): StepwiseState {
  const [typed, type] = useKeptState<Typed>(`jovrin.stepwise.${tankId}`, { tank: {}, most: USUAL_PER_DAY }, readKept)
  const { tank, to } = useMemo(() => {
    const { mineralised } = newWater(plan)
    const now: WaterState = {
      temperatureC: figures.temperatureC,
      hardnessMmolPerL: mineralised.hardnessMmolPerL,
      alkalinityMeqPerL: mineralised.alkalinityMeqPerL,
      ...typed.tank,
    }
    // Hot water makes a change as warm as the tank, where there is any.
    const warmed = warming({
      plan,
      litres: figures.waterL * MOST_STEP_FRACTION,
      fraction: MOST_STEP_FRACTION,
      tankC: now.temperatureC,
      roomC: roomNowC(figures),
    })
    return {
      tank: now,
      to: {
        temperatureC: warmed.mixC,
        hardnessMmolPerL: mineralised.hardnessMmolPerL,
        alkalinityMeqPerL: mineralised.alkalinityMeqPerL,
      },
    }
  }, [plan, figures, typed.tank])
  const stepwise = useMemo(
    () => stepwiseChange({ from: tank, to, mostPerDay: typed.most, mostFraction: MOST_STEP_FRACTION }),
    [tank, to, typed.most],
  )
  return {
    stepwise,
    tank,
    to,
    most: typed.most,
    setTank: (part) => type({ ...typed, tank: { ...typed.tank, ...part } }),
    setMost: (part) => type({ ...typed, most: { ...typed.most, ...part } }),
  }
}
