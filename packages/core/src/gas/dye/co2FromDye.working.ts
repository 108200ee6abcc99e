import { alkalinityOfDkh, co2FromPh } from '../../water/carbonate.js'
import { numberInput, numberOf, type Working } from '../../quantity/working.js'
import { DYE_PK } from '../indicator.js'

/** pK by source and salt 7.0–7.3; for one liquid it is a tenth either way. */
const DYE_PK_RANGE = 0.1
/** What a reference solution is made up to. Rule of thumb: 5 %. */
const KH_SHARE = 0.05

/** CO2 of the water that an indicator's liquid has come to, from how much of its dye is blue: the inverse of the colour's working. */
export const co2FromDyeWorking: Working = {
  id: 'gas.co2-from-dye',
  unit: 'mg/L',
  fields: [
    numberInput('blueShare', '', 0.02, 0.98),
    numberInput('referenceKhDkh', '°dKH', 0.5, 20, 4),
    numberInput('temperatureC', '°C', 0, 40, 24.5),
  ],
  formula: `CO2 of the reference at pH = ${DYE_PK} + log(blueShare/(1 − blueShare))`,
  source: `Mass action of bromothymol blue, pK ${DYE_PK} (7.0–7.3 by source), and the carbonate system of the reference; the liquid follows the water by one to three hours`,
  compute(inputs) {
    const share = numberOf(inputs, 'blueShare')
    const alkalinityMeqPerL = alkalinityOfDkh(numberOf(inputs, 'referenceKhDkh'))
    const at = (pK: number, khTimes: number): number =>
      co2FromPh(pK + Math.log10(share / (1 - share)), {
        alkalinityMeqPerL: alkalinityMeqPerL * khTimes,
        temperatureC: numberOf(inputs, 'temperatureC'),
      }) ?? 0
    return { value: at(DYE_PK, 1), low: at(DYE_PK + DYE_PK_RANGE, 1 - KH_SHARE), high: at(DYE_PK - DYE_PK_RANGE, 1 + KH_SHARE) }
  },
}
