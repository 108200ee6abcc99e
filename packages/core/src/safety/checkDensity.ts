import type { TankFigures } from '../ecosystem/tankFigures.js'
import { diff } from '../plan/edit.js'
import { findingsOf, mendWith, raise, type Finding } from '../plan/finding.js'
import type { Plan } from '../plan/plan.js'
import { withMoreStems } from '../planting/moreStems.js'
import { lightSettingOf, withLight } from '../startup/lightSteps.js'
import type { StartDensity } from '../startup/startDensity.js'
import { MENDS } from './mends.js'

export const DENSITY_FINDINGS = findingsOf('planting', {
  'start-thin': { severity: 'warn', values: { times: 'ratio', pots: 'count', power: 'fraction' } },
  'start-thin-pots': { severity: 'warn', values: { times: 'ratio', pots: 'count' } },
  'start-thin-dim': { severity: 'warn', values: { times: 'ratio', power: 'fraction' } },
  'start-thin-much': { severity: 'warn', values: { times: 'ratio' } },
})

/** A start too thin for its light, as the model found it, with what makes up for it. */
export function checkDensity(plan: Plan, figures: TankFigures, density: StartDensity): Finding[] {
  const { isThin, algaeRatio: times, morePots: pots, dimFraction: power } = density
  if (!isThin) return []
  if (pots !== null) {
    const denser = withMoreStems(plan, figures, pots)
    const mend = denser === null ? null : mendWith(MENDS.denser, { pots }, diff(plan, denser))
    return [
      power === null
        ? raise(DENSITY_FINDINGS['start-thin-pots'], { times, pots }, { mend })
        : raise(DENSITY_FINDINGS['start-thin'], { times, pots, power }, { mend: mend ?? dimmed(plan, power) }),
    ]
  }
  return [
    power === null
      ? raise(DENSITY_FINDINGS['start-thin-much'], { times })
      : raise(DENSITY_FINDINGS['start-thin-dim'], { times, power }, { mend: dimmed(plan, power) }),
  ]
}
const dimmed = (plan: Plan, power: number) =>
  mendWith(MENDS.dim, { power }, diff(plan, withLight(plan, { ...lightSettingOf(plan), dimFraction: power })))
