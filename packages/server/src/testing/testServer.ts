import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Plan } from '@jovrin/core'
import { pino } from 'pino'
import supertest from 'supertest'
import { app } from '../app.js'
import { openDatabase } from '../db/connection.js'
import { forecastService } from '../forecast/forecast.service.js'

/** The whole server over a real database file in a folder of its own, at one fixed instant. */
export async function testServer(folder = mkdtempSync(join(tmpdir(), 'jovrin-'))) {
  const db = await openDatabase(folder)
  const forecasts = forecastService()
  const clock = (): Date => new Date('2026-11-24T09:00:00Z')
  const handler = app({ db, clock, log: pino({ level: 'silent' }), forecasts, webFolder: null })
  return {
    folder,
    db,
    agent: supertest.agent(handler).host('localhost'),
    close: async (keepFolder = false): Promise<void> => {
      await forecasts.close()
      await db.destroy()
      if (!keepFolder) rmSync(folder, { recursive: true, force: true })
    },
  }
}
export type TestServer = Awaited<ReturnType<typeof testServer>>

export const TANK_ID = '01920000-0000-7000-8000-0000000000aa'

export const plainPlan = (change: Partial<Plan> = {}): Plan => ({
  schemaVersion: 1,
  name: 'Reading-room river',
  startedOn: '2026-09-01',
  timeZone: 'Europe/Berlin',
  vessel: { lengthCm: 60, widthCm: 35, heightCm: 36, glassCm: 0.8, freeboardCm: 2 },
  temperatureC: 24.5,
  roomCo2Ppm: 600,
  sources: [{ id: 'tap', alkalinityMeqPerL: 1.4, hardnessMmolPerL: 1.2, nitrateMgNPerL: 0.5, phosphateMgPPerL: 0.02 }],
  layers: [{ id: 'g1', ground: 'rich-soil', frontCm: 4, backCm: 7 }],
  hardscape: [{ id: 's1', material: 'granite', massKg: 5 }],
  patches: [{ id: 'p1', kind: 'stems', footFraction: 0.5, density: 'half', pots: null }],
  lamps: [{ id: 'l1', fluxUmolPerS: null, watts: 30, lengthCm: 50, aboveWaterCm: 12, dimFraction: 0.8 }],
  lightWindows: [{ id: 't1', on: '12:00', hours: 8, rampMin: 30 }],
  gasLines: [],
  flow: { surface: 'ripple', hasSkimmer: false, turnoverPerH: 7, filter: 'new' },
  feeding: 'lean-column',
  changes: { fraction: 0.5, everyDays: 7, firstWeeksMore: true },
  animals: { foodGPerDay: 0, grazers: 0, grazersFromDay: 28, fishFromDay: 42 },
  isTrimmed: true,
  ...change,
})
