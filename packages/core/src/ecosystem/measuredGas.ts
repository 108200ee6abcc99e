import type { GasFit } from '../gas/fit/fitGasLog.js'
import type { Plan } from '../plan/plan.js'
import type { TankFigures } from './tankFigures.js'

/** What a run of pH says of a tank, in the terms of its plan. */
export interface MeasuredGas {
  /** Loss over what surface and skimmer let one expect. */
  readonly lossTimes: number
  /** Of what the plan's bubbles give; over 1 where the bubbles cannot be right, `null` where the run saw no gas. */
  readonly dissolved: number | null
}

/** `null` of a run that cannot tell. */
export function measuredGas(
  { kPerH, injectionMgPerLPerH }: Pick<GasFit, 'kPerH' | 'injectionMgPerLPerH'>,
  { co2PerH, transferTimes, gasMgPerH, waterL }: Pick<TankFigures, 'co2PerH' | 'transferTimes' | 'gasMgPerH' | 'waterL'>,
): MeasuredGas | null {
  if (kPerH === null) return null
  return {
    lossTimes: Number((kPerH.value / (co2PerH / transferTimes)).toPrecision(3)),
    dissolved: injectionMgPerLPerH === null || gasMgPerH <= 0 ? null : (injectionMgPerLPerH.value * waterL) / gasMgPerH,
  }
}

const LEAST_DISSOLVED = 0.02
/** The plan with it. A share that cannot be is left out. */
export const withMeasuredGas = <Gassed extends Pick<Plan, 'flow' | 'gasLines'>>(
  plan: Gassed,
  { lossTimes, dissolved }: MeasuredGas,
): Gassed => ({
  ...plan,
  flow: { ...plan.flow, lossTimes },
  gasLines:
    dissolved === null || dissolved > 1
      ? plan.gasLines
      : plan.gasLines.map((line) =>
          line.control === 'none' ? line : { ...line, dissolvedFraction: Math.max(LEAST_DISSOLVED, Math.round(dissolved * 100) / 100) },
        ),
})
