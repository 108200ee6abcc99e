import { expect, expectAccessible, NOW, SHALLOW, test } from '../fixtures.js'

interface Stored {
  readonly animals: { readonly groups: readonly { readonly species: string; readonly count: number | null; readonly fromDay: number }[] }
}

test('stocking by groups: the gate refuses and says why, groups come a week apart, and tests open it step by step', async ({
  page,
  demoApp,
}) => {
  await page.clock.setSystemTime(NOW)
  await page.goto(`${demoApp}/tanks/${SHALLOW}/plan/animals`)
  const gate = page.getByRole('region', { name: 'May Caridina multidentata come today?' })
  await expect(gate.getByRole('status')).toHaveText('Not yet: something speaks against it.')
  await expect(gate).toContainText('Ammonia and nitrite have not both been at zero twice')
  await expect(gate).toContainText(/CO2 comes to about \d+ mg\/L at gas-off: turn it down to 15 mg\/L/)

  // By an older name, with the keyboard alone.
  const register = page.getByRole('region', { name: 'Who lives here, and who is to come' })
  await register.getByLabel('Add a species').focus()
  await page.keyboard.type('otocinclus vitt')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  const suckers = register.getByRole('group', { name: 'Otocinclus vittatus' })
  await expect(suckers).toContainText('to come on day 49')
  const number = suckers.getByLabel(/^Number/)
  await number.fill('2')
  await page.keyboard.press('Tab')
  await expect(page.getByText(/^Otocinclus vittatus: 2 are planned; it is well from 6 on/)).toBeVisible()
  await number.fill('7')
  await page.keyboard.press('Tab')
  await expectAccessible(page)

  // In groups: none before tests can allow it, each a week after the one before.
  await page.getByRole('button', { name: 'Put those to come in groups a week apart' }).click()
  await expect(page.getByRole('button', { name: 'Put those to come in groups a week apart' })).toHaveCount(0)
  await expect(page.getByText('Saved')).toBeVisible()
  await page.reload()
  await expect(suckers.getByLabel(/^Number/)).toHaveValue('7')
  const { animals } = (await (await page.request.get(`${demoApp}/api/tanks/${SHALLOW}/plan`)).json()) as Stored
  const days = animals.groups.map(({ fromDay }) => fromDay).sort((a, b) => a - b)
  expect(days.slice(1).every((day, at) => day - days[at]! >= 7)).toBe(true)
  await expect(page.getByRole('region', { name: 'In which order, and may they' }).getByRole('row')).toHaveCount(4)
  await expect(page.getByRole('region', { name: 'In which order, and may they' })).toContainText(/mg N\/L \([\d.]+ to [\d.]+\)/, {
    timeout: 30_000,
  })

  // Two tests at zero and the pH: what is left is the gas and the day.
  const log = async (quantity: string, value: number, at: string): Promise<void> => {
    const logged = await page.request.post(`${demoApp}/api/tanks/${SHALLOW}/journal`, {
      data: {
        id: crypto.randomUUID().replace(/^(.{14})./, '$17'),
        kind: 'reading',
        at,
        recordedBy: null,
        note: null,
        quantity,
        value,
        qualifier: '=',
        enteredText: String(value),
        enteredUnit: quantity === 'pH' ? '' : 'mg N/L',
        basis: null,
        method: null,
        moment: null,
        eventId: null,
      },
    })
    expect(logged.status()).toBe(201)
  }
  for (const quantity of ['ammonia', 'nitrite']) {
    await log(quantity, 0, '2026-11-22T20:00:00.000Z')
    await log(quantity, 0, '2026-11-23T20:00:00.000Z')
  }
  await page.reload()
  await expect(gate).toContainText('Ammonia and nitrite were at zero twice, by the lowest step of the kit.')
  await expect(gate.getByRole('status')).toHaveText('Not yet: something speaks against it.')
  await expect(gate).toContainText('turn it down to 15 mg/L')

  // The same is told among the answers, two clicks from anywhere.
  await page.goto(`${demoApp}/answers/animals?tank=${SHALLOW}`)
  await expect(page.getByRole('region', { name: 'May Caridina multidentata come today?' })).toContainText('turn it down to 15 mg/L')
  await page.getByRole('link', { name: /^Who lives here and who is to come/ }).click()
  await expect(page).toHaveURL(/plan\/animals$/)
  // Everything that is known of animals is in the library.
  await page.goto(`${demoApp}/library/animals`)
  await page.getByRole('searchbox', { name: 'Find an animal' }).fill('corydoras panda')
  await expect(page.getByText('1 animal', { exact: true })).toBeVisible()
  await expectAccessible(page)
})
