import { distribute, rootWithoutWater, type Chemistry } from '../../ecosystem/chemistry.js'
import { carbonateConstants } from '../../water/carbonate.js'

/** The simpler chemistry that the expected trajectories were computed with: dry air, Elmore & Hayes (1960) oxygen, no water ions, M(CO2) = 44. Tests only. */
export const PROTOTYPE_CHEMISTRY: Chemistry = {
  co2MgPerMmol: 44,
  constantsAt: (temperatureC, airCo2Ppm) => {
    const constants = carbonateConstants(temperatureC)
    const t = temperatureC
    return {
      ...constants,
      airCo2MmolPerL: constants.kHenry * airCo2Ppm * 1e-6 * 1e3,
      oxygenSaturationMgPerL: 14.652 - 0.41022 * t + 0.007991 * t ** 2 - 0.000077774 * t ** 3,
    }
  },
  speciate: (into, carbonMmolPerL, alkalinityMeqPerL, { k1, k2 }) =>
    distribute(into, rootWithoutWater(carbonMmolPerL * 1e-3, Math.max(alkalinityMeqPerL, 0.02) * 1e-3, k1, k2), carbonMmolPerL, k1, k2),
  carbonOf: (alkalinityMeqPerL, co2MmolPerL, { k1, k2 }) => {
    const h = (k1 * co2MmolPerL * 1e-3) / Math.max(alkalinityMeqPerL * 1e-3, 1e-5)
    return co2MmolPerL * (1 + k1 / h + (k1 * k2) / (h * h))
  },
}
