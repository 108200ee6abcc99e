import { CO2_SWING, GROUP_COUNT, INDICATOR_CO2, STRAIN, UNDER_LIGHT, USUAL_CO2 } from '../state.js'
import type { Step } from '../step.js'

/** Slow memories of light and carbon: what the plants are used to. Light beyond what carbon and nutrients can follow is strain (excitation pressure; Huner et al. 1998). */
export function remember(step: Step): void {
  const { state, parameters, dtH } = step
  const fade = step.daily.strainTurn
  for (let group = 0; group < GROUP_COUNT; group++) {
    const excess = Math.max(0, step.fLight[group]! - Math.min(step.fCarbon[group]!, step.fNutrients[group]!))
    state[STRAIN + group] = state[STRAIN + group]! + (24 * excess - state[STRAIN + group]!) * fade
    state[UNDER_LIGHT + group] = state[UNDER_LIGHT + group]! + (24 * step.bottomLight[group]! - state[UNDER_LIGHT + group]!) * fade
  }
  const ppfd = step.conditions.ppfd * step.lightShare
  const co2 = step.co2MgPerL
  if (ppfd > 0) {
    const turn = 1 - Math.exp(((-dtH * (ppfd / (ppfd + 20))) / parameters.co2MemoryH) * 2.5)
    state[CO2_SWING] = state[CO2_SWING]! + (Math.abs(co2 - state[USUAL_CO2]!) / (state[USUAL_CO2]! + 2) - state[CO2_SWING]!) * turn
    state[USUAL_CO2] = state[USUAL_CO2]! + (co2 - state[USUAL_CO2]!) * turn
  }
  state[INDICATOR_CO2] = state[INDICATOR_CO2]! + (co2 - state[INDICATOR_CO2]!) * step.daily.indicatorTurn
}
