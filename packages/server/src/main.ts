import { existsSync } from 'node:fs'
import { createServer, type RequestListener, type Server } from 'node:http'
import { fileURLToPath } from 'node:url'
import { parseArgs } from 'node:util'
import { refusalWords, startWords } from '@jovrin/contract'
import type { Express } from 'express'
import { pino } from 'pino'
import { lanAddresses, lanNames } from './access/localNames.js'
import { accessOf } from './access/passphrase.js'
import { app } from './app.js'
import type { Restore } from './backup/backup.routes.js'
import { prepareApart } from './backup/prepareApart.js'
import { swapFolders } from './backup/restore.js'
import { clockFrom } from './clock.js'
import { readyDataFolder, restoredFolder, sweepLeftovers } from './dataFolder.js'
import { openDatabase } from './db/connection.js'
import { forecastService } from './forecast/forecast.service.js'
import { lockFolder } from './folderLock.js'
import { Refusal } from './http/refusal.js'
import { NOTHING_TOLD } from './longWork/works.js'
import { workers as longWorkers } from './longWork/workers.js'
import { developer } from './photo/developer.js'
import { StartError } from './startError.js'

const DEFAULT_PORT = 4780
const KEEP_ALIVE_MS = 310_000
const GRACE_MS = 3000
/** Tells whoever started the server that it fell, and was not stopped. */
const FAULT_CODE = 70

async function start(): Promise<void> {
  const values = given()
  const port = portOf(values.port ?? process.env['JOVRIN_PORT'])
  const clock = clockFrom(process.env['JOVRIN_NOW'])
  const dataFolder = readyDataFolder(process.env['JOVRIN_DATA'], process.env)
  const webFolder = fileURLToPath(new URL('../../web/dist', import.meta.url))
  if (!existsSync(webFolder)) throw new StartError(startWords.noBuild)
  const libraryFolder = fileURLToPath(new URL('../library', import.meta.url))
  const access = values.lan === true ? accessOf(dataFolder, process.env['JOVRIN_PASSPHRASE']) : null
  let unlock = lockFolder(dataFolder)
  process.once('exit', () => unlock())
  sweepLeftovers(dataFolder)
  const log = pino({ level: process.env['JOVRIN_LOG'] ?? 'warn' })
  const forecasts = forecastService()
  const workers = longWorkers()
  const pictures = developer()
  let db = await openDatabase(dataFolder)
  const opened = (): Express =>
    app({
      db,
      clock,
      log,
      forecasts,
      workers,
      pictures,
      webFolder,
      libraryFolder,
      dataFolder,
      restore,
      access,
      ...(access === null ? {} : { hostNames: lanNames(process.env['JOVRIN_HOSTS']) }),
    })
  let isSwapping = false
  /** Everything is checked beside the data before the data itself is touched; then the folders change places while nobody is served. */
  const restore: Restore = async (zipPath, work) => {
    if (isSwapping) throw new Refusal(503, 'restoring', refusalWords.restoring)
    isSwapping = true
    try {
      const counts = await prepareApart(workers.processes, { zipPath, dataFolder }, work)
      const unlockFresh = lockFolder(restoredFolder(dataFolder))
      handler = busy
      await db.destroy()
      try {
        const keptOld = swapFolders(dataFolder, new Date())
        unlock()
        unlock = unlockFresh
        return { ...counts, keptOld }
      } catch (error) {
        unlockFresh()
        throw error
      } finally {
        db = await openDatabase(dataFolder, { isChecked: true })
        handler = opened()
      }
    } finally {
      isSwapping = false
    }
  }
  let handler: RequestListener = opened()
  const server = createServer((req, res) => handler(req, res))
  // Longer than a browser keeps an idle connection: closed by us, one that it is just using again would be reset.
  server.keepAliveTimeout = KEEP_ALIVE_MS
  server.headersTimeout = KEEP_ALIVE_MS + 5_000
  const stop = (): void => {
    setTimeout(() => process.exit(), GRACE_MS).unref()
    server.close(() => void Promise.all([forecasts.close(), workers.close(), db.destroy()]).then(() => process.exit()))
    server.closeIdleConnections()
    pictures.close()
  }
  let at = port
  try {
    at = await listen(server, port, access === null ? '127.0.0.1' : '0.0.0.0')
  } catch (error) {
    await db.destroy()
    throw error
  }
  const fall = (error: unknown): void => {
    log.fatal({ err: error }, 'fault')
    console.error(startWords.fault)
    process.exitCode = FAULT_CODE
    stop()
  }
  process.once('uncaughtException', fall)
  process.once('unhandledRejection', fall)
  process.once('SIGTERM', stop)
  process.once('SIGINT', stop)
  console.log(startWords.ready(`http://127.0.0.1:${at}/`))
  if (access !== null)
    console.log(
      startWords.readyLan(
        lanAddresses()
          .map((address) => `http://${address}:${at}/`)
          .join(' '),
      ),
    )
}

/** While the folders change places. How far the restore is can be asked all the same: its own page does. */
const busy: RequestListener = (req, res) => {
  if (req.method === 'GET' && req.url?.startsWith('/api/works/') === true)
    return void res.writeHead(200, { 'Content-Type': 'application/json' }).end(JSON.stringify(NOTHING_TOLD))
  res.writeHead(503, { 'Content-Type': 'application/problem+json', 'Retry-After': '2' }).end(
    JSON.stringify({
      type: 'about:blank',
      title: refusalWords.title[503],
      status: 503,
      code: 'restoring',
      detail: refusalWords.restoring,
    }),
  )
}

function given(): { port?: string | undefined; lan?: boolean | undefined } {
  try {
    return parseArgs({ options: { port: { type: 'string' }, lan: { type: 'boolean' } } }).values
  } catch (error) {
    throw new StartError(startWords.badArguments(error instanceof Error ? error.message : ''), error)
  }
}

function portOf(text: string | undefined): number {
  if (text === undefined || text === '') return DEFAULT_PORT
  const port = Number(text)
  if (!/^\d{1,5}$/.test(text) || port > 65_535) throw new StartError(startWords.badPort(text))
  return port
}

/** The port that was opened: 0 asks the system for a free one. */
function listen(server: Server, port: number, address: string): Promise<number> {
  return new Promise((resolve, reject) => {
    server.once('error', (error: NodeJS.ErrnoException) => {
      if (error.code === 'EADDRINUSE') reject(new StartError(startWords.portInUse(port), error))
      else if (error.code === 'EACCES') reject(new StartError(startWords.portRefused(port), error))
      else reject(error)
    })
    server.listen(port, address, () => {
      const bound = server.address()
      resolve(typeof bound === 'object' && bound !== null ? bound.port : port)
    })
  })
}

start().catch((error: unknown) => {
  console.error(error instanceof StartError ? error.message : error)
  process.exit(1)
})
