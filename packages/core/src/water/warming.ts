import { commonAnswers } from '../plan/answers.js'
import type { Plan } from '../plan/plan.js'
import { mixOf } from './mixOf.js'

/** Water of a change made warm, or as warm as it gets. */
export interface Warming {
  /** Out of the hot tap, part of what the pipes give [L]. */
  readonly hotL: number
  readonly hotC: number
  /** What pipes give in all, cold and hot together [L], and how cold they run. */
  readonly pipedL: number
  readonly pipedC: number
  /** Without any hot water. */
  readonly coldC: number
  /** As it comes out of barrel or hose. */
  readonly mixC: number
  /** By which the tank moves. */
  readonly shiftC: number
}
export interface WarmingTask {
  readonly plan: Pick<Plan, 'sources' | 'logistics' | 'water'>
  readonly litres: number
  /** Share of the tank that is changed. */
  readonly fraction: number
  readonly tankC: number
  /** Where purified water and rain stand. */
  readonly roomC: number
}

/** A change may move a tank with animals by so much [°C]; general practice. */
export const MOST_SHIFT_C = 2

/** Litres of hot water that bring a change to the tank's own temperature. Only what comes from a pipe can be taken hot; nothing cools water that is too warm. */
export function warming({ plan, litres, fraction, tankC, roomC }: WarmingTask): Warming {
  const answers = commonAnswers()
  const mix = mixOf(plan)
  const hotC = answers.number('water/kit/hotC', plan.water.kit.hotC)
  let [heat, pipedL, pipedHeat] = [mix.purified * roomC, 0, 0]
  for (const { source, share, place } of mix.sources) {
    const stands = source?.kind === 'rain'
    const sourceC = source?.temperatureC ?? (stands ? roomC : answers.number('sources/*/temperatureC', null, place))
    heat += share * sourceC
    if (!stands) {
      pipedL += share * litres
      pipedHeat += share * litres * sourceC
    }
  }
  const coldC = heat
  const pipedC = pipedL > 0 ? pipedHeat / pipedL : coldC
  const hotL = hotC > pipedC + 1 ? Math.min(pipedL, Math.max(0, ((tankC - coldC) * litres) / (hotC - pipedC))) : 0
  const mixC = litres > 0 ? coldC + (hotL * (hotC - pipedC)) / litres : coldC
  return { hotL, hotC, pipedL, pipedC, coldC, mixC, shiftC: fraction * (mixC - tankC) }
}
