import { ALGAE, biomassOf, CARPET, FLOATER, GROUP_COUNT, GUILD_COUNT, STEMS, TANNIN } from '../state.js'
import type { Step } from '../step.js'

/** Tallest first, below the floaters: stems, rosettes, rhizome plants, mosses, carpet. */
const SHADED_ORDER = [STEMS, 3, 2, 4, CARPET] as const
/** Algae sit on lit glass as well as in the canopy, hence a little more light than the bare floor. Rule of thumb 1–1.5. */
const ALGAE_LIGHT = 1.25

/** Leaf area, cover and the light at the top of each plant group and of the algae. Extinction as Monsi & Saeki (1953); taller groups shade lower ones in part. */
export function shadeCanopy(step: Step): void {
  const { state, parameters, site, lai, cover, topPpfd } = step
  for (let group = 0; group < GROUP_COUNT; group++) {
    const foot = step.foot[group]!
    lai[group] = foot > 0 ? (parameters.leafM2PerG[group]! * biomassOf(state, group)) / (site.surfaceM2 * foot) : 0
  }
  const ppfd = step.conditions.ppfd * step.lightShare
  if (ppfd === 0) {
    topPpfd.fill(0)
    step.algaePpfd = 0
    return
  }
  let algae = 0
  for (let guild = 0; guild < GUILD_COUNT; guild++) algae += state[ALGAE + guild]!
  for (let group = 0; group < GROUP_COUNT; group++)
    cover[group] = step.foot[group]! * (1 - Math.exp(-parameters.extinction[group]! * lai[group]!))
  const stain = Math.exp(-parameters.tanninAbsorption * state[TANNIN]! * site.depthM)
  const epiphytes = 1 - parameters.epiphyteShade * (1 - Math.exp(-algae / (parameters.epiphyteShadeHalfGPerM2 * site.surfaceM2)))
  step.clearShare = stain * epiphytes
  const belowFloaters = 1 - cover[FLOATER]!
  let through = belowFloaters
  let open = 1
  for (const group of SHADED_ORDER) {
    topPpfd[group] = ppfd * step.conditions.lightOfGroup[group]! * parameters.heightLight[group]! * through * stain * epiphytes
    through *= 1 - parameters.plantOverlap * cover[group]!
    open *= 1 - cover[group]!
  }
  topPpfd[FLOATER] = ppfd * step.conditions.lightOfGroup[FLOATER]! * parameters.heightLight[FLOATER]!
  step.algaePpfd = ppfd * ALGAE_LIGHT * stain * belowFloaters * (1 - parameters.algaeOverlap * Math.min(1, Math.max(0, 1 - open)))
}
