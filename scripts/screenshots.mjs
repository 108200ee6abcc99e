// npm run screenshots: refreshes docs/screenshots from the demo data at one fixed instant.
import { spawn } from 'node:child_process'
import { mkdtempSync, mkdirSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { buildPages, installBrowser, installPackages, root, run } from './install.mjs'

installPackages({ quiet: true })
installBrowser()
buildPages({ quiet: true })
const { chromium } = await import('@playwright/test')

const NOW = '2026-11-24T09:00:00Z'
const RIVER = '/tanks/01920000-0000-7000-8000-000000000001'
const out = join(root, 'docs', 'screenshots')
mkdirSync(out, { recursive: true })

async function serve(folder, port) {
  const child = spawn(process.execPath, ['--import', 'tsx', 'packages/server/src/main.ts', '--port', String(port)], {
    cwd: root,
    env: { ...process.env, JOVRIN_DATA: folder, JOVRIN_NOW: NOW },
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  await new Promise((resolve) => child.stdout.on('data', (chunk) => /ready/.test(chunk) && resolve()))
  return child
}

const demo = mkdtempSync(join(tmpdir(), 'jovrin-shots-'))
run(process.execPath, ['--import', 'tsx', 'scripts/demo/seed.ts'], { env: { JOVRIN_DATA: demo, JOVRIN_NOW: NOW } })
const server = await serve(demo, 4791)
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

async function shot(name, path, { width = 1280, height = 800, colorScheme = 'light', before = async () => {} } = {}) {
  const page = await browser.newPage({
    viewport: { width, height },
    colorScheme,
    reducedMotion: 'reduce',
    locale: 'en-GB',
    timezoneId: 'Europe/Berlin',
  })
  await page.clock.setFixedTime(new Date(NOW))
  await page.goto(`http://127.0.0.1:4791${path}`)
  await page.getByRole('heading', { level: 1 }).waitFor()
  const settle = () =>
    page.waitForFunction(
      () => document.querySelector('[role=progressbar]') === null && !/calculating/i.test(document.body.innerText),
      undefined,
      { timeout: 90_000 },
    )
  await settle()
  await before(page, settle)
  await page.evaluate(() => document.fonts.ready)
  await page.screenshot({ path: join(out, `${name}.png`), animations: 'disabled' })
  await page.close()
}
const sheet = (page) => page.getByRole('heading', { level: 2 }).first().waitFor()
const gate = (page) =>
  page
    .getByText(/mg N\/L \(/)
    .first()
    .waitFor({ timeout: 60_000 })
const braid = (page) => page.getByRole('group', { name: /^Braid/ }).waitFor()

try {
  await shot('shelf', '/')
  await shot('shelf-phone', '/', { width: 390, height: 844 })
  await shot('balance', `${RIVER}/balance`, {
    before: async (page, settle) => {
      await braid(page)
      await settle()
    },
  })
  await shot('plan', `${RIVER}/plan`)
  await shot('journal', `${RIVER}/journal`, { before: (page) => page.getByText(/lie in the band/).waitFor({ timeout: 60_000 }) })
  await shot('emergency', `${RIVER}/journal`, {
    width: 390,
    height: 844,
    before: (page) => page.getByRole('button', { name: 'Emergency' }).click(),
  })
  await shot('today', '/today')
  await shot('calendar', '/tanks/01920000-0000-7000-8000-000000000006/calendar', {
    before: (page) => page.getByText('brown film', { exact: true }).waitFor(),
  })
  await shot('answers', '/answers/away?tank=01920000-0000-7000-8000-000000000003', {
    before: async (page, settle) => {
      await page.getByRole('button', { name: 'Edit' }).click()
      await page.getByTestId('away-strip').waitFor()
      await settle()
    },
  })
  await shot('planting', `${RIVER}/plan/planting?week=8`, { before: sheet })
  await shot('light', `${RIVER}/supply/light`, {
    before: async (page, settle) => {
      await page
        .getByRole('cell', { name: /^\d+ \(\d+\)$/ })
        .first()
        .waitFor()
      await page.locator('[data-is-fine=true]').waitFor()
      await settle()
    },
  })
  await shot('gas', `${RIVER}/supply/gas`, { colorScheme: 'dark', before: (page) => page.getByTestId('gas-curve').waitFor() })
  await shot('library', '/library?tank=01920000-0000-7000-8000-000000000001', {
    before: (page) => page.getByText('marginal').first().waitFor(),
  })
  await shot('water', `${RIVER}/supply/water?part=card`, { before: sheet })
  await shot('feed', `${RIVER}/supply/feed?part=schools`, {
    before: (page) => page.getByRole('row', { name: /^nitrate in week 26.*\(/ }).waitFor({ timeout: 60_000 }),
  })
  await shot('animals', '/tanks/01920000-0000-7000-8000-000000000002/plan/animals', { before: gate })
  await shot('ground', `${RIVER}/plan/ground?zone=bed`, { before: sheet })
  await shot('hardscape', `${RIVER}/plan/hardscape`, { before: sheet })
  await shot('shopping', `${RIVER}/plan/shopping`, { before: sheet })
} finally {
  await browser.close()
  server.kill('SIGTERM')
  rmSync(demo, { recursive: true, force: true })
}
