import { commonAnswers } from './answers.js'
import type { Plan } from './plan.js'

/** What stands in a tank on a day: water without plants, plants without water, or both. */
export type StartPhase = 'dark' | 'dry' | 'planted'
type Started = Pick<Plan, 'start'>

/** Day of the tank's age on which plants and water are together for the first time: the first weeks of light, changes, feed and animals count from it. */
export const startEndDay = ({ start: { method, endsOnDay } }: Started): number =>
  method === 'wet' ? 0 : commonAnswers().number('start/endsOnDay', endsOnDay)

export const phaseOn = (plan: Started, day: number): StartPhase =>
  plan.start.method === 'wet' || day >= startEndDay(plan) ? 'planted' : plan.start.method

/** Days since plants and water are together; below zero before that. */
export const plantedAge = (plan: Started, day: number): number => day - startEndDay(plan)

/** Light a day while dry [h]. */
export const dryLightHours = ({ start }: Started): number => commonAnswers().number('start/dryLightHours', start.dryLightHours)
