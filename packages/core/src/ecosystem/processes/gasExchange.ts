import { LEDGER_C } from '../ledger.js'
import { ALKALINITY, CARBON, DISSOLVED, FILM, OXYGEN } from '../state.js'
import type { Parameters } from '../parameters.js'
import type { Step } from '../step.js'

/** CO2 crosses the surface a little slower than oxygen. */
export const CO2_OVER_OXYGEN = 0.91
const FILM_BARRIER = 0.3
/** Supersaturation above which oxygen leaves as bubbles. */
const BUBBLING_ABOVE = 1.4

/** Gas transfer speed [m/h] of a surface without film at 20 °C, before the temperature rule. */
export const cleanTransferMPerH = (
  { transferStillMPerH, transferAgitatedMPerH, transferSkimmerMPerH }: Parameters,
  agitation: number,
  skimmer: number,
): number => transferStillMPerH + transferAgitatedMPerH * agitation + transferSkimmerMPerH * skimmer

/** First-order exchange of oxygen with the air [1/h]; grows with surface movement and skimmer, shrinks under a surface film. Form and temperature rule as in reaeration literature; fit to the tank. */
export function oxygenTransferPerH(step: Step): number {
  const { conditions, parameters, site, state } = step
  const clean = cleanTransferMPerH(parameters, conditions.agitation, conditions.skimmer)
  const speedMPerH = clean * conditions.transferTimes * (1 - FILM_BARRIER * state[FILM]!) * step.daily.transferOfTemperature
  return (speedMPerH * site.surfaceM2 * 1000) / site.waterL
}

/** Injection and exchange of CO2, exchange of oxygen, surface film. After the biology, exact for the step. */
export function exchangeGas(step: Step): void {
  const { state, parameters, conditions, site, method, daily, dtH } = step
  const perMmol = method.chemistry.co2MgPerMmol
  const airMmol = daily.water.airCo2MmolPerL
  const oxygenPerH = oxygenTransferPerH(step)
  const co2PerH = CO2_OVER_OXYGEN * oxygenPerH
  const suppliedMg = conditions.gasMgPerH * parameters.dissolvedGasShare * dtH * step.gasShare
  const limit = conditions.gasLimitMgPerL

  if (method.gas === 'split') {
    const room = Math.max(0, limit - step.co2MgPerL + co2PerH * dtH * (limit - airMmol * perMmol)) * site.waterL
    const injectedMg = step.gasShare > 0 ? Math.min(suppliedMg, room) : 0
    step.ledger.book(LEDGER_C, (injectedMg * 12) / perMmol)
    state[CARBON] = state[CARBON]! + injectedMg / perMmol / site.waterL
    method.chemistry.speciate(step.water, state[CARBON], state[ALKALINITY]!, daily.water)
    const lost = (step.water.co2MmolPerL - airMmol) * (1 - Math.exp(-co2PerH * dtH))
    state[CARBON] = state[CARBON] - lost
    step.ledger.book(LEDGER_C, -lost * 12 * site.waterL)
  } else {
    method.chemistry.speciate(step.water, state[CARBON]!, state[ALKALINITY]!, daily.water)
    const start = step.water.co2MmolPerL
    const kept = Math.exp(-co2PerH * dtH)
    // C ← C* + (C − C*) e^(−κt) + s (1 − e^(−κt))/κ; the controller's limit bounds s.
    const sourceFactor = co2PerH * dtH > 1e-9 ? (1 - kept) / (co2PerH * dtH) : 1
    const drifted = airMmol + (start - airMmol) * kept
    const room = Math.max(0, limit / perMmol - drifted) / sourceFactor
    const injected = Math.min(suppliedMg / perMmol / site.waterL, room)
    state[CARBON] = Math.max(state[CARBON]! + drifted + injected * sourceFactor - start, 1e-6)
    step.ledger.book(LEDGER_C, injected * 12 * site.waterL)
    step.ledger.book(LEDGER_C, (drifted - start + injected * (sourceFactor - 1)) * 12 * site.waterL)
  }

  const saturated = daily.water.oxygenSaturationMgPerL
  let oxygen = saturated + (state[OXYGEN]! - saturated) * Math.exp(-oxygenPerH * dtH)
  oxygen -= Math.max(0, oxygen - BUBBLING_ABOVE * saturated) * daily.bubbledShare
  state[OXYGEN] = Math.max(oxygen, 0.05)

  const film = state[FILM]!
  const grown = parameters.filmPerDay * (state[DISSOLVED]! / (state[DISSOLVED]! + 4)) * (1 - film)
  const broken = (parameters.filmLossPerDay + 2 * conditions.skimmer + 0.6 * conditions.agitation) * film
  state[FILM] = Math.min(1, Math.max(0, film + (dtH / 24) * (grown - broken)))
}
