import { compile } from '../ecosystem/compile.js'
import { DAY, DAY_STRIDE } from '../ecosystem/daySeries.js'
import { NO_ANIMALS_MG_N_PER_L } from '../ecosystem/flags.js'
import { simulate } from '../ecosystem/simulate.js'
import type { Plan } from '../plan/plan.js'
import { startEndDay } from '../plan/startPhase.js'
import { programmed } from './programmed.js'

const WEEKS_DAYS = 84
/** Two tests a day or more apart, and a film to graze, take at least this long. General practice: two weeks. */
const EARLIEST_DAY = 14
/** After a dark start the cycle stands before the plants come. */
const EARLIEST_AFTER_DARK = 7

/** Day of a tank's age from which tests can allow animals: the first after which the model's common tank, started by its programme and without animals, keeps ammonia and nitrite low. A test decides, not this. twelve weeks after plants and water came together at the latest.
 *  A run of twelve weeks, some twenty milliseconds: not for every step of a gesture. */
export function animalsAllowedFromDay(plan: Plan): number {
  const known = found.get(plan)
  if (known !== undefined) return known
  const end = startEndDay(plan)
  const days = end + WEEKS_DAYS
  const empty: Plan = { ...plan, animals: { ...plan.animals, groups: [] } }
  const { timeline } = programmed([{ fromDay: 0, plan: empty }], { today: 0, animalsAllowedFromDay: null })
  const { forcing, startState, parameters } = compile({ timeline, days, stepMin: 60 })
  const { rows } = simulate({ forcing, startState, parameters, days })
  const isHigh = (day: number): boolean =>
    [DAY.ammonium, DAY.nitrite].some((column) => (rows[day * DAY_STRIDE + column] ?? 0) > NO_ANIMALS_MG_N_PER_L)
  let last = days - 1
  while (last >= end && !isHigh(last)) last--
  const day = end + Math.max(plan.start.method === 'dark' ? EARLIEST_AFTER_DARK : EARLIEST_DAY, last + 1 - end)
  found.set(plan, day)
  return day
}
/** Plans are never changed in place. */
const found = new WeakMap<Plan, number>()
