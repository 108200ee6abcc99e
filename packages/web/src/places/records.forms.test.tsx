import 'fake-indexeddb/auto'
import { emergencyWords, formWords, jobTitleWords, journalWords, numberWords, refusedWords, todayWords } from '@jovrin/contract'
import { type JournalRecord, type Kit, type ListedJob, quantities } from '@jovrin/core'
import { cleanup, screen, waitFor, within } from '@testing-library/react'
import { useState } from 'react'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { EmergencyCard } from '../app/EmergencyCard.js'
import { barePlan } from '../testing/builtPlan.js'
import { faultAt } from '../testing/faultAt.js'
import { hand, press, type, typeOver } from '../testing/hand.js'
import { renderPage } from '../testing/renderPage.js'
import { problem, standInServer } from '../testing/standInServer.js'
import { DayJobs } from './calendar/DayJobs.js'
import { EventForm } from './journal/event/EventForm.js'
import type { EventKind, LoggedEvent } from './journal/event/eventDraft.js'
import { ReadingPanel } from './journal/reading/ReadingPanel.js'
import { Stop } from './today/Stop.js'

const TANK = '01920000-0000-7000-8000-0000000000aa'
let server: ReturnType<typeof standInServer>
beforeEach(() => {
  localStorage.clear()
  sessionStorage.clear()
  server = standInServer(({ method, body }) =>
    method === 'PUT'
      ? { status: 201, body }
      : { status: 201, body: { record: body, version: 1, createdAt: '2026-11-24T09:00:00.000Z', isDeleted: false } },
  )
})
afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})
/** The form of a note has the same name as its field. */
const typeNote = (text: string): Promise<void> => typeOver(screen.getByRole('textbox', { name: 'Note' }), text)
const identity = { id: '01920000-0000-7000-8000-0000000000bb', at: '2026-11-20T10:00:00.000Z', recordedBy: 'desk' }
const sent = (): JournalRecord[] => server.asked.filter(({ method }) => method === 'POST').map(({ body }) => body as JournalRecord)

describe('an event', () => {
  const show = (kind: EventKind, initial?: LoggedEvent): { readonly told: JournalRecord[] } => {
    const told: JournalRecord[] = []
    renderPage(
      <EventForm
        tankId={TANK}
        timeZone="Europe/Berlin"
        kind={kind}
        submitLabel="Log"
        onSubmit={async (event) => void (await Promise.resolve(told.push(event)))}
        {...(initial ? { initial } : {})}
      />,
    )
    return { told }
  }
  test('a dose of a salt is in grams', async () => {
    const { told } = show('dose')
    await press('Log')
    expect(await faultAt(/^Amount/)).toBe(refusedWords.rules.dose_empty)
    await type(/^Amount/, '0,95')
    await press('Log')
    await waitFor(() =>
      expect(told).toMatchObject([{ kind: 'dose', salt: 'potassium-nitrate', grams: 0.95, millilitres: null, bottle: null, note: null }]),
    )
  })
  test('a change is a share of the water, kept between nothing and all', async () => {
    const { told } = show('change')
    await type(/^Share of the water/, '140')
    await press('Log')
    expect(told).toEqual([])
    await type(/^Share of the water/, '40')
    await hand.click(screen.getByLabelText('Glass wiped too'))
    await press('Log')
    await waitFor(() => expect(told).toMatchObject([{ kind: 'change', fraction: 0.4, hasWiped: false, note: null }]))
  })
  test('a trim need not be weighed; a weight that is no number is not taken for none', async () => {
    const { told } = show('trim')
    await type(/^Shaken wet/, 'much')
    await press('Log')
    expect(await faultAt(/^Shaken wet/)).toBe(numberWords.none)
    expect(told).toEqual([])
    await type(/^Shaken wet/, '')
    await press('Log')
    await waitFor(() => expect(told).toMatchObject([{ kind: 'trim', wetG: null, kinds: [], note: null }]))
  })
  test('a purchase without a name is not one; a currency has three letters', async () => {
    const { told } = show('purchase')
    await press('Log')
    expect(await faultAt('What')).toBe(formWords.needed)
    expect(document.activeElement).toBe(screen.getByLabelText('What'))
    await type('What', 'Needle valve')
    await type(/^Cost/, '28')
    await type('Currency', 'euro')
    await press('Log')
    expect(await faultAt('Currency')).toBe(journalWords.wrongCurrency)
    expect(screen.getByLabelText<HTMLInputElement>('What').value).toBe('Needle valve')
    await type('Currency', 'eur')
    await press('Log')
    await waitFor(() => expect(told).toMatchObject([{ kind: 'purchase', what: 'Needle valve', cost: 28, currency: 'EUR', note: null }]))
  })
  test('a death names the animal and whole numbers', async () => {
    const { told } = show('death')
    await type('Animal', ' shrimp ')
    await type(/^How many/, '2')
    await press('Log')
    await waitFor(() => expect(told).toMatchObject([{ kind: 'death', animal: 'shrimp', count: 2, note: null }]))
  })
  test('a note needs words; a sign needs only to be seen', async () => {
    const note = show('note')
    await press('Log')
    expect(note.told).toEqual([])
    await typeNote('moved the outlet')
    await press('Log')
    await waitFor(() => expect(note.told).toMatchObject([{ kind: 'note', note: 'moved the outlet' }]))
    cleanup()
    const sign = show('sign')
    await type('Where', 'front glass')
    await press('Log')
    await waitFor(() => expect(sign.told[0]).toMatchObject({ kind: 'sign', sign: 'brown-dust', where: 'front glass', amount: 2 }))
  })
  test('what the server refuses stays as typed, with its sentence', async () => {
    renderPage(
      <EventForm
        tankId={TANK}
        kind="note"
        timeZone="Europe/Berlin"
        submitLabel="Log"
        onSubmit={() => Promise.reject(new Error('The disk is full or cannot be written.'))}
      />,
    )
    await typeNote('a long thought')
    await press('Log')
    await waitFor(() => expect(screen.getByRole('alert').textContent).toMatch(/disk is full/))
    expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Note' }).value).toBe('a long thought')
  })
  test('a new one that is half typed survives a reload, and is forgotten once it is logged', async () => {
    const again = (): void =>
      void renderPage(
        <EventForm
          tankId={TANK}
          kind="purchase"
          keptAs="purchase here"
          timeZone="Europe/Berlin"
          submitLabel="Log"
          onSubmit={() => Promise.resolve()}
        />,
      )
    again()
    await type('What', 'Needle valve')
    await type(/^Cost/, '12 or so')
    cleanup()
    again()
    expect(screen.getByLabelText<HTMLInputElement>('What').value).toBe('Needle valve')
    expect(screen.getByLabelText<HTMLInputElement>(/^Cost/).value).toBe('12 or so')
    await type(/^Cost/, '12')
    await press('Log')
    await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>('What').value).toBe(''))
    cleanup()
    again()
    expect(screen.getByLabelText<HTMLInputElement>('What').value).toBe('')
  })
  test('a change of an old record begins with what it says', async () => {
    const { told } = show('dose', {
      ...identity,
      kind: 'dose',
      salt: null,
      grams: null,
      millilitres: 4,
      bottle: 'traces',
      note: 'evening',
    })
    expect(screen.getByLabelText<HTMLInputElement>('What').value).toBe('traces')
    await press('Log')
    await waitFor(() =>
      expect(told).toMatchObject([{ kind: 'dose', salt: null, grams: null, millilitres: 4, bottle: 'traces', note: 'evening' }]),
    )
  })
})

describe('readings', () => {
  const kit: Kit = { name: 'Drop test', quantity: 'nitrate', unit: 'mg NO3/L', step: 5, lowest: 5, expiresOn: '2020-01-01' }
  const show = (kits: readonly Kit[] = []): void =>
    void renderPage(<ReadingPanel tankId={TANK} timeZone="Europe/Berlin" />, { known: [[['kits'], kits]] })
  test('several go out at once, in canonical units, with what was typed beside them', async () => {
    show()
    await type(/^pH$/, '6,9')
    await type(/^KH/, '4')
    await press('Log readings')
    await waitFor(() => expect(sent()).toHaveLength(2))
    expect(sent()[0]).toMatchObject({ kind: 'reading', quantity: 'pH', value: 6.9, enteredText: '6,9', qualifier: '=' })
    const kh = sent()[1] as Extract<JournalRecord, { kind: 'reading' }>
    expect(kh.value).toBeCloseTo(4 * (20 / 56.077), 6)
    expect([kh.enteredText, kh.enteredUnit]).toEqual(['4', '°dKH'])
    await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>(/^pH$/).value).toBe(''))
  })
  test('one that is wrong holds all back, and says why at its field', async () => {
    show()
    await type(/^pH$/, '70')
    await type(/^KH/, '4')
    await press('Log readings')
    expect(await faultAt(/^pH$/)).toBeTruthy()
    expect(sent()).toEqual([])
    expect(screen.getByLabelText<HTMLInputElement>(/^KH/).value).toBe('4')
  })
  test('nothing typed is said, not sent', async () => {
    show()
    await press('Log readings')
    expect(await screen.findByText(journalWords.nothingTyped)).toBeTruthy()
    expect(sent()).toEqual([])
  })
  test('zero by a kit is below its lowest readable; an old kit is told of', async () => {
    show([kit])
    expect(screen.getByText(journalWords.kitExpired)).toBeTruthy()
    await type(/^Nitrate/, '0')
    expect(screen.getByText(journalWords.below)).toBeTruthy()
    await press('Log readings')
    await waitFor(() => expect(sent()).toHaveLength(1))
    expect(sent()[0]).toMatchObject({ quantity: 'nitrate', qualifier: '<', method: 'Drop test' })
  })
  test('an unusual value is said to be so and let pass', async () => {
    show()
    await type(/^Temperature/, '36')
    expect(screen.getByText(/^Unusual: mostly/)).toBeTruthy()
    await press('Log readings')
    await waitFor(() => expect(sent()).toHaveLength(1))
  })
  test('what was typed survives a reload', async () => {
    show()
    await type(/^pH$/, '6.4')
    cleanup()
    show()
    expect(screen.getByLabelText<HTMLInputElement>(/^pH$/).value).toBe('6.4')
  })
})

const job = (change: Partial<ListedJob>): ListedJob => ({
  ruleId: 'change',
  kind: 'change',
  dueOn: '2026-11-24',
  isTimer: false,
  minutes: 18,
  values: quantities({ water: 'volume', share: 'fraction' }, { water: 88, share: 0.5 }),
  state: 'due',
  on: '2026-11-24',
  record: null,
  ...change,
})
const told = {
  ruleId: 'change',
  dueOn: '2026-11-24',
  state: 'done' as const,
  movedTo: null,
  reason: null,
  at: '2026-11-24T09:00:00.000Z',
  recordedBy: 'desk',
}

describe('jobs of a day', () => {
  const moves: ListedJob[] = []
  const show = (jobs: readonly ListedJob[], day = '2026-11-24'): void =>
    void renderPage(
      <DayJobs tankId={TANK} tankName="River" day={day} today="2026-11-24" jobs={jobs} onMove={(asked) => moves.push(asked)} />,
    )
  test('done is told at once, by whom and when', async () => {
    localStorage.setItem('jovrin.device', 'phone')
    show([job({})])
    expect(screen.getByText('88 L (50 %)')).toBeTruthy()
    await press('Done: Change water')
    await waitFor(() => expect(server.asked.filter(({ method }) => method === 'PUT')).toHaveLength(1))
    expect(server.asked.find(({ method }) => method === 'PUT')?.body).toMatchObject({
      ruleId: 'change',
      dueOn: '2026-11-24',
      state: 'done',
      recordedBy: 'phone',
    })
  })
  test('that one shall be moved is told to the calendar', async () => {
    show([job({})])
    await press('Move …: Change water')
    expect(moves).toEqual([job({})])
  })
  test('one that was told of can be taken back; one that moved away says where to', async () => {
    show([
      job({ state: 'done', record: told }),
      job({
        ruleId: 'trim',
        kind: 'trim',
        values: {},
        state: 'moved',
        on: '2026-11-27',
        record: { ...told, ruleId: 'trim', state: 'moved', movedTo: '2026-11-27' },
      }),
    ])
    expect(screen.getByText(/27 Nov|Nov 27/)).toBeTruthy()
    await hand.click(screen.getAllByRole('button', { name: todayWords.takeBack })[0]!)
    await waitFor(() => expect(server.asked.find(({ method }) => method === 'DELETE')).toMatchObject({ ifMatch: `"${told.at}"` }))
  })
  test('timers are only asked about by exception', () => {
    show([
      job({
        ruleId: 'dose',
        kind: 'dose',
        isTimer: true,
        minutes: 0,
        values: {},
        portions: [{ product: 'p', name: '', salt: 'potassium-nitrate', unit: 'g', amount: 0.95, stock: null, isGuess: false }],
        state: 'assumed',
      }),
    ])
    expect(screen.queryByRole('button', { name: /^Done/ })).toBeNull()
    expect(screen.getByRole('button', { name: todayWords.notDone })).toBeTruthy()
    expect(screen.getByText(/potassium nitrate 0\.95 g/)).toBeTruthy()
  })
  test('an empty day says so', () => {
    show([])
    expect(screen.getByText(/nothing/i)).toBeTruthy()
  })
  test('a refusal is told in the server’s words', async () => {
    server = standInServer(() => problem(409, 'desk has already told of this job: done.'))
    show([job({})])
    await press('Done: Change water')
    await waitFor(() => expect(screen.getByText('desk has already told of this job: done.')).toBeTruthy())
  })
  test('a preparation says its amount in the reader’s units', () => {
    show([
      job({ ruleId: 'prepare:mix-water', kind: 'mix-water', values: quantities({ water: 'volume' }, { water: 175 }), minutes: 0 }),
      job({ ruleId: 'prepare:soak-wood', kind: 'soak-wood', values: quantities({ pieces: 'count' }, { pieces: 1 }), minutes: 0 }),
    ])
    expect(screen.getByText('175 L')).toBeTruthy()
    expect(screen.getByText('1 piece')).toBeTruthy()
  })
})

describe('a stop of the round', () => {
  const stop = {
    tankId: TANK,
    name: 'River',
    today: '2026-11-24',
    attention: ['animals' as const],
    timeZone: 'Europe/Berlin',
    lastGlanceAt: null,
    minutesPerWeek: 90,
    gas: { verdict: 'enough' as const, severity: 'fine' as const, advice: ['hold' as const], isByPlan: false, limitMgPerL: null },
    due: [job({})],
    overdue: [job({ ruleId: 'trim', kind: 'trim' as const, dueOn: '2026-11-22', on: '2026-11-22', minutes: 20, values: {} })],
    settled: [],
    assumed: [],
  }
  test('minutes of all that is due today, what presses first, and the glance in one tap', async () => {
    renderPage(<Stop stop={stop} nextId={null} />)
    expect(screen.getByText(/^18 min · /)).toBeTruthy()
    expect(screen.getByText(/^▲/)).toBeTruthy()
    await press('All fine')
    await waitFor(() => expect(sent()[0]).toMatchObject({ kind: 'glance', isAllFine: true }))
  })
  test('what was told stays where it stands, with its undo; all done is said', async () => {
    const settled = [
      job({ state: 'done', record: told }),
      { ...stop.overdue[0]!, state: 'skipped' as const, record: { ...told, state: 'skipped' as const } },
    ]
    function Worked() {
      const [isTold, setTold] = useState(false)
      return (
        <>
          <button onClick={() => setTold(true)}>told</button>
          <Stop stop={isTold ? { ...stop, due: [], overdue: [], settled } : stop} nextId={null} />
        </>
      )
    }
    renderPage(<Worked />)
    const rows = () => screen.getAllByRole('listitem').map(({ textContent }) => /^(Change water|Trim)/.exec(textContent)?.[0])
    const before = rows()
    await press('told')
    expect(rows()).toEqual(before)
    expect(screen.getByText(todayWords.allDone)).toBeTruthy()
    expect(screen.getByText('✓ done by desk')).toBeTruthy()
    expect(screen.getAllByRole('button', { name: new RegExp(`^${todayWords.takeBack}: `) })).toHaveLength(2)
  })
  test('what waits on this device shows as told, and is taken back there', async () => {
    renderPage(<Stop stop={stop} nextId={null} />)
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('away')))
    await press(`${todayWords.done}: ${jobTitleWords.change}`)
    await waitFor(() => expect(screen.getByText(`✓ done, ${todayWords.waits}`)).toBeTruthy())
    await waitFor(() => expect(screen.getByText(new RegExp(`^${stop.name}: ${jobTitleWords.change}, done`))).toBeTruthy())
    await hand.click(screen.getAllByRole('button', { name: `${todayWords.takeBack}: ${jobTitleWords.change}` })[0]!)
    await waitFor(() => expect(screen.getByRole('button', { name: `${todayWords.done}: ${jobTitleWords.change}` })).toBeTruthy())
  })
  test('a job is moved only with a day and a reason', async () => {
    renderPage(<Stop stop={stop} nextId={null} />)
    await press('Move …: Change water')
    const dialog = screen.getByRole('dialog')
    const yes = within(dialog).getByRole('button', { name: todayWords.moveYes })
    await hand.click(yes)
    expect(await faultAt(todayWords.reason)).toBe(formWords.needed)
    expect(server.asked.filter(({ method }) => method === 'PUT')).toEqual([])
    await typeOver(within(dialog).getByLabelText(todayWords.reason), 'away')
    await hand.click(yes)
    await waitFor(() =>
      expect(server.asked.find(({ method }) => method === 'PUT')?.body).toMatchObject({
        state: 'moved',
        movedTo: '2026-11-25',
        reason: 'away',
      }),
    )
  })
  test('nothing due is said', () => {
    renderPage(<Stop stop={{ ...stop, due: [], overdue: [], attention: [] }} nextId={null} />)
    expect(screen.getByText(todayWords.nothingDue)).toBeTruthy()
  })
})

describe('the emergency card', () => {
  const open = (known: Parameters<typeof renderPage>[1] = {}): void =>
    void renderPage(<EmergencyCard isOpen onClose={() => undefined} />, {
      ...known,
      at: `/tanks/${TANK}/journal`,
      route: '/tanks/:tankId/journal',
    })
  test('stands without the server, step by step', () => {
    open()
    expect(screen.getAllByRole('listitem').length).toBe(emergencyWords.steps.length)
  })
  test('names this tank’s litres, and warns while its ammonia may rise', () => {
    open({
      known: [
        [['tanks', TANK, 'plan'], { revision: 1, plan: { ...barePlan, name: 'River' }, canUndo: false, canRedo: false }],
        [['tanks', TANK, 'condition'], { gas: null, nitrogen: { isBinderFirst: true, ammonia: null } }],
      ],
    })
    expect(screen.getAllByText(/River/)[0]?.textContent).toMatch(/\d+ L/)
    expect(screen.getByText(emergencyWords.binderFirst('River'))).toBeTruthy()
  })
})
