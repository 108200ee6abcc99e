import { compile, DEFAULT_PARAMETERS, forecastMember, simulate, warmUp, type ForecastOptions } from '@jovrin/core'
import { DEMO_TANKS } from '../demo/tanks.js'

const river = DEMO_TANKS[0]
if (river === undefined) throw new Error('the demo has no tank')
const timeline = [{ fromDay: 0, plan: river.plan('2026-09-21') }]
const WEEKS = 26

/** One run of the common tank, 26 weeks at 30 minutes, compiled and simulated. */
export function single(): number {
  const started = performance.now()
  const compiled = compile({ timeline, days: WEEKS * 7, stepMin: 30 })
  simulate({ forcing: compiled.forcing, parameters: DEFAULT_PARAMETERS, startState: compiled.startState, days: WEEKS * 7 })
  return performance.now() - started
}

/** Some members of a 26-week ensemble from the first day. */
export function members(which: readonly number[]): void {
  const options: ForecastOptions = { timeline, today: 0, weeks: WEEKS, seed: 1, levers: {} }
  for (const member of which) forecastMember(options, member, new Map())
}

export { warmUp }
