import { careWords, jobTitleWords, todayWords } from '@jovrin/contract'
import { datePlusDays, type ListedJob, quantities } from '@jovrin/core'
import { cleanup, configure, fireEvent, screen } from '@testing-library/react'
import { hand } from '../../testing/hand.js'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { barePlan } from '../../testing/builtPlan.js'
import { renderPage } from '../../testing/renderPage.js'
import { standStill } from '../../testing/standStill.js'
import { standInServer } from '../../testing/standInServer.js'
import { CalendarPlace } from './CalendarPlace.js'

configure({ defaultHidden: true }) // whether something is hidden is reckoned from styles, element by element
const TANK = '01920000-0000-7000-8000-0000000000aa'
const TODAY = '2026-11-24'
let server: ReturnType<typeof standInServer>
const job = (on: string, part: Partial<ListedJob> = {}): ListedJob => ({
  ruleId: 'change',
  kind: 'change',
  dueOn: on,
  isTimer: false,
  minutes: 18,
  values: quantities({ water: 'volume', share: 'fraction' }, { water: 88, share: 0.5 }),
  state: 'due',
  on,
  record: null,
  ...part,
})
/** Answers any span with a change on each of its Tuesdays. */
const jobsOf = (path: string): ListedJob[] => {
  const query = new URLSearchParams(path.split('?')[1])
  const [from, to] = [query.get('from') ?? '', query.get('to') ?? '']
  const days: ListedJob[] = []
  for (let day = from; day <= to; day = datePlusDays(day, 1)) if (new Date(`${day}T12:00Z`).getUTCDay() === 2) days.push(job(day))
  return days
}
beforeEach(() => {
  server = standInServer(({ path }) => ({ status: 200, body: { today: TODAY, minutesPerWeek: 92, jobs: jobsOf(path) } }))
  standStill()
})
afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})
const show = (query = '', startedOn = '2026-09-01'): void => {
  const plan = { ...barePlan, startedOn }
  renderPage(<CalendarPlace />, {
    at: `/tanks/${TANK}/calendar${query}`,
    route: '/tanks/:tankId/calendar',
    known: [
      [['tanks', TANK, 'plan'], { revision: 1, plan, canUndo: false, canRedo: false }],
      [
        ['tanks', TANK, 'timeline'],
        { today: TODAY, startedOn, plan, changes: [], deeds: { acts: [], omitted: [] }, animalsAllowedFromDay: null, lightPutOff: [] },
      ],
    ],
  })
}
const spans = (): string[] =>
  server.asked.filter(({ path }) => path.includes('/jobs?')).map(({ path }) => new URLSearchParams(path.split('?')[1]).get('from') ?? '')
const day = (): HTMLElement => screen.getByRole('region', { name: careWords.day })

describe('the calendar', () => {
  test('begins with last week and shows today’s work', async () => {
    show()
    expect(await screen.findByText('88 L (50 %)')).toBeTruthy()
    expect(spans()).toEqual(['2026-11-15'])
    expect(day().textContent).toContain(jobTitleWords.change)
    expect(screen.getByText(todayWords.weekly('92'), { exact: false })).toBeTruthy()
  })
  test('a link to a day far ahead opens the weeks around it', async () => {
    show('?day=2027-02-23')
    expect(await screen.findByText('88 L (50 %)')).toBeTruthy()
    expect(spans()).toEqual(['2027-02-14'])
  })
  test('so does one to a day long past; one within the weeks shown moves nothing', async () => {
    show('?day=2026-10-06')
    expect(await screen.findByText('88 L (50 %)')).toBeTruthy()
    expect(spans()).toEqual(['2026-09-27'])
    cleanup()
    server = standInServer(({ path }) => ({ status: 200, body: { today: TODAY, minutesPerWeek: 92, jobs: jobsOf(path) } }))
    show('?day=2026-12-22')
    expect(await screen.findByText('88 L (50 %)')).toBeTruthy()
    expect(spans()).toEqual(['2026-11-15'])
  })
  test('a day that is none is today', async () => {
    show('?day=yesterday')
    expect(await screen.findByText('88 L (50 %)')).toBeTruthy()
    expect(spans()).toEqual(['2026-11-15'])
  })
  test('earlier and later go by two weeks, and back to today by one click', async () => {
    show()
    await screen.findByText('88 L (50 %)')
    for (const name of [careWords.later, careWords.later, careWords.earlier, careWords.toToday]) await hand.click(screen.getByText(name))
    await screen.findByText('88 L (50 %)')
    expect(new Set(spans())).toEqual(new Set(['2026-11-15', '2026-11-29', '2026-12-13']))
  })
  test('keys choose the day beside the weeks', async () => {
    show()
    await screen.findByText('88 L (50 %)')
    fireEvent.keyDown(screen.getByRole('slider'), { key: 'ArrowRight' })
    expect(day().textContent).toContain(careWords.nothing)
    fireEvent.keyDown(screen.getByRole('slider'), { key: 'ArrowLeft' })
    expect(day().textContent).toContain('88 L (50 %)')
  })
  test('a tank that is planted later says so, with the way to its programme', () => {
    show('', '2027-03-01')
    expect(screen.getByRole('link', { name: careWords.toProgramme }).getAttribute('href')).toBe(`/tanks/${TANK}/plan/programme`)
  })
  test('the first weeks stand below while they last', () => {
    show('', '2026-11-10')
    expect(screen.getAllByText(careWords.programme).length).toBeGreaterThan(0)
    cleanup()
    show('', '2026-01-01')
    expect(screen.queryByText(careWords.programme)).toBeNull()
  })
})
