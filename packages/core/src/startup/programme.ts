import { hasGas } from '../gas/linesOf.js'
import { aimedPeakMgPerL, wantsSensitive, WASTED_MG_PER_L } from '../gas/limits.js'
import { animalsFromDay } from '../livestock/presence.js'
import type { Plan, TimelineEntry } from '../plan/plan.js'
import { entryAt } from '../plan/timelineAt.js'
import { quantities, type Dimensions, type NumbersOf, type Quantities } from '../quantity/quantity.js'
import { feedPhasesOf } from './feedPhases.js'
import { isSameLight, lightSettingOf, type LightStep } from './lightSteps.js'
import { changeFractionOn, FIRST_WEEKS_DAYS, largeChangeDay } from '../ecosystem/changeDays.js'
import { PROGRAMME_DAYS } from './programmeDays.js'

interface StepRow {
  readonly lane: 'change' | 'light' | 'gas' | 'feed' | 'animals' | 'work' | 'normal'
  readonly values: Dimensions
}
/** The steps of the first weeks: their lane, and the values that their sentence tells. */
export const PROGRAMME_STEPS = {
  'change-daily': { lane: 'change', values: { share: 'fraction' } },
  'change-none': { lane: 'change', values: {} },
  'change-large': { lane: 'change', values: { share: 'fraction' } },
  'change-every-other': { lane: 'change', values: { share: 'fraction' } },
  'change-twice': { lane: 'change', values: { share: 'fraction' } },
  'change-regular': { lane: 'change', values: { share: 'fraction', every: 'days' } },
  'light-step': { lane: 'light', values: { light: 'hours', power: 'fraction' } },
  'gas-before-animals': { lane: 'gas', values: { most: 'concentration' } },
  'gas-turn-down': { lane: 'gas', values: {} },
  'gas-with-animals': { lane: 'gas', values: { most: 'concentration' } },
  'feed-none': { lane: 'feed', values: {} },
  'feed-no-nitrogen': { lane: 'feed', values: {} },
  'feed-by-signs': { lane: 'feed', values: {} },
  'feed-half-or-sign': { lane: 'feed', values: {} },
  'feed-quarter': { lane: 'feed', values: {} },
  'feed-half': { lane: 'feed', values: {} },
  'feed-full': { lane: 'feed', values: {} },
  'feed-part': { lane: 'feed', values: { nitrogen: 'fraction', rest: 'fraction' } },
  'animals-grazers': { lane: 'animals', values: {} },
  'animals-fish': { lane: 'animals', values: {} },
  'work-melt': { lane: 'work', values: {} },
  'work-tests': { lane: 'work', values: {} },
  'normal-haze': { lane: 'normal', values: {} },
  'normal-melt': { lane: 'normal', values: {} },
  'normal-brown-film': { lane: 'normal', values: {} },
  'normal-green-dust': { lane: 'normal', values: {} },
  'normal-settling': { lane: 'normal', values: {} },
} as const satisfies Readonly<Record<string, StepRow>>
export type ProgrammeCode = keyof typeof PROGRAMME_STEPS
type StepNumbers<Code extends ProgrammeCode> = NumbersOf<(typeof PROGRAMME_STEPS)[Code]['values']>

/** One step of the first weeks. Days of the tank's age; `toDay` exclusive. Codes; the sentences are in contract's catalogue. */
export interface ProgrammeStep {
  readonly lane: StepRow['lane']
  readonly code: ProgrammeCode
  readonly fromDay: number
  readonly toDay: number
  readonly values: Quantities
}
const stepOf = <Code extends ProgrammeCode>(code: Code, fromDay: number, toDay: number, numbers: StepNumbers<Code>): ProgrammeStep => {
  const { lane, values } = PROGRAMME_STEPS[code]
  return { lane, code, fromDay, toDay, values: quantities(values, numbers) }
}
/** The first eight weeks of a wet start, as `programmed` lays them over the settings. A test decides, not the calendar: days are when to look. */
export function wetStartProgramme(timeline: readonly TimelineEntry[]): ProgrammeStep[] {
  const plan = timeline.at(-1)?.plan
  if (plan === undefined) return []
  const steps: ProgrammeStep[] = []
  const step = <Code extends ProgrammeCode>(code: Code, fromDay: number, toDay: number, numbers: StepNumbers<Code>): void =>
    void steps.push(stepOf(code, fromDay, toDay, numbers))
  steps.push(...changeLane(plan))
  for (const { fromDay, toDay, hours, dimFraction } of lightLane(timeline))
    step('light-step', fromDay, toDay, { light: hours, power: dimFraction })
  if (hasGas(plan)) steps.push(...gasLane(plan))
  for (const { code, fromDay, toDay, share } of feedPhasesOf(plan))
    if (code === 'feed-part') step(code, fromDay, toDay, { nitrogen: share.nitrogenPhosphorus, rest: share.rest })
    else step(code, fromDay, toDay, {})
  if (plan.animals.grazers !== 0) step('animals-grazers', plan.animals.grazersFromDay, plan.animals.grazersFromDay + 7, {})
  if (plan.animals.foodGPerDay !== 0) step('animals-fish', plan.animals.fishFromDay, plan.animals.fishFromDay + 7, {})
  step('work-melt', 3, 21, {})
  step('work-tests', 3, 42, {})
  step('normal-haze', 0, 7, {})
  step('normal-melt', 5, 21, {})
  step('normal-brown-film', 14, 28, {})
  step('normal-green-dust', 21, 42, {})
  step('normal-settling', 28, PROGRAMME_DAYS, {})
  return steps
    .filter(({ fromDay, toDay }) => fromDay < PROGRAMME_DAYS && toDay > fromDay)
    .map((entry) => ({ ...entry, toDay: Math.min(entry.toDay, PROGRAMME_DAYS) }))
}

/** When water is changed, as `changeFractionOn` has it day by day. */
function changeLane(plan: Plan): ProgrammeStep[] {
  const { fraction, everyDays, firstWeeks } = plan.changes
  const share = { share: fraction }
  const regularFrom = (day: number): ProgrammeStep => stepOf('change-regular', day, PROGRAMME_DAYS, { ...share, every: everyDays })
  const twiceFrom = (day: number): ProgrammeStep => stepOf('change-twice', day, FIRST_WEEKS_DAYS, share)
  switch (firstWeeks) {
    case 'same':
      return [regularFrom(1)]
    case 'daily':
      return [stepOf('change-daily', 1, 7, share), stepOf('change-every-other', 7, 14, share), twiceFrom(14), regularFrom(FIRST_WEEKS_DAYS)]
    case 'every-other':
      return [stepOf('change-every-other', 1, 14, share), twiceFrom(14), regularFrom(FIRST_WEEKS_DAYS)]
    case 'twice':
      return [twiceFrom(1), regularFrom(FIRST_WEEKS_DAYS)]
    case 'one-large': {
      const large = largeChangeDay(plan)
      return [
        stepOf('change-none', 1, large, {}),
        stepOf('change-large', large, large + 1, { share: changeFractionOn(plan, large) }),
        regularFrom(large + 1),
      ]
    }
  }
}

/** The light of each day, days alike together. */
function lightLane(timeline: readonly TimelineEntry[]): LightStep[] {
  const lane: LightStep[] = []
  for (let day = 0; day < PROGRAMME_DAYS; day++) {
    const entry = entryAt(timeline, day)
    if (entry === undefined) break
    const light = lightSettingOf(entry.plan)
    const last = lane.at(-1)
    if (last !== undefined && isSameLight(last, light)) lane[lane.length - 1] = { ...last, toDay: day + 1 }
    else lane.push({ ...light, fromDay: day, toDay: day + 1 })
  }
  return lane
}

/** Days before the first animals in which the gas comes down. */
const TURN_DOWN_DAYS = 7

/** More than animals bear is spoken of only for days on which there are none. */
function gasLane(plan: Plan): ProgrammeStep[] {
  const first = animalsFromDay(plan) ?? Infinity
  const turnDown = Math.max(0, first - TURN_DOWN_DAYS)
  return [
    stepOf('gas-before-animals', 0, turnDown, { most: WASTED_MG_PER_L }),
    stepOf('gas-turn-down', turnDown, first, {}),
    stepOf('gas-with-animals', first, PROGRAMME_DAYS, { most: aimedPeakMgPerL(wantsSensitive(plan.intent)) }),
  ]
}

/** Steps in force on a day. */
export const stepsOn = (steps: readonly ProgrammeStep[], day: number): ProgrammeStep[] =>
  steps.filter(({ fromDay, toDay }) => day >= fromDay && day < toDay)
