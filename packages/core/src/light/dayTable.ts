export interface Window {
  readonly onMin: number
  readonly minutes: number
  readonly rampMin: number
}

/** Light as a share of the peak at the middle of each step of a day. Windows may reach over midnight and overlap; where they do, the brighter one counts. Ramps are linear. */
export function lightDayTable(windows: readonly Window[], stepMin: number): Float64Array {
  const steps = Math.round(1440 / stepMin)
  return Float64Array.from({ length: steps }, (_, index) => {
    const middle = (index + 0.5) * stepMin
    let share = 0
    for (const { onMin, minutes, rampMin } of windows) {
      const since = (((middle - onMin) % 1440) + 1440) % 1440
      if (since >= minutes) continue
      const edge = Math.min(since, minutes - since)
      share = Math.max(share, rampMin > 0 ? Math.min(1, edge / rampMin) : 1)
    }
    return share
  })
}

/** Share of each step during which one of the windows is open; exact at the edges. */
export function openDayTable(windows: readonly { readonly onMin: number; readonly minutes: number }[], stepMin: number): Float64Array {
  const steps = Math.round(1440 / stepMin)
  return Float64Array.from({ length: steps }, (_, index) => {
    const from = index * stepMin
    let open = 0
    for (const { onMin, minutes } of windows) {
      const length = Math.min(Math.max(minutes, 0), 1440)
      const start = ((onMin % 1440) + 1440) % 1440
      for (const shift of [-1440, 0]) open += Math.max(0, Math.min(from + stepMin, start + shift + length) - Math.max(from, start + shift))
    }
    return Math.min(1, open / stepMin)
  })
}
