import { journalWords, numberWords } from '@jovrin/contract'
import type { SettingChange } from '@jovrin/core'
import { cleanup, configure, screen, waitFor } from '@testing-library/react'
import { afterEach, expect, test, vi } from 'vitest'
import { builtPlan } from '../../../testing/builtPlan.js'
import { hand, typeOver } from '../../../testing/hand.js'
import { renderPage } from '../../../testing/renderPage.js'
import { standInServer } from '../../../testing/standInServer.js'
import { datedFields, kindOf } from './datedFields.js'
import { SettingHistory } from './SettingHistory.js'
import { typeDate, typeDateInto } from '../../../testing/typeDate.js'

configure({ defaultHidden: true })
afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})
const TANK = '01920000-0000-7000-8000-0000000000aa'
const text = journalWords.past
const plan = { ...builtPlan, startedOn: '2026-09-01', temperatureC: 25 }
const change = (planRevision: number, effectiveOn: string, from: number, to: number): SettingChange => ({
  id: `01920000-0000-7000-8000-00000000000${planRevision}`,
  effectiveOn,
  path: '/temperatureC',
  from,
  to,
  planRevision,
  why: null,
})
const show = (changes: readonly SettingChange[]) => {
  const server = standInServer(({ method }) => ({ status: 200, body: method === 'PUT' ? changes : [] }))
  renderPage(<SettingHistory tankId={TANK} />, {
    known: [
      [['tanks', TANK, 'plan'], { revision: 1, plan, canUndo: false, canRedo: false }],
      [['tanks', TANK, 'settings'], changes],
    ],
  })
  return () => server.asked.filter(({ method }) => method === 'PUT').map(({ body }) => body)
}

test('tells what the model uses: a replaced entry is not there', () => {
  show([change(2, '2026-11-01', 23, 24), change(3, '2026-10-01', 24, 25)])
  expect(screen.getAllByRole('listitem').map(({ textContent }) => textContent)).toEqual([expect.stringMatching(/Oct.*23 °C → 25 °C/)])
})
test('a past value is entered as “it was … until”, and sent with what it replaces', async () => {
  const puts = show([])
  await hand.click(screen.getByText(text.add))
  await hand.click(screen.getByLabelText(text.which))
  await hand.click(await screen.findByRole('option', { name: 'Water temperature' }))
  await typeOver(await screen.findByLabelText(`${text.it}, °C`), '22,5')
  await typeDate(text.until, '2026-10-05')
  await hand.click(screen.getByText(text.save))
  await waitFor(() =>
    expect(puts()).toEqual([
      { path: '/temperatureC', first: 22.5, steps: [{ effectiveOn: '2026-10-05', to: 25, why: null }], replaces: [] },
    ]),
  )
})
test('days that do not follow one another are told at their row, and nothing is sent', async () => {
  const puts = show([change(2, '2026-10-01', 23, 24)])
  await hand.click(screen.getByText(text.edit))
  await hand.click(screen.getByText(text.addValue))
  const [first] = await screen.findAllByRole('group', { name: text.until })
  typeDateInto(first!, '2026-10-02')
  await hand.click(screen.getByText(text.save))
  expect(await screen.findByText(text.order)).toBeTruthy()
  expect(puts()).toEqual([])
})
test('a value that is no number is told, and holds the saving back', async () => {
  const puts = show([change(2, '2026-10-01', 23, 24)])
  await hand.click(screen.getByText(text.edit))
  await typeOver(screen.getByLabelText(`${text.it}, °C`), 'warm')
  expect(screen.getByText(numberWords.none)).toBeTruthy()
  await hand.click(screen.getByText(text.save))
  expect(puts()).toEqual([])
})
test('every field that is offered can be asked for', () => {
  const fields = datedFields(plan)
  expect(fields.length).toBeGreaterThan(8)
  expect(fields.filter(({ path }) => kindOf(path) === null)).toEqual([])
  expect(new Set(fields.map(({ name }) => name)).size).toBe(fields.length)
})
