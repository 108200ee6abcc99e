import { FieldPast, type PlanRevision, PlanSchema, PutPlanQuery, TankId } from '@jovrin/contract'
import { upgradePlan } from '@jovrin/core'
import { Router, type Request, type Response } from 'express'
import { etagOf, revisionFromIfMatch } from '../http/etag.js'
import type { TankService } from '../tank/tank.service.js'
import type { PlanService } from './plan.service.js'

export const planRoutes = (plans: PlanService, tanks: TankService): Router => {
  const tankId = async (req: Request): Promise<string> => tanks.standing(TankId.safeParse(req.params['id']).data ?? null)
  const mark = (res: Response, { revision }: PlanRevision): Response => res.set('ETag', etagOf(revision))
  // A script reads a plan, changes it and sends it back: both ways the bare document, its revision in the ETag.
  const answer = (res: Response, revision: PlanRevision): void => void mark(res, revision).json(revision.plan)
  return Router()
    .get('/tanks/:id/plan', async (req, res) => answer(res, await plans.newest(await tankId(req))))
    .put('/tanks/:id/plan', async (req, res) => {
      const id = await tankId(req)
      const expected = revisionFromIfMatch(req)
      const { effectiveOn, why } = PutPlanQuery.parse(req.query)
      answer(res, await plans.put(id, expected, PlanSchema.parse(upgradePlan(req.body)), effectiveOn ?? null, why ?? null))
    })
    .get('/tanks/:id/plan/revision', async (req, res) => {
      const revision = await plans.newest(await tankId(req))
      mark(res, revision).json(revision)
    })
    .post('/tanks/:id/plan/undo', async (req, res) => {
      const revision = await plans.undo(await tankId(req), revisionFromIfMatch(req))
      mark(res, revision).json(revision)
    })
    .post('/tanks/:id/plan/redo', async (req, res) => {
      const revision = await plans.redo(await tankId(req), revisionFromIfMatch(req))
      mark(res, revision).json(revision)
    })
    .put('/tanks/:id/settings', async (req, res) => {
      const id = await tankId(req)
      await plans.rewritePast(id, FieldPast.parse(req.body))
      res.json(await plans.settings(id))
    })
    .get('/tanks/:id/settings', async (req, res) => void res.json(await plans.settings(await tankId(req))))
}
