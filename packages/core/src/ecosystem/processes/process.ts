import type { Step } from '../step.js'

/** One named cause of change. The first pass reads the state at the start of the step and says what it wants from each pool; the second applies what was granted.
 *  The order of the list matters only where a comment in the process says so. */
export interface Process {
  readonly name: string
  demand(step: Step): void
  apply(step: Step): void
}
