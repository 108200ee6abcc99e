/** Counts, in the page, from a pointer's event to the frame in which an element has a new outline. */
export const watchRedraws = (page, selector) =>
  page.evaluate((watched) => {
    window.waits = []
    let moved = 0
    addEventListener('pointermove', () => (moved = performance.now()), true)
    const shape = () => document.querySelector(watched)?.getAttribute('d')
    let before = shape()
    const look = () => {
      const now = shape()
      if (now !== before && moved > 0) {
        window.waits.push(performance.now() - moved)
        before = now
        moved = 0
      }
      requestAnimationFrame(look)
    }
    look()
  }, selector)
export const redraws = (page) => page.evaluate(() => window.waits.length)
/** Until one more redraw was seen, or the patience is over. */
export const oneMore = (page, seen, timeout) =>
  page.waitForFunction((count) => window.waits.length > count, seen, { timeout }).catch(() => undefined)
