import type { PublicForecast } from '@jovrin/core'
import { refusalWords, type ForecastRequest } from '@jovrin/contract'
import { Refusal } from '../http/refusal.js'
import { workerEntry } from '../longWork/workerEntry.js'
import { Piscina } from 'piscina'

/** More than this waiting, and a request is better sent again later. */
const MOST_WAITING = 32

/** Long sums in worker threads. `close` waits for none: what runs is dropped. */
export const forecastService = () => {
  let pool: Piscina | null = null
  const open = (): Piscina => {
    const { href, execArgv } = workerEntry(new URL('./forecast.worker.ts', import.meta.url))
    return (pool ??= new Piscina({ filename: href, minThreads: 0, maxThreads: 2, idleTimeout: 30_000, execArgv: [...execArgv] }))
  }
  return {
    run: async ({ startState, ...request }: ForecastRequest, signal: AbortSignal): Promise<PublicForecast> => {
      if (open().queueSize >= MOST_WAITING) throw new Refusal(429, 'busy', refusalWords.busy)
      const forecast = (await open().run(
        { ...request, ...(startState === undefined ? {} : { startState: Float64Array.from(startState) }) },
        { signal },
      )) as PublicForecast | null // what forecast.worker returns
      if (forecast === null) throw new Refusal(422, 'start_state', refusalWords.startState)
      return forecast
    },
    close: async (): Promise<void> => {
      await pool?.destroy()
    },
  }
}
export type ForecastService = ReturnType<typeof forecastService>
