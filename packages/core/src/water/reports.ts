import { daysBetween } from '../plan/clock.js'
import type { WaterReport } from '../plan/planWater.js'

export type Reported = 'alkalinityMeqPerL' | 'hardnessMmolPerL' | 'nitrateMgNPerL' | 'conductivityUsPerCm' | 'temperatureC'
export interface ReportedRange {
  readonly low: number
  readonly mean: number
  readonly high: number
  readonly count: number
}
const REPORTED: readonly Reported[] = ['alkalinityMeqPerL', 'hardnessMmolPerL', 'nitrateMgNPerL', 'conductivityUsPerCm', 'temperatureC']
const YEAR_DAYS = 366

/** What the reports of the last year say, counted back from the newest; `null` of what none tells. */
export function reportMeans(reports: readonly WaterReport[]): Readonly<Record<Reported, ReportedRange | null>> {
  const newest = reports.reduce((last, { on }) => (on > last ? on : last), '')
  const recent = reports.filter(({ on }) => daysBetween(on, newest) <= YEAR_DAYS)
  return Object.fromEntries(
    REPORTED.map((key) => {
      const values = recent.flatMap((report) => report[key] ?? [])
      if (values.length === 0) return [key, null]
      const mean = values.reduce((sum, value) => sum + value, 0) / values.length
      return [key, { low: Math.min(...values), mean, high: Math.max(...values), count: values.length }]
    }),
  ) as unknown as Readonly<Record<Reported, ReportedRange | null>> // one entry a key
}
