import { fieldWords, journalWords, plantKindWords, PlanSchema } from '@jovrin/contract'
import { cleanup, configure, screen, waitFor } from '@testing-library/react'
import { hand, typeAndLeave } from '../testing/hand.js'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { barePlan } from '../testing/builtPlan.js'
import { renderPage } from '../testing/renderPage.js'
import { problem, standInServer } from '../testing/standInServer.js'
import { renderSheet } from '../testing/withDesk.js'
import { EntryList } from './journal/EntryList.js'
import { PlanFields } from './plan/describe/PlanFields.js'

const TANK = '01920000-0000-7000-8000-0000000000aa'
configure({ defaultHidden: true }) // whether something is hidden is reckoned from styles, element by element
let server: ReturnType<typeof standInServer>
beforeEach(() => {
  localStorage.clear()
  server = standInServer(({ method, body }) => ({ status: 200, body: method === 'DELETE' ? {} : (body ?? []) }))
})
afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})

describe('what happened', () => {
  const entry = (id: string, record: object) => ({
    record: {
      id: `01920000-0000-7000-8000-0000000000${id}`,
      at: '2026-11-24T08:00:00.000Z',
      recordedBy: null,
      note: null,
      kind: 'note',
      ...record,
    },
    version: 3,
    createdAt: '2026-11-24T08:00:00.000Z',
    isDeleted: false,
  })
  const entries = [
    entry('01', {
      kind: 'reading',
      quantity: 'pH',
      value: 6.8,
      qualifier: '=',
      enteredText: '6.8',
      enteredUnit: '',
      basis: null,
      method: null,
      moment: 'lights-on',
      eventId: null,
      note: 'pearling',
      recordedBy: 'phone',
    }),
    entry('02', { kind: 'change', fraction: 0.5, hasWiped: true, at: '2026-11-23T18:00:00.000Z' }),
    entry('03', { kind: 'glance', isAllFine: true, animals: null, indicator: null, outlet: null, at: '2026-11-23T07:00:00.000Z' }),
  ]
  const find = { kind: null, quantity: null, text: '' }
  const show = (list = entries, options: { find?: typeof find; cursor?: string | null } = {}) => {
    const asked: unknown[] = []
    renderPage(
      <EntryList tankId={TANK} timeZone="Europe/Berlin" find={options.find ?? find} onFind={(next) => asked.push(next)} marked={null} />,
      {
        known: [
          [
            ['tanks', TANK, 'journal', options.find ?? find],
            { pages: [{ entries: list, cursor: options.cursor ?? null }], pageParams: [null] },
          ],
        ],
      },
    )
    return asked
  }
  test('newest first, day by day, at the tank’s own clock', () => {
    show()
    expect([...document.querySelectorAll('time')].map(({ textContent }) => textContent.replace(/ ?[AP]M/, ''))).toEqual([
      '09:00',
      '07:00',
      '08:00',
    ])
    expect(screen.getAllByText(/Nov/)).toHaveLength(2)
    expect(screen.getByText('pearling')).toBeTruthy()
    expect(screen.getByText(journalWords.by('phone'))).toBeTruthy()
  })
  test('each record can be put away and edited', () => {
    show()
    expect(screen.getAllByRole('button', { name: journalWords.edit })).toHaveLength(3)
    expect(screen.getAllByRole('button', { name: journalWords.remove })).toHaveLength(3)
  })
  test('put away with the version one saw, and brought back with the one it then has', async () => {
    server = standInServer(({ method }) => ({
      status: 200,
      body: { ...entries[0], version: method === 'DELETE' ? 4 : 5, isDeleted: method === 'DELETE' },
    }))
    show()
    await hand.click(screen.getAllByRole('button', { name: journalWords.remove })[0]!)
    await waitFor(() => expect(screen.getByText(journalWords.removed)).toBeTruthy())
    expect(server.asked[0]).toMatchObject({ method: 'DELETE', ifMatch: '"3"' })
    await hand.click(screen.getByRole('button', { name: journalWords.undo }))
    await waitFor(() =>
      expect(server.asked.find(({ method }) => method === 'POST')).toMatchObject({
        path: `/api/tanks/${TANK}/journal/${entries[0]!.record.id}/restore`,
        ifMatch: '"4"',
      }),
    )
  })
  test('somebody changed it meanwhile: said in words, and the record stays', async () => {
    server = standInServer(({ method }) =>
      method === 'DELETE' ? problem(412, 'Somebody changed this since you looked.') : { status: 200, body: { entries, cursor: null } },
    )
    show()
    await hand.click(screen.getAllByRole('button', { name: journalWords.remove })[1]!)
    await waitFor(() => expect(screen.getByText('Somebody changed this since you looked.')).toBeTruthy())
    expect(document.querySelectorAll('time')).toHaveLength(3)
  })
  test('words are searched for as they are typed', async () => {
    const asked = show()
    await hand.click(screen.getByLabelText(journalWords.filterText))
    await hand.paste('film')
    expect(asked).toEqual([{ ...find, text: 'film' }])
  })
  test('empty says how to begin; filtered to nothing says that', () => {
    show([])
    expect(screen.getByText(journalWords.empty)).toBeTruthy()
    cleanup()
    show([], { find: { ...find, text: 'film' } })
    expect(screen.getByText(journalWords.noneFound)).toBeTruthy()
  })
  test('older records are a click away, where there are any', () => {
    show(entries, { cursor: 'next' })
    expect(screen.getByRole('button', { name: journalWords.more })).toBeTruthy()
  })
})

describe('the description of a tank', () => {
  const label = (name: keyof typeof fieldWords): RegExp => new RegExp(`^${fieldWords[name][0]}`)
  const field = (name: keyof typeof fieldWords): HTMLInputElement => {
    const found = [...document.querySelectorAll('label')].find(({ textContent }) => label(name).test(textContent))
    if (!(found?.control instanceof HTMLInputElement)) throw new Error(`no field ${name}`)
    return found.control
  }
  const type = (name: keyof typeof fieldWords, text: string): Promise<void> => typeAndLeave(field(name), text)
  const show = (plan = barePlan) => renderSheet(plan, () => <PlanFields />)
  test('everything may be unknown, and an unknown says what is taken instead', async () => {
    const work = show()
    expect(PlanSchema.safeParse(work.valid()).success).toBe(true)
    await type('vessel/lengthCm', '')
    expect(field('vessel/lengthCm').closest('.MuiFormControl-root')?.textContent).toMatch(/\d/)
    expect(work.valid().vessel.lengthCm).toBeNull()
  })
  test('a ramp longer than half the light is refused at its field', async () => {
    const work = show()
    await type('lightWindows/*/hours', '4')
    await type('lightWindows/*/rampMin', '200')
    expect(field('lightWindows/*/rampMin').getAttribute('aria-invalid')).toBe('true')
    expect(field('lightWindows/*/rampMin').value).toBe('200')
    expect(work.valid().lightWindows[0]?.rampMin).toBeLessThanOrEqual(120)
  })
  test('a name of blanks is none', async () => {
    const work = show()
    await type('name', '   ')
    expect(field('name').getAttribute('aria-invalid')).toBe('true')
    expect(work.valid().name).toBe('Bare')
  })
  test('shares are typed as percent and kept as fractions', async () => {
    const work = show()
    await type('changes/fraction', '35')
    expect(work.valid().changes.fraction).toBeCloseTo(0.35, 9)
  })
  test('a share of no floor takes the kind out, with its pots', async () => {
    const work = show()
    const before = work.valid().patches.length
    const share = [...document.querySelectorAll('label')].find(({ textContent }) => textContent.startsWith(plantKindWords['carpet'] ?? '–'))
      ?.control as HTMLInputElement
    await typeAndLeave(share, '0')
    expect(work.valid().patches.filter(({ kind, footFraction }) => kind === 'carpet' && footFraction !== 0)).toEqual([])
    expect(work.valid().patches.length).toBeLessThanOrEqual(before)
  })
})
