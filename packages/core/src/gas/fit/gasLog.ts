import type { DailyWindow } from './dailyWindows.js'

/** pH over some hours, with what gas and light did meanwhile. */
export interface GasLog {
  readonly readings: readonly { readonly minute: number; readonly pH: number }[]
  readonly khDkh: number
  readonly temperatureC: number
  readonly roomCo2Ppm: number
  /** Clock time of minute 0 [min after midnight]. */
  readonly startMin: number
  readonly gas: readonly DailyWindow[]
  readonly light: readonly DailyWindow[]
}
