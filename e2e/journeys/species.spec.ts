import { expect, expectAccessible, RIVER, test } from '../fixtures.js'

test('an older name finds its plant, and its page says how it stands in a tank and what would do the same job', async ({
  page,
  demoApp,
}) => {
  await page.goto(`${demoApp}/library`)
  await page.getByRole('searchbox', { name: 'Find by any name' }).fill('Microsorum')
  const grid = page.getByRole('grid', { name: 'Plants' })
  await expect(grid.getByRole('link', { name: 'Leptochilus pteropus', exact: true })).toBeVisible()
  await expect(grid.getByText('found as Microsorum pteropus', { exact: true })).toBeVisible()
  await page.getByRole('searchbox').fill('rotala macr')
  await page.getByLabel('How it stands in').click()
  await page.getByRole('option', { name: 'Reading-room river' }).click()
  await expect(grid.getByRole('row', { name: /Rotala macrandra/ }).first()).toContainText(/fits|marginal|fails/)
  await expectAccessible(page)
  await grid.getByRole('link', { name: 'Rotala macrandra', exact: true }).click()
  await expect(page).toHaveURL(new RegExp(`/library/species/rotala-macrandra\\?tank=${RIVER}`))
  const reasons = page.getByRole('table', { name: 'How it stands in Reading-room river' })
  await expect(reasons.getByRole('rowheader', { name: 'Light' })).toBeVisible()
  await expect(reasons.getByRole('rowheader', { name: 'Gas' })).toBeVisible()
  const instead = page.getByRole('heading', { name: 'Would do the same job' })
  await expect(instead).toBeVisible()
  await page.getByLabel('Place', { exact: true }).click()
  await page.getByRole('option', { name: 'On wood and stone' }).click()
  await expect(reasons).toContainText('It cannot stand here: choose another place.')
  await page.reload()
  await expect(reasons).toContainText('It cannot stand here: choose another place.')
})

test('own words lie over the library, outlive a reload and go again; a form of one’s own takes the rest from its plant', async ({
  page,
  emptyApp,
}) => {
  await page.goto(`${emptyApp}/library/species/staurogyne-repens`)
  await page.getByRole('button', { name: 'Change traits' }).click()
  const sheet = page.getByRole('dialog', { name: 'Change traits' })
  await sheet.getByLabel('Grown height').fill('enormous')
  await sheet.getByRole('button', { name: 'Save plant' }).click()
  await expect(sheet.getByText('“enormous” is not a figure. Write 25, or better 25 (15-40).')).toBeVisible()
  await sheet.getByLabel('Grown height').fill('40 (30-50)')
  await sheet.getByRole('button', { name: 'Save plant' }).click()
  await expect(sheet.getByText('A carpet stays lower than that. Choose another group, or a lower height.')).toBeVisible()
  await sheet.getByLabel('Grown height').fill('6 (4-9)')
  await sheet.getByRole('button', { name: 'Save plant' }).click()
  const height = page.getByRole('row', { name: /^Grown height/ })
  await expect(height).toContainText('6 cm (4–9)')
  await expect(height).toContainText('your own')
  await page.reload()
  await expect(height).toContainText('6 cm (4–9)')
  await page.getByRole('button', { name: 'Add a form of my own' }).click()
  await page.getByRole('dialog').getByLabel('Botanical name').fill('Staurogyne repens, bronze')
  await page.getByRole('dialog').getByRole('button', { name: 'Save plant' }).click()
  await expect(page.getByRole('heading', { name: 'Staurogyne repens, bronze' })).toBeVisible()
  await expect(height).toContainText('6 cm (4–9)')
  await page.getByRole('button', { name: 'Delete my own' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('heading', { name: 'Staurogyne repens, bronze' })).toBeVisible()
  await page.goto(`${emptyApp}/library/species/staurogyne-repens`)
  await page.getByRole('button', { name: 'Take back my changes' }).click()
  await expect(height).toContainText('8 cm (4–12)')
})

test('a bad file of plants is refused by row, the sound rows go in, and what goes out comes back', async ({ page, emptyApp }) => {
  await page.goto(`${emptyApp}/library`)
  const bringIn = async (name: string, text: string): Promise<void> => {
    await page.getByRole('button', { name: 'Files' }).click()
    await page.locator('input[type=file]').setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) })
  }
  await bringIn(
    'plants.csv',
    'name,form,matureHeightCm,carbon\r\n"Rotala sp., cellar",stem,20 (15-30),helps\r\n"Rotala sp., bad",stem,tall,much\r\nNusquama ignota,,,\r\n',
  )
  const sheet = page.getByRole('dialog', { name: 'Files of plants' })
  await expect(sheet.getByRole('status')).toHaveText('1 new, 0 changed, 0 already here, 2 refused. Nothing is saved yet.')
  await expect(sheet.getByRole('row', { name: /Rotala sp., bad/ })).toContainText('matureHeightCm: “tall” is not a figure.')
  await expect(sheet.getByRole('row', { name: /Rotala sp., bad/ })).toContainText('carbon: “much” is not one of: none, helps, needed.')
  await expectAccessible(page)
  await sheet.getByRole('button', { name: 'Import 1 plant' }).click()
  await page.getByLabel('Only my own').click()
  await expect(page.getByRole('link', { name: 'Rotala sp., cellar' })).toBeVisible()
  await page.getByRole('button', { name: 'Files' }).click()
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Export my own as CSV' }).click()])
  const text = await (await download.createReadStream()).toArray()
  await page.keyboard.press('Escape')
  await bringIn('again.csv', Buffer.concat(text as Buffer[]).toString())
  await expect(sheet.getByRole('status')).toHaveText('0 new, 0 changed, 1 already here, 0 refused. Nothing is saved yet.')
})

test('a note on a tank goes before the library there, and can be taken back', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/library/species/anubias-gracilis?tank=${RIVER}`)
  await page.getByRole('button', { name: 'Add note' }).click()
  const sheet = page.getByRole('dialog', { name: 'Add note' })
  await sheet.getByLabel('It', { exact: true }).click()
  await page.getByRole('option', { name: 'dwindled' }).click()
  await sheet.getByLabel('Note').fill('Snails on every leaf.')
  await sheet.getByRole('button', { name: 'Save note' }).click()
  await expect(page.getByText(/Your own note goes before the library: here it dwindled/)).toBeVisible()
  await expect(page.getByText('Snails on every leaf.')).toBeVisible()
  await page.getByRole('button', { name: /^Delete the note/ }).click()
  await expect(page.getByText('Snails on every leaf.')).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('Snails on every leaf.')).toBeVisible()
})
