import type { PublicForecast } from '@jovrin/core'
import Papa from 'papaparse'

/** One row a day; a band adds two columns a series. Numbers as they are, point as decimal mark. */
export function forecastCsv({ at, series }: PublicForecast): string {
  const header = ['day', ...series.flatMap(({ id, low }) => (low === undefined ? [id] : [id, `${id}.low`, `${id}.high`]))]
  const rows = at.map((day, index) => [
    day,
    ...series.flatMap(({ values, low, high }) => [
      values[index],
      ...(low === undefined || high === undefined ? [] : [low[index], high[index]]),
    ]),
  ])
  return Papa.unparse([header, ...rows], { newline: '\r\n' })
}
