import type { TankFigures } from '../ecosystem/tankFigures.js'
import { commonAnswers } from '../plan/answers.js'
import type { Plan } from '../plan/plan.js'
import { glassMassKg } from '../tank/vessel.js'
import type { Corners } from '../tank/level.js'
import { totalKg, type Masses } from '../tank/load.js'
import { waterDensityKgPerM3 } from '../water/density.js'

/** Masses of the filled tank, part by part. What was not weighed is taken by the size of the tank. */
export function filledMasses(plan: Plan, figures: TankFigures): Masses {
  const { volumes } = figures
  const answers = commonAnswers()
  return {
    glassKg: glassMassKg(figures.vessel),
    waterKg: (Math.max(0, volumes.netWaterL) * waterDensityKgPerM3(figures.temperatureC)) / 1000,
    groundKg: figures.ground.dryKg,
    hardscapeKg: figures.hardscapeKg,
    standKg: plan.stand.massKg ?? volumes.outerL * answers.trait('standKgPerL'),
    kitKg: plan.stand.kitMassKg ?? volumes.outerL * answers.trait('kitKgPerL'),
  }
}
export const filledKg = (plan: Plan, figures: TankFigures): number => totalKg(filledMasses(plan, figures))

/** The corner readings once all four are there. */
export function cornersOf({ stand: { cornersMm } }: Pick<Plan, 'stand'>): Corners | null {
  const { frontLeft, frontRight, backLeft, backRight } = cornersMm
  return frontLeft === null || frontRight === null || backLeft === null || backRight === null
    ? null
    : { frontLeft, frontRight, backLeft, backRight }
}
