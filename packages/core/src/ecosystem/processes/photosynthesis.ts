import { CALCIUM, FLOATER, GROUP_COUNT, MAGNESIUM, NUTRIENT_COUNT, STORE, STRAIN, SUBMERSED, EMERSED, USUAL_CO2 } from '../state.js'
import { saturation, type Step } from '../step.js'

/** Three-point Gauss rule over the depth of a canopy: at 0.1127, the middle, and as far from the bottom. */
const GAUSS_DEPTH = 0.1127
const GAUSS_OUTER = 0.2778
const GAUSS_MIDDLE = 0.4444
/** A canopy so deep is dark below its first leaves; deeper still, its exponentials would underflow and divide nothing by nothing. */
const PITCH_DARK = 700
/** Leaves in the air take their carbon from it. */
const AIR_CARBON = 0.9

/** Tissue of a group as it works where it is [g]: water-grown leaves under water, air-grown ones in moist air, the others in part. */
export function ableLeafG({ state, parameters, conditions }: Step, group: number): number {
  const submersed = state[SUBMERSED + group]!
  const emersed = state[EMERSED + group]!
  return conditions.isDry
    ? parameters.airGrowth * (emersed + parameters.submersedInAir * submersed)
    : submersed + parameters.emersedEfficiency * emersed
}

/** Light and carbon limit together, as a non-rectangular hyperbola of the two (form of Thornley 1976): near either alone where the other is ample. */
export function coLimited(light: number, carbon: number, bend: number): number {
  const sum = light + carbon
  return (sum - Math.sqrt(Math.max(sum * sum - 4 * bend * light * carbon, 0))) / (2 * bend)
}

/** How far light, carbon and stores would let each group grow, and its potential growth. Light response tanh (Jassby & Platt 1976), stores after Droop. */
export function photosynthesise(step: Step): void {
  const { state, parameters, fLight, fCarbon, fStore, fNutrients, bottomLight, grossG, overflowG, health } = step
  const isDark = step.conditions.ppfd * step.lightShare === 0
  const { isDry } = step.conditions
  // Out of the water roots find both in the ground.
  step.fCalciumMagnesium = isDry
    ? 1
    : Math.min(saturation(state[CALCIUM]!, parameters.halfCalcium), saturation(state[MAGNESIUM]!, parameters.halfMagnesium))
  // Affinity follows the CO2 that the plants are used to.
  const affinity = 0.4 + 0.9 * saturation(state[USUAL_CO2]!, 15)
  for (let group = 0; group < GROUP_COUNT; group++) {
    const submersed = state[SUBMERSED + group]!
    const emersed = state[EMERSED + group]!
    const biomass = Math.max(submersed + emersed, 1e-9)
    let scarcest = step.fCalciumMagnesium
    for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++) {
      const heldMg = Math.max(state[STORE + group * NUTRIENT_COUNT + nutrient]!, 1e-12)
      const factor = Math.min(
        1,
        Math.max(0, (1 - (parameters.storeMin[nutrient]! * 1000 * biomass) / heldMg) * step.perStoreRange[nutrient]!),
      )
      fStore[group * NUTRIENT_COUNT + nutrient] = factor
      if (factor < scarcest) scarcest = factor
    }
    fNutrients[group] = scarcest
    health[group] = 1 / (1 + (state[STRAIN + group]! / parameters.strainHalfHealth) ** 2)

    if (isDark || step.foot[group]! === 0) {
      fLight[group] = fCarbon[group] = bottomLight[group] = grossG[group] = overflowG[group] = 0
      continue
    }
    const reachable = step.co2MgPerL + parameters.bicarbonateUse[group]! * step.bicarbonateMgPerL
    const carbon = group === FLOATER || isDry ? AIR_CARBON : reachable / (parameters.halfCo2MgPerL[group]! * affinity + reachable)
    fCarbon[group] = carbon
    const top = step.topPpfd[group]! / parameters.halfLightPpfd[group]!
    const extinction = Math.min(parameters.extinction[group]! * step.lai[group]!, PITCH_DARK)
    // Light left at the rule's three depths and at the bottom; the rule is symmetric, so two exponentials give all four.
    const upper = Math.exp(-extinction * GAUSS_DEPTH)
    const bottom = Math.exp(-extinction)
    const atTop = Math.tanh(top * upper)
    const inMiddle = Math.tanh(top * Math.sqrt(bottom))
    const below = Math.tanh((top * bottom) / upper)
    const bend = parameters.curveBend
    fLight[group] = GAUSS_OUTER * (atTop + below) + GAUSS_MIDDLE * inMiddle
    const fixed =
      GAUSS_OUTER * (coLimited(atTop, carbon, bend) + coLimited(below, carbon, bend)) + GAUSS_MIDDLE * coLimited(inMiddle, carbon, bend)
    bottomLight[group] = Math.tanh(top * bottom)
    const potential = parameters.maxGrowthPerH[group]! * step.daily.growthOfTemperature[group]! * fixed * ableLeafG(step, group)
    grossG[group] = potential * scarcest
    overflowG[group] = parameters.overflowExudation * potential * (1 - scarcest)
  }
}
