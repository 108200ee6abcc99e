import { alkalinityOfDkh, phFromCo2 } from '../water/carbonate.js'

/** pK of bromothymol blue in dilute water at 25 °C: 7.1, by source and salt 7.0–7.3. */
export const DYE_PK = 7.1

/** pH of an indicator's reference solution that has come to a level of CO2: KH 0.5–20 °dKH, 0.01–2000 mg/L. */
export const indicatorPh = (co2MgPerL: number, khDkh: number, temperatureC: number): number =>
  phFromCo2(co2MgPerL, { alkalinityMeqPerL: alkalinityOfDkh(khDkh), temperatureC })

/** Share of the dye in its blue form, 0 (yellow) to 1 (blue); half of it is green. Mass action. */
export const blueShare = (pH: number, pK = DYE_PK): number => 1 / (1 + 10 ** (pK - pH))
