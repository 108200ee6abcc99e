import { expect, test } from 'vitest'
import { rowsInTurn } from './rowsInTurn.js'

interface Bag {
  readonly id: string
  readonly name: string
  readonly price: number | null
}
const bag: Bag = { id: 'a', name: 'Mine', price: null }

/** A slow keeper: each change is kept when it is let go. */
function slowKeeper() {
  const kept: Bag[] = []
  const gates: (() => void)[] = []
  const change = rowsInTurn<Bag>(async (next) => {
    if (next.price !== null && next.price < 0) throw new Error('under nothing')
    await new Promise<void>((resolve) => gates.push(resolve))
    kept.push(next)
  })
  const letGo = async (): Promise<void> => {
    await expect.poll(() => gates.length).toBeGreaterThan(0)
    gates.shift()?.()
  }
  return { kept, change, letGo }
}

test('a change that begins before the one before is kept does not take it back', async () => {
  const { kept, change, letGo } = slowKeeper()
  const price = change({ ...bag, price: 7 }, bag)
  const name = change({ ...bag, name: 'Library soil' }, bag)
  await letGo()
  await letGo()
  expect(await price).toEqual({ ...bag, price: 7 })
  expect(await name).toEqual({ id: 'a', name: 'Library soil', price: 7 })
  expect(kept).toHaveLength(2)
})
test('what is refused is not kept, and the next change is none the worse', async () => {
  const { kept, change, letGo } = slowKeeper()
  const refused = change({ ...bag, price: -1 }, bag)
  const name = change({ ...bag, name: 'Library soil' }, bag)
  await expect(refused).rejects.toThrow('under nothing')
  await letGo()
  expect(await name).toEqual({ ...bag, name: 'Library soil' })
  expect(kept).toHaveLength(1)
})
test('once nothing waits, what the table shows counts, also where another window changed it', async () => {
  const { change, letGo } = slowKeeper()
  const first = change({ ...bag, price: 7 }, bag)
  await letGo()
  await first
  const others = { ...bag, price: 9 }
  const second = change({ ...others, name: 'Library soil' }, others)
  await letGo()
  expect(await second).toEqual({ id: 'a', name: 'Library soil', price: 9 })
  expect(await change(others, others)).toEqual(others)
})
