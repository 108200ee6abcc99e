import {
  ALGAE,
  AMMONIUM,
  CARBON,
  DETRITUS,
  DISSOLVED,
  GROUND,
  GROUND_NITRATE,
  GROUP_COUNT,
  GUILD_COUNT,
  N,
  NITRATE,
  NITRITE,
  NUTRIENT_COUNT,
  P,
  PHOSPHATE,
  RESERVOIR,
  STORE,
  TANNIN,
  totalBiomass,
  WOOD,
} from './state.js'
import type { Parameters } from './parameters.js'

export const LEDGER_C = 0
export const LEDGER_N = 1
export const LEDGER_P = 2

/** Books every flux across the tank's boundary [mg], into the tank positive, so that the balance of carbon, nitrogen and phosphorus can be checked. */
export class Ledger {
  readonly net = new Float64Array(3)
  readonly gross = new Float64Array(3)

  book(element: number, mg: number): void {
    this.net[element] = this.net[element]! + mg
    this.gross[element] = this.gross[element]! + Math.abs(mg)
  }
}

/** All carbon, nitrogen and phosphorus in the tank [mg]; row order as `LEDGER_C` … */
export function contents(state: Readonly<Float64Array>, waterL: number, parameters: Parameters): readonly [number, number, number] {
  let algae = 0
  for (let guild = 0; guild < GUILD_COUNT; guild++) algae += state[ALGAE + guild]!
  let storedN = 0
  let storedP = 0
  for (let group = 0; group < GROUP_COUNT; group++) {
    storedN += state[STORE + group * NUTRIENT_COUNT + N]!
    storedP += state[STORE + group * NUTRIENT_COUNT + P]!
  }
  return [
    12 * state[CARBON]! * waterL +
      parameters.carbonMgPerG * (totalBiomass(state) + algae) +
      state[DETRITUS]! +
      waterL * (state[DISSOLVED]! + state[TANNIN]!) +
      state[WOOD]! +
      parameters.carbonPerReleasedN * state[RESERVOIR + N]!,
    waterL * (state[AMMONIUM]! + state[NITRITE]! + state[NITRATE]! + state[DISSOLVED + 1]!) +
      storedN +
      parameters.algaeNMgPerG * algae +
      state[DETRITUS + 1]! +
      state[GROUND + N]! +
      state[RESERVOIR + N]! +
      state[GROUND_NITRATE]!,
    waterL * (state[PHOSPHATE]! + state[DISSOLVED + 2]!) +
      storedP +
      parameters.algaePMgPerG * algae +
      state[DETRITUS + 2]! +
      state[GROUND + P]! +
      state[RESERVOIR + P]!,
  ]
}
