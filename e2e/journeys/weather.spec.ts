import { expect, expectAccessible, NOW, RIVER, test } from '../fixtures.js'

test('a heat wave: from the typed forecast to what to do now; bad input keeps what was typed; a power cut below it', async ({
  page,
  demoApp,
}) => {
  await page.clock.setSystemTime(NOW)
  await page.goto(`${demoApp}/answers?tank=${RIVER}`)
  await page.getByRole('link', { name: /^A heat wave tomorrow/ }).click()
  const heat = page.getByRole('region', { name: 'A hot day ahead' })
  const high = heat.getByRole('textbox', { name: /^Hottest in the room/ })
  await high.fill('340')
  await page.keyboard.press('Tab')
  await expect(high).toHaveAttribute('aria-invalid', 'true')
  await expect(high).toHaveValue('340')
  await high.fill('36')
  await page.keyboard.press('Tab')
  await expect(heat.getByRole('row', { name: /^as it is set/ })).toContainText('°C')
  await expect(heat.getByRole('list', { name: 'Now' })).toContainText(/Top up [\d.]+ L a day/)
  // Those of the register that are least fond of it come first.
  await expect(heat.getByRole('list', { name: 'Who suffers first' }).getByRole('listitem').first()).toContainText(/bears \d+/)
  await expect(heat.getByRole('list', { name: 'Who suffers first' })).toContainText('Paracheirodon innesi')
  await expectAccessible(page)

  const power = page.getByRole('region', { name: 'The power is out' })
  await expect(power.getByRole('list', { name: 'Now' })).toContainText('Shut the gas by hand at the cylinder')
  await power.getByRole('textbox', { name: /^Out for/ }).fill('5')
  await page.keyboard.press('Tab')
  await expect(power.getByRole('list', { name: 'Before it comes back' })).toContainText('rinse its media in tank water first')
  await expect(power.getByRole('status')).toContainText(/After 5 h it would have cooled to about [\d.]+ °C/)
  await expectAccessible(page)
})
