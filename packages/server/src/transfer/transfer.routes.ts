import { enRefusal, ImportQuery, RowMappingSchema, TankId } from '@jovrin/contract'
import express, { Router, type Request } from 'express'
import { Refusal } from '../http/refusal.js'
import type { TankService } from '../tank/tank.service.js'
import type { ReadingFileService } from './readingFile.service.js'
import type { TankFileService } from './tankFile.service.js'

const TANK_FILE_LIMIT = '64mb'
const READING_FILE_LIMIT = '24mb'

const attachment = (name: string, end: string): string =>
  `attachment; filename="${name.replace(/[^A-Za-z0-9-]+/g, '-').replace(/^-+|-+$/g, '') || 'tank'}.${end}"`

/** Files out and in. These bodies are larger than the API's others, and not all JSON. */
export const transferRoutes = (tankFiles: TankFileService, readingFiles: ReadingFileService, tanks: TankService): Router => {
  const tankOf = async (req: Request) => tanks.one(TankId.safeParse(req.params['id']).data ?? null)
  return Router()
    .get('/tanks/:id/file', async (req, res) => {
      const tank = await tankOf(req)
      res.set('Content-Disposition', attachment(tank.plan.name, 'json')).json(await tankFiles.of(tank.id))
    })
    .post('/tank-files', express.json({ limit: TANK_FILE_LIMIT }), async (req, res) => {
      const { dryRun, as } = ImportQuery.parse(req.query)
      const report = await tankFiles.take(req.body, as, dryRun === 'true')
      res.status(report.isKept ? 201 : 200).json(report)
    })
    .get('/tanks/:id/readings.csv', async (req, res) => {
      const tank = await tankOf(req)
      res
        .set('Content-Disposition', attachment(`${tank.plan.name}-readings`, 'csv'))
        .type('text/csv')
        .send(await readingFiles.csv(tank.id))
    })
    .post('/tanks/:id/readings.csv', express.raw({ type: 'text/csv', limit: READING_FILE_LIMIT }), async (req, res) => {
      const tank = await tankOf(req)
      if (!Buffer.isBuffer(req.body)) throw new Refusal(415, 'wrong_kind', enRefusal.wantsCsv)
      const { mapping, dryRun, recordedBy } = req.query
      const report = await readingFiles.take(
        tank.id,
        req.body,
        RowMappingSchema.parse(jsonOf(mapping)),
        dryRun === 'true',
        typeof recordedBy === 'string' && recordedBy !== '' ? recordedBy.slice(0, 40) : null,
      )
      res.status(report.isKept ? 201 : 200).json(report)
    })
}

function jsonOf(text: unknown): unknown {
  try {
    return typeof text === 'string' ? JSON.parse(text) : undefined
  } catch {
    throw new Refusal(400, 'not_readable', enRefusal.notJson)
  }
}
