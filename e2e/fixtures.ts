import { spawn, type ChildProcess } from 'node:child_process'
import { cpSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import AxeBuilder from '@axe-core/playwright'
import { expect, test as base, type BrowserContext, type Locator, type Page } from '@playwright/test'
import { SEED_BUNDLE, SERVER_BUNDLE } from './bundle.js'

export const NOW = '2026-11-24T09:00:00Z'
const root = join(import.meta.dirname, '..')

/** Ids of the demo's tanks. */
export const RIVER = '01920000-0000-7000-8000-000000000001'
export const SHALLOW = '01920000-0000-7000-8000-000000000002'
export const CUBE = '01920000-0000-7000-8000-000000000006'

function run(script: string, args: string[], env: Record<string, string>): ChildProcess {
  return spawn(process.execPath, [script, ...args], {
    cwd: root,
    env: { ...process.env, JOVRIN_NOW: NOW, ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
}

const ended = (child: ChildProcess): Promise<number | null> => new Promise((resolve) => child.once('exit', resolve))

/** Starts the real server on a folder and waits for its ready line. */
async function serve(folder: string): Promise<{ url: string; stop: () => Promise<void> }> {
  const child = run(SERVER_BUNDLE, ['--port', '0'], { JOVRIN_DATA: folder })
  const url = await new Promise<string>((resolve, reject) => {
    let said = ''
    const listen = (chunk: Buffer): void => {
      said += chunk.toString()
      const ready = /ready: (\S+)\//.exec(said)
      if (ready?.[1]) resolve(ready[1])
    }
    child.stdout?.on('data', listen)
    child.stderr?.on('data', listen)
    child.once('exit', () => reject(new Error(`the server ended: ${said}`)))
  })
  return {
    url,
    stop: async () => {
      const gone = ended(child)
      child.kill('SIGTERM')
      await gone
    },
  }
}

/** Types a day, and a time where the field asks for one, over what stands in a field: digits in the order in which it shows them. */
export async function typeDate(within: Page | Locator, name: string, digits: string): Promise<void> {
  const field = within.getByRole('group', { name })
  await field.getByRole('spinbutton').first().click()
  await field.press('ControlOrMeta+a')
  await field.pressSequentially(digits)
}

/** Pages go before their server does: what they still ask for would find nobody. */
async function leave(context: BrowserContext): Promise<void> {
  for (const page of context.pages()) await page.goto('about:blank').catch(() => undefined)
}

interface Fixtures {
  /** The app with nothing in it, or with the demo's tanks; a database of its own for each test. */
  readonly emptyApp: string
  readonly demoApp: string
}

export const test = base.extend<Fixtures, { demoFolder: string }>({
  demoFolder: [
    // eslint-disable-next-line no-empty-pattern -- the fixture interface wants a pattern
    async ({}, use) => {
      const folder = mkdtempSync(join(tmpdir(), 'jovrin-demo-'))
      const code = await ended(run(SEED_BUNDLE, [], { JOVRIN_DATA: folder }))
      expect(code).toBe(0)
      await use(folder)
      rmSync(folder, { recursive: true, force: true })
    },
    { scope: 'worker' },
  ],
  emptyApp: async ({ context }, use) => {
    const folder = mkdtempSync(join(tmpdir(), 'jovrin-empty-'))
    const { url, stop } = await serve(folder)
    await use(url)
    await leave(context)
    await stop()
    rmSync(folder, { recursive: true, force: true })
  },
  demoApp: async ({ demoFolder, context }, use) => {
    const folder = mkdtempSync(join(tmpdir(), 'jovrin-test-'))
    cpSync(demoFolder, folder, { recursive: true })
    const { url, stop } = await serve(folder)
    await use(url)
    await leave(context)
    await stop()
    rmSync(folder, { recursive: true, force: true })
  },
  page: async ({ page }, use) => {
    // Every page of every test must keep the console clean.
    const complaints: string[] = []
    listen(page, complaints)
    page.context().on('page', (other) => listen(other, complaints))
    await page.clock.setFixedTime(new Date(NOW))
    await use(page)
    // Refusals that tests provoke, and the cable that they pull, are logged by the browser itself.
    expect(complaints.filter((line) => !/\b(404|409|412|415|422)\b|ERR_INTERNET_DISCONNECTED/.test(line))).toEqual([])
  },
})

function listen(page: Page, complaints: string[]): void {
  page.on('console', (message) => {
    // A refused request is logged by the browser itself; the tests that provoke one look at the page.
    if (message.type() === 'error' || message.type() === 'warning')
      complaints.push(`${message.type()}: ${message.text()} ${message.location().url}`)
  })
  page.on('pageerror', (error) => complaints.push(`pageerror: ${error.message}`))
}

export { expect }

/** Goes to a place by its two keys. While a page reckons, the browser may hand on the second too late to belong to the first, as from a slow hand: then again. */
export async function goByKeys(page: Page, key: string, title: string | RegExp): Promise<void> {
  await expect(async () => {
    await page.keyboard.press('g')
    await page.keyboard.press(key)
    await expect(page).toHaveTitle(title, { timeout: 3000 })
  }).toPass()
}

/** The whole ensemble has answered. */
export async function reckoned(page: Page): Promise<void> {
  await expect(page.getByRole('group', { name: /^Braid/ })).toBeVisible()
  await expect(page.getByRole('progressbar')).toHaveCount(0, { timeout: 45_000 })
}

/** Rules whose answer depends on colours. */
const COLOUR_RULES = ['color-contrast', 'link-in-text-block']

export async function expectAccessible(page: Page, rules?: readonly string[]): Promise<void> {
  // Nodes are listed of violations only, and there are no frames to look into: a third of the time.
  const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).setLegacyMode(true)
  const { violations, passes } = await (
    rules === undefined ? axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']) : axe.withRules([...rules])
  ).analyze()
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.target.join(' ')).join(' | ')}`)).toEqual([])
  expect(passes.map(({ id }) => id)).toContain('color-contrast')
}

/** Everything by day; by night, on the same page, all that colours decide. */
export async function expectAccessibleDayAndNight(page: Page): Promise<void> {
  const turnTo = async (colorScheme: 'light' | 'dark'): Promise<void> => {
    await page.emulateMedia({ colorScheme })
    await expect(page.locator('html')).toHaveAttribute('data-mode', colorScheme)
  }
  await turnTo('light')
  await expectAccessible(page)
  await turnTo('dark')
  await expectAccessible(page, COLOUR_RULES)
  await turnTo('light')
}
