import { newPlan, type ListedJob } from '@jovrin/core'
import { cleanup, screen, waitFor } from '@testing-library/react'
import { hand } from '../../testing/hand.js'
import { afterEach, expect, test, vi } from 'vitest'
import { renderPage } from '../../testing/renderPage.js'
import { standInServer } from '../../testing/standInServer.js'
import { SetLight } from './SetLight.js'

afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})
const plan = newPlan('Rack left', '2026-11-24', 'UTC')
const job: ListedJob = {
  ruleId: 'light-step:w1',
  kind: 'light-step',
  dueOn: '2026-11-24',
  on: '2026-11-24',
  isTimer: false,
  minutes: 2,
  values: { light: { value: 6, dimension: 'hours' }, power: { value: 0.4, dimension: 'fraction' } },
  state: 'due',
  record: null,
}
const setOn = async (today: string) => {
  const server = standInServer(({ method }) => ({
    status: 200,
    body: method === 'GET' ? { revision: 1, plan, canUndo: false, canRedo: false } : plan,
  }))
  const onDone = vi.fn()
  renderPage(<SetLight tankId="t" today={today} job={job} onDone={onDone} />)
  await hand.click(screen.getByRole('button', { name: 'Set it' }))
  await waitFor(() => expect(onDone).toHaveBeenCalled())
  return server.asked.filter(({ method }) => method === 'PUT')
}

test('a step of a later day is a setting from today', async () => {
  const [put] = await setOn('2026-11-26')
  expect(put?.path).toContain('effectiveOn=2026-11-26')
  expect(put?.body).toMatchObject({ lightWindows: [{ hours: 6 }], lamps: [{ dimFraction: 0.4 }] })
})
test('on the first day what is worked towards stays the plan', async () => expect(await setOn('2026-11-24')).toEqual([]))
