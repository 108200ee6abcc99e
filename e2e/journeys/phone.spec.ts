import type { Page } from '@playwright/test'
import { expect, expectAccessible, RIVER, test, typeDate } from '../fixtures.js'

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })

const entries = (page: Page) => page.getByRole('region', { name: 'What happened' }).getByRole('listitem')
const waitingNote = (page: Page) => page.getByText(/waits? on this device until the server answers/)

/** Taps, counted: typing digits is not one. */
function counted(page: Page) {
  let taps = 0
  return {
    tap: async (target: ReturnType<Page['getByRole']>): Promise<void> => {
      taps++
      await target.tap()
    },
    type: (digits: string): Promise<void> => page.keyboard.type(digits),
    taps: () => taps,
  }
}

test('a week at the tank on the phone, without the server for part of it', async ({ page, context, demoApp }) => {
  // The phone says whose it is.
  await page.goto(`${demoApp}/settings`)
  await page.getByLabel('This device is called').fill('wet hands')

  // First day: the glance in one tap, then pH and KH in at most four taps besides the digits.
  await page.goto(`${demoApp}/today`)
  const stop = page.getByRole('region', { name: 'Reading-room river' })
  await stop.getByRole('button', { name: 'All fine' }).tap()
  await expect(page.getByText('Logged: Reading-room river: All fine')).toBeVisible()
  await expect(stop.getByText(/checked at/)).toBeVisible()
  const hand = counted(page)
  await hand.tap(stop.getByRole('link', { name: 'Log readings' }))
  await hand.tap(page.getByLabel('pH', { exact: true }))
  await hand.type('6,6')
  await hand.tap(page.getByLabel('KH, °dKH'))
  await hand.type('4')
  await hand.tap(page.getByRole('button', { name: 'Log readings' }))
  await expect(page.getByText('Logged: pH 6,6, KH 4')).toBeVisible()
  expect(hand.taps()).toBeLessThanOrEqual(4)
  await expect(entries(page).filter({ hasText: 'pH 6.6' }).filter({ hasText: 'wet hands' })).toHaveCount(1)

  // Days two to four: each with its own date.
  for (const day of ['18', '19', '20']) {
    await page.getByLabel('Temperature, °C').fill(`24.${day.at(-1)}`)
    await page.getByRole('button', { name: 'Earlier …' }).tap()
    await typeDate(page, 'When', `${day}1120261930`)
    await page.getByRole('button', { name: 'Log readings' }).tap()
    await expect(page.getByText(`Logged: Temperature 24.${day.at(-1)}`)).toBeVisible()
  }

  // Days five and six: the server does not answer. Nothing is lost, and it says so.
  await context.setOffline(true)
  await page.getByLabel('Nitrate, mg NO3/L').fill('0')
  await expect(page.getByText('Zero is stored as “below the lowest readable”.')).toBeVisible()
  await page.getByRole('button', { name: 'Log readings' }).tap()
  await expect(waitingNote(page)).toContainText('1 record waits')
  await page.getByRole('button', { name: 'Trim', exact: true }).tap()
  await page.getByLabel('Shaken wet, g').fill('85')
  await page.getByRole('button', { name: 'Log trim' }).tap()
  await expect(waitingNote(page)).toContainText('2 records wait')
  await expect(entries(page).filter({ hasText: 'waits on this device' })).toHaveCount(2)
  await page.getByRole('link', { name: 'Today' }).tap()
  await stop.getByRole('button', { name: 'Done: Weigh the cylinder' }).tap()
  await expect(waitingNote(page)).toContainText('3 records wait')
  await expect(stop.getByRole('listitem').filter({ hasText: 'Weigh the cylinder' })).toContainText('kept on this device')

  // It answers again: everything goes out by itself, once.
  await context.setOffline(false)
  await expect(waitingNote(page)).toHaveCount(0)
  await expect(stop.getByRole('listitem').filter({ hasText: 'Weigh the cylinder' })).toContainText('✓ done by wet hands')
  await page.goto(`${demoApp}/tanks/${RIVER}/journal`)
  await expect(entries(page).filter({ hasText: '85 g shaken wet' })).toHaveCount(1)
  await expect(entries(page).filter({ hasText: 'Nitrate < 1 mg NO3/L' })).toHaveCount(1)

  // Day seven: a change, wiped glass, and the card that one hopes not to need.
  await page.getByRole('button', { name: 'Water change' }).tap()
  await page.getByRole('button', { name: 'Log change' }).tap()
  await expect(entries(page).filter({ hasText: '50 % changed, glass wiped' })).toHaveCount(1)
  await page.getByRole('button', { name: 'Emergency' }).tap()
  await expect(page.getByRole('dialog', { name: /Animals in trouble/ })).toContainText('Gas off at the valve.')
  await expectAccessible(page)
})

test('what waits survives a closed page; what the server then refuses is shown and kept until one looks at it', async ({
  page,
  context,
  demoApp,
}) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/journal`)
  await expect(entries(page).first()).toBeVisible()
  await context.setOffline(true)
  await page.getByLabel('pH', { exact: true }).fill('6.37')
  await page.getByRole('button', { name: 'Log readings' }).tap()
  await expect(waitingNote(page)).toBeVisible()
  await page.close()
  await context.setOffline(false)
  const desk = await context.newPage()
  await desk.goto(`${demoApp}/tanks/${RIVER}/journal`)
  await expect(entries(desk).filter({ hasText: 'pH 6.37' })).toHaveCount(1)

  // A tank that was archived meanwhile takes nothing; the words stay on the phone.
  await context.setOffline(true)
  await desk.getByLabel('pH', { exact: true }).fill('6.3')
  await desk.getByRole('button', { name: 'Log readings' }).tap()
  await expect(waitingNote(desk)).toBeVisible()
  await fetch(`${demoApp}/api/tanks/${RIVER}`, { method: 'DELETE' })
  await context.setOffline(false)
  await expect(desk.getByText(/This tank is archived\./).first()).toBeVisible()
  await desk.getByRole('button', { name: 'Discard' }).tap()
  await expect(desk.getByRole('button', { name: 'Discard' })).toHaveCount(0)
})

test('a phone reads every new place without sideways scrolling', async ({ page, demoApp }) => {
  for (const path of [
    '/today',
    `/tanks/${RIVER}/journal`,
    `/tanks/${RIVER}/calendar`,
    '/answers',
    '/answers/dose',
    '/answers/water',
    ...['sources', 'ready', 'card', 'planner', 'fill'].map((part) => `/tanks/${RIVER}/supply/water?part=${part}`),
    '/workings',
    '/workings/water.blend-share',
    '/settings',
  ]) {
    await page.goto(`${demoApp}${path}`)
    await page.getByRole('heading', { level: 1 }).waitFor()
    const overflow = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)
    expect(overflow, path).toBeLessThanOrEqual(0)
  }
})
