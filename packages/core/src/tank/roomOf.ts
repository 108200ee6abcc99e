import type { Answers } from '../plan/answers.js'
import type { Plan, Top } from '../plan/plan.js'

/** Rooms that nobody measured: 20 °C in winter, 23 °C in summer. Rule of thumb. */
const USUAL_ROOM_C = [20, 20, 20, 20.5, 21.5, 22.5, 23, 23, 22, 21, 20, 20] as const

/** The room that the tank stands in, and how the tank meets it. */
export interface Room {
  /** January to December. */
  readonly monthlyC: readonly number[]
  readonly humidityFraction: number
  readonly co2Ppm: number
  /** Of the tank; one that nobody told of is taken as open. */
  readonly top: Top
  /** What the water is held at. */
  readonly waterC: number
}

export const roomOf = (
  { room, vessel, temperatureC, roomCo2Ppm }: Pick<Plan, 'room' | 'vessel' | 'temperatureC' | 'roomCo2Ppm'>,
  answers: Answers,
): Room => ({
  monthlyC: USUAL_ROOM_C.map((usual, month) => room.monthlyC[month] ?? usual),
  humidityFraction: answers.number('room/humidityFraction', room.humidityFraction),
  co2Ppm: answers.number('roomCo2Ppm', roomCo2Ppm),
  top: vessel.top ?? 'open',
  waterC: answers.number('temperatureC', temperatureC),
})
