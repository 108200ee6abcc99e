import { CO2_G_PER_MOL, KELVIN_AT_0_C } from '../quantity/physicalConstants.js'
import { requireWithin } from '../quantity/outOfRange.js'
import { carbonateConstants } from '../water/carbonate.js'
import { waterDensityKgPerM3 } from '../water/density.js'

/** Saturated water vapour over fresh water [atm]. Weiss & Price (1980), zero salinity. */
export function waterVapourAtm(temperatureC: number): number {
  const t = temperatureC + KELVIN_AT_0_C
  return Math.exp(24.4543 - 67.4509 * (100 / t) - 4.8489 * Math.log(t / 100))
}

/** CO2 [mg/L] that water keeps against moist air at 1 atm, 0–40 °C; `co2PpmDry` is the mole fraction in dry air, 0–100 000 µmol/mol.
 *  Henry constant: Plummer & Busenberg (1982). Fugacity is taken as partial pressure (0.3–0.5 % left out). */
export function co2AirEquilibriumMgPerL(temperatureC: number, co2PpmDry: number): number {
  requireWithin('temperatureC', temperatureC, 0, 40)
  requireWithin('co2PpmDry', co2PpmDry, 0, 100_000)
  const pCo2Atm = co2PpmDry * 1e-6 * (1 - waterVapourAtm(temperatureC))
  const co2MgPerKg = carbonateConstants(temperatureC).kHenry * pCo2Atm * CO2_G_PER_MOL * 1000
  return (co2MgPerKg * waterDensityKgPerM3(temperatureC)) / 1000
}
