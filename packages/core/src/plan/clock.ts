import { requireWithin } from '../quantity/outOfRange.js'

/** Minutes after midnight of a tank-local `HH:MM`. */
export function minutesOf(clock: string): number {
  const [hours = NaN, minutes = NaN] = clock.split(':').map(Number)
  requireWithin('hours', hours, 0, 23)
  requireWithin('minutes', minutes, 0, 59)
  return hours * 60 + minutes
}

export function clockOf(minutes: number): string {
  const within = timeOfDayMin(Math.round(minutes))
  return `${String(Math.floor(within / 60)).padStart(2, '0')}:${String(within % 60).padStart(2, '0')}`
}

/** Days from one civil date YYYY-MM-DD to another; a model day always has 24 hours. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / 86_400_000)
}

export const datePlusDays = (date: string, days: number): string =>
  new Date(Date.parse(`${date}T00:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10)

/** The same of an instant in milliseconds. */
export const civilDateAt = (ms: number, timeZone: string): string => civilDate(new Date(ms), timeZone)

/** The civil date of an instant in a time zone. */
export function civilDate(instant: Date, timeZone: string): string {
  const parts = clockIn(timeZone).formatToParts(instant)
  const part = (type: string): string => parts.find((candidate) => candidate.type === type)?.value ?? ''
  return `${part('year')}-${part('month')}-${part('day')}`
}

const CLOCKS = new Map<string, Intl.DateTimeFormat>()
function clockIn(timeZone: string): Intl.DateTimeFormat {
  const known = CLOCKS.get(timeZone)
  if (known) return known
  const made = new Intl.DateTimeFormat('en-GB', {
    timeZone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    second: '2-digit',
    hourCycle: 'h23',
  })
  CLOCKS.set(timeZone, made)
  return made
}

const DAY_MS = 86_400_000
/** By zone and day of UTC: how far ahead its clocks are all day, `null` on a day on which they change. The tables of zones are slow to ask, and a file may have a hundred thousand times. */
const AHEAD_ALL_DAY = new Map<string, number | null>()
const MOST_DAYS_KNOWN = 20_000

/** Milliseconds that the zone's wall clock is ahead of UTC at an instant. */
function aheadMs(instantMs: number, timeZone: string): number {
  const day = Math.floor(instantMs / DAY_MS)
  const key = `${timeZone} ${day}`
  let allDay = AHEAD_ALL_DAY.get(key)
  if (allDay === undefined) {
    if (AHEAD_ALL_DAY.size >= MOST_DAYS_KNOWN) AHEAD_ALL_DAY.clear()
    const atStart = askedAheadMs(day * DAY_MS, timeZone)
    allDay = atStart === askedAheadMs((day + 1) * DAY_MS, timeZone) ? atStart : null
    AHEAD_ALL_DAY.set(key, allDay)
  }
  return allDay ?? askedAheadMs(instantMs, timeZone)
}

function askedAheadMs(instantMs: number, timeZone: string): number {
  const parts = Object.fromEntries(
    clockIn(timeZone)
      .formatToParts(instantMs)
      .map(({ type, value }) => [type, Number(value)]),
  )
  const wall = Date.UTC(parts['year'] ?? 0, (parts['month'] ?? 1) - 1, parts['day'], parts['hour'], parts['minute'], parts['second'])
  return wall - Math.floor(instantMs / 1000) * 1000
}

/** Minutes after the tank's midnight of an instant, by its wall clock. */
export function minuteOfDay(instant: Date, timeZone: string): number {
  const wall = instant.getTime() + aheadMs(instant.getTime(), timeZone)
  return Math.floor((((wall % 86_400_000) + 86_400_000) % 86_400_000) / 60_000)
}

/** The instant of a wall-clock time YYYY-MM-DD and minutes after midnight in a zone. In an hour that clocks skip, the instant after the skip; in one that they repeat, the first. */
export function instantOf(date: string, minutes: number, timeZone: string): Date {
  const wall = Date.parse(`${date}T00:00:00Z`) + minutes * 60_000
  const first = wall - aheadMs(wall, timeZone)
  // The offset guessed from UTC may be the one of the other side of a clock change.
  const candidates = [wall - aheadMs(first - 3_600_000, timeZone), wall - aheadMs(first + 3_600_000, timeZone)]
  const fitting = candidates.filter((instant) => instant + aheadMs(instant, timeZone) === wall)
  return new Date(fitting.length > 0 ? Math.min(...fitting) : Math.max(...candidates))
}

/** An ISO instant by the tank's wall clock. */
export function wallClock(at: string, timeZone: string): { readonly date: string; readonly minute: number } {
  const instant = new Date(at)
  return { date: civilDate(instant, timeZone), minute: minuteOfDay(instant, timeZone) }
}

/** Whether YYYY-MM-DD is a day of the calendar: 30 February would be carried over, and is none. */
export function isCivilDate(date: string): boolean {
  const ms = Date.parse(`${date}T00:00:00Z`)
  return !Number.isNaN(ms) && new Date(ms).toISOString().startsWith(date)
}

/** An instant with its offset, in UTC; `null` when it is none. */
export function instantOfIso(text: string): string | null {
  const ms = Date.parse(text)
  return Number.isNaN(ms) ? null : new Date(ms).toISOString()
}

/** Minutes in a civil day without a change of the clock. */
export const DAY_MIN = 1440

/** A time of day [minutes after midnight], whatever day the minutes reach into. */
export const timeOfDayMin = (minutes: number): number => ((minutes % DAY_MIN) + DAY_MIN) % DAY_MIN

/** Milliseconds of an ISO instant; NaN where it is none. */
export const instantMs = (at: string): number => Date.parse(at)

/** First days of the calendar months from one day of a tank's age to another, each with its month (0 for January); the first is the day itself. */
export function monthsBetween(startedOn: string, fromDay: number, toDay: number): { readonly day: number; readonly month: number }[] {
  const start = Date.parse(`${startedOn}T00:00:00Z`)
  const first = new Date(start + fromDay * DAY_MS)
  const months = [{ day: fromDay, month: first.getUTCMonth() }]
  for (let step = 1; ; step++) {
    const next = Date.UTC(first.getUTCFullYear(), first.getUTCMonth() + step, 1)
    const day = Math.round((next - start) / DAY_MS)
    if (day >= toDay) return months
    months.push({ day, month: new Date(next).getUTCMonth() })
  }
}
