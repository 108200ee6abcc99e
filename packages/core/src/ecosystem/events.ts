import type { NutrientAmounts } from '../feed/nutrients.js'
import type { FilterStart } from './filterStart.js'
import type { TankEvent } from './forcing.js'
import type { TapWater } from '../water/tapOf.js'
import { LEDGER_C, LEDGER_N, LEDGER_P } from './ledger.js'
import {
  ALGAE,
  ALKALINITY,
  AMMONIA_OXIDISERS,
  AMMONIUM,
  BIOFILM,
  biomassOf,
  CALCIUM,
  CARBON,
  CO2_SWING,
  DETRITUS,
  DISSOLVED,
  EMERSED,
  GROUP_COUNT,
  GUILD_COUNT,
  INDICATOR_CO2,
  IRON,
  K,
  MAGNESIUM,
  N,
  NITRATE,
  NITRITE,
  NITRITE_OXIDISERS,
  NUTRIENT_COUNT,
  OXYGEN,
  P,
  PHOSPHATE,
  POTASSIUM,
  RESERVOIR,
  SILICON,
  STORE,
  STRAIN,
  SUBMERSED,
  TANNIN,
  USUAL_CO2,
} from './state.js'
import { FIRST_CO2_SWING, FIRST_USUAL_CO2, TAP_CO2_OVER_AIR } from './startState.js'
import type { Step } from './step.js'

/** A heavier harvest than this is a weighing error, or the end of the planting. */
const MOST_HARVESTED = 0.9

/** Dissolved pools that a change mixes with the tap's, and the dose that feeds them. */
const MIXED: readonly (readonly [slot: number, tap: keyof TapWater, dose: keyof NutrientAmounts | null])[] = [
  [AMMONIUM, 'ammoniumMgNPerL', 'ammoniumN'],
  [NITRATE, 'nitrateMgNPerL', 'nitrateN'],
  [PHOSPHATE, 'phosphateMgPPerL', 'phosphateP'],
  [POTASSIUM, 'potassiumMgPerL', 'potassium'],
  [IRON, 'ironMgPerL', 'iron'],
  [CALCIUM, 'calciumMgPerL', 'calcium'],
  [MAGNESIUM, 'magnesiumMgPerL', 'magnesium'],
  [SILICON, 'siliconMgPerL', null],
  [ALKALINITY, 'alkalinityMeqPerL', null],
]

/** Applies one event at the start of its step. Everything that crosses the tank's boundary is booked. */
export function applyEvent(step: Step, event: TankEvent, trimmedG: Float64Array): void {
  switch (event.kind) {
    case 'trim':
      for (let group = 0; group < GROUP_COUNT; group++) trim(step, group, event.cutOfGroup[group]!, trimmedG)
      return
    case 'trim-above':
      for (let group = 0; group < GROUP_COUNT; group++)
        if (laiOf(step, group) > event.laiLimitOfGroup[group]!) trim(step, group, event.cut, trimmedG)
      return
    case 'trim-towards':
      for (let group = 0; group < GROUP_COUNT; group++) {
        const lai = laiOf(step, group)
        const wanted = event.laiOfGroup[group]!
        if (lai > wanted) trim(step, group, Math.min(event.mostCut, 1 - wanted / lai), trimmedG)
      }
      return
    case 'harvest': {
      let standing = 0
      for (let group = 0; group < GROUP_COUNT; group++) if (event.isGroupCut[group]) standing += biomassOf(step.state, group)
      const cut = standing > 0 ? Math.min(MOST_HARVESTED, event.dryG / standing) : 0
      for (let group = 0; group < GROUP_COUNT; group++) if (event.isGroupCut[group]) trim(step, group, cut, trimmedG)
      return
    }
    case 'scale-plants':
      for (let group = 0; group < GROUP_COUNT; group++) {
        if (event.factor < 1) trim(step, group, 1 - event.factor, trimmedG)
        else scaleGroup(step, group, event.factor - 1)
      }
      return
    case 'plant':
      plant(step, event)
      return
    case 'uproot':
      scaleGroup(step, event.group, -Math.min(1, event.share))
      return
    case 'change':
      if (!step.conditions.isDry) changeWater(step, event.fraction, event.tap, event.vacuum, event.wipe)
      return
    case 'flood':
      flood(step, event.tap, event.filter)
      return
    case 'dose':
      dose(step, (_, amount) => amount, event.mgPerL)
      return
    case 'dose-up-to':
      dose(step, (slot, wanted) => Math.max(0, wanted - step.state[slot]!), event.mgPerL)
      return
    case 'tabs':
      for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++)
        step.state[RESERVOIR + nutrient] = step.state[RESERVOIR + nutrient]! + event.mgOfNutrient[nutrient]!
      step.ledger.book(LEDGER_N, event.mgOfNutrient[N]!)
      step.ledger.book(LEDGER_P, event.mgOfNutrient[P]!)
      step.ledger.book(LEDGER_C, step.parameters.carbonPerReleasedN * event.mgOfNutrient[N]!)
  }
}

function laiOf({ site, state, parameters }: Step, group: number): number {
  const foot = site.footOfGroup[group]!
  return foot > 0 ? (parameters.leafM2PerG[group]! * biomassOf(state, group)) / (site.surfaceM2 * foot) : 0
}

function trim(step: Step, group: number, cut: number, trimmedG: Float64Array): void {
  if (cut === 0) return
  const { state, parameters, ledger, site } = step
  const removed = cut * biomassOf(state, group)
  const gone = 1 - parameters.trimScraps - parameters.trimSap
  const removedC = removed * parameters.carbonMgPerG
  const taken = (nutrient: number): number => cut * state[STORE + group * NUTRIENT_COUNT + nutrient]!
  const removedN = taken(N)
  const removedP = taken(P)
  ledger.book(LEDGER_C, -gone * removedC)
  ledger.book(LEDGER_N, -gone * removedN)
  ledger.book(LEDGER_P, -gone * removedP)
  const elements = [removedC, removedN, removedP]
  for (let element = 0; element < 3; element++) {
    state[DETRITUS + element] = state[DETRITUS + element]! + parameters.trimScraps * elements[element]!
    state[DISSOLVED + element] = state[DISSOLVED + element]! + (parameters.trimSap * elements[element]!) / site.waterL
  }
  state[POTASSIUM] = state[POTASSIUM]! + ((parameters.trimScraps + parameters.trimSap) * taken(K)) / site.waterL
  // Leaves grown in shade meet full light at once.
  state[STRAIN + group] = state[STRAIN + group]! + parameters.trimStrain * cut * cut
  for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++) {
    const at = STORE + group * NUTRIENT_COUNT + nutrient
    state[at] = state[at]! * (1 - cut)
  }
  state[SUBMERSED + group] = state[SUBMERSED + group]! * (1 - cut)
  state[EMERSED + group] = state[EMERSED + group]! * (1 - cut)
  trimmedG[group] = trimmedG[group]! + removed
}

/** More of the same with stores as full, or a share of it gone. */
function scaleGroup(step: Step, group: number, share: number): void {
  const { state, parameters, ledger } = step
  ledger.book(LEDGER_C, share * biomassOf(state, group) * parameters.carbonMgPerG)
  for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++) {
    const at = STORE + group * NUTRIENT_COUNT + nutrient
    if (nutrient === N) ledger.book(LEDGER_N, share * state[at]!)
    if (nutrient === P) ledger.book(LEDGER_P, share * state[at]!)
    state[at] = state[at]! * (1 + share)
  }
  state[SUBMERSED + group] = state[SUBMERSED + group]! * (1 + share)
  state[EMERSED + group] = state[EMERSED + group]! * (1 + share)
}

function plant(
  { state, parameters, ledger }: Step,
  { group, dryG, airShare, storeShare }: Extract<TankEvent, { readonly kind: 'plant' }>,
): void {
  ledger.book(LEDGER_C, dryG * parameters.carbonMgPerG)
  for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++) {
    const at = STORE + group * NUTRIENT_COUNT + nutrient
    const mg = dryG * 1000 * storeShare[nutrient]!
    if (nutrient === N) ledger.book(LEDGER_N, mg)
    if (nutrient === P) ledger.book(LEDGER_P, mg)
    state[at] = state[at]! + mg
  }
  state[SUBMERSED + group] = state[SUBMERSED + group]! + dryG * (1 - airShare)
  state[EMERSED + group] = state[EMERSED + group]! + dryG * airShare
}

function changeWater(step: Step, fraction: number, tap: TapWater, vacuum: number, wipe: number): void {
  const { state, parameters, ledger, site, daily } = step
  const { waterL } = site
  for (const [slot, tapKey] of MIXED) {
    const change = fraction * (tap[tapKey] - state[slot]!)
    if (slot === AMMONIUM || slot === NITRATE) ledger.book(LEDGER_N, change * waterL)
    if (slot === PHOSPHATE) ledger.book(LEDGER_P, change * waterL)
    state[slot] = state[slot]! + change
  }
  ledger.book(LEDGER_N, -fraction * waterL * (state[NITRITE]! + state[DISSOLVED + 1]!))
  ledger.book(LEDGER_P, -fraction * waterL * state[DISSOLVED + 2]!)
  const tapCarbon = step.method.chemistry.carbonOf(tap.alkalinityMeqPerL, daily.water.airCo2MmolPerL * TAP_CO2_OVER_AIR, daily.water)
  ledger.book(LEDGER_C, fraction * waterL * (12 * (tapCarbon - state[CARBON]!) - state[DISSOLVED]! - state[TANNIN]!))
  state[NITRITE] = state[NITRITE]! * (1 - fraction)
  state[TANNIN] = state[TANNIN]! * (1 - fraction)
  state[CARBON] = state[CARBON]! + fraction * (tapCarbon - state[CARBON]!)
  state[OXYGEN] = state[OXYGEN]! + fraction * (daily.water.oxygenSaturationMgPerL - state[OXYGEN]!)
  const removed = fraction > 0 ? vacuum : 0
  for (let element = 0; element < 3; element++) {
    state[DISSOLVED + element] = state[DISSOLVED + element]! * (1 - fraction)
    ledger.book(element, -removed * state[DETRITUS + element]!)
    state[DETRITUS + element] = state[DETRITUS + element]! * (1 - removed)
  }
  let wipedG = 0
  for (let guild = 0; guild < GUILD_COUNT; guild++) {
    const wiped = wipe * parameters.scrapeShare[guild]! * state[ALGAE + guild]!
    state[ALGAE + guild] = state[ALGAE + guild]! - wiped
    wipedG += wiped
  }
  ledger.book(LEDGER_C, -wipedG * parameters.carbonMgPerG)
  ledger.book(LEDGER_N, -wipedG * parameters.algaeNMgPerG)
  ledger.book(LEDGER_P, -wipedG * parameters.algaePMgPerG)
}

/** Water over ground that was dry. Whatever a cut left there is in it. */
function flood(step: Step, tap: TapWater, filter: FilterStart): void {
  const { state, ledger, site, daily } = step
  const { waterL } = site
  for (const [slot, tapKey] of MIXED) {
    state[slot] = state[slot]! + tap[tapKey]
    if (slot === AMMONIUM || slot === NITRATE) ledger.book(LEDGER_N, tap[tapKey] * waterL)
    if (slot === PHOSPHATE) ledger.book(LEDGER_P, tap[tapKey] * waterL)
  }
  const carbon = step.method.chemistry.carbonOf(tap.alkalinityMeqPerL, daily.water.airCo2MmolPerL * TAP_CO2_OVER_AIR, daily.water)
  state[CARBON] = state[CARBON]! + carbon
  ledger.book(LEDGER_C, 12 * carbon * waterL)
  state[OXYGEN] = daily.water.oxygenSaturationMgPerL
  state[INDICATOR_CO2] = daily.water.airCo2MmolPerL * step.method.chemistry.co2MgPerMmol
  state[USUAL_CO2] = FIRST_USUAL_CO2
  state[CO2_SWING] = FIRST_CO2_SWING
  state[AMMONIA_OXIDISERS] = state[AMMONIA_OXIDISERS]! + (filter.ammoniaOxidisersMg * waterL) / 200
  state[NITRITE_OXIDISERS] = state[NITRITE_OXIDISERS]! + (filter.nitriteOxidisersMg * waterL) / 200
  state[BIOFILM] = Math.max(state[BIOFILM]!, filter.biofilm)
}

function dose(step: Step, amountOf: (slot: number, given: number) => number, given: NutrientAmounts): void {
  const { state, ledger, site, conditions } = step
  if (conditions.isDry) return // nothing is dosed into ground under film
  for (const [slot, , doseKey] of MIXED) {
    if (doseKey === null) continue
    const added = amountOf(slot, given[doseKey])
    state[slot] = state[slot]! + added
    if (slot === AMMONIUM || slot === NITRATE) ledger.book(LEDGER_N, added * site.waterL)
    if (slot === PHOSPHATE) ledger.book(LEDGER_P, added * site.waterL)
  }
}
