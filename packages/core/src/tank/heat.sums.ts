import { defineSum, openSum, reckoned, type OpenedSum } from '../quantity/sum.js'
import { climateSpanW, COOLER_MARGIN, HEAT_SOURCE, HEATER_MARGIN, heatTerms, type ClimateLoad } from './climate.js'
import { coolerLoad, heaterLoad, LET_PASS_C, neededCoolerW, neededHeaterW, type WarmedTank } from './climateLoad.js'

const TERMS = {
  roomC: 'temperature',
  wallsW: 'power',
  surfaceW: 'power',
  vapourW: 'power',
  lampHeatW: 'power',
  pumpHeatW: 'power',
} as const
const BALANCE = 'wallsW + surfaceW + vapourW + lampHeatW + pumpHeatW'
export const heaterSum = defineSum({
  id: 'kit.heater',
  dimension: 'power',
  terms: TERMS,
  formula: `max(0, (${BALANCE})·${HEATER_MARGIN})`,
  source: `${HEAT_SOURCE}; by night in the coldest month`,
})
export const coolerSum = defineSum({
  id: 'kit.cooler',
  dimension: 'power',
  terms: TERMS,
  formula: `max(0, −(${BALANCE})·${COOLER_MARGIN})`,
  source: `${HEAT_SOURCE}; lit in the warmest month, ${LET_PASS_C} °C over the target let pass`,
})

function openHeat(sum: typeof heaterSum | typeof coolerSum, load: ClimateLoad, value: number): OpenedSum {
  const { wallsW, surfaceW, vapourW, lampW, pumpW } = heatTerms(load)
  const [low, high] = climateSpanW(value)
  return openSum(
    sum,
    { value, low, high },
    {
      roomC: reckoned(load.air.roomC),
      wallsW: reckoned(wallsW),
      surfaceW: reckoned(surfaceW),
      vapourW: reckoned(vapourW),
      lampHeatW: reckoned(lampW),
      pumpHeatW: reckoned(pumpW),
    },
  )
}
export const openHeater = (tank: WarmedTank): OpenedSum => openHeat(heaterSum, heaterLoad(tank), neededHeaterW(tank))
export const openCooler = (tank: WarmedTank): OpenedSum => openHeat(coolerSum, coolerLoad(tank), neededCoolerW(tank))
