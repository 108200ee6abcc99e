import { co2AirEquilibriumMgPerL } from '../gas/airEquilibrium.js'
import { OF_COUNTED } from '../gas/limits.js'
import { withTimer } from '../gas/timerEdits.js'
import { commonAnswers } from '../plan/answers.js'
import type { Plan } from '../plan/plan.js'
import type { TankFigures } from './tankFigures.js'

/** What a step of a stage asks of the plan. */
export interface GasAimTask {
  /** At the peak of a day without plants [mg/L]; `null`: gas is given up. */
  readonly peakMgPerL: number | null
  /** Mean at the ground; `null`: light stays. */
  readonly ppfd: number | null
}

/** The plan with its gas brought to a peak (counted bubbles a little under it), its times left, and its lamps dimmed alike to a mean. A lamp at its full power gives no more. */
export function withGasAim<Planned extends Plan>(plan: Planned, figures: TankFigures, { peakMgPerL, ppfd }: GasAimTask): Planned {
  return { ...plan, gasLines: gasAt(plan, figures, peakMgPerL), lamps: ppfd === null ? plan.lamps : dimmed(plan, figures, ppfd) }
}

function gasAt(plan: Plan, { gasLevels, temperatureC, room }: TankFigures, peakMgPerL: number | null): Plan['gasLines'] {
  if (peakMgPerL === null) return plan.gasLines.map((line) => ({ ...line, control: 'none' as const }))
  const air = co2AirEquilibriumMgPerL(temperatureC, room.co2Ppm)
  const isCounted = plan.gasLines.some(({ control, bubblesPerS }) => control !== 'none' && bubblesPerS !== null)
  const aimed = isCounted ? Math.max(air, peakMgPerL * OF_COUNTED) : peakMgPerL
  const rateTimes = gasLevels.peak > air ? Math.max(0, (aimed - air) / (gasLevels.peak - air)) : 1
  // Each line keeps its own times.
  return plan.gasLines.flatMap(
    (line) => withTimer({ gasLines: [line] }, { beforeLightMin: line.beforeLightMin, rateTimes, peak: aimed }).gasLines,
  )
}

function dimmed({ lamps }: Plan, figures: TankFigures, ppfd: number): Plan['lamps'] {
  if (figures.ppfd <= 0) return lamps
  return lamps.map((lamp) => {
    const now = commonAnswers().number('lamps/*/dimFraction', lamp.dimFraction)
    return { ...lamp, dimFraction: Math.round(Math.min(1, (now * ppfd) / figures.ppfd) * 100) / 100 }
  })
}
