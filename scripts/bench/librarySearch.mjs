/** The library of plants, filled up to three hundred: ms from a key to the frame in which the number found has changed. */
export async function librarySearchWaits(browser, base) {
  const have = (await (await fetch(`${base}/api/species`)).json()).length
  for (let index = have; index < 300; index++) {
    const id = `rotala-bench-${index}`
    const row = { id, name: `Rotala bench ${index}`, olderNames: [], family: '', like: 'rotala-rotundifolia', nameStanding: 'settled' }
    const made = await fetch(`${base}/api/species/${id}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ ...row, confidence: 'C', source: 'own', traits: {} }),
    })
    if (!made.ok) throw new Error(`the plant was not taken: ${made.status} ${await made.text()}`)
  }
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(`${base}/library`)
  const find = page.getByRole('searchbox', { name: 'Find by any name' })
  await find.waitFor()
  await page.evaluate(() => {
    window.waits = []
    let typed = 0
    addEventListener('keydown', () => (typed = performance.now()), true)
    const told = () => document.querySelector('[role=search] [role=status]')?.textContent
    let before = told()
    const look = () => {
      const now = told()
      if (now !== before && typed > 0) {
        window.waits.push(performance.now() - typed)
        typed = 0
      }
      before = now
      requestAnimationFrame(look)
    }
    look()
  })
  for (const text of ['rotala', 'micranthemum', 'crypto', 'hemianthus', 'anubias', 'barteri', 'moss', 'vallis']) {
    for (const letter of text) {
      await find.press(letter)
      await page.waitForTimeout(120)
    }
    await find.fill('')
    await page.waitForTimeout(300)
  }
  const waits = (await page.evaluate(() => window.waits)).slice(3)
  await page.close()
  return waits
}
