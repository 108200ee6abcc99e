import { expect, RIVER, test } from '../fixtures.js'

test('two windows: changes of other answers are joined, of the same answer both are shown', async ({ page, context, demoApp }) => {
  const address = `${demoApp}/tanks/${RIVER}/plan`
  await page.goto(address)
  const other = await context.newPage()
  await other.goto(address)
  await expect(other.getByLabel('Length, cm', { exact: true })).toHaveValue('110')

  await page.getByLabel('Water temperature, °C').fill('25')
  await page.getByLabel('Water temperature, °C').blur()
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled()
  await other.getByLabel('Room CO2, ppm').fill('900')
  await other.getByLabel('Room CO2, ppm').blur()
  await expect(other.getByText(/changed in another window\. Your change does not touch/)).toBeVisible()
  await expect(other.getByLabel('Water temperature, °C')).toHaveValue('25')

  await page.getByLabel('Room CO2, ppm').fill('1200')
  await page.getByLabel('Room CO2, ppm').blur()
  await expect(page.getByRole('dialog', { name: /Which one holds/ })).toBeVisible()
  await page.getByRole('button', { name: 'Keep mine' }).click()
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await other.reload()
  await expect(other.getByLabel('Room CO2, ppm')).toHaveValue('1200')
  await expect(other.getByLabel('Water temperature, °C')).toHaveValue('25')
})

test('hostile and dead addresses end in a sentence', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/no/such/place`)
  await expect(page.getByText('There is no such place.')).toBeVisible()
  for (const id of ['nobody', '%3Cscript%3E', '01920000-0000-7000-8000-00000000dead']) {
    await page.goto(`${demoApp}/tanks/${id}/balance`)
    await expect(page.getByText('There is no such tank.')).toBeVisible()
  }
})
