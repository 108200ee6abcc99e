import { startWeeksWords } from '@jovrin/contract'
import type { DarkCycle, PlanStart, Reading, TimelineEntry } from '@jovrin/core'
import { cleanup, screen, within } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { builtPlan } from '../../../testing/builtPlan.js'
import { hand } from '../../../testing/hand.js'
import { renderPage } from '../../../testing/renderPage.js'
import { standInServer } from '../../../testing/standInServer.js'
import { StartWeeks } from './StartWeeks.js'

const TANK = '01920000-0000-7000-8000-0000000000aa'
let server: ReturnType<typeof standInServer>
beforeEach(() => {
  server = standInServer(({ method }) => ({ status: method === 'PUT' ? 201 : 200, body: {} }))
})
afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})
const reading = (quantity: Reading['quantity'], value: number, at: string): Reading => ({
  id: `01920000-0000-7000-8000-0000000000${quantity === 'ammonia' ? '01' : '02'}`,
  kind: 'reading',
  at,
  recordedBy: null,
  note: null,
  quantity,
  value,
  qualifier: '=',
  enteredText: String(value),
  enteredUnit: '',
  basis: null,
  method: null,
  moment: null,
  eventId: null,
})
const CYCLE: DarkCycle = {
  state: 'stalled',
  ammonia: reading('ammonia', 4, '2026-11-23T08:00:00.000Z'),
  nitrite: null,
  before: null,
  conditions: [
    { quantity: 'alkalinity', reading: reading('alkalinity', 0.3, '2026-11-23T08:00:00.000Z'), least: 0.71, is: 'short' },
    { quantity: 'pH', reading: null, least: 6.5, is: 'unknown' },
    { quantity: 'temperature', reading: null, least: 22, is: 'unknown' },
  ],
}
const show = (start: PlanStart, today: number, cycle: DarkCycle | null): void => {
  const timeline: TimelineEntry[] = [{ fromDay: 0, plan: { ...builtPlan, startedOn: '2026-11-01', start } }]
  const aged = {
    today,
    startedOn: '2026-11-01',
    timeline,
    settings: timeline,
    deeds: { acts: [], omitted: [] },
    facts: { today, animalsAllowedFromDay: null },
  }
  renderPage(<StartWeeks tankId={TANK} tankName="Foyer" aged={aged} today="2026-11-24" />, {
    at: '/',
    route: '/',
    known: [[['tanks', TANK, 'condition'], { cycle }]],
  })
}

describe('the weeks before plants and water are together', () => {
  test('dark: a cycle that stands still, what is short, and the grams that mend it', () => {
    show({ method: 'dark', endsOnDay: 35, dryLightHours: null }, 23, CYCLE)
    const weeks = screen.getByRole('region', { name: startWeeksWords.title.dark })
    expect(within(weeks).getByRole('status').textContent).toBe(startWeeksWords.cycle.stalled)
    expect(weeks.textContent).toContain(startWeeksWords.is.short)
    expect(weeks.textContent).toMatch(/dissolve [\d.]+ g of potassium bicarbonate/)
  })
  test('dry: water line, gap, light, and how far the carpet closes', () => {
    show({ method: 'dry', endsOnDay: 42, dryLightHours: 11 }, 23, null)
    const weeks = screen.getByRole('region', { name: startWeeksWords.title.dry })
    expect(weeks.textContent).toMatch(/at most [\d.]+ cm over the glass/)
    expect(weeks.textContent).toContain('11 h')
    expect(weeks.textContent).toContain(startWeeksWords.closedAtEnd('42'))
  })
  test('one button ends it, told as the job that it is', async () => {
    show({ method: 'dry', endsOnDay: 42, dryLightHours: null }, 23, null)
    await hand.click(screen.getByRole('button', { name: startWeeksWords.endToday.dry }))
    await vi.waitFor(() => expect(server.asked.some(({ method }) => method === 'PUT')).toBe(true))
    const put = server.asked.find(({ method }) => method === 'PUT')!
    expect(put.path).toContain('/jobs/prepare%3Aflood/2026-11-24')
    expect(put.body).toMatchObject({ state: 'done', dueOn: '2026-11-24' })
  })
  test('a tank that is planted and filled shows none of it', () => {
    show({ method: 'dry', endsOnDay: 20, dryLightHours: null }, 23, null)
    expect(screen.queryByRole('region')).toBeNull()
  })
})
