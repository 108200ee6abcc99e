/** What is drawn from one barrel of purified water on a day [L]. */
export interface BarrelDraw {
  readonly day: number
  readonly litres: number
}
export interface BarrelTask {
  readonly draws: readonly BarrelDraw[]
  readonly barrelL: number
  /** What the purifier really gives. */
  readonly unitLPerDay: number
  /** In the barrel at the start; full where it is not told. */
  readonly startL?: number
}
export interface BarrelDay {
  readonly day: number
  readonly drawnL: number
  /** In the evening; below 0 is what is missing. */
  readonly leftL: number
}
export interface BarrelCourse {
  readonly days: readonly BarrelDay[]
  /** First day on which there is too little; `null` where it always lasts. */
  readonly shortOnDay: number | null
  readonly shortL: number
}

/** A barrel that a purifier fills overnight and several tanks are changed from. What was missing on a day is taken from the tap, not owed. */
export function barrelCourse({ draws, barrelL, unitLPerDay, startL = barrelL }: BarrelTask, days: number): BarrelCourse {
  const course: BarrelDay[] = []
  let held = Math.min(startL, barrelL)
  for (let day = 0; day < days; day++) {
    if (day > 0) held = Math.min(barrelL, held + unitLPerDay)
    const drawnL = draws.reduce((sum, draw) => (draw.day === day ? sum + draw.litres : sum), 0)
    const leftL = held - drawnL
    course.push({ day, drawnL, leftL })
    held = Math.max(0, leftL)
  }
  const short = course.find(({ leftL }) => leftL < -1e-9)
  return { days: course, shortOnDay: short?.day ?? null, shortL: short === undefined ? 0 : -short.leftL }
}
