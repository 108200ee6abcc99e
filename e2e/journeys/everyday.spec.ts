import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { expect, expectAccessible, goByKeys, RIVER, SHALLOW, test, typeDate } from '../fixtures.js'

/** Whether the focused element shows that it has the focus: by a ring, a shadow, or the line under its field. */
const isFocusSeen = (page: Page): Promise<{ readonly name: string; readonly isSeen: boolean } | null> =>
  page.evaluate(() => {
    const element = document.activeElement
    if (element === null || element === document.body) return null
    const rings = (one: Element): boolean => {
      const { outlineStyle, outlineWidth, boxShadow } = getComputedStyle(one)
      return (outlineStyle !== 'none' && parseFloat(outlineWidth) > 0) || boxShadow !== 'none'
    }
    // A field's ring lies around its box; a slider's and a checkbox's around what stands for them.
    const stands = [
      element,
      element.parentElement,
      element.closest('.MuiInputBase-root, .MuiPickersInputBase-root'),
      element.closest('.MuiButtonBase-root'),
    ]
    return {
      name: `${element.tagName} ${element.getAttribute('aria-label') ?? element.textContent.slice(0, 40)}`,
      isSeen: stands.some((one) => one !== null && rings(one)),
    }
  })

test('every control that the Tab key reaches shows where the focus is', async ({ page, demoApp }) => {
  test.setTimeout(360_000)
  for (const path of [
    '/',
    '/today',
    `/tanks/${RIVER}/plan`,
    `/tanks/${RIVER}/plan/ground?zone=left`,
    `/tanks/${RIVER}/journal`,
    '/answers',
    '/settings',
  ]) {
    await page.goto(`${demoApp}${path}`)
    await page.getByRole('heading', { level: 1 }).first().waitFor()
    const unseen: string[] = []
    let reached = 0
    for (let press = 0; press < 60; press++) {
      await page.keyboard.press('Tab')
      const focus = await isFocusSeen(page)
      if (focus === null) break
      reached++
      if (!focus.isSeen) unseen.push(focus.name)
    }
    expect(reached, path).toBeGreaterThan(8)
    expect(unseen, path).toEqual([])
  }
})

test('addresses, titles, focus and scroll follow as one expects of a page', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/tanks`)
  await expect(page).toHaveURL(`${demoApp}/`)
  await expect(page).toHaveTitle('Shelf · Jovrin')
  await page.goto(`${demoApp}/tanks/${RIVER}`)
  await expect(page).toHaveURL(`${demoApp}/tanks/${RIVER}/balance`)
  await expect(page).toHaveTitle('Balance · Reading-room river · Jovrin')
  await page.goto(`${demoApp}/today`)
  await page.getByRole('region', { name: 'Archive tank' }).scrollIntoViewIfNeeded()
  const left = await page.evaluate(() => window.scrollY)
  expect(left).toBeGreaterThan(50)
  await goByKeys(page, 'l', 'Library · Jovrin')
  await expect(page.locator('#sheet')).toBeFocused()
  expect(await page.evaluate(() => window.scrollY)).toBe(0)
  await page.goBack()
  await expect(page).toHaveTitle('Today · Jovrin')
  await expect.poll(() => page.evaluate(() => window.scrollY)).toBeGreaterThan(left - 60)
  await page.goto(`${demoApp}/nowhere`)
  await expect(page.getByText('There is no such place.')).toBeVisible()
  await expect(page.getByRole('main')).toHaveCount(1)
})

test('single keys are switched off, and stay off after a reload', async ({ page, demoApp }) => {
  await page.goto(demoApp)
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible()
  await page.keyboard.press('?')
  await page.getByLabel('Single-key shortcuts on').uncheck()
  await page.keyboard.press('Escape')
  await page.keyboard.press('n')
  await page.reload()
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible()
  await page.keyboard.press('n')
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await expect(page).toHaveURL(`${demoApp}/`)
})

test('a tank is archived and brought back at once or later; for good it is deleted only after a question', async ({ page, demoApp }) => {
  await page.goto(demoApp)
  const row = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Rack left' }) })
  await row.getByRole('button', { name: 'Archive Rack left' }).click()
  await expect(row).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(row).toHaveCount(1)
  await row.getByRole('button', { name: 'Archive Rack left' }).click()
  await expect(row).toHaveCount(0)
  await page.reload()
  await page.getByText('1 archived tank').click()
  await page.getByRole('button', { name: 'Restore Rack left' }).click()
  await expect(row).toHaveCount(1)
  await row.getByRole('button', { name: 'Archive Rack left' }).click()
  await page.getByText('1 archived tank').click()
  await page.getByRole('button', { name: 'Delete Rack left for good' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Cancel' }).click()
  await expect(page.getByRole('button', { name: 'Restore Rack left' })).toBeVisible()
  await page.getByRole('button', { name: 'Delete Rack left for good' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Delete for good' }).click()
  await expect(page.getByText('Rack left was deleted.')).toBeVisible()
  await expect(page.getByText('1 archived tank')).toHaveCount(0)
})

test('an empty shelf has units to choose and a sample tank to play with; a tank is duplicated without its journal', async ({
  page,
  emptyApp,
}) => {
  await page.goto(emptyApp)
  await page.getByRole('button', { name: 'US', exact: true }).click()
  await page.getByRole('button', { name: 'Play with a sample tank' }).click()
  await expect(page).toHaveURL(/\/balance$/)
  await expect(page).toHaveTitle('Balance · Sample tank · Jovrin')
  await goByKeys(page, 's', 'Shelf · Jovrin')
  await expect(page.getByText(/US gal/).first()).toBeVisible()
  await page.getByRole('button', { name: 'Duplicate Sample tank' }).click()
  await expect(page).toHaveTitle('Plan · Sample tank, copy · Jovrin')
  await page.goto(`${emptyApp}/today`)
  await expect(page.getByRole('main').getByRole('heading', { level: 2 })).toHaveCount(2)
  // Entered today: nothing is asked about the days before.
  await expect(page.getByText('Was it done?')).toHaveCount(0)
})

test('the round keeps its order while it is worked, over a reload, and says when all is done', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/today`)
  const stops = page.getByRole('main').getByRole('heading', { level: 2 })
  await expect(stops).toHaveCount(6)
  const order = await stops.allTextContents()
  const done = page.getByRole('button', { name: /^Done: / })
  for (let left = await done.count(); left > 0; left--) {
    await done.first().click()
    await expect(done).toHaveCount(left - 1)
  }
  await expect(page.getByText(/^All done for today: \d+ jobs, 6 tanks\.$/)).toBeVisible()
  expect(await stops.allTextContents()).toEqual(order)
  await page.reload()
  await expect(page.getByText(/^All done for today/)).toBeVisible()
  expect(await stops.allTextContents()).toEqual(order)
})

test.describe('in one hand', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })
  test('one header row, and a bar for the thumb: today, log, tank, emergency', async ({ page, demoApp }) => {
    await page.goto(demoApp)
    const bar = page.getByRole('navigation', { name: 'At the tank' })
    await bar.getByRole('button', { name: 'Log' }).tap()
    await page.getByRole('dialog').getByRole('link', { name: 'Reading-room river' }).tap()
    await expect(page).toHaveURL(`${demoApp}/tanks/${RIVER}/journal`)
    await bar.getByRole('link', { name: 'Tank' }).tap()
    await expect(page).toHaveURL(`${demoApp}/tanks/${RIVER}/balance`)
    await page.getByRole('button', { name: 'Balance: another place' }).tap()
    await page.getByRole('dialog').getByRole('link', { name: 'Calendar' }).tap()
    await expect(page).toHaveURL(`${demoApp}/tanks/${RIVER}/calendar`)
    // Another tank opens at the same place: the one that is shown, once it is there.
    await expect(page.getByRole('button', { name: 'Calendar: another place' })).toBeVisible()
    await page.getByRole('button', { name: 'Reading-room river: another tank' }).tap()
    await page.getByRole('dialog').getByRole('link', { name: 'Stairwell shallow' }).tap()
    await expect(page).toHaveURL(/0002\/calendar$/)
    await bar.getByRole('link', { name: 'Today' }).tap()
    await expect(page).toHaveURL(`${demoApp}/today`)
    await bar.getByRole('button', { name: 'Emergency' }).tap()
    await expect(page.getByRole('dialog')).toBeVisible()
    expect(await page.locator('header:visible').evaluateAll((all) => all.map((one) => one.getBoundingClientRect().height <= 56))).toEqual([
      true,
    ])
  })
  test('no place of any tank is wider than the phone, and its targets are 44 px high', async ({ page, demoApp }) => {
    for (const tank of [2, 4])
      for (const place of ['calendar', 'balance', 'plan', 'journal']) {
        await page.goto(`${demoApp}/tanks/01920000-0000-7000-8000-00000000000${tank}/${place}`)
        await page.getByRole('heading', { level: 1 }).first().waitFor()
        expect(await page.evaluate(() => document.documentElement.scrollWidth), `${tank} ${place}`).toBeLessThanOrEqual(390)
      }
    const heights = await page
      .getByRole('navigation', { name: 'At the tank' })
      .locator('a, button')
      .evaluateAll((all) => all.map((one) => (one as HTMLElement).offsetHeight))
    expect(heights.length).toBe(4)
    expect(Math.min(...heights)).toBeGreaterThanOrEqual(44)
  })
})

test('a past setting is entered as “it was … until”, edited, and taken back; the search finds tanks, sums and records', async ({
  page,
  demoApp,
}) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/journal`)
  const history = page.getByRole('region', { name: 'Settings over time' })
  await history.getByRole('button', { name: 'Enter an earlier setting …' }).click()
  await page.getByRole('dialog').getByLabel('Setting').click()
  await page.getByRole('option', { name: 'Water temperature' }).click()
  await page.getByLabel('It was, °C').fill('23')
  await typeDate(page, 'until', '10102026')
  await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click()
  await expect(history).toContainText(/10 Oct 2026: Water temperature 23 °C →/)
  await page.reload()
  await history.getByRole('button', { name: 'Edit the past of: Water temperature' }).click()
  await page.getByLabel('It was, °C').fill('22')
  await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click()
  await expect(history).toContainText(/10 Oct 2026: Water temperature 22 °C →/)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(history).toContainText(/10 Oct 2026: Water temperature 23 °C →/)

  const search = async (words: string): Promise<void> => {
    await expect(page.getByRole('dialog')).toHaveCount(0)
    await page.keyboard.press('Control+k')
    await expect(page.getByRole('combobox', { name: 'Search' })).toBeFocused()
    await page.keyboard.type(words)
  }
  await search('stairwell cal')
  await expect(page.getByRole('option')).toHaveText(['Stairwell shallow: Calendar'])
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/0002\/calendar$/)
  await search('stock bottle strength')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/workings\/feed\.stock-strength/)
  await search('biggest shrimp')
  await page.getByRole('option', { name: /Reading-room river.*biggest shrimp/ }).click()
  await expect(page).toHaveURL(/journal\?record=/)
})

test('German is chosen in the settings, and then every day’s places are German, with numbers, days and weeks as there', async ({
  page,
  demoApp,
}) => {
  await page.goto(`${demoApp}/settings`)
  await page.getByRole('button', { name: 'Deutsch' }).click()
  await expect(page.getByRole('heading', { name: 'Einstellungen', level: 1 })).toBeVisible()
  await expect(page.locator('html')).toHaveAttribute('lang', 'de')
  await expect(page.getByRole('link', { name: 'Regal' })).toBeVisible()
  await page.getByRole('button', { name: 'Sonntag' }).click()
  await expect(page.getByRole('button', { name: 'Sonntag' })).toHaveAttribute('aria-pressed', 'true')

  await page.getByRole('link', { name: 'Heute' }).click()
  const archive = page.getByRole('region', { name: 'Archive tank' })
  await archive.getByRole('button', { name: 'Getan: Scheiben wischen' }).click()
  await expect(page.getByText('Archive tank: Scheiben wischen, getan')).toBeVisible()
  await archive.getByRole('button', { name: 'Verschieben …: Filter reinigen' }).click()
  await typeDate(page, 'Auf', '27112026')
  await page.getByLabel('Warum').fill('keine Dichtung da')
  await page.getByRole('button', { name: 'Verschieben', exact: true }).click()
  await expect(archive.getByRole('listitem').filter({ hasText: 'Filter reinigen' })).toContainText('verschoben auf 27. Nov.')
  await page.keyboard.press('!')
  await expect(page.getByRole('dialog')).toContainText('Gas am Ventil zu.')
  await page.getByRole('button', { name: 'Schließen' }).click()

  // Six weeks begin on a Sunday.
  await page.goto(`${demoApp}/tanks/${RIVER}/calendar`)
  await expect(page.getByText('15. Nov.', { exact: true })).toBeVisible()

  await page.goto(`${demoApp}/tanks/${RIVER}/journal`)
  await page.getByLabel('Temperatur, °C').fill('24,5')
  await page.getByRole('button', { name: 'Früher …' }).click()
  await page.getByRole('group', { name: 'Wann' }).getByRole('button').click()
  await expect(page.getByRole('columnheader').first()).toHaveAccessibleName('Sonntag')
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Messwerte eintragen' }).click()
  await expect(page.getByText('Eingetragen: Temperatur 24,5')).toBeVisible()
  await expect(page.getByRole('listitem').filter({ hasText: 'Temperatur 24,5 °C' })).toHaveCount(1)
  await expectAccessible(page)

  await page.getByRole('link', { name: 'Regal' }).click()
  await expect(page.getByRole('link', { name: 'Ein Becken beschreiben' })).toBeVisible()
  await expect(page.locator('main')).toContainText('Trockenstart: feuchter Boden')
  await expect(page.locator('main')).not.toContainText('rechnet …', { timeout: 30_000 })
  await expect(page.locator('main')).not.toContainText(/\b(the|and|of|growth|water|light|due)\b/i)

  // What is not translated says so to a screen reader.
  await page.goto(`${demoApp}/tanks/${RIVER}/plan`)
  await expect(page.locator('main')).toHaveAttribute('lang', 'en')
})

test.describe('a German reader whose computer stands in New York', () => {
  test.use({ locale: 'de-DE', timezoneId: 'America/New_York' })

  test('writes day, month, year, and the hour at the tank, by keys or from a sheet', async ({ page, demoApp }) => {
    await page.goto(`${demoApp}/tanks/${RIVER}/journal`)
    await page.getByLabel('pH', { exact: true }).fill('6,6')
    await page.getByRole('button', { name: 'Earlier …' }).click()
    const when = page.getByRole('group', { name: 'When' })
    await typeDate(page, 'When', '231120261930')
    await expect(when).toHaveText('23.11.2026 19:30')
    await page.getByRole('button', { name: 'Log readings' }).click()
    await expect(page.getByRole('listitem').filter({ hasText: '19:30' }).filter({ hasText: 'pH 6,6' })).toHaveCount(1)

    // From the sheet, with arrow keys: a day earlier.
    await page.goto(`${demoApp}/tanks/${RIVER}/plan`)
    const since = page.getByRole('group', { name: 'Running since' })
    const before = await since.innerText()
    await since.getByRole('button').press('Enter')
    await expect(page.getByRole('gridcell', { selected: true })).toBeFocused()
    await page.keyboard.press('ArrowLeft')
    await page.keyboard.press('Enter')
    await expect(since).not.toHaveText(before)
    await expect(page.getByText('Saved', { exact: true })).toBeVisible()
    // Half a day is told, and the day that was kept stands.
    await since.getByRole('spinbutton').first().press('Delete')
    await expect(page.getByText('Not a day of the calendar yet.')).toBeVisible()
    await page.reload()
    await expect(since).not.toHaveText(before)
    await expect(since).toHaveText(/^\d\d\.\d\d\.2026$/)
  })
})

test('help opens at the place that one is in; a term in a sentence, and one that is searched, opens the glossary', async ({
  page,
  demoApp,
}) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/journal`)
  await page.getByRole('heading', { name: 'Journal', level: 1 }).waitFor()
  await page.keyboard.press('F1')
  const help = page.getByRole('dialog', { name: 'Help' })
  await expect(help.getByRole('heading', { name: /Keep a journal/ })).toBeInViewport()
  await expectAccessible(page)
  await help.getByLabel('Search the guide and the terms').fill('reverse osmosis')
  await expect(help.getByText('Purified water', { exact: true })).toBeVisible()
  await expect(help.getByRole('heading', { name: /Keep a journal/ })).toHaveCount(0)
  await page.keyboard.press('Escape')

  await page.goto(`${demoApp}/tanks/${SHALLOW}/supply/water`)
  await page.getByRole('button', { name: 'What is Conditioner?' }).click()
  await expect(help.getByText(/Binds chlorine in tap water/)).toBeInViewport()
  await page.keyboard.press('Escape')
  await expect(help).toHaveCount(0)
  await page.keyboard.press('Control+k')
  await page.getByRole('combobox', { name: 'Search' }).fill('photosynthetic')
  await page.getByRole('option', { name: 'PPFD' }).click()
  await expect(help.getByText(/photons that plants can use fall/)).toBeInViewport()
})

test('a drawing is saved at a scale that a ruler reads, in the inks of paper, also by night', async ({ page, demoApp }) => {
  await page.emulateMedia({ colorScheme: 'dark' })
  await page.goto(`${demoApp}/tanks/${RIVER}/plan`)
  await expect(page.getByRole('img', { name: 'Reading-room river, front and side view to scale' })).toBeVisible()
  await page.keyboard.press('p')
  const sheet = page.getByRole('dialog', { name: 'Print or save' })
  await expect(sheet.getByRole('img', { name: 'Reading-room river, front and side view to scale' })).toBeVisible()
  await expectAccessible(page)
  await sheet.getByLabel('Scale').click()
  await page.getByRole('option', { name: /^1:5 / }).click()
  await expect(sheet.getByRole('status')).toContainText('a centimetre on paper is 5 cm of the tank')
  const saved = async (format: string): Promise<{ readonly name: string; readonly bytes: Buffer }> => {
    const [download] = await Promise.all([page.waitForEvent('download'), sheet.getByRole('button', { name: format, exact: true }).click()])
    return { name: download.suggestedFilename(), bytes: readFileSync(await download.path()) }
  }
  const svg = (await saved('SVG')).bytes.toString()
  const [, widthMm = ''] = /width="([\d.]+)mm"/.exec(svg) ?? []
  const [, widthPx = ''] = /viewBox="0 0 ([\d.]+) /.exec(svg) ?? []
  const [, pxPerCm = ''] = /data-px-per-cm="([\d.]+)"/.exec(svg) ?? []
  expect(Number(widthMm)).toBeCloseTo((Number(widthPx) / Number(pxPerCm) / 5) * 10, 1)
  expect(svg).not.toContain('var(')
  expect(svg.toLowerCase()).toContain('#14211d')
  expect(svg).toContain('font/woff2')

  const png = await saved('PNG')
  expect(png.name).toBe('Reading-room river, front and side view to scale.png')
  expect(png.bytes.readUInt32BE(16)).toBe(Math.round((Number(widthMm) * 300) / 25.4))
  const pdf = (await saved('PDF')).bytes.toString('latin1')
  expect(pdf.slice(0, 5)).toBe('%PDF-')

  // A chart is drawn anew for paper; a page without drawings can still be printed.
  await page.goto(`${demoApp}/tanks/${RIVER}/journal`)
  await expect(page.getByRole('img', { name: /Measured beside the forecast/ })).toBeVisible()
  await page.getByRole('button', { name: 'Print or save' }).click()
  const chart = (await saved('SVG')).bytes.toString()
  expect(chart).toMatch(/fill="#14211d"|stroke="#14211d"/i)
  expect(chart).toContain('NO3')
  await page.goto(`${demoApp}/settings`)
  await page.getByRole('button', { name: 'Print or save' }).click()
  await expect(sheet.getByText('There is no drawing on this page.')).toBeVisible()
})

test('what is printed by night is dark on white', async ({ page, demoApp }) => {
  await page.emulateMedia({ media: 'print', colorScheme: 'dark' })
  await page.goto(`${demoApp}/tanks/${RIVER}/plan/shopping`)
  await page.getByRole('heading', { name: /Shopping list/ }).waitFor()
  const lightness = (of: 'color' | 'backgroundColor', selector: string): Promise<number[]> =>
    page.locator(selector).evaluateAll(
      (all, key) =>
        all.map((one) => {
          const [r = 0, g = 0, b = 0] = (getComputedStyle(one)[key].match(/[\d.]+/g) ?? []).map(Number)
          return (r + g + b) / 765
        }),
      of,
    )
  expect(Math.max(...(await lightness('color', 'main td, main th, main h2, main td input:not([type=checkbox])')))).toBeLessThan(0.5)
  expect(await lightness('backgroundColor', 'body')).toEqual([1])
})
