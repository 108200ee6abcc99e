import { expect, reckoned, test, typeDate } from '../fixtures.js'

test('a newcomer describes a tank, sees its balance, moves a lever and keeps the plan', async ({ page, emptyApp }) => {
  await page.goto(emptyApp)
  await expect(page.getByRole('heading', { name: 'An empty shelf' })).toBeVisible()
  await page.getByRole('link', { name: 'Describe a tank' }).click()

  await page.getByLabel('Name').fill('Kitchen corner')
  await typeDate(page, 'Running since', '13102026')
  await page.getByLabel('Length, cm', { exact: true }).fill('60')
  await page.getByLabel('Width, cm').fill('30')
  await page.getByLabel('Height, cm').fill('36')
  await page.getByLabel('Tap alkalinity (KH), °dKH').fill('4')
  await page.getByLabel('Watts, W').fill('28')
  // The drawing and its figures follow while typing.
  await expect(page.getByRole('img', { name: 'Kitchen corner, front and side view to scale' })).toBeVisible()
  const net = page.getByRole('button', { name: /^\d+\.?\d* L$/ })
  await expect(net).toBeVisible()
  await net.click()
  const working = page.getByRole('dialog', { name: 'Open water' })
  await expect(working).toContainText('60 cm')
  await expect(working).toContainText('typed')
  await expect(working).toContainText('assumed')
  await page.keyboard.press('Escape')
  await expect(working).toBeHidden()
  await page.getByRole('button', { name: 'Save the tank' }).click()

  await reckoned(page)
  const lead = page.getByText(/^(Growth has stopped|Plants ahead|About even|Algae gaining); wipe the glass /)
  await expect(lead).toBeVisible()
  const braid = page.getByRole('group', { name: /^Braid/ })
  const light = braid.locator('[data-strand="light"] path').nth(1)
  const before = await light.getAttribute('d')
  await page.getByRole('slider', { name: 'Light', exact: true }).focus()
  for (let press = 0; press < 4; press++) await page.keyboard.press('PageDown')
  await expect(page.getByText('Against the saved plan')).toBeVisible()
  await expect(light).not.toHaveAttribute('d', before ?? '')
  await reckoned(page)

  // A reload in the middle keeps the lever.
  await page.reload()
  await reckoned(page)
  await expect(page.getByRole('slider', { name: 'Light', exact: true })).toHaveAttribute('aria-valuetext', '40 %')
  await page.getByRole('button', { name: 'Save this plan' }).click()
  await page.getByRole('button', { name: 'Save from this day' }).click()
  await expect(page.getByText('The plan was saved.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Discard' })).toBeDisabled()
  await page.getByRole('link', { name: 'Plan', exact: true }).click()
  await expect(page.getByLabel('Power, %')).toHaveValue('40')
  await page.getByRole('link', { name: 'Shelf' }).click()
  await expect(page.getByRole('heading', { name: 'Kitchen corner' })).toBeVisible()
  await expect(page.getByText('calculating …')).toHaveCount(0)
})

test('a common tank to start from fills the answers in, keeps the name, and is taken back', async ({ page, emptyApp }) => {
  await page.goto(`${emptyApp}/new`)
  await page.getByLabel('Name').fill('Hall')
  await page.getByLabel('Start from').click()
  await page.getByRole('option', { name: /^Stones and carpet: 90 cm, strong light/ }).click()
  await expect(page.getByLabel('Length, cm', { exact: true })).toHaveValue('90')
  await expect(page.getByLabel('Name')).toHaveValue('Hall')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByLabel('Length, cm', { exact: true })).toHaveValue('')
  await page.getByLabel('Start from').click()
  await page.getByRole('option', { name: /^Cube with shrimps/ }).click()
  await page.getByRole('button', { name: 'Save the tank' }).click()
  await expect(page.getByRole('heading', { name: 'Balance', level: 1 })).toBeVisible()
})

test('everything may be unknown: an unanswered tank still has a balance', async ({ page, emptyApp }) => {
  await page.goto(`${emptyApp}/new`)
  await page.getByRole('button', { name: 'Save the tank' }).click()
  await reckoned(page)
  await expect(page.getByText(/Assumed, which widens the bands/)).toBeVisible()
})

test('wrong input is explained at the field, stays as typed, and a draft survives a reload', async ({ page, emptyApp }) => {
  await page.goto(`${emptyApp}/new`)
  const length = page.getByLabel('Length, cm', { exact: true })
  for (const [text, sentence] of [
    ['1.000,5', 'Write either a comma or a point as the decimal mark'],
    ['sixty', 'This is not a number.'],
    ['-4', 'Give a value from 10 to 600 cm.'],
    ['99999', 'Give a value from 10 to 600 cm.'],
  ] as const) {
    await length.fill(text)
    await length.blur()
    await expect(page.getByText(sentence)).toBeVisible()
    await expect(length).toHaveValue(text)
    await expect(page.getByRole('button', { name: 'Save the tank' })).toBeDisabled()
  }
  await length.fill('61,5')
  await length.blur()
  await expect(length).toHaveValue('61.5')
  await page.getByLabel('Height, cm').fill('150')
  await expect(page.getByText(/Unusual: most tanks have 18–70 cm/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Save the tank' })).toBeEnabled()
  await page.getByLabel('Name').fill('<img src=x onerror=alert(1)>')
  await page.reload()
  await expect(length).toHaveValue('61.5')
  await page.getByRole('button', { name: 'Save the tank' }).click()
  await reckoned(page)
  await page.getByRole('link', { name: 'Shelf' }).click()
  await expect(page.getByRole('heading', { name: '<img src=x onerror=alert(1)>' })).toBeVisible()
})
