import { commonAnswers } from '../plan/answers.js'
import type { Plan } from '../plan/plan.js'
import { answered, defineSum, openSum, type OpenedSum } from '../quantity/sum.js'
import { co2GasDensityGPerL } from './bubble.js'
import { leakShare } from './leak.js'

export const leakSum = defineSum({
  id: 'gas.leak',
  dimension: 'fraction',
  terms: { cylinderKg: 'mass', roomM3: 'space' },
  formula: `cylinderKg/${Number(co2GasDensityGPerL(20, 101.325).toPrecision(4))}/roomM3`,
  source: 'Ideal gas at 20 °C and 1 atm, mixed with the air of a closed room; over 3 % is acutely harmful (general safety practice)',
})

/** What a full leak of the plan's first cylinder makes of the room's air. */
export function openLeak(plan: Pick<Plan, 'gasLines' | 'room'>): OpenedSum {
  const line = plan.gasLines.find(({ control }) => control !== 'none')
  const cylinderKg = commonAnswers().number('gasLines/*/cylinderKg', line?.cylinderKg)
  const roomM3 = commonAnswers().number('room/volumeM3', plan.room.volumeM3)
  const share = leakShare(cylinderKg, roomM3)
  return openSum(leakSum, share, { cylinderKg: answered(cylinderKg, line?.cylinderKg), roomM3: answered(roomM3, plan.room.volumeM3) })
}
