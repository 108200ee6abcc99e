import type { Answers } from '../plan/answers.js'
import type { Plan } from '../plan/plan.js'

export interface Animals {
  readonly foodGPerDay: number
  readonly grazers: number
}
/** Food and grazers once they are in; where nobody knows, by the water. */
export const animalsOf = ({ animals }: Pick<Plan, 'animals'>, answers: Answers, waterL: number): Animals => ({
  foodGPerDay: animals.foodGPerDay ?? answers.trait('foodGPerDayPerL') * waterL,
  grazers: animals.grazers ?? answers.trait('grazersPerL') * waterL,
})
