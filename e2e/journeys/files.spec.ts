import { readFileSync } from 'node:fs'
import { expect, RIVER, test } from '../fixtures.js'

const bare = ({ writtenAt: _at, ...rest }: Record<string, unknown>) => rest

test('export, wipe, import, compare equal', async ({ page, demoApp, emptyApp }) => {
  const out = (await (await page.request.get(`${demoApp}/api/tanks/${RIVER}/file`)).json()) as Record<string, unknown>
  await page.goto(`${emptyApp}/settings`)
  await page
    .getByLabel('Import a tank’s file')
    .setInputFiles({ name: 'river.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(out)) })
  await expect(page.getByText(/Reading-room river: \d+ records, 5 revisions of the plan\. Nothing is saved yet\./)).toBeVisible()
  await expect(page.getByText('4 pictures are named but not stored here')).toBeVisible()
  await page.getByRole('button', { name: 'Import it' }).click()
  await expect(page.getByText('Reading-room river was imported.')).toBeVisible()
  const back = (await (await page.request.get(`${emptyApp}/api/tanks/${RIVER}/file`)).json()) as Record<string, unknown>
  expect(bare(back)).toEqual(bare(out))

  // The same again is refused; half a file and another kind of file are, too.
  await page
    .getByLabel('Import a tank’s file')
    .setInputFiles({ name: 'river.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(out)) })
  await expect(page.getByText('This tank is already here')).toBeVisible()
  await page.getByLabel('as a copy, with ids of its own').check()
  await expect(page.getByText(/Nothing is saved yet/)).toBeVisible()
  await page
    .getByLabel('Import a tank’s file')
    .setInputFiles({ name: 'half.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(out).slice(0, 5000)) })
  await expect(page.getByText('This file is cut off or damaged')).toBeVisible()
  await page
    .getByLabel('Import a tank’s file')
    .setInputFiles({ name: 'poem.json', mimeType: 'application/json', buffer: Buffer.from('roses are red') })
  await expect(page.getByText('This is not a tank’s file written by Jovrin.')).toBeVisible()
})

test('a long table shows how far it is and is called off: nothing of it is kept', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/settings`)
  const minute = (index: number): string => new Date(Date.parse('2025-01-01T00:00:00Z') + index * 600_000).toISOString()
  const table = `at,quantity,value\n${Array.from({ length: 50_000 }, (_, index) => `${minute(index)},oxygen,7.1`).join('\n')}`
  await page.getByLabel('Import readings (CSV)').setInputFiles({ name: 'log.csv', mimeType: 'text/csv', buffer: Buffer.from(table) })
  await page.getByRole('button', { name: 'Check it' }).click()
  await expect(page.getByRole('progressbar', { name: 'Check it' })).toHaveAttribute('aria-valuenow', /[1-9]/)
  await page.getByRole('button', { name: 'Cancel' }).click()
  await expect(page.getByText('Cancelled. Nothing was saved.')).toBeVisible()
  await expect(page.getByRole('progressbar')).toHaveCount(0)
  const kept = await page.request.get(`${demoApp}/api/tanks/${RIVER}/readings?quantity=oxygen`)
  expect(((await kept.json()) as { at: number[] }).at).toEqual([])
  await page.getByRole('button', { name: 'Check the data' }).click()
  await expect(page.getByText('Everything that is stored can be read.')).toBeVisible()
})

test('a German log: the heading says which ion, doubts come before anything is kept, bad rows come back as a file', async ({
  page,
  demoApp,
}) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/journal`)
  await page.getByRole('heading', { level: 1 }).waitFor()
  await page.goto(`${demoApp}/settings`)
  const input = page.getByLabel('Import readings (CSV)')
  const table = 'Datum;Uhrzeit;NO3 (mg/l);pH-Wert (24 h)\n3.10.26;19:30;22;7,1\n4.10.26;19:30;viel;7,2\n5.10.26;19:30;24;\n'
  await input.setInputFiles({ name: 'log.csv', mimeType: 'text/csv', buffer: Buffer.from(table) })
  await expect(page.getByRole('combobox', { name: 'NO3 (mg/l): unit' })).toHaveText('mg NO3/L')
  await expect(page.getByRole('combobox', { name: 'pH-Wert (24 h): moment of the gas day' })).toHaveText('degassed sample')
  // The wrong unit would be seen before anything is kept.
  await page.getByRole('combobox', { name: 'NO3 (mg/l): unit' }).click()
  await page.getByRole('option', { name: 'mg N/L' }).click()
  await page.getByRole('button', { name: 'Check it' }).click()
  await expect(page.getByText(/Nitrate: 2 of 2 readings lie outside .* Is the column really in mg N\/L\?/)).toBeVisible()
  await page.getByRole('combobox', { name: 'NO3 (mg/l): unit' }).click()
  await page.getByRole('option', { name: 'mg NO3/L' }).click()
  await page.getByRole('button', { name: 'Check it' }).click()
  await expect(page.getByText('Line 3: “viel” is not a number.')).toBeVisible()
  await page.getByLabel('Leave 1 row out and hand it back as a file').check()
  await page.getByRole('button', { name: 'Import 3 readings' }).click()
  await expect(page.getByText('1 row was left out.')).toBeVisible()
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save them as a file' }).click()
  const saved = readFileSync((await (await download).path()) ?? '', 'utf8').replace(/^\uFEFF/, '')
  expect(saved.split('\r\n')[1]).toBe('4.10.26;19:30;viel;7,2;“viel” is not a number.')
  // The next file of the same form is mapped as this one was.
  await input.setInputFiles({ name: 'log2.csv', mimeType: 'text/csv', buffer: Buffer.from(table.replace('viel', '23')) })
  await expect(page.getByText(/Mapped as a file with the same first row was before/)).toBeVisible()
  await page.goto(`${demoApp}/tanks/${RIVER}/journal?of=nitrate&q=22`)
  await expect(page.getByRole('listitem').filter({ hasText: 'Nitrate 22 mg NO3/L' }).first()).toBeVisible()
})

test('readings from a table: guessed, looked over, refused by line, mended, kept', async ({ page, demoApp }) => {
  // The tank that was looked at last is the one that files go into.
  await page.goto(`${demoApp}/tanks/${RIVER}/journal`)
  await page.getByRole('heading', { level: 1 }).waitFor()
  await page.goto(`${demoApp}/settings`)
  await expect(page.getByRole('combobox', { name: 'Tank' })).toHaveText('Reading-room river')
  const input = page.getByLabel('Import readings (CSV)')
  await input.setInputFiles({
    name: 'log.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('Date;pH;KH\n23.11.2026;6,71;4\n24.11.2026;sour;4\n'),
  })
  await page.getByRole('button', { name: 'Check it' }).click()
  await expect(page.getByText('Line 3: “sour” is not a number.')).toBeVisible()
  await expect(page.getByRole('button', { name: /Import \d+ readings/ })).toHaveCount(0)
  await input.setInputFiles({ name: 'log.csv', mimeType: 'text/csv', buffer: Buffer.from('Date;pH;KH\n23.11.2026;6,71;4\n') })
  await page.getByRole('button', { name: 'Check it' }).click()
  await expect(page.getByText('1 rows: 2 new readings, 0 already here, 0 refused.')).toBeVisible()
  await page.getByRole('button', { name: 'Import 2 readings' }).click()
  await expect(page.getByText('2 readings were imported.')).toBeVisible()
  await page.goto(`${demoApp}/tanks/${RIVER}/journal?of=pH`)
  await expect(page.getByRole('listitem').filter({ hasText: 'pH 6.71' })).toHaveCount(1)
})

test('a backup restores all tanks; a broken one is refused and changes nothing', async ({ page, demoApp }) => {
  const backup = await (await page.request.get(`${demoApp}/api/backup.zip`)).body()
  await page.request.delete(`${demoApp}/api/tanks/${RIVER}`)
  await page.goto(`${demoApp}/settings`)
  const restore = async (name: string, buffer: Buffer): Promise<void> => {
    await page.getByLabel('Restore from a backup').setInputFiles({ name, mimeType: 'application/zip', buffer })
    await page.getByRole('button', { name: 'Replace everything' }).click()
  }
  await restore('half.zip', backup.subarray(0, backup.length / 2))
  await expect(page.getByText('This is not a whole backup')).toBeVisible()
  await restore('whole.zip', backup)
  await expect(page.getByText(/Restored 6 tanks and \d+ records\. The data of before stays in/)).toBeVisible()
  await page.getByRole('link', { name: 'Shelf' }).click()
  await expect(page.getByRole('heading', { name: 'Reading-room river' })).toBeVisible()
  await page.goto(`${demoApp}/tanks/${RIVER}/journal`)
  await expect(page.getByRole('img', { name: /front, 22 Nov 2026/ })).toBeVisible()
})

test('pictures of one spot are compared under one slider', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/journal`)
  const compare = page.getByRole('region', { name: 'Same spot, before and after' })
  await expect(compare.getByRole('img')).toHaveCount(2)
  await compare.getByRole('slider').focus()
  await page.keyboard.press('Home')
  await expect(compare.getByRole('img').nth(1)).toHaveCSS('clip-path', 'inset(0px 0px 0px 0%)')
  await page.getByRole('button', { name: 'Photo', exact: true }).click()
  await page
    .getByLabel('Choose or take pictures')
    .setInputFiles({ name: 'x.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('not a picture') })
  await expect(page.getByText('That is not a picture that can be read.')).toBeVisible()
})
