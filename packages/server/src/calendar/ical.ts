import { datePlusDays, instantOf, type ListedJob, METRIC_UNITS } from '@jovrin/core'
import { calendarFileWords, jobOrderWords, jobTask, jobTitleWords, inUnits, type Reader } from '@jovrin/contract'
import ical, { ICalAlarmType, ICalEventStatus } from 'ical-generator'

export interface CalendarTank {
  readonly tankId: string
  readonly name: string
  readonly timeZone: string
  readonly jobs: readonly ListedJob[]
}

/** Care is proposed for the early evening, by the tank's clock. */
const AT_MIN = 18 * 60
const LEAST_MIN = 10
const ALARM_BEFORE_S = 15 * 60

/** Files are read by whoever subscribes: canonical metric units. */
const FILE_READER: Reader = { units: METRIC_UNITS, locale: 'en' }

/** One event a tank and day with all that a person has to do then; timers have none. */
export function icalendar(tanks: readonly CalendarTank[], writtenAt: Date): string {
  const calendar = ical({
    name: tanks.length === 1 ? calendarFileWords.fileName(oneLine(tanks[0]?.name ?? '')) : calendarFileWords.fileNameAll,
    prodId: { company: 'Jovrin', product: 'Jovrin', language: 'EN' },
  })
  for (const { tankId, name: givenName, timeZone, jobs } of tanks) {
    const name = oneLine(givenName)
    const byDay = groupByDay(jobs)
    for (const [day, work] of byDay) {
      const start = instantOf(day, AT_MIN, timeZone)
      const minutes = Math.max(
        LEAST_MIN,
        work.reduce((sum, job) => sum + job.minutes, 0),
      )
      const isSettled = work.every(({ state }) => state === 'done' || state === 'skipped')
      const event = calendar.createEvent({
        id: `${tankId}-${day}@jovrin`,
        stamp: writtenAt,
        start,
        end: new Date(start.getTime() + Math.ceil(minutes / 5) * 5 * 60_000),
        summary: `${name}: ${work.map(({ kind }) => jobTitleWords[kind]).join(', ')}`,
        description: work
          .map((job) =>
            [
              [jobTitleWords[job.kind], jobTask(job, FILE_READER)].filter((part) => part !== '').join(': '),
              inUnits(jobOrderWords[job.kind] ?? '', FILE_READER),
            ]
              .filter((part) => part !== '')
              .join('. '),
          )
          .join('\n'),
        status: isSettled ? ICalEventStatus.CONFIRMED : ICalEventStatus.TENTATIVE,
      })
      if (!isSettled) event.createAlarm({ type: ICalAlarmType.display, trigger: ALARM_BEFORE_S, description: name })
    }
  }
  return calendar.toString()
}

/** The library writes a calendar's name as it is: a line's end in it would begin a line of its own. */
const oneLine = (text: string): string => text.replace(/[\p{Cc}\p{Zl}\p{Zp}]+/gu, ' ').trim()

function groupByDay(jobs: readonly ListedJob[]): Map<string, ListedJob[]> {
  const days = new Map<string, ListedJob[]>()
  for (const job of jobs) if (!job.isTimer) days.set(job.on, [...(days.get(job.on) ?? []), job])
  return days
}

export const CALENDAR_SPAN = { backDays: 14, aheadDays: 90 } as const
export const calendarSpan = (today: string): readonly [from: string, to: string] => [
  datePlusDays(today, -CALENDAR_SPAN.backDays),
  datePlusDays(today, CALENDAR_SPAN.aheadDays),
]
