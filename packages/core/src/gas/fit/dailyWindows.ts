import { DAY_MIN } from '../../plan/clock.js'

/** A daily window of the clock [min after midnight]; one that ends where it begins, or before, reaches over midnight. */
export interface DailyWindow {
  readonly fromMin: number
  readonly toMin: number
}
/** `HH:MM-HH:MM` as a window; `null` where it is none. 24:00 is the end of a day. */
export function windowOf(text: string): DailyWindow | null {
  const [, h1, m1, h2, m2] = /^(\d{1,2}):(\d{2})-(\d{1,2}):(\d{2})$/.exec(text.replaceAll(' ', '')) ?? []
  const [fromMin, toMin] = [Number(h1) * 60 + Number(m1), Number(h2) * 60 + Number(m2)]
  const isTime = (minutes: string | undefined, total: number): boolean => Number(minutes) < 60 && total <= DAY_MIN
  return isTime(m1, fromMin) && isTime(m2, toMin) ? { fromMin: fromMin % DAY_MIN, toMin } : null
}

/** Minutes of a log, which began at a clock time, at which one of the windows opens or shuts. */
export function switchesIn(windows: readonly DailyWindow[], startMin: number, lengthMin: number): number[] {
  const minutes = windows.flatMap(({ fromMin, toMin }) =>
    [fromMin, toMin].flatMap((clock) => {
      const first = (((clock - startMin) % DAY_MIN) + DAY_MIN) % DAY_MIN
      return Array.from({ length: Math.max(0, Math.ceil((lengthMin - first) / DAY_MIN)) }, (_, day) => first + day * DAY_MIN)
    }),
  )
  const isOpen = (minute: number): boolean => isOpenAt(windows, startMin, minute)
  return [...new Set(minutes)].filter((minute) => isOpen(minute - 0.5) !== isOpen(minute + 0.5)).sort((a, b) => a - b)
}

export function isOpenAt(windows: readonly DailyWindow[], startMin: number, minute: number): boolean {
  const clock = (((startMin + minute) % DAY_MIN) + DAY_MIN) % DAY_MIN
  return windows.some(({ fromMin, toMin }) => {
    const length = (toMin - fromMin + DAY_MIN) % DAY_MIN || DAY_MIN
    return (clock - fromMin + DAY_MIN) % DAY_MIN < length
  })
}
