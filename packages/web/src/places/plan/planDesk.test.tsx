import type { PlanRevision } from '@jovrin/contract'
import { act, cleanup, screen, waitFor } from '@testing-library/react'
import { afterEach, expect, test, vi } from 'vitest'
import { planOfTank } from '../../api/tanks.queries.js'
import { barePlan } from '../../testing/builtPlan.js'
import { renderPage } from '../../testing/renderPage.js'
import { standInServer } from '../../testing/standInServer.js'
import type { Desk } from './desk.js'
import { PlanDesk } from './PlanDesk.js'

afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
  localStorage.clear()
})

const TABS = { title: 'Plan', label: 'Sheets', tabs: [] }
const stored = (revision: number, temperatureC: number): PlanRevision => ({
  revision,
  plan: { ...barePlan, temperatureC },
  canUndo: true,
  canRedo: false,
})
function open() {
  const { asked } = standInServer(() => ({ status: 200, body: { ...barePlan, temperatureC: 27 }, etag: '"9"' }))
  const { queryKey } = planOfTank('tank')
  let desk: Desk | null = null
  const { client } = renderPage(
    <PlanDesk tankId="tank" tabs={TABS}>
      {(now) => {
        desk = now
        return <p data-testid="shown">{now.plan.temperatureC}</p>
      }}
    </PlanDesk>,
    { at: '/tanks/tank/plan', known: [[queryKey, stored(1, 24)]] },
  )
  return {
    asked,
    desk: () => desk!,
    /** The sheet that was left, or another window, has kept its own. */
    elsewhere: (revision: PlanRevision) => act(() => void client.setQueryData(queryKey, revision)),
  }
}
const shown = (): string => screen.getByTestId('shown').textContent

test('what another sheet kept a moment later is shown here', async () => {
  const page = open()
  expect(shown()).toBe('24')
  page.elsewhere(stored(2, 25))
  await waitFor(() => expect(shown()).toBe('25'))
  // And the next gesture is kept on top of it.
  await act(async () => {
    page.desk().change((plan) => ({ ...plan, temperatureC: 27 }))
    await Promise.resolve()
  })
  await waitFor(() => expect(page.asked.find(({ method }) => method === 'PUT')?.ifMatch).toBe('"2"'))
})
test('a gesture under way is not lost to it', async () => {
  const page = open()
  act(() => page.desk().change((plan) => ({ ...plan, temperatureC: 21 }), false))
  page.elsewhere(stored(2, 25))
  await act(() => new Promise((resolve) => setTimeout(resolve, 30)))
  expect(shown()).toBe('21')
})
test('nor is a text that is no value yet', async () => {
  const page = open()
  act(() => page.desk().form.write('/temperatureC', '2x'))
  page.elsewhere(stored(2, 25))
  await act(() => new Promise((resolve) => setTimeout(resolve, 30)))
  expect(page.desk().form.texts).toEqual({ '/temperatureC': '2x' })
  expect(shown()).toBe('24')
})
