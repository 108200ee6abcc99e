import type { CylinderForecast } from '../gas/cylinder.js'
import { civilDateAt, datePlusDays } from '../plan/clock.js'
import type { JobRecord } from '../plan/journal.js'
import type { Dimensions } from '../quantity/quantity.js'
import type { Job } from './jobs.js'

/** What the scale asks for before a cylinder is empty. */
export const CYLINDER_JOBS = { 'order-gas': {}, 'swap-cylinder': {} } as const satisfies Readonly<Record<string, Dimensions>>
export type CylinderJobKind = keyof typeof CYLINDER_JOBS

/** Time for a filler or a parcel, days before the swap; minutes that each takes. Rules of thumb. */
const AHEAD_DAYS = { 'order-gas': 14, 'swap-cylinder': 0 } as const
const MINUTES = { 'order-gas': 0, 'swap-cylinder': 20 } as const

/** A filling is ordered for once and swapped once: what was told of it stands on the day it was told for, though a later weighing moves the forecast. None where the scale tells no day. */
export function cylinderJobs(forecast: CylinderForecast | null, timeZone: string, told: readonly JobRecord[]): Job[] {
  const [first] = forecast?.weighings ?? []
  const last = forecast?.weighings.at(-1)
  if (forecast === null || forecast.swap === null || first === undefined || last === undefined) return []
  const dateOf = (ms: number): string => civilDateAt(ms, timeZone)
  const swapOn = dateOf(forecast.swap.onMs)
  return (Object.keys(CYLINDER_JOBS) as CylinderJobKind[]).map((kind): Job => {
    const ruleId = `${kind}:${dateOf(first.atMs)}`
    const record = told.find((one) => one.ruleId === ruleId)
    // It is not asked for a day that the newest weighing has passed.
    const on = [datePlusDays(swapOn, -AHEAD_DAYS[kind]), dateOf(last.atMs)].sort().at(-1)!
    return { ruleId, kind, dueOn: record?.dueOn ?? on, isTimer: false, minutes: MINUTES[kind], values: {} }
  })
}
