import { existsSync } from 'node:fs'
import { createServer, type Server } from 'node:http'
import { fileURLToPath } from 'node:url'
import { parseArgs } from 'node:util'
import { en } from '@jovrin/contract'
import { pino } from 'pino'
import { app } from './app.js'
import { clockFrom } from './clock.js'
import { readyDataFolder } from './dataFolder.js'
import { openDatabase } from './db/connection.js'
import { forecastService } from './forecast/forecast.service.js'
import { StartError } from './startError.js'

const DEFAULT_PORT = 4780
const GRACE_MS = 3000

async function start(): Promise<void> {
  const { values } = parseArgs({ options: { port: { type: 'string' } } })
  const port = portOf(values.port ?? process.env['JOVRIN_PORT'])
  const clock = clockFrom(process.env['JOVRIN_NOW'])
  const folder = readyDataFolder(process.env['JOVRIN_DATA'], process.env)
  const webFolder = fileURLToPath(new URL('../../web/dist', import.meta.url))
  if (!existsSync(webFolder)) throw new StartError(en.start.noBuild)
  const db = await openDatabase(folder)
  const log = pino({ level: process.env['JOVRIN_LOG'] ?? 'warn' })
  const forecasts = forecastService()
  const server = createServer(app({ db, clock, log, forecasts, webFolder }))
  const stop = (): void => {
    setTimeout(() => process.exit(0), GRACE_MS).unref()
    server.close(() => void Promise.all([forecasts.close(), db.destroy()]).then(() => process.exit(0)))
    server.closeIdleConnections()
  }
  try {
    await listen(server, port)
  } catch (error) {
    await db.destroy()
    throw error
  }
  process.once('SIGTERM', stop)
  process.once('SIGINT', stop)
  console.log(en.start.ready(`http://127.0.0.1:${port}/`))
}

function portOf(text: string | undefined): number {
  if (text === undefined || text === '') return DEFAULT_PORT
  const port = Number(text)
  if (!/^\d{1,5}$/.test(text) || port < 1 || port > 65_535) throw new StartError(en.start.badPort(text))
  return port
}

function listen(server: Server, port: number): Promise<void> {
  return new Promise((resolve, reject) => {
    server.once('error', (error: NodeJS.ErrnoException) => {
      if (error.code === 'EADDRINUSE') reject(new StartError(en.start.portInUse(port), error))
      else if (error.code === 'EACCES') reject(new StartError(en.start.portRefused(port), error))
      else reject(error)
    })
    server.listen(port, '127.0.0.1', resolve)
  })
}

start().catch((error: unknown) => {
  console.error(error instanceof StartError ? error.message : error)
  process.exit(1)
})
