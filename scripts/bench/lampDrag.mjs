import { oneMore, redraws, watchRedraws } from './redraw.mjs'

const RIVER = '01920000-0000-7000-8000-000000000001'

/** The demo's lamp dragged over its tank on the map of light: ms from the pointer's event to the frame in which the lines of equal light are drawn anew. */
export async function lampWaits(browser, base) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(`${base}/tanks/${RIVER}/supply/light`)
  const lamp = page.getByRole('button', { name: /^Lamp 1, / })
  await lamp.waitFor()
  await page.waitForTimeout(1500)
  const box = await lamp.boundingBox()
  const [x, y] = [box.x + box.width / 4, box.y + box.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  await watchRedraws(page, '[data-testid=light-map] [data-isoline]')
  for (let step = 1; step <= 60; step++) {
    const seen = await redraws(page)
    await page.mouse.move(x + 30 * Math.sin(step), y + 40 * Math.cos(step))
    await oneMore(page, seen, 1000)
  }
  await page.mouse.up()
  const waits = (await page.evaluate(() => window.waits)).slice(5)
  await page.close()
  return waits
}
