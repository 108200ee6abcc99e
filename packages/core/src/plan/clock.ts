import { requireWithin } from '../quantity/outOfRange.js'

/** Minutes after midnight of a tank-local `HH:MM`. */
export function minutesOf(clock: string): number {
  const [hours = NaN, minutes = NaN] = clock.split(':').map(Number)
  requireWithin('hours', hours, 0, 23)
  requireWithin('minutes', minutes, 0, 59)
  return hours * 60 + minutes
}

export function clockOf(minutes: number): string {
  const within = ((Math.round(minutes) % 1440) + 1440) % 1440
  return `${String(Math.floor(within / 60)).padStart(2, '0')}:${String(within % 60).padStart(2, '0')}`
}

/** Days from one civil date YYYY-MM-DD to another; a model day always has 24 hours. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / 86_400_000)
}

export const datePlusDays = (date: string, days: number): string => new Date(Date.parse(`${date}T00:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10)

/** The civil date of an instant in a time zone. */
export function civilDate(instant: Date, timeZone: string): string {
  const parts = new Intl.DateTimeFormat('en-GB', { timeZone, year: 'numeric', month: '2-digit', day: '2-digit' }).formatToParts(instant)
  const part = (type: string): string => parts.find((candidate) => candidate.type === type)?.value ?? ''
  return `${part('year')}-${part('month')}-${part('day')}`
}
