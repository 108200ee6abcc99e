import { spawn, type ChildProcess } from 'node:child_process'
import { once } from 'node:events'
import { mkdtempSync } from 'node:fs'
import { Agent, request } from 'node:http'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Worker } from 'node:worker_threads'
import { bundled } from '../testing/bundle.js'

export interface Answer {
  readonly status: number
  readonly type: string
  readonly body: Buffer
  readonly etag: string | undefined
  readonly tookMs: number
}
export interface Asked {
  readonly method?: string
  readonly path: string
  readonly headers?: Readonly<Record<string, string>>
  readonly body?: string | Uint8Array
  /** Breaks off after so long [ms]. */
  readonly breakOffMs?: number
}

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number }
      probe.close(() => resolve(port))
    })
  })

/** The real server in a process of its own, as a user starts it. */
export async function runningServer(folder = mkdtempSync(join(tmpdir(), 'jovrin-siege-'))) {
  const port = await freePort()
  const child: ChildProcess = spawn(process.execPath, [bundled('main'), '--port', String(port)], {
    env: { ...process.env, JOVRIN_DATA: folder, JOVRIN_LOG: 'error' },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  const said: string[] = []
  child.stderr?.on('data', (chunk: Buffer) => said.push(chunk.toString()))
  const gone = once(child, 'exit')
  await new Promise<void>((resolve, reject) => {
    child.stdout?.on('data', (chunk: Buffer) => {
      said.push(chunk.toString())
      if (said.join('').includes('ready')) resolve()
    })
    void gone.then(() => reject(new Error(`the server ended: ${said.join('')}`)))
  })
  const agent = new Agent({ keepAlive: true, maxSockets: 32 })
  return {
    folder,
    port,
    child,
    said: () => said.join(''),
    isRunning: () => child.exitCode === null && child.signalCode === null,
    /** `null`: no answer came. */
    ask: ({ method = 'GET', path, headers = {}, body, breakOffMs }: Asked): Promise<Answer | null> =>
      new Promise((resolve) => {
        const started = performance.now()
        const asked = request(
          {
            host: '127.0.0.1',
            port,
            agent,
            method,
            path,
            headers: { ...headers, ...(body === undefined ? {} : { 'Content-Length': Buffer.byteLength(body) }) },
          },
          (response) => {
            const parts: Buffer[] = []
            response.on('data', (part: Buffer) => parts.push(part))
            response.on('error', () => resolve(null))
            response.on('close', () =>
              resolve(
                response.complete
                  ? {
                      status: response.statusCode ?? 0,
                      type: response.headers['content-type'] ?? '',
                      etag: response.headers.etag,
                      body: Buffer.concat(parts),
                      tookMs: performance.now() - started,
                    }
                  : null,
              ),
            )
          },
        )
        asked.on('error', () => resolve(null))
        if (breakOffMs !== undefined) setTimeout(() => asked.destroy(), breakOffMs)
        asked.end(body)
      }),
    kill: async (): Promise<void> => {
      child.kill('SIGKILL')
      await gone
      agent.destroy()
    },
    stop: async (): Promise<number | null> => {
      agent.destroy()
      child.kill('SIGTERM')
      await gone
      return child.exitCode
    },
  }
}
export type RunningServer = Awaited<ReturnType<typeof runningServer>>

/** What the watcher runs: plain, so that it needs nothing of the tests to start. */
const WATCHER = `
const { parentPort, workerData } = require('node:worker_threads')
const { Agent, get } = require('node:http')
const agent = new Agent({ keepAlive: true })
let longestMs = 0, asked = 0, isOver = false
parentPort.once('message', () => { isOver = true })
const once = () => new Promise((resolve) => {
  const started = performance.now()
  get({ host: '127.0.0.1', port: workerData, path: '/api/health', agent }, (response) => {
    response.resume()
    response.on('close', () => { longestMs = Math.max(longestMs, performance.now() - started); asked++; resolve() })
  }).on('error', () => resolve())
})
;(async () => {
  while (!isOver) { await once(); await new Promise((resolve) => setTimeout(resolve, 10)) }
  parentPort.postMessage({ longestMs: Math.round(longestMs), asked })
  agent.destroy()
})()`

/** Asks a server how it is, again and again, and remembers the longest it kept anybody waiting. In a thread of its own: what the besiegers reckon is not the server's fault. */
export function watch({ port }: RunningServer): () => Promise<{ longestMs: number; asked: number }> {
  const watcher = new Worker(WATCHER, { eval: true, workerData: port })
  return async () => {
    const told = once(watcher, 'message') as Promise<[{ longestMs: number; asked: number }]>
    watcher.postMessage('over')
    const [figures] = await told
    await watcher.terminate()
    return figures
  }
}
