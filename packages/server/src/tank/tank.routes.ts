import { NewTank, TankId } from '@jovrin/contract'
import { upgradeBody } from '../plan/upgradeBody.js'
import { Router, type Request } from 'express'
import type { DeleteForGood } from './deleteForGood.js'
import type { TankService } from './tank.service.js'

/** An id that cannot be one is simply not found. */
const idOf = (req: Request): string | null => TankId.safeParse(req.params['id']).data ?? null

export const tankRoutes = (tanks: TankService, remove: DeleteForGood): Router =>
  Router()
    .get('/tanks', async (_req, res) => void res.json(await tanks.all()))
    .post('/tanks', async (req, res) => {
      const { tank, isNew } = await tanks.add(NewTank.parse(upgradeBody(req.body)))
      res.status(isNew ? 201 : 200).json(tank)
    })
    .get('/tanks/:id', async (req, res) => void res.json(await tanks.one(idOf(req))))
    .delete('/tanks/:id', async (req, res) => {
      await tanks.archive(idOf(req))
      res.status(204).end()
    })
    .get('/archive', async (_req, res) => void res.json(await tanks.archived()))
    .delete('/archive/:id', async (req, res) => {
      await remove(idOf(req))
      res.status(204).end()
    })
    .post('/tanks/:id/restore', async (req, res) => void res.json(await tanks.restore(idOf(req))))
