import { defineSum, openSum, reckoned, type OpenedSum } from '../quantity/sum.js'
import { HELD_MG_PER_L, type SurfaceGas } from './gasBySurface.js'

export const surfaceGasSum = defineSum({
  id: 'kit.gas-a-day',
  dimension: 'gasADay',
  terms: { gramsPerH: 'gasRate', hoursPerDay: 'hours' },
  formula: 'gramsPerH·hoursPerDay',
  source: `The rate that brings the water to ${HELD_MG_PER_L} mg/L by lights-on; exchange with the air by temperature, flow and surface: rule of thumb`,
})
export const surfaceLossSum = defineSum({
  id: 'kit.gas-lost',
  dimension: 'gasADay',
  terms: { lossPerH: 'turnover', equilibriumMgPerL: 'concentration', openWaterL: 'volume', hoursPerDay: 'hours' },
  formula: `lossPerH·(${HELD_MG_PER_L} − equilibriumMgPerL)·openWaterL·hoursPerDay/1000`,
  source: `${HELD_MG_PER_L} mg/L held while gas is let in; exchange with the air by temperature, flow and surface: rule of thumb`,
})

/** Gas let in on a day, and what of it the air takes. */
export const openSurfaceGas = (gas: SurfaceGas): { readonly given: OpenedSum; readonly lost: OpenedSum } => ({
  given: openSum(surfaceGasSum, gas.gramsPerDay, { gramsPerH: reckoned(gas.gasMgPerH / 1000), hoursPerDay: reckoned(gas.openH) }),
  lost: openSum(surfaceLossSum, gas.lostGPerDay, {
    lossPerH: reckoned(gas.lossPerH),
    equilibriumMgPerL: reckoned(gas.equilibriumMgPerL),
    openWaterL: reckoned(gas.waterL),
    hoursPerDay: reckoned(gas.openH),
  }),
})
