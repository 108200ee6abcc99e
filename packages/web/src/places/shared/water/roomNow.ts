import type { TankFigures } from '@jovrin/core'

/** This month, 0 for January, by the device's clock. */
export const monthNow = (): number => new Date().getMonth()
/** The room of a tank as it is in this month. */
export const roomNowC = ({ room, temperatureC }: Pick<TankFigures, 'room' | 'temperatureC'>): number =>
  room.monthlyC[monthNow()] ?? temperatureC
