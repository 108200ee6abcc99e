import { oneMore, redraws, watchRedraws } from './redraw.mjs'

const CHOSEN = { ground: 'zone=z7', hardscape: 'piece=s30', planting: 'patch=b40' }

/** A corner of one of twelve zones, sixty pieces beside it (on the planting sheet eighty patches of ten plants too), dragged on the plan: ms from the pointer's event to the frame in which plan and cut are drawn anew. */
export async function planEditWaits(browser, base, sheet = 'ground') {
  const id = sheet === 'planting' ? '01920000-0000-7000-8000-0000000b0e0d' : '01920000-0000-7000-8000-0000000b0e0c'
  const river = await (await fetch(`${base}/api/tanks/01920000-0000-7000-8000-000000000001/plan`)).json()
  const outline = (x, y, size, corners) =>
    Array.from({ length: corners }, (_, index) => ({
      xCm: x + size * Math.cos((2 * Math.PI * index) / corners),
      yCm: y + size * Math.sin((2 * Math.PI * index) / corners),
      isRound: index % 3 === 0,
    }))
  const zones = Array.from({ length: 12 }, (_, index) => ({
    ...river.zones[1],
    id: `z${index}`,
    name: `Zone ${index}`,
    outline: outline(10 + (index % 6) * 17, 12 + Math.floor(index / 6) * 23, 9, 8),
    layers: river.zones[1].layers.map((layer, at) => ({ ...layer, id: `zl${index}x${at}` })),
  }))
  const hardscape = Array.from({ length: 60 }, (_, index) => ({
    ...river.hardscape[index % 5],
    id: `s${index}`,
    profile: null,
    outline: outline(5 + (index % 12) * 9, 5 + Math.floor(index / 12) * 9, 3, 7),
  }))
  const flora = (await (await fetch(`${base}/api/species?search=rotala`)).json()).slice(0, 10)
  const beds = Array.from({ length: sheet === 'planting' ? 80 : 0 }, (_, index) => ({
    id: `b${index}`,
    name: '',
    outline: outline(6 + (index % 16) * 6.4, 5 + Math.floor(index / 16) * 9.4, 3.4, 7),
    plants: [{ id: `p${index}`, species: flora[index % flora.length].id, share: 1 }],
    start: 'pot',
    spacingCm: null,
    stands: 'water',
    cutCm: null,
  }))
  const made = await fetch(`${base}/api/tanks`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({
      id,
      plan: { ...river, name: 'Many', zones, hardscape, barriers: [], tabs: [], beds, flora: beds.length > 0 ? flora : [] },
    }),
  })
  if (made.status !== 201 && made.status !== 200) throw new Error(`the tank was not taken: ${made.status} ${await made.text()}`)
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(`${base}/tanks/${id}/plan/${sheet}?${CHOSEN[sheet]}`)
  const corner = page.getByRole('button', { name: /^Corner 3: / }).first()
  await corner.waitFor()
  await page.waitForTimeout(1000)
  const box = await corner.boundingBox()
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  await watchRedraws(page, 'path[role=button]')
  for (let step = 1; step <= 60; step++) {
    const seen = await redraws(page)
    await page.mouse.move(x + 12 * Math.sin(step), y + 9 * Math.cos(step))
    await oneMore(page, seen, 1000)
  }
  await page.mouse.up()
  const waits = (await page.evaluate(() => window.waits)).slice(5)
  await page.close()
  return waits
}

/** The weeks of the front view moved by keys, on the tank of the patches: ms from the key to the frame in which the front is drawn anew. */
export async function weekWaits(browser, base) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(`${base}/tanks/01920000-0000-7000-8000-0000000b0e0d/plan/planting?week=0`)
  const slider = page.getByRole('slider', { name: 'Weeks after planting' })
  await slider.waitFor()
  await page.waitForTimeout(1500)
  await page.evaluate(() => {
    window.waits = []
    let pressed = 0
    addEventListener('keydown', () => (pressed = performance.now()), true)
    const drawn = () => document.querySelector('[data-testid=planting-front]')?.getAttribute('aria-label')
    let before = drawn()
    const look = () => {
      if (drawn() !== before && pressed > 0) {
        window.waits.push(performance.now() - pressed)
        before = drawn()
        pressed = 0
      }
      requestAnimationFrame(look)
    }
    look()
  })
  await slider.focus()
  for (let step = 0; step < 40; step++) {
    await page.keyboard.press(step % 24 < 12 ? 'ArrowRight' : 'ArrowLeft')
    await page.waitForTimeout(250)
  }
  const waits = (await page.evaluate(() => window.waits)).slice(3)
  await page.close()
  return waits
}
