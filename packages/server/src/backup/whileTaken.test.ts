import { PassThrough, Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { setTimeout as pause } from 'node:timers/promises'
import { expect, test } from 'vitest'
import { whileTaken } from './whileTaken.js'

/** Bytes without end, and whether they were cleared away. */
function endless() {
  const state = { isCleared: false }
  const bytes = async function* (): AsyncGenerator<Uint8Array> {
    try {
      for (;;) {
        await pause(1)
        yield new Uint8Array(64 * 1024)
      }
    } finally {
      state.isCleared = true
    }
  }
  return { state, bytes: bytes() }
}

test('a taker that stands still is given up, and what was made for it is cleared away', async () => {
  const { state, bytes } = endless()
  const taker = new PassThrough()
  await expect(pipeline(Readable.from(whileTaken(bytes, () => taker.destroy(), 60)), taker)).rejects.toThrow()
  expect(state.isCleared).toBe(true)
})
test('one that takes slowly but goes on is served to the end', async () => {
  const three = (async function* () {
    for (let index = 0; index < 3; index++) {
      await pause(40)
      yield new Uint8Array([index])
    }
  })()
  const taken: number[] = []
  for await (const chunk of whileTaken(three, () => taken.push(-1), 100)) taken.push(...chunk)
  expect(taken).toEqual([0, 1, 2])
})
