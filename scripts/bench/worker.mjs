// A worker of the benchmark: loads the bundled kernel and does what it is told.
import { parentPort, workerData } from 'node:worker_threads'

const kernel = await import(workerData.bundle)
parentPort.on('message', ({ what, which }) => {
  if (what === 'warm') kernel.warmUp()
  if (what === 'members') kernel.members(which)
  if (what === 'courses') kernel.courses(which)
  const timed = {
    single: kernel.single,
    drySingle: kernel.drySingle,
    programme: kernel.programme,
    hindcast: kernel.hindcast,
    light: kernel.lightField,
    gasFit: kernel.gasFit,
  }[what]
  parentPort.postMessage(timed === undefined ? null : timed(which))
})
parentPort.postMessage('ready')
