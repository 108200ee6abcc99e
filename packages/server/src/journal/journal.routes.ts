import { type JournalEntry, JournalQuery, JournalRecordSchema, RecordId, SeriesQuery, TankId } from '@jovrin/contract'
import { Router, type Request, type Response } from 'express'
import { etagOf, revisionFromIfMatch } from '../http/etag.js'
import type { TankService } from '../tank/tank.service.js'
import type { JournalService } from './journal.service.js'

export const journalRoutes = (journal: JournalService, tanks: TankService): Router => {
  const tankId = async (req: Request): Promise<string> => tanks.standing(TankId.safeParse(req.params['id']).data ?? null)
  const answer = (res: Response, entry: JournalEntry, status = 200): void =>
    void res.status(status).set('ETag', etagOf(entry.version)).json(entry)
  const recordId = (req: Request): string => RecordId.safeParse(req.params['recordId']).data ?? ''
  return Router()
    .get('/tanks/:id/journal', async (req, res) => void res.json(await journal.page(await tankId(req), JournalQuery.parse(req.query))))
    .post('/tanks/:id/journal', async (req, res) => {
      const { entry, isNew } = await journal.add(await tankId(req), JournalRecordSchema.parse(req.body))
      answer(res, entry, isNew ? 201 : 200)
    })
    .put('/tanks/:id/journal/:recordId', async (req, res) =>
      answer(res, await journal.change(await tankId(req), recordId(req), revisionFromIfMatch(req), JournalRecordSchema.parse(req.body))),
    )
    .delete('/tanks/:id/journal/:recordId', async (req, res) =>
      answer(res, await journal.setDeleted(await tankId(req), recordId(req), revisionFromIfMatch(req), true)),
    )
    .post('/tanks/:id/journal/:recordId/restore', async (req, res) =>
      answer(res, await journal.setDeleted(await tankId(req), recordId(req), revisionFromIfMatch(req), false)),
    )
    .get(
      '/tanks/:id/readings',
      async (req, res) =>
        void res.type('application/json').send(await journal.seriesJson(await tankId(req), SeriesQuery.parse(req.query).quantity)),
    )
}
