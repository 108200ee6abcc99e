import type { TankFigures } from '../ecosystem/tankFigures.js'
import { hasGas } from '../gas/linesOf.js'
import { levelLight } from '../light/levelLight.js'
import { diff } from '../plan/edit.js'
import { findingsOf, mendWith, raise, type Finding } from '../plan/finding.js'
import { longestRampMin } from '../plan/fields.js'
import type { Plan } from '../plan/plan.js'
import { lightScore, lightWays } from './lightWays.js'
import { MENDS } from './mends.js'

export const LIGHT_FINDINGS = findingsOf('light', {
  'light-beds-dim': { severity: 'warn', values: { beds: 'count' } },
  'light-beds-bright': { severity: 'note', values: { beds: 'count' } },
  'light-uneven': { severity: 'note', values: { least: 'ppfd', mean: 'ppfd' } },
  'light-long': { severity: 'warn', values: { hours: 'hours', most: 'hours' } },
  'lamp-beside': { severity: 'warn', values: {} },
})

/** Above this only weakly lit tanks of slow plants gain. General practice. */
const LONG_HOURS = 10
const WEAK_PPFD = 40
/** Least over mean of an even tank is above 0.7; under this the dark end shows. Rule of thumb 0.4–0.6. */
const UNEVEN = 0.5

/** How the lamps serve what stands below them. */
export function checkLight(plan: Plan, figures: TankFigures): Finding[] {
  const found: Finding[] = []
  const { lamps, inner, ppfd } = figures
  if (lamps.some(({ xCm, yCm }) => xCm < 0 || yCm < 0 || xCm > inner.lengthCm || yCm > inner.widthCm))
    found.push(raise(LIGHT_FINDINGS['lamp-beside'], {}))
  if (ppfd > 0) {
    const { dim, bright } = lightScore(plan, figures)
    const [best] = dim + bright > 0 ? lightWays(plan, figures) : []
    const mend = best?.mend ?? null
    if (dim > 0) found.push(raise(LIGHT_FINDINGS['light-beds-dim'], { beds: dim }, { mend }))
    if (bright > 0) found.push(raise(LIGHT_FINDINGS['light-beds-bright'], { beds: bright }, { mend: dim > 0 ? null : mend }))
    const { least, evenness } = levelLight(figures)
    if (evenness < UNEVEN) found.push(raise(LIGHT_FINDINGS['light-uneven'], { least, mean: ppfd }))
  }
  const { lightHours } = figures
  if (lightHours > LONG_HOURS && (ppfd > WEAK_PPFD || hasGas(plan))) {
    const [first, ...rest] = plan.lightWindows
    const hours = LONG_HOURS - rest.reduce((sum, window) => sum + window.hours, 0)
    const shorter =
      first === undefined || hours <= 1
        ? null
        : { ...plan, lightWindows: [{ ...first, hours, rampMin: Math.min(first.rampMin, longestRampMin(hours)) }, ...rest] }
    found.push(
      raise(
        LIGHT_FINDINGS['light-long'],
        { hours: lightHours, most: LONG_HOURS },
        { mend: shorter === null ? null : mendWith(MENDS['light-hours'], { hours: LONG_HOURS }, diff(plan, shorter)) },
      ),
    )
  }
  return found
}
