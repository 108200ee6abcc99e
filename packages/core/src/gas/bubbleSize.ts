import { NUMBER_FIELDS } from '../plan/fields.js'
import type { Plan } from '../plan/plan.js'

/** Volume of a bubble in the counter [mL at line pressure] from so many that were caught behind the diffuser, where they stand under the air's pressure. */
export const bubbleMlOfCaught = (caughtMl: number, bubbles: number, linePressureBar: number): number =>
  caughtMl / bubbles / (1 + linePressureBar)

/** The plan with bubbles so many times as large, as the scale says; counted lines alone have bubbles. Held within what a bubble may be. */
export function withBubbleTimes<Gassed extends Pick<Plan, 'gasLines'>>(
  plan: Gassed,
  lines: readonly { readonly id: string; readonly bubbleMl: number }[],
  times: number,
): Gassed {
  const [least, most] = NUMBER_FIELDS['gasLines/*/bubbleMl'].range
  return {
    ...plan,
    gasLines: plan.gasLines.map((line) => {
      const now = lines.find(({ id }) => id === line.id)
      if (now === undefined || line.bubblesPerS === null) return line
      return { ...line, bubbleMl: Number(Math.min(most, Math.max(least, now.bubbleMl * times)).toPrecision(3)) }
    }),
  }
}
