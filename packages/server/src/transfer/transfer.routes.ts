import { pipeline } from 'node:stream/promises'
import {
  cutText,
  refusalWords,
  ImportQuery,
  NAME_MOST,
  READINGS_MOST_BYTES,
  RowImportQuery,
  RowMappingSchema,
  TANK_ALBUM_MOST_BYTES,
  TANK_FILE_MOST_BYTES,
  type TankEntry,
  TankId,
} from '@jovrin/contract'
import express, { Router, type Request, type Response } from 'express'
import { Refusal } from '../http/refusal.js'
import { onlyWellFormed } from '../http/wellFormed.js'
import type { Works } from '../longWork/works.js'
import type { TankService } from '../tank/tank.service.js'
import { withInbox } from '../http/inbox.js'
import type { AlbumService } from './album.service.js'
import type { Outgoing } from './outgoing.js'
import type { ReadingFileService } from './readingFile.service.js'
import type { TankFileService } from './tankFile.service.js'

const attachment = (name: string, end: string): string =>
  `attachment; filename="${name.replace(/[^A-Za-z0-9-]+/g, '-').replace(/^-+|-+$/g, '') || 'tank'}.${end}"`

/** What is sent of a tank, and as what. */
const FORMS = {
  tank: { suffix: '', end: 'json', media: 'json' },
  album: { suffix: '', end: 'zip', media: 'application/zip' },
  readings: { suffix: '-readings', end: 'csv', media: 'text/csv' },
} as const

interface Parts {
  readonly albums: AlbumService
  readonly dataFolder: string
  readonly tankFiles: TankFileService
  readonly readingFiles: ReadingFileService
  readonly outgoing: Outgoing
  readonly tanks: TankService
  readonly works: Works
}

/** Files out and in. These bodies are larger than the API's others, and not all JSON. */
export const transferRoutes = ({ albums, dataFolder, tankFiles, readingFiles, outgoing, tanks, works }: Parts): Router => {
  const tankOf = async (req: Request) => tanks.one(TankId.safeParse(req.params['id']).data ?? null)
  const send = async (res: Response, { id, plan }: TankEntry, what: keyof typeof FORMS): Promise<void> => {
    const file = await works.within(undefined, res, (work) => outgoing.open(id, what, work))
    res.set('Content-Disposition', attachment(`${plan.name}${FORMS[what].suffix}`, FORMS[what].end)).type(FORMS[what].media)
    await pipeline(file, res)
  }
  return Router()
    .get('/tanks/:id/file.zip', async (req, res) => send(res, await tankOf(req), 'album'))
    .get('/tanks/:id/file', async (req, res) => send(res, await tankOf(req), 'tank'))
    .post('/tank-files', async (req, res, next) => {
      if (!req.is(['application/zip', 'application/x-zip-compressed'])) return next()
      const { dryRun, as, work: name } = ImportQuery.parse(req.query)
      const report = await withInbox(dataFolder, req, TANK_ALBUM_MOST_BYTES, (path) =>
        works.within(name, res, (work) => albums.take(path, { as, isDry: dryRun === 'true' }, work)),
      )
      res.status(report.isKept ? 201 : 200).json(report)
    })
    .post(
      '/tank-files',
      express.raw({ type: ['application/json', 'application/*+json'], limit: TANK_FILE_MOST_BYTES }),
      onlyWellFormed,
      async (req, res) => {
        const { dryRun, as, work: name } = ImportQuery.parse(req.query)
        const bytes = bodyOf(req, refusalWords.wrongMedia)
        const report = await works.within(name, res, (work) => tankFiles.take({ bytes, as, isDry: dryRun === 'true' }, work))
        res.status(report.isKept ? 201 : 200).json(report)
      },
    )
    .get('/tanks/:id/readings.csv', async (req, res) => send(res, await tankOf(req), 'readings'))
    .post('/tanks/:id/readings.csv', express.raw({ type: 'text/csv', limit: READINGS_MOST_BYTES }), onlyWellFormed, async (req, res) => {
      const tank = await tankOf(req)
      const bytes = bodyOf(req, refusalWords.wantsCsv)
      const { mapping: mappingText, dryRun, badRows, recordedBy, work: name } = RowImportQuery.parse(req.query)
      const mapping = RowMappingSchema.parse(jsonOf(mappingText))
      const who = cutText((recordedBy ?? '').trim(), NAME_MOST)
      const file = { bytes, mapping, isDry: dryRun === 'true', skipsBadRows: badRows === 'skip', recordedBy: who === '' ? null : who }
      const report = await works.within(name, res, (work) => readingFiles.take(tank.id, file, work))
      res.status(report.isKept ? 201 : 200).json(report)
    })
}

function bodyOf(req: Request, sentence: string): Buffer {
  if (!Buffer.isBuffer(req.body)) throw new Refusal(415, 'wrong_kind', sentence)
  return req.body
}

function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    throw new Refusal(400, 'not_readable', refusalWords.notJson)
  }
}
