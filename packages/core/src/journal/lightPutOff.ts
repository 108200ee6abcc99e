import { daysBetween } from '../plan/clock.js'
import type { JobRecord } from '../plan/journal.js'
import type { StepPutOff } from '../startup/lightSteps.js'

const RULE = /^light-step(:|$)/

/** Steps of the light that were skipped or moved, as they were told of their jobs. */
export const lightPutOffOf = (jobs: readonly JobRecord[], startedOn: string): StepPutOff[] =>
  jobs
    .filter(({ ruleId, state }) => RULE.test(ruleId) && state !== 'done')
    .map(({ dueOn, movedTo }) => ({ day: daysBetween(startedOn, dueOn), toDay: movedTo === null ? null : daysBetween(startedOn, movedTo) }))
