import type { Answers } from '../plan/answers.js'
import type { Plan } from '../plan/plan.js'
import type { Vessel } from './vessel.js'

/** Glass is at most a fifth of the least side, and the water line lies above the floor: an answered tank is one that can be. */
const MOST_GLASS = 0.2
const MOST_FREEBOARD = 0.9

export function vesselOf({ vessel }: Pick<Plan, 'vessel'>, answers: Answers): Vessel {
  const heightCm = answers.number('vessel/heightCm', vessel.heightCm)
  const lengthCm = answers.number('vessel/lengthCm', vessel.lengthCm)
  const widthCm = answers.number('vessel/widthCm', vessel.widthCm)
  const glassCm = Math.min(answers.number('vessel/glassCm', vessel.glassCm), Math.min(lengthCm, widthCm, heightCm) * MOST_GLASS)
  const freeboardCm = Math.min(answers.number('vessel/freeboardCm', vessel.freeboardCm), (heightCm - glassCm) * MOST_FREEBOARD)
  return { lengthCm, widthCm, heightCm, glassCm, freeboardCm }
}
