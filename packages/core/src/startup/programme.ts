import { hasGas } from '../gas/linesOf.js'
import { aimedPeakMgPerL, wantsSensitive, WASTED_MG_PER_L } from '../gas/limits.js'
import { animalsFromDay } from '../livestock/presence.js'
import { animalGroups, isCleaner } from '../plan/planAnimals.js'
import type { Plan, TimelineEntry } from '../plan/plan.js'
import type { StartMethod } from '../plan/planStart.js'
import { startEndDay } from '../plan/startPhase.js'
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
  'light-none': { lane: 'light', values: {} },
  'gas-none': { lane: 'gas', values: {} },
  'gas-high-then-less': { lane: 'gas', values: { most: 'concentration' } },
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
  'work-dark-tests': { lane: 'work', values: {} },
  'work-plant': { lane: 'work', values: {} },
  'work-mist': { lane: 'work', values: {} },
  'work-flood': { lane: 'work', values: {} },
  'normal-dark-ammonia': { lane: 'normal', values: {} },
  'normal-dark-nitrite': { lane: 'normal', values: {} },
  'normal-dry-still': { lane: 'normal', values: {} },
  'normal-dry-mould': { lane: 'normal', values: {} },
  'normal-dry-creep': { lane: 'normal', values: {} },
  'normal-melt-of-carpet': { lane: 'normal', values: {} },
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
/** Days of a start and of the eight weeks after plants and water came together. */
export const programmeLength = (plan: Pick<Plan, 'start'>): number => startEndDay(plan) + PROGRAMME_DAYS

/** A tank's start, as `programmed` lays it over the settings, and the first eight weeks with plants and water together. A test decides, not the calendar: days are when to look. */
export function startProgramme(timeline: readonly TimelineEntry[]): ProgrammeStep[] {
  const plan = timeline.at(-1)?.plan
  if (plan === undefined) return []
  const end = startEndDay(plan)
  const length = programmeLength(plan)
  const steps: ProgrammeStep[] = []
  const step = <Code extends ProgrammeCode>(code: Code, fromDay: number, toDay: number, numbers: StepNumbers<Code>): void =>
    void steps.push(stepOf(code, fromDay, toDay, numbers))
  steps.push(...changeLane(plan, length))
  for (const { fromDay, toDay, hours, dimFraction } of lightLane(timeline, length))
    if (hours === 0) step('light-none', fromDay, toDay, {})
    else step('light-step', fromDay, toDay, { light: hours, power: dimFraction })
  if (hasGas(plan)) steps.push(...gasLane(plan, length))
  for (const { code, fromDay, toDay, share } of feedPhasesOf(plan))
    if (code === 'feed-part') step(code, fromDay, toDay, { nitrogen: share.nitrogenPhosphorus, rest: share.rest })
    else step(code, fromDay, toDay, {})
  const arrivals = animalGroups(plan)
  for (const { code, come } of [
    { code: 'animals-grazers', come: arrivals.filter(({ species }) => isCleaner(species)) },
    { code: 'animals-fish', come: arrivals.filter(({ species }) => !isCleaner(species)) },
  ] as const)
    for (const day of new Set(come.map(({ group }) => group.fromDay))) step(code, day, day + 7, {})
  steps.push(...beforePlanted(plan.start.method, end))
  step('work-melt', end + 3, end + 21, {})
  step('work-tests', end + 3, end + 42, {})
  step('normal-haze', end, end + 7, {})
  step(plan.start.method === 'dry' ? 'normal-melt-of-carpet' : 'normal-melt', end + 5, end + 21, {})
  step('normal-brown-film', end + 14, end + 28, {})
  step('normal-green-dust', end + 21, end + 42, {})
  step('normal-settling', end + 28, length, {})
  return steps
    .filter(({ fromDay, toDay }) => fromDay < length && toDay > fromDay)
    .map((entry) => ({ ...entry, toDay: Math.min(entry.toDay, length) }))
}

/** Work and what is normal in the weeks before plants and water are together. General practice. */
function beforePlanted(method: StartMethod, end: number): ProgrammeStep[] {
  switch (method) {
    case 'wet':
      return []
    case 'dark':
      return [
        stepOf('work-dark-tests', 3, end, {}),
        stepOf('work-plant', end, end + 1, {}),
        stepOf('normal-dark-ammonia', 0, Math.min(21, end), {}),
        stepOf('normal-dark-nitrite', Math.min(14, end), end, {}),
      ]
    case 'dry':
      return [
        stepOf('work-mist', 0, end, {}),
        stepOf('work-flood', end, end + 1, {}),
        stepOf('normal-dry-still', 0, Math.min(10, end), {}),
        stepOf('normal-dry-mould', Math.min(5, end), Math.min(21, end), {}),
        stepOf('normal-dry-creep', Math.min(14, end), end, {}),
      ]
  }
}

/** When water is changed, as `changeFractionOn` has it day by day. */
function changeLane(plan: Plan, length: number): ProgrammeStep[] {
  const { fraction, everyDays, firstWeeks } = plan.changes
  const end = startEndDay(plan)
  const large = largeChangeDay(plan)
  const share = { share: fraction }
  const lane: ProgrammeStep[] = end === 0 ? [] : [stepOf('change-none', 1, end, {})]
  if (large !== null) lane.push(stepOf('change-large', large, large + 1, { share: changeFractionOn(plan, large) }))
  const patternFrom = Math.max(end, large ?? 0) + 1
  const regularFrom = (day: number): ProgrammeStep => stepOf('change-regular', day, length, { ...share, every: everyDays })
  const twiceFrom = (day: number): ProgrammeStep => stepOf('change-twice', day, end + FIRST_WEEKS_DAYS, share)
  switch (firstWeeks) {
    case 'same':
      return [...lane, regularFrom(patternFrom)]
    case 'daily':
      return [
        ...lane,
        stepOf('change-daily', patternFrom, end + 7, share),
        stepOf('change-every-other', end + 7, end + 14, share),
        twiceFrom(end + 14),
        regularFrom(end + FIRST_WEEKS_DAYS),
      ]
    case 'every-other':
      return [...lane, stepOf('change-every-other', patternFrom, end + 14, share), twiceFrom(end + 14), regularFrom(end + FIRST_WEEKS_DAYS)]
    case 'twice':
      return [...lane, twiceFrom(patternFrom), regularFrom(end + FIRST_WEEKS_DAYS)]
  }
}

/** The light of each day, days alike together. */
function lightLane(timeline: readonly TimelineEntry[], length: number): LightStep[] {
  const lane: LightStep[] = []
  for (let day = 0; day < length; day++) {
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
function gasLane(plan: Plan, length: number): ProgrammeStep[] {
  const end = startEndDay(plan)
  const first = Math.max(end, animalsFromDay(plan) ?? Infinity)
  const turnDown = Math.max(end, first - TURN_DOWN_DAYS)
  return [
    ...(end === 0 ? [] : [stepOf('gas-none', 0, end, {})]),
    plan.start.method === 'dry'
      ? stepOf('gas-high-then-less', end, turnDown, { most: WASTED_MG_PER_L })
      : stepOf('gas-before-animals', end, turnDown, { most: WASTED_MG_PER_L }),
    stepOf('gas-turn-down', turnDown, first, {}),
    stepOf('gas-with-animals', first, length, { most: aimedPeakMgPerL(wantsSensitive(plan)) }),
  ]
}

/** Steps in force on a day. */
export const stepsOn = (steps: readonly ProgrammeStep[], day: number): ProgrammeStep[] =>
  steps.filter(({ fromDay, toDay }) => day >= fromDay && day < toDay)
