import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { pino } from 'pino'
import supertest from 'supertest'
import { app } from '../app.js'
import { openDatabase } from '../db/connection.js'
import { workers } from '../longWork/workers.js'
import { developer } from '../photo/developer.js'
import { forecastService } from '../forecast/forecast.service.js'

/** Threads start slowly; all servers of a test run use the same. */
const SHARED_WORKERS = workers()

/** The whole server over a real database file in a folder of its own, at one fixed instant. */
export async function testServer(folder = mkdtempSync(join(tmpdir(), 'jovrin-'))) {
  const db = await openDatabase(folder)
  const forecasts = forecastService()
  const pictures = developer()
  const clock = (): Date => new Date('2026-11-24T09:00:00Z')
  const handler = app({
    db,
    clock,
    log: pino({ level: 'silent' }),
    forecasts,
    workers: SHARED_WORKERS,
    pictures,
    webFolder: null,
    libraryFolder: join(import.meta.dirname, '../../library'),
    dataFolder: folder,
    restore: () => Promise.reject(new Error('this server restores nothing')),
    access: null,
  })
  return {
    folder,
    db,
    handler,
    agent: supertest.agent(handler).host('localhost'),
    close: async (keepFolder = false): Promise<void> => {
      await forecasts.close()
      pictures.close()
      await db.destroy()
      if (!keepFolder) rmSync(folder, { recursive: true, force: true })
    },
  }
}
export type TestServer = Awaited<ReturnType<typeof testServer>>

export { plainPlan, TANK_ID } from './plainPlan.js'
