import { clockOf, DAY_MIN, minutesOf, timeOfDayMin } from '../plan/clock.js'
import { longestRampMin } from '../plan/fields.js'
import type { Plan } from '../plan/plan.js'

export const SNAP_MIN = 5

/** What can be dragged on a day strip, as one value each [minutes after midnight, or length of the ramp]. */
export type DayEdge = 'lightOn' | 'lightOff' | 'ramp' | 'gasOn' | 'gasOff'

const snap = (minutes: number): number => Math.round(minutes / SNAP_MIN) * SNAP_MIN
/** Shortest and longest light window that a strip lets one drag to. */
const SHORTEST_MIN = 30
const LONGEST_GAS_LEAD_MIN = 480

/** Where an edge stands on the clock; `null` where the plan has none. */
export function edgeMinutes(plan: Plan, edge: DayEdge): number | null {
  const window = plan.lightWindows[0]
  if (window === undefined) return null
  const on = minutesOf(window.on)
  const off = on + window.hours * 60
  const gas = plan.gasLines.find((line) => line.control !== 'none')
  switch (edge) {
    case 'lightOn':
      return on
    case 'lightOff':
      return timeOfDayMin(off)
    case 'ramp':
      return timeOfDayMin(on + window.rampMin)
    case 'gasOn':
      return gas === undefined ? null : timeOfDayMin(on - gas.beforeLightMin)
    case 'gasOff':
      return gas === undefined ? null : timeOfDayMin(off - gas.beforeDarkMin)
  }
}

/** The plan after an edge was moved to a time of day. Moving lights-on keeps lights-off; gas keeps its leads, so it follows the light. Values stay within what the plan accepts. */
export function moveEdge(plan: Plan, edge: DayEdge, toMinutes: number): Plan {
  const window = plan.lightWindows[0]
  if (window === undefined) return plan
  const to = timeOfDayMin(snap(toMinutes))
  const on = minutesOf(window.on)
  const off = on + window.hours * 60
  const withWindow = (change: Partial<typeof window>): Plan => {
    const next = { ...window, ...change }
    return {
      ...plan,
      lightWindows: [{ ...next, rampMin: Math.min(next.rampMin, longestRampMin(next.hours)) }, ...plan.lightWindows.slice(1)],
    }
  }
  const hoursOf = (minutes: number): number => Math.min(Math.max(minutes, SHORTEST_MIN), DAY_MIN) / 60
  const withGas = (change: { beforeLightMin?: number; beforeDarkMin?: number }): Plan => ({
    ...plan,
    gasLines: plan.gasLines.map((line) => (line.control === 'none' ? line : { ...line, ...change })),
  })
  const lead = (minutes: number): number => {
    const forward = timeOfDayMin(minutes)
    return forward > DAY_MIN / 2 ? 0 : Math.min(forward, LONGEST_GAS_LEAD_MIN)
  }
  switch (edge) {
    case 'lightOn':
      return withWindow({ on: clockOf(to), hours: hoursOf(timeOfDayMin(off - to) || DAY_MIN) })
    case 'lightOff':
      return withWindow({ hours: hoursOf(timeOfDayMin(to - on) || DAY_MIN) })
    case 'ramp':
      return withWindow({
        rampMin: Math.min(Math.max(timeOfDayMin(to - on) > DAY_MIN / 2 ? 0 : timeOfDayMin(to - on), 0), 240, window.hours * 30),
      })
    case 'gasOn':
      return withGas({ beforeLightMin: lead(on - to) })
    case 'gasOff':
      return withGas({ beforeDarkMin: lead(off - to) })
  }
}
