import { requireWithin } from '../quantity/outOfRange.js'

/** Where a window looks, and how far north the house stands. */
export interface WindowPlace {
  /** −90 to 90, above 0 in the north. */
  readonly latitudeDeg: number
  /** 0 north, 90 east, 180 south, 270 west. */
  readonly facingDeg: number
}

/** Lower sun is behind houses and trees. Rule of thumb 5–15°. */
const LEAST_HEIGHT_DEG = 8
/** Flatter light glances off the pane. Rule of thumb 70–80°. */
const MOST_GLANCE_DEG = 75
const STEP_H = 1 / 6
const RAD = Math.PI / 180
/** Twenty-first of each month as a day of the year. */
const DAYS = [21, 52, 80, 111, 141, 172, 202, 233, 264, 294, 325, 355] as const

/** Hours a day in which the sun can shine through a window, on the twenty-first of each month, under a clear sky. Declination by Cooper (1969), height and direction of the sun by spherical trigonometry. What stands outside, and where in the room the tank is, are left out. */
export function sunByMonth({ latitudeDeg, facingDeg }: WindowPlace): readonly number[] {
  requireWithin('latitudeDeg', latitudeDeg, -90, 90)
  requireWithin('facingDeg', facingDeg, 0, 360)
  const latitude = latitudeDeg * RAD
  const facing = facingDeg * RAD
  return DAYS.map((day) => {
    const declination = 23.45 * RAD * Math.sin((2 * Math.PI * (284 + day)) / 365)
    let hours = 0
    for (let clock = -12 + STEP_H / 2; clock < 12; clock += STEP_H) {
      const turn = clock * 15 * RAD
      const up = Math.sin(latitude) * Math.sin(declination) + Math.cos(latitude) * Math.cos(declination) * Math.cos(turn)
      if (up < Math.sin(LEAST_HEIGHT_DEG * RAD)) continue
      const south = Math.sin(latitude) * Math.cos(declination) * Math.cos(turn) - Math.cos(latitude) * Math.sin(declination)
      const west = Math.cos(declination) * Math.sin(turn)
      // The window's normal is level: north −south, east −west.
      const onPane = -south * Math.cos(facing) - west * Math.sin(facing)
      if (onPane > Math.cos(MOST_GLANCE_DEG * RAD)) hours += STEP_H
    }
    return hours
  })
}
