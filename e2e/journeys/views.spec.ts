import { expect, expectAccessibleDayAndNight, reckoned, RIVER, test } from '../fixtures.js'

test.describe('by day and by night', () => {
  test('every view is accessible', async ({ page, demoApp }) => {
    await page.goto(demoApp)
    await expect(page.getByRole('listitem')).toHaveCount(6)
    await expect(page.getByText('calculating …')).toHaveCount(0)
    await expectAccessibleDayAndNight(page)
    await page.goto(`${demoApp}/tanks/${RIVER}/plan`)
    await expect(page.getByRole('img', { name: /front and side view/ })).toBeVisible()
    await expectAccessibleDayAndNight(page)
    await page.goto(`${demoApp}/tanks/${RIVER}/balance`)
    await reckoned(page)
    await page.getByRole('slider', { name: 'Gas', exact: true }).focus()
    await page.keyboard.press('Home')
    await expect(page.getByText('Against the saved plan')).toBeVisible()
    await reckoned(page)
    await expectAccessibleDayAndNight(page)
    await page.keyboard.press('?')
    await expect(page.getByRole('dialog')).toBeVisible()
    await expectAccessibleDayAndNight(page)
    await page.goto(`${demoApp}/new`)
    await expect(page.getByRole('img', { name: /front and side view/ })).toBeVisible()
    await expectAccessibleDayAndNight(page)
  })

  test('every place of records is accessible', async ({ page, demoApp }) => {
    for (const path of [
      '/today',
      `/tanks/${RIVER}/calendar`,
      '/answers',
      `/answers/gas?tank=${RIVER}`,
      '/answers/water',
      '/workings',
      '/workings/vessel.net-water',
      '/settings',
    ]) {
      await page.goto(`${demoApp}${path}`)
      await page.getByRole('heading', { level: 1 }).waitFor()
      await expectAccessibleDayAndNight(page)
    }
  })

  test('the journal and the first weeks are accessible', async ({ page, demoApp }) => {
    await page.goto(`${demoApp}/tanks/01920000-0000-7000-8000-000000000002/calendar`)
    await expect(page.getByRole('heading', { name: 'The first eight weeks' })).toBeVisible()
    await expectAccessibleDayAndNight(page)
    await page.goto(`${demoApp}/tanks/${RIVER}/journal`)
    await expect(page.getByText(/lie in the band/)).toBeVisible({ timeout: 60_000 })
    await page.getByRole('button', { name: 'Dose', exact: true }).click()
    await expectAccessibleDayAndNight(page)
    await page.getByRole('listitem').getByRole('button', { name: 'Edit' }).first().click()
    await expectAccessibleDayAndNight(page)
  })

  test('the empty shelf is accessible', async ({ page, emptyApp }) => {
    await page.goto(emptyApp)
    await expect(page.getByRole('heading', { name: 'An empty shelf' })).toBeVisible()
    await expectAccessibleDayAndNight(page)
  })
})

test('every sheet of the plan and the library are accessible, by day and by night', async ({ page, demoApp }) => {
  for (const path of [
    ...['intent', 'vessel', 'ground?zone=left', 'hardscape?piece=stones', 'kit', 'shopping', 'programme'].map(
      (sheet) => `/tanks/${RIVER}/plan/${sheet}`,
    ),
    '/library/products',
    `/library/species/rotala-macrandra?tank=${RIVER}`,
  ]) {
    await page.goto(`${demoApp}${path}`)
    await expect(page.getByRole('heading', { level: 2 }).first()).toBeVisible()
    await expectAccessibleDayAndNight(page)
  }
})

test('a lever dragged by mouse redraws at once and ends with the whole ensemble; stop and go on', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/balance?weeks=26`)
  await page.getByRole('button', { name: 'Stop' }).click()
  await expect(page.getByText(/Stopped at \d+ tanks/)).toBeVisible()
  await page.getByRole('button', { name: 'Resume' }).click()
  await reckoned(page)
  const thumb = page.getByRole('slider', { name: 'Plant mass' }).locator('..')
  const box = await thumb.boundingBox()
  if (!box) throw new Error('no thumb')
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + 60, box.y + box.height / 2, { steps: 5 })
  await page.mouse.up()
  await expect(page.getByText('Against the saved plan')).toBeVisible()
  await reckoned(page)
  await page.getByRole('button', { name: 'Discard' }).click()
  await expect(page.getByText('Against the saved plan')).toHaveCount(0)
})

test('a phone reads the shelf and a balance without sideways scrolling', async ({ page, demoApp }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  for (const path of ['/', `/tanks/${RIVER}/balance`, `/tanks/${RIVER}/plan`, '/new']) {
    await page.goto(`${demoApp}${path}`)
    await page.getByRole('heading', { level: 1 }).waitFor()
    const overflow = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)
    expect(overflow, path).toBeLessThanOrEqual(0)
  }
})
