import {
  appWords,
  numberWords,
  refusedWords,
  settingsWords,
  KitSchema,
  type RowImportReport,
  TANK_FILE_MOST_BYTES,
  type TankEntry,
} from '@jovrin/contract'
import type { Kit } from '@jovrin/core'
import { cleanup, configure, fireEvent, screen, waitFor } from '@testing-library/react'
import { hand, typeAndLeave } from '../../testing/hand.js'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { barePlan } from '../../testing/builtPlan.js'
import { renderPage } from '../../testing/renderPage.js'
import { problem, standInServer } from '../../testing/standInServer.js'
import { CheckPanel } from './CheckPanel.js'
import { FilesPanel } from './FilesPanel.js'
import { KitTable } from './KitTable.js'
import { ReadingsImport } from './readings/ReadingsImport.js'

configure({ defaultHidden: true }) // whether something is hidden is reckoned from styles, element by element
beforeEach(() => localStorage.clear())
afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})
const text = settingsWords.importer
const tank: TankEntry = { id: '01920000-0000-7000-8000-0000000000aa', revision: 1, plan: { ...barePlan, name: 'River' } } as TankEntry
const give = (label: string, name: string, content: string): void => {
  const file = new File([content], name, { type: 'text/plain' })
  // A dropped file may be of any kind, so it is not chosen by hand here.
  fireEvent.change(screen.getByLabelText(label, { selector: 'input' }), { target: { files: [file] } })
}

describe('readings from a table', () => {
  const good: RowImportReport = {
    rows: 2,
    accepted: 2,
    alreadyHere: 0,
    refusedInAll: 0,
    refused: [],
    isKept: false,
    inFuture: 0,
    columns: [{ quantity: 'pH', unit: '', count: 2, least: 6.8, middle: 6.9, most: 6.9, unlikely: 0 }],
    preview: [{ line: 2, at: '2026-11-01T08:00:00.000Z', quantity: 'pH', value: 6.8, qualifier: '=' }],
  }
  const show = (answer: (isDry: boolean) => ReturnType<Parameters<typeof standInServer>[0]>) => {
    const server = standInServer(({ path }) => answer(path.includes('dryRun=true')))
    renderPage(<ReadingsImport tank={tank} />)
    give(settingsWords.importReadings, 'readings.csv', 'date;time;pH\n2026-11-01;09:00;6,8\n2026-11-02;09:00;6,9\n')
    return server
  }
  const look = async (): Promise<void> => {
    await waitFor(() => expect(screen.getByText(text.look)).toBeTruthy())
    await hand.click(screen.getByText(text.look))
  }
  const posts = ({ asked }: ReturnType<typeof standInServer>) => asked.filter(({ method }) => method === 'POST')
  const mappingOf = (path: string) =>
    JSON.parse(new URLSearchParams(path.split('?')[1]).get('mapping') ?? '{}') as {
      delimiter: string
      decimalMark: string
      columns: { use: string }[]
    }
  test('its form is guessed, tried without keeping anything, and then kept whole', async () => {
    const server = show((isDry) => ({ status: 200, body: { ...good, isKept: !isDry } }))
    await look()
    await waitFor(() => expect(screen.getByText(text.keep('2'))).toBeTruthy())
    expect(mappingOf(posts(server)[0]!.path)).toMatchObject({
      delimiter: ';',
      decimalMark: ',',
      columns: [{ use: 'date' }, { use: 'time' }, { use: 'reading' }],
    })
    await hand.click(screen.getByText(text.keep('2')))
    await waitFor(() => expect(screen.getByText(text.kept('2'))).toBeTruthy())
    expect(posts(server).map(({ path }) => path.includes('dryRun=true'))).toEqual([true, false])
  })
  test('rows that are refused are told by line; the good ones are kept on a word, and the others handed back', async () => {
    const refused = [{ line: 3, detail: '“6,9,1” has two decimal marks.' }]
    const server = show((isDry) => ({ status: 200, body: { ...good, accepted: 1, refusedInAll: isDry ? 3 : 1, refused, isKept: !isDry } }))
    await look()
    await waitFor(() => expect(screen.getByText(/two decimal marks/)).toBeTruthy())
    expect(screen.getByText(text.moreRefused('2'))).toBeTruthy()
    expect(screen.queryByText(text.keep('1'))).toBeNull()
    await hand.click(screen.getByLabelText(text.skipRows('3')))
    await hand.click(screen.getByText(text.keep('1')))
    await waitFor(() => expect(screen.getByText(text.handedBack('1'))).toBeTruthy())
    expect(screen.getByText(text.saveRefused)).toBeTruthy()
    expect(posts(server).map(({ path }) => path.includes('badRows=skip'))).toEqual([false, true])
  })
  test('values that few tanks have are questioned before anything is kept', async () => {
    const nitrate = { quantity: 'nitrate', unit: 'mg N/L', count: 4, least: 15, middle: 22, most: 25, unlikely: 4 } as const
    show(() => ({ status: 200, body: { ...good, columns: [nitrate], inFuture: 1 } }))
    await look()
    const doubt = await waitFor(() => screen.getByRole('alert'))
    expect(doubt.textContent).toMatch(/Nitrate: 4 of 4 readings lie outside .* Is the column really in mg N\/L\?/)
    expect(doubt.textContent).toContain(text.inFuture('1'))
    expect(screen.getByText(text.keepAnyway('2'))).toBeTruthy()
  })
  test('a refusal of the whole file is said; the mapping stays to be mended', async () => {
    show(() => problem(400, 'The file is not written in UTF-8.'))
    await look()
    await waitFor(() => expect(screen.getByRole('alert').textContent).toMatch(/UTF-8/))
    expect(screen.getByText(text.look)).toBeTruthy()
  })
  test('without the server that is said', async () => {
    show(() => 'unreachable')
    await look()
    await waitFor(() => expect(screen.getByRole('alert').textContent).toBe(appWords.offline))
  })
})

describe('a tank’s file', () => {
  const show = (answer: Parameters<typeof standInServer>[0]) => {
    const server = standInServer(answer)
    renderPage(<FilesPanel />, { known: [[['tanks'], []]] })
    return server
  }
  const report = { tankId: tank.id, name: 'River', records: 120, revisions: 7, jobs: 4, photosMissing: 2, isKept: false }
  test('is looked over first, with what is missing, and brought in on a word', async () => {
    const server = show(({ path }) => (path.startsWith('/api/tank-files') ? { status: 200, body: report } : { status: 200, body: [] }))
    give(settingsWords.importTank, 'river.json', '{"format":"jovrin-tank"}')
    await waitFor(() => expect(screen.getByText(settingsWords.photosMissing('2'))).toBeTruthy())
    await hand.click(screen.getByLabelText(settingsWords.asCopy))
    const posts = () => server.asked.filter(({ method }) => method === 'POST')
    await waitFor(() => expect(posts()).toHaveLength(2))
    await hand.click(await screen.findByText(settingsWords.bringIn))
    await waitFor(() => expect(screen.getByText(settingsWords.broughtIn('River'))).toBeTruthy())
    expect(posts().map(({ path }) => path.split('?')[1]?.replace(/&work=.*/, ''))).toEqual([
      'dryRun=true&as=same',
      'dryRun=true&as=copy',
      'dryRun=false&as=copy',
    ])
  })
  test('one that is too large is not sent', async () => {
    const server = show(() => ({ status: 200, body: [] }))
    const large = new File(['{'], 'river.json')
    Object.defineProperty(large, 'size', { value: TANK_FILE_MOST_BYTES + 1 })
    await hand.upload(screen.getByLabelText(settingsWords.importTank, { selector: 'input' }), large)
    await waitFor(() => expect(screen.getByRole('alert').textContent).toBe(settingsWords.tooLarge('64')))
    expect(server.asked.filter(({ method }) => method === 'POST')).toEqual([])
    expect(screen.getByText(settingsWords.tankLimit('64', '8192'))).toBeTruthy()
  })
  test('how far it is is shown while it is under way, and it can be called off', async () => {
    const hungUp = vi.fn()
    vi.stubGlobal('fetch', (path: string, options: RequestInit = {}) => {
      if (path.startsWith('/api/works/')) return Promise.resolve(new Response(JSON.stringify({ done: 3, of: 4 }), { status: 200 }))
      return new Promise((_resolve, reject) =>
        options.signal?.addEventListener('abort', () => {
          hungUp(path)
          reject(new DOMException('aborted', 'AbortError'))
        }),
      )
    })
    renderPage(<FilesPanel />, { known: [[['tanks'], []]] })
    give(settingsWords.importTank, 'river.json', '{"format":"jovrin-tank"}')
    await waitFor(() => expect(screen.getByRole('progressbar').getAttribute('aria-valuenow')).toBe('75'), { timeout: 3000 })
    await hand.click(screen.getByText(settingsWords.callOff))
    await waitFor(() => expect(screen.getByRole('alert').textContent).toBe(appWords.calledOff))
    expect(hungUp).toHaveBeenCalledWith(expect.stringMatching(/^\/api\/tank-files\?.*work=/))
    expect(screen.queryByRole('progressbar')).toBeNull()
  })
  test('something else is told to be something else, and nothing is sent', async () => {
    const server = show(() => ({ status: 200, body: [] }))
    give(settingsWords.importTank, 'poem.txt', 'roses are red')
    await waitFor(() => expect(screen.getByRole('alert').textContent).toBe(refusedWords.notTankFile))
    expect(server.asked.filter(({ method }) => method === 'POST')).toEqual([])
  })
  test('a refusal is said in the server’s words', async () => {
    show(({ method }) => (method === 'POST' ? problem(409, 'This tank is already here.') : { status: 200, body: [] }))
    give(settingsWords.importTank, 'river.json', '{}')
    await waitFor(() => expect(screen.getByRole('alert').textContent).toBe('This tank is already here.'))
  })
})

describe('kits', () => {
  const kit: Kit = KitSchema.parse({ quantity: 'nitrate', name: null, unit: 'mg NO3/L', step: 5, lowest: 5, expiresOn: null })
  const show = () => {
    const server = standInServer(({ body }) => ({ status: 200, body: body ?? [] }))
    renderPage(<KitTable />, { known: [[['kits'], [kit]]] })
    return { puts: () => server.asked.filter(({ method }) => method === 'PUT') }
  }
  const field = (head: string): HTMLInputElement => screen.getByLabelText(`Nitrate: ${head}`, { selector: 'input' })
  const [, nameHead = '', , stepHead = '', lowestHead = ''] = settingsWords.kitHead
  test('a name is kept when its field is left; the same again is not sent', async () => {
    const { puts } = show()
    await typeAndLeave(field(nameHead), ' Drop test ')
    await waitFor(() => expect(puts()).toHaveLength(1))
    expect(puts()[0]).toMatchObject({ path: '/api/kits/nitrate', body: { ...kit, name: 'Drop test' } })
    cleanup()
    const again = show()
    fireEvent.blur(field(nameHead))
    expect(again.puts()).toEqual([])
  })
  test('a step that is no number is said, and holds all back', async () => {
    const { puts } = show()
    await typeAndLeave(field(stepHead), '1.000,5')
    expect(field(stepHead).value).toBe('1.000,5')
    expect(screen.getByText(numberWords.none)).toBeTruthy()
    await typeAndLeave(field(lowestHead), '2')
    expect(puts()).toEqual([])
  })
  test('a lowest readable that is not known is one of the answers', async () => {
    const { puts } = show()
    await typeAndLeave(field(lowestHead), '')
    await waitFor(() => expect(puts()[0]?.body).toMatchObject({ lowest: null }))
  })
})

describe('looking the data over', () => {
  test('is done when it is asked for, and says that all is well or what is not', async () => {
    const found = [{ what: 'record', tankId: tank.id, id: 'x1', detail: 'note takes at most 4000 characters or entries.' }]
    let checks = 0
    const server = standInServer(({ path }) => ({ status: 200, body: path.includes('unreadable') && checks++ > 0 ? found : [] }))
    renderPage(<CheckPanel />)
    expect(server.asked).toEqual([])
    const button = screen.getByRole('button', { name: settingsWords.check })
    await hand.click(button)
    await waitFor(() => expect(screen.getByRole('status').textContent).toBe(settingsWords.checkGood))
    await hand.click(button)
    await waitFor(() => expect(screen.getByRole('status').textContent).toContain('record of the journal · x1: note takes'))
  })
})
