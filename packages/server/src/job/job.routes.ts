import { refusalWords, JobParams, JobRecordSchema, JobsQuery, TankId } from '@jovrin/contract'
import { Router, type Request } from 'express'
import { Refusal } from '../http/refusal.js'
import type { TankService } from '../tank/tank.service.js'
import type { JobService } from './job.service.js'

export const jobRoutes = (jobs: JobService, tanks: TankService): Router => {
  const tankId = async (req: Request): Promise<string> => tanks.standing(TankId.safeParse(req.params['id']).data ?? null)
  /** The instant of the record that is replaced; none where the sender knows of none. */
  const replaces = (req: Request): string | null => req.get('If-Match')?.replace(/^"|"$/g, '') ?? null
  return Router()
    .get('/round', async (_req, res) => void res.json(await jobs.round(await tanks.all())))
    .get('/tanks/:id/jobs', async (req, res) => {
      const { from, to } = JobsQuery.parse(req.query)
      res.json(await jobs.list(await tankId(req), from, to))
    })
    .put('/tanks/:id/jobs/:ruleId/:dueOn', async (req, res) => {
      const id = await tankId(req)
      const { ruleId, dueOn } = JobParams.parse({ ruleId: req.params.ruleId, dueOn: req.params.dueOn })
      const record = JobRecordSchema.parse(req.body)
      if (record.ruleId !== ruleId || record.dueOn !== dueOn) throw new Refusal(409, 'other_record', refusalWords.otherKind)
      const told = await jobs.tell(id, record, replaces(req))
      res
        .status(told.isNew ? 201 : 200)
        .set('ETag', `"${told.record.at}"`)
        .json(told.record)
    })
    .delete('/tanks/:id/jobs/:ruleId/:dueOn', async (req, res) => {
      const { ruleId, dueOn } = JobParams.parse({ ruleId: req.params.ruleId, dueOn: req.params.dueOn })
      await jobs.untell(await tankId(req), ruleId, dueOn, replaces(req))
      res.status(204).end()
    })
}
