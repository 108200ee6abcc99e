import { minutesOf, type AnsweredLine, type Plan } from '@jovrin/core'
import type { Stretch } from '../../../../drawing/gas/GasCurve.js'

export const lightStretches = ({ lightWindows }: Pick<Plan, 'lightWindows'>): Stretch[] =>
  lightWindows.map(({ on, hours }) => ({ fromMin: minutesOf(on), toMin: minutesOf(on) + hours * 60 }))
export const gasStretches = (
  { lightWindows }: Pick<Plan, 'lightWindows'>,
  line: Pick<AnsweredLine, 'beforeLightMin' | 'beforeDarkMin'>,
): Stretch[] =>
  lightWindows.map(({ on, hours }) => ({
    fromMin: minutesOf(on) - line.beforeLightMin,
    toMin: minutesOf(on) + hours * 60 - line.beforeDarkMin,
  }))

/** The plan with other times or more gas: bubbles where they are counted, else the level that it is tuned to. */
export function withTimer(
  plan: Plan,
  { beforeLightMin, rateTimes, peak }: { readonly beforeLightMin: number; readonly rateTimes: number; readonly peak: number },
): Plan {
  return {
    ...plan,
    gasLines: plan.gasLines.map((line) => {
      if (line.control === 'none') return line
      const timed = { ...line, beforeLightMin }
      return line.bubblesPerS === null
        ? { ...timed, peakMgPerL: Math.min(150, Math.max(5, Math.round(peak * 2) / 2)) }
        : { ...timed, bubblesPerS: Math.round(line.bubblesPerS * rateTimes * 20) / 20 }
    }),
  }
}
