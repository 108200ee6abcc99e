// npm run bench: one JSON line per figure. Sums run as the pages run them: bundled, in workers; the rest in Chromium.
import { spawn } from 'node:child_process'
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Worker } from 'node:worker_threads'
import { gzipSync } from 'node:zlib'
import { librarySearchWaits } from './bench/librarySearch.mjs'
import { lampWaits } from './bench/lampDrag.mjs'
import { planEditWaits, weekWaits } from './bench/planEdit.mjs'
import { oneMore, redraws, watchRedraws } from './bench/redraw.mjs'
import { waitsDuring } from './bench/waits.mjs'
import { buildPages, installBrowser, installPackages, root, run } from './install.mjs'

installPackages({ quiet: true })
installBrowser()
buildPages({ quiet: true })
const { build } = await import('vite')
const { chromium } = await import('@playwright/test')

const sorted = (values) => [...values].sort((a, b) => a - b)
const quantile = (values, share) => sorted(values)[Math.min(values.length - 1, Math.floor(share * values.length))]
const say = (name, value, unit, n) => console.log(JSON.stringify({ name, value: Number(value.toFixed(2)), unit, n }))

const folder = mkdtempSync(join(tmpdir(), 'jovrin-bench-'))
await build({
  root,
  configFile: false,
  logLevel: 'error',
  build: {
    outDir: folder,
    emptyOutDir: false,
    lib: { entry: join(root, 'scripts/bench/kernel.ts'), formats: ['es'], fileName: () => 'kernel.mjs' },
    // The demo's maps are read from the library's files.
    rollupOptions: { external: [/^node:/] },
  },
})
const bundle = join(folder, 'kernel.mjs')

const open = () =>
  new Promise((resolve, reject) => {
    const worker = new Worker(new URL('./bench/worker.mjs', import.meta.url), { workerData: { bundle } })
    worker.once('error', reject)
    worker.once('message', () => resolve(worker))
  })
const ask = (worker, message) =>
  new Promise((resolve) => {
    worker.once('message', resolve)
    worker.postMessage(message)
  })
const timed = async (act) => {
  const started = performance.now()
  await act()
  return performance.now() - started
}
const uuid = (index) => `01920000-0000-7000-8000-${(0xb0000000 + index).toString(16).padStart(12, '0')}`
const range = (from, to) => Array.from({ length: to - from + 1 }, (_, index) => from + index)

const first = []
for (let time = 0; time < 5; time++)
  first.push(
    await timed(async () => {
      const worker = await open()
      await ask(worker, { what: 'single' })
      void worker.terminate()
    }),
  )

const pair = [await open(), await open()]
await Promise.all(pair.map((worker) => ask(worker, { what: 'warm' })))
const singles = []
for (let time = 0; time < 40; time++) singles.push(await ask(pair[0], { what: 'single' }))
say('forecast-26w-single-ms', quantile(singles.slice(20), 0.5), 'ms', 20)
const drySingles = []
for (let time = 0; time < 30; time++) drySingles.push(await ask(pair[0], { what: 'drySingle' }))
say('dry-start-26w-single-ms', quantile(drySingles.slice(10), 0.5), 'ms', 20)
const programmes = []
for (let call = 0; call < 30; call++) programmes.push(await ask(pair[0], { what: 'programme', which: call }))
say('start-programme-regenerated-ms', quantile(programmes.slice(10), 0.5), 'ms', 20)
say('forecast-first-in-fresh-worker-ms', quantile(first, 0.5), 'ms', first.length)
const hindcasts = []
for (let call = 0; call < 25; call++) hindcasts.push(await ask(pair[0], { what: 'hindcast', which: call }))
say('hindcast-26w-to-today-ms', quantile(hindcasts.slice(5), 0.5), 'ms', 20)
say('hindcast-26w-whole-past-ms', hindcasts[0], 'ms', 1)
const fields = []
for (let call = 0; call < 25; call++) fields.push(await ask(pair[0], { what: 'light', which: call }))
say('light-field-1cm-ms', quantile(fields.slice(5), 0.5), 'ms', 20)
const fits = []
for (let call = 0; call < 25; call++) fits.push(await ask(pair[0], { what: 'gasFit', which: call }))
say('gas-fit-600-readings-ms', quantile(fits.slice(5), 0.5), 'ms', 20)
const share = (to) =>
  Promise.all(pair.map((worker, index) => ask(worker, { what: 'members', which: range(1, to).filter((member) => member % 2 === index) })))
const ensembles = []
const eights = []
for (let time = 0; time < 5; time++) {
  eights.push(await timed(() => share(8)))
  ensembles.push(await timed(() => share(100)))
}
say('forecast-26w-ensemble-100-ms', quantile(ensembles, 0.5), 'ms', ensembles.length)
say('forecast-first-8-members-ms', quantile(eights, 0.5), 'ms', eights.length)
// The number of drawn tanks that the page runs, over two workers.
const comparisons = []
for (let time = 0; time < 6; time++)
  comparisons.push(
    await timed(() =>
      Promise.all(
        pair.map((worker, index) => ask(worker, { what: 'courses', which: range(1, 8).filter((member) => member % 2 === index) })),
      ),
    ),
  )
say('schools-5-by-26w-first-ms', comparisons[0], 'ms', 1)
say('schools-5-by-26w-ms', quantile(comparisons.slice(1), 0.5), 'ms', 5)
await Promise.all(pair.map((worker) => worker.terminate()))

const data = join(folder, 'data')
const env = { JOVRIN_DATA: data, JOVRIN_NOW: '2026-11-24T09:00:00Z' }
run(process.execPath, ['--import', 'tsx', 'scripts/demo/seed.ts'], { env, quiet: true })
const server = spawn(process.execPath, ['--import', 'tsx', 'packages/server/src/main.ts', '--port', '4793'], {
  cwd: root,
  env: { ...process.env, ...env },
  stdio: ['ignore', 'pipe', 'inherit'],
})
await new Promise((resolve) => server.stdout.on('data', (chunk) => /ready/.test(chunk) && resolve()))
const NOW = env.JOVRIN_NOW
const RIVER_API = 'http://127.0.0.1:4793/api/tanks/01920000-0000-7000-8000-000000000001'
const inserts = []
for (let time = 0; time < 320; time++) {
  const body = JSON.stringify({
    id: uuid(time),
    at: NOW.replace('Z', '.000Z'),
    recordedBy: null,
    note: null,
    kind: 'reading',
    quantity: 'conductivity',
    value: 300,
    qualifier: '=',
    enteredText: '300',
    enteredUnit: 'µS/cm',
    basis: null,
    method: null,
    moment: null,
    eventId: null,
  })
  inserts.push(
    await timed(async () => {
      const answer = await fetch(`${RIVER_API}/journal`, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body })
      if (answer.status !== 201) throw new Error(`a reading was not taken: ${answer.status}`)
      await answer.arrayBuffer()
    }),
  )
}
say('reading-insert-p95-ms', quantile(inserts.slice(20), 0.95), 'ms', 300)
const rows = ['at,quantity,value,unit']
for (let index = 0; index < 100_000; index++)
  rows.push(
    `${new Date(Date.parse('2026-09-22T00:00:00Z') + index * 54_000).toISOString()},oxygen,${(6 + 2 * Math.sin(index / 800)).toFixed(3)},mg/L`,
  )
const mapping = {
  columns: ['at', 'quantity', 'value', 'unit'].map((use) => ({ use })),
  decimalMark: '.',
  dateOrder: 'ymd',
  timeZone: 'UTC',
  delimiter: ',',
  hasHeader: true,
}
const ADDRESS = 'http://127.0.0.1:4793'
const read = async (path, options) => {
  const answer = await fetch(`${ADDRESS}${path}`, options)
  const bytes = Buffer.from(await answer.arrayBuffer())
  if (!answer.ok) throw new Error(`${path} was answered ${answer.status}`)
  return bytes
}
// Ten tanks, four of them copies of young ones.
const copies = []
for (const id of [2, 4, 5, 6]) {
  const file = await read(`/api/tanks/01920000-0000-7000-8000-00000000000${id}/file`)
  const copy = await read('/api/tank-files?as=copy', { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: file })
  copies.push(JSON.parse(copy).tankId)
}
const rounds = []
for (let time = 0; time < 14; time++) rounds.push(await timed(() => read('/api/round')))
say('round-10-tanks-ms', quantile(rounds.slice(4), 0.5), 'ms', 10)
say('round-10-tanks-first-ms', rounds[0], 'ms', 1)
for (const id of copies) await read(`/api/tanks/${id}`, { method: 'DELETE' })
const kept = await waitsDuring(ADDRESS, () =>
  read(`${RIVER_API.slice(ADDRESS.length)}/readings.csv?mapping=${encodeURIComponent(JSON.stringify(mapping))}`, {
    method: 'POST',
    headers: { 'Content-Type': 'text/csv' },
    body: rows.join('\n'),
  }),
)
const taken = JSON.parse(kept.result)
if (taken.accepted !== 100_000) throw new Error(`only ${taken.accepted} readings were taken`)
say('readings-import-100k-s', kept.tookMs / 1000, 's', 1)
say('longest-wait-during-import-ms', kept.longestMs, 'ms', 1)
const tankFile = await waitsDuring(ADDRESS, () => read('/api/tanks/01920000-0000-7000-8000-000000000001/file'))
say('tank-file-100k-out-s', tankFile.tookMs / 1000, 's', 1)
say('longest-wait-during-file-out-ms', tankFile.longestMs, 'ms', 1)
const backup = await waitsDuring(ADDRESS, () => read('/api/backup.zip'))
say('backup-100k-s', backup.tookMs / 1000, 's', 1)
say('longest-wait-during-backup-ms', backup.longestMs, 'ms', 1)
const settled = JSON.parse(await read('/api/tanks/01920000-0000-7000-8000-000000000005/file'))
const SETTINGS = 2000
const dated = {
  ...settled,
  journal: [],
  settings: range(1, SETTINGS).map((index) => ({
    id: uuid(0x100000 + index),
    effectiveOn: new Date(Date.parse(`${settled.revisions[0].plan.startedOn}T00:00:00Z`) + index * 86_400_000).toISOString().slice(0, 10),
    path: '/temperatureC',
    from: 24,
    to: 20 + (index % 9),
    planRevision: 1,
    why: null,
  })),
}
const copied = JSON.parse(
  await read('/api/tank-files?as=copy', { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(dated) }),
)
const timelines = []
for (let time = 0; time < 12; time++) timelines.push(await timed(() => read(`/api/tanks/${copied.tankId}/timeline`)))
say('timeline-2000-settings-ms', quantile(timelines.slice(2), 0.5), 'ms', 10)
await read(`/api/tanks/${copied.tankId}`, { method: 'DELETE' })

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-quic',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--no-first-run',
  ],
})
try {
  const shelf = await browser.newPage()
  // By address: a second worker's script comes from the cache (the browser reports 0 bytes fetched for it).
  const scripts = new Map()
  shelf.on('response', async (response) => {
    if (!response.url().endsWith('.js')) return
    const body = await response.body()
    scripts.set(response.url(), gzipSync(body, { level: 9 }).length)
  })
  await shelf.goto('http://127.0.0.1:4793/')
  await shelf.waitForFunction(
    () => document.querySelectorAll('li').length === 6 && !document.body.innerText.includes('reckoning'),
    undefined,
    { timeout: 90_000 },
  )
  const bytes = [...scripts.values()].reduce((sum, size) => sum + size, 0)
  say('first-load-js-gzip-kb', bytes / 1000, 'kB', scripts.size)
  await shelf.close()

  // From the request of 100,000 readings to their picture (fetched, checked, drawn), and from the click that asks for them, with the menu closing in between. The band comes later, from the workers.
  const journal = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  const charts = []
  for (let time = 0; time < 7; time++) {
    await journal.goto('http://127.0.0.1:4793/tanks/01920000-0000-7000-8000-000000000001/journal?quantity=evaporated')
    await journal.waitForFunction(() => performance.getEntriesByName('journal-chart-drawn').length > 0)
    await journal.waitForTimeout(4000) // the model's own run is over
    await journal.getByRole('combobox', { name: /Quantity/ }).click()
    await journal.getByRole('option', { name: 'Oxygen' }).waitFor()
    charts.push(
      await journal.evaluate(async () => {
        performance.clearMarks('journal-chart-drawn')
        const [option] = [...document.querySelectorAll('[role=option]')].filter((one) => one.textContent === 'Oxygen')
        const started = performance.now()
        option.click()
        // The first picture may still be that of no data: the one that counts comes after the readings.
        for (;;) {
          await new Promise((resolve) => setTimeout(resolve, 4))
          const fetched = performance
            .getEntriesByType('resource')
            .filter(({ name, startTime }) => name.includes('quantity=oxygen') && startTime >= started)
            .at(-1)
          const drawn =
            fetched && performance.getEntriesByName('journal-chart-drawn').find(({ startTime }) => startTime > fetched.responseEnd)
          if (drawn)
            return {
              request: drawn.startTime - fetched.startTime,
              click: drawn.startTime - started,
              fetch: fetched.responseEnd - fetched.startTime,
            }
        }
      }),
    )
  }
  const middle = (part) =>
    quantile(
      charts.slice(2).map((chart) => chart[part]),
      0.5,
    )
  say('journal-chart-100k-ms', middle('request'), 'ms', charts.length - 2)
  say('journal-chart-100k-fetch-ms', middle('fetch'), 'ms', charts.length - 2)
  say('journal-chart-100k-from-click-ms', middle('click'), 'ms', charts.length - 2)
  await journal.close()

  const finds = await librarySearchWaits(browser, 'http://127.0.0.1:4793')
  say('library-search-300-p95-ms', quantile(finds, 0.95), 'ms', finds.length)

  const edits = await planEditWaits(browser, 'http://127.0.0.1:4793')
  say('plan-edit-to-redraw-p95-ms', quantile(edits, 0.95), 'ms', edits.length)
  const moves = await planEditWaits(browser, 'http://127.0.0.1:4793', 'hardscape')
  say('piece-edit-to-redraw-p95-ms', quantile(moves, 0.95), 'ms', moves.length)

  const beds = await planEditWaits(browser, 'http://127.0.0.1:4793', 'planting')
  say('planting-edit-to-redraw-80-patches-p95-ms', quantile(beds, 0.95), 'ms', beds.length)
  const weeks = await weekWaits(browser, 'http://127.0.0.1:4793')
  say('planting-week-80-patches-p95-ms', quantile(weeks, 0.95), 'ms', weeks.length)

  const lamps = await lampWaits(browser, 'http://127.0.0.1:4793')
  say('lamp-drag-to-redraw-p95-ms', quantile(lamps, 0.95), 'ms', lamps.length)

  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto('http://127.0.0.1:4793/tanks/01920000-0000-7000-8000-000000000001/balance')
  await page.getByRole('group', { name: /^Braid/ }).waitFor()
  await page.waitForFunction(() => document.querySelector('[role=progressbar]') === null, undefined, { timeout: 90_000 })
  const box = await page.getByRole('slider', { name: 'Light', exact: true }).locator('..').boundingBox()
  await page.mouse.move(box.x + 5, box.y + 9)
  await page.mouse.down()
  await watchRedraws(page, '[data-strand="light"] path:nth-of-type(2)')
  for (let step = 1; step <= 45; step++) {
    const seen = await redraws(page)
    await page.mouse.move(box.x + 5 - (step % 2 === 0 ? 40 : 0) - step, box.y + 9)
    await oneMore(page, seen, 5000)
  }
  await page.mouse.up()
  const waits = (await page.evaluate(() => window.waits)).slice(5)
  say('lever-to-redraw-p95-ms', quantile(waits, 0.95), 'ms', waits.length)
} finally {
  await browser.close()
  server.kill('SIGTERM')
  rmSync(folder, { recursive: true, force: true })
}

const tests = join(root, 'node_modules', '.cache', 'jovrin-test-minutes.json')
if (existsSync(tests)) say('test-minutes', JSON.parse(readFileSync(tests, 'utf8')).minutes, 'min', 1)
