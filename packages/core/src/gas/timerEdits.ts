import { NUMBER_FIELDS } from '../plan/fields.js'
import type { Plan } from '../plan/plan.js'
import type { TimerWay } from './timer.js'

/** The plan with other times or more gas: bubbles where they are counted, else the level that it is tuned to. */
export function withTimer<Gassed extends Pick<Plan, 'gasLines'>>(
  plan: Gassed,
  { beforeLightMin, rateTimes, peak }: Pick<TimerWay, 'beforeLightMin' | 'rateTimes' | 'peak'>,
): Gassed {
  const [least, most] = NUMBER_FIELDS['gasLines/*/peakMgPerL'].range
  return {
    ...plan,
    gasLines: plan.gasLines.map((line) => {
      if (line.control === 'none') return line
      const timed = { ...line, beforeLightMin }
      return line.bubblesPerS === null
        ? { ...timed, peakMgPerL: Math.min(most, Math.max(least, Math.round(peak * 2) / 2)) }
        : { ...timed, bubblesPerS: Math.round(line.bubblesPerS * rateTimes * 20) / 20 }
    }),
  }
}
