export interface CreepTask {
  readonly waterL: number
  readonly evaporationLPerDay: number
  /** Of what replaces it, of new water, and of the tank on the first day [mmol/L]. */
  readonly topUpMmolPerL: number
  readonly newMmolPerL: number
  readonly startMmolPerL: number
  /** Share of each change, 0–1. */
  readonly fraction: number
  readonly everyDays: number
}
export interface Creep {
  /** Day by day, before the change of the day [mmol/L]. */
  readonly daily: readonly number[]
  /** Where it comes to rest just before a change; `null` where no change ever takes any away. */
  readonly settlesMmolPerL: number | null
}

/** Hardness of a tank that evaporates: what leaves as vapour leaves its salts, and what replaces it brings more. Ground that softens and plants that take calcium up are left out. Mass balance of a mixed tank. */
export function hardnessCreep(task: CreepTask, days: number): Creep {
  const { waterL, evaporationLPerDay, topUpMmolPerL, newMmolPerL, startMmolPerL, fraction, everyDays } = task
  const risePerDay = (evaporationLPerDay * topUpMmolPerL) / waterL
  const daily: number[] = []
  let now = startMmolPerL
  for (let day = 0; day <= days; day++) {
    if (day > 0) now += risePerDay
    daily.push(now)
    if (day > 0 && day % everyDays === 0) now += fraction * (newMmolPerL - now)
  }
  return { daily, settlesMmolPerL: fraction > 0 ? newMmolPerL + (risePerDay * everyDays) / fraction : null }
}
