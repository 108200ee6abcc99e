import { publicForecast, type PublicForecast, type PublicForecastOptions } from '@jovrin/core'

/** Runs in the pool, away from the event loop. */
export default function run(options: PublicForecastOptions): PublicForecast | null {
  return publicForecast(options)
}
