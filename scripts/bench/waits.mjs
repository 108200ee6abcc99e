// How long anybody else waits while a server is busy: its health is asked for every ten milliseconds, from a thread of its own.
import { once } from 'node:events'
import { Worker } from 'node:worker_threads'

const WATCHER = `
const { parentPort, workerData } = require('node:worker_threads')
let longestMs = 0, isOver = false
parentPort.once('message', () => { isOver = true })
;(async () => {
  while (!isOver) {
    const started = performance.now()
    await (await fetch(workerData + '/api/health')).arrayBuffer()
    longestMs = Math.max(longestMs, performance.now() - started)
    await new Promise((resolve) => setTimeout(resolve, 10))
  }
  parentPort.postMessage(longestMs)
})()`

/** Does something and tells how long it took and how long the server kept others waiting meanwhile [ms]. */
export async function waitsDuring(address, act) {
  const watcher = new Worker(WATCHER, { eval: true, workerData: address })
  await once(watcher, 'online')
  const started = performance.now()
  const result = await act()
  const tookMs = performance.now() - started
  const told = once(watcher, 'message')
  watcher.postMessage('over')
  const [longestMs] = await told
  await watcher.terminate()
  return { result, tookMs, longestMs }
}
