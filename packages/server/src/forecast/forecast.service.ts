import type { PublicForecast } from '@jovrin/core'
import type { ForecastRequest } from '@jovrin/contract'
import { Piscina } from 'piscina'

/** Long sums in worker threads. `close` waits for none: what runs is dropped. */
export const forecastService = () => {
  let pool: Piscina | null = null
  const open = (): Piscina =>
    (pool ??= new Piscina({
      filename: new URL('./forecast.worker.ts', import.meta.url).href,
      minThreads: 0,
      maxThreads: 2,
      maxQueue: 64,
      idleTimeout: 30_000,
      execArgv: ['--import', 'tsx'],
    }))
  return {
    run: ({ startState, ...request }: ForecastRequest, signal: AbortSignal): Promise<PublicForecast> =>
      open().run({ ...request, ...(startState === undefined ? {} : { startState: Float64Array.from(startState) }) }, { signal }) as Promise<PublicForecast>, // what forecast.worker returns
    close: async (): Promise<void> => {
      await pool?.destroy()
    },
  }
}
export type ForecastService = ReturnType<typeof forecastService>
